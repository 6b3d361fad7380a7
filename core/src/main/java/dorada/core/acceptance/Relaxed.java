package dorada.core.acceptance;

import java.util.Locale;

/**
 * Whatever the radio stands: nobody chases 1.5 down to 1.1.
 *
 * @param ceilingSwr highest SWR that the radio stands at the power used, above 1
 */
public record Relaxed(double ceilingSwr) implements AcceptanceRule {

    public Relaxed {
        UnderLimit.requireAboveOne(ceilingSwr);
    }

    @Override
    public String words() {
        return String.format(Locale.ROOT, "what the radio stands, SWR %.2f or less on every channel", ceilingSwr);
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
