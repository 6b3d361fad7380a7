package dorada.core.acceptance;

import java.util.Locale;

/**
 * The lowest SWR on the main channel, the others only under what the radio stands. The main channel is good enough from
 * {@value #GOOD_SWR} on (common practice, no source).
 *
 * @param ceilingSwr highest SWR that the radio stands, above 1
 */
public record BestOnMain(double ceilingSwr) implements AcceptanceRule {

    public static final double GOOD_SWR = 1.5;

    /** What goes over the radio's ceiling weighs more than any gain on the main channel. */
    private static final double CEILING_WEIGHS = 10;

    public BestOnMain {
        UnderLimit.requireAboveOne(ceilingSwr);
    }

    @Override
    public String words() {
        return String.format(
                Locale.ROOT,
                "best on the main channel (SWR %.2f or less), %.2f or less on the others",
                limitSwr(),
                ceilingSwr);
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
