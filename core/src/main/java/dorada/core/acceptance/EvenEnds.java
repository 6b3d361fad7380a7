package dorada.core.acceptance;

import dorada.core.outcome.Outcome;
import java.util.Optional;

/**
 * SWR at the lowest and the highest channel equal within 0.2, and every channel at or under 2.0: usual for CB (common
 * practice, no source).
 */
public record EvenEnds() implements AcceptanceRule {

    public static final double EVEN_WITHIN = 0.2;
    public static final double LIMIT_SWR = 2.0;

    @Override
    public Outcome outcome() {
        return RuleId.EVEN_ENDS.of(EVEN_WITHIN, LIMIT_SWR);
    }

    @Override
    public double limitSwr() {
        return LIMIT_SWR;
    }

    @Override
    public double shortfall(ChannelValues at) {
        return Math.max(unevenness(at) - EVEN_WITHIN, at.worstSwr() - LIMIT_SWR);
    }

    /** One channel alone is always even: there nothing but its SWR tells places apart. */
    @Override
    public double misfit(ChannelValues at) {
        return at.size() == 1 ? at.worstSwr() - LIMIT_SWR : shortfall(at);
    }

    @Override
    public Optional<Outcome> openPoint(ChannelValues at) {
        double uneven = unevenness(at);
        return uneven > EVEN_WITHIN ? Optional.of(RuleId.UNEVEN.of(uneven)) : Optional.empty();
    }

    /** Difference between the two end channels. */
    private static double unevenness(ChannelValues at) {
        double difference = Math.abs(at.swr(0) - at.swr(at.size() - 1));
        return Double.isNaN(difference) ? Double.POSITIVE_INFINITY : difference;
    }
}
