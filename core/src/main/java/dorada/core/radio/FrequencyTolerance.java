package dorada.core.radio;

import dorada.core.outcome.Refusal;

/**
 * How far a carrier may be off its channel.
 *
 * @param value above 0
 * @param unit of it
 * @param source the rule, and how it came here
 */
public record FrequencyTolerance(double value, Unit unit, String source) {

    /** As rules state it. */
    public enum Unit {
        PPM,
        HZ
    }

    /** @throws Refusal where it is not above 0 */
    public FrequencyTolerance {
        if (!(value > 0) || Double.isInfinite(value)) {
            throw new Refusal(Refused.NO_SUCH_TOLERANCE);
        }
    }

    /** In Hz, of a carrier on {@code channelHz}. */
    public double hzAt(double channelHz) {
        return unit == Unit.HZ ? value : value * channelHz * 1e-6;
    }
}
