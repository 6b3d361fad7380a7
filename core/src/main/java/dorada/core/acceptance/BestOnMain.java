package dorada.core.acceptance;

import dorada.core.outcome.Outcome;

/**
 * The lowest SWR on the main channel, the others only under what the radio is rated for. The main channel is good enough from
 * {@value #GOOD_SWR} on (common practice, no source).
 *
 * @param ceilingSwr highest SWR that the radio is rated for, above 1
 */
public record BestOnMain(double ceilingSwr) implements AcceptanceRule {

    public static final double GOOD_SWR = 1.5;

    /** What goes over the radio's ceiling weighs more than any gain on the main channel. */
    private static final double CEILING_WEIGHS = 10;

    public BestOnMain {
        UnderLimit.requireAboveOne(ceilingSwr);
    }

    @Override
    public Outcome outcome() {
        return RuleId.BEST_ON_MAIN.of(limitSwr(), ceilingSwr);
    }

    /** Of the main channel. */
    @Override
    public double limitSwr() {
        return Math.min(GOOD_SWR, ceilingSwr);
    }

    @Override
    public double limitSwr(WantedChannel channel) {
        return channel.primary() ? limitSwr() : ceilingSwr;
    }

    @Override
    public double shortfall(ChannelValues at) {
        return Math.max(at.swr(at.primary()) - limitSwr(), at.worstOtherSwr() - ceilingSwr);
    }

    @Override
    public double misfit(ChannelValues at) {
        return at.swr(at.primary()) - 1 + CEILING_WEIGHS * Math.max(0, at.worstOtherSwr() - ceilingSwr);
    }
}
