package dorada.core.acceptance;

import dorada.core.outcome.Outcome;

/**
 * Whatever the radio is rated for: nobody chases 1.5 down to 1.1.
 *
 * @param ceilingSwr highest SWR that the radio is rated for at the power used, above 1
 */
public record Relaxed(double ceilingSwr) implements AcceptanceRule {

    public Relaxed {
        UnderLimit.requireAboveOne(ceilingSwr);
    }

    @Override
    public Outcome outcome() {
        return RuleId.RELAXED.of(ceilingSwr);
    }

    @Override
    public double limitSwr() {
        return ceilingSwr;
    }

    @Override
    public double shortfall(ChannelValues at) {
        return at.worstSwr() - ceilingSwr;
    }

    @Override
    public double misfit(ChannelValues at) {
        return new UnderLimit(ceilingSwr).misfit(at);
    }
}
