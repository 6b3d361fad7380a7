package dorada.core.acceptance;

import dorada.core.outcome.Outcome;
import java.util.Optional;

/**
 * X = 0 on the main channel, then a match: a low SWR alone proves nothing, for a dummy load has the lowest. X counts as none
 * within {@value #NONE_OHM} Ω, a tenth of the reference, which by itself makes an SWR of 1.1.
 *
 * @param limitSwr highest SWR on every channel, above 1
 */
public record ResonanceFirst(double limitSwr) implements AcceptanceRule {

    public static final double NONE_OHM = 5;

    private static final double REFERENCE_OHM = 50;

    /** The wrong resonance, the parallel one, has no X either: its SWR tells it. */
    private static final double SWR_WEIGHS = 0.1;

    public ResonanceFirst {
        UnderLimit.requireAboveOne(limitSwr);
    }

    @Override
    public Outcome outcome() {
        return RuleId.RESONANCE_FIRST.of(NONE_OHM, limitSwr);
    }

    @Override
    public double shortfall(ChannelValues at) {
        double x = Math.abs(at.primaryReactanceOhm());
        return Double.isNaN(x)
                ? Double.POSITIVE_INFINITY
                : Math.max((x - NONE_OHM) / REFERENCE_OHM, at.worstSwr() - limitSwr);
    }

    @Override
    public double misfit(ChannelValues at) {
        double x = Math.abs(at.primaryReactanceOhm());
        return Double.isNaN(x) ? Double.POSITIVE_INFINITY : x / REFERENCE_OHM + SWR_WEIGHS * (at.swr(at.primary()) - 1);
    }

    @Override
    public Optional<Outcome> openPoint(ChannelValues at) {
        double x = at.primaryReactanceOhm();
        if (Double.isNaN(x)) {
            return Optional.of(RuleId.NO_PHASE.of());
        }
        return Math.abs(x) <= NONE_OHM ? Optional.empty() : Optional.of(RuleId.NOT_RESONANT.of(x));
    }
}
