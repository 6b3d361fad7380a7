package dorada.core.acceptance;

import dorada.core.outcome.Outcome;

/**
 * Every wanted channel at or under a limit: 1.5 strict, 2.0 usual, 2.5 for many aircraft antennas (common practice, no
 * source).
 *
 * @param limitSwr above 1
 */
public record UnderLimit(double limitSwr) implements AcceptanceRule {

    public UnderLimit {
        requireAboveOne(limitSwr);
    }

    static void requireAboveOne(double limitSwr) {
        if (!(limitSwr > 1) || Double.isInfinite(limitSwr)) {
            throw new IllegalArgumentException("An SWR limit must be above 1, not " + limitSwr + ".");
        }
    }

    @Override
    public Outcome outcome() {
        return RuleId.UNDER_LIMIT.of(limitSwr);
    }

    /** The greatest of weight·(SWR − 1): with equal weights, least where the worst channel is best. */
    @Override
    public double misfit(ChannelValues at) {
        double worst = 0;
        for (int i = 0; i < at.size(); i++) {
            worst = Math.max(worst, at.weight(i) * (at.swr(i) - 1));
        }
        return worst;
    }

    @Override
    public double shortfall(ChannelValues at) {
        return at.worstSwr() - limitSwr;
    }
}
