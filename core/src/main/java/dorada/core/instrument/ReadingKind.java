package dorada.core.instrument;

import dorada.core.outcome.OutcomeId;
import dorada.core.rf.Swr;
import dorada.core.sweep.Reading;

/**
 * What a reading rests on, and how far to trust it. The doubts are those of usual instruments (common practice, no source).
 */
public enum ReadingKind implements OutcomeId {
    CALIBRATED_ANALYSER(0, 0),
    /** Calibrated inside the instrument, as the person who imports the sweep declares. */
    DECLARED_ANALYSER(0, 0),
    UNCALIBRATED_ANALYSER(0.03, 0.05),
    DIAL_ANALYSER(0.02, 0.03),
    INLINE_METER(0.02, 0.05),
    WATTMETER(0, 0),
    RADIO_METER(0.05, 0.15);

    private final double offset;
    private final double share;

    ReadingKind(double offset, double share) {
        this.offset = offset;
        this.share = share;
    }

    @Override
    public String area() {
        return "reading";
    }

    /** True for sweeps of an analyser; false for values at single channels. */
    public boolean isSwept() {
        return this == CALIBRATED_ANALYSER || this == DECLARED_ANALYSER || this == UNCALIBRATED_ANALYSER;
    }

    /** Half width of the doubt of |Γ| at a reading of {@code magnitude}, about twice the standard deviation. */
    public double doubt(double magnitude) {
        return offset + share * magnitude;
    }

    /** {@code reading} with the doubt of this kind; a reading that has a doubt of its own keeps it. */
    public Reading doubted(Reading reading) {
        double rho = reading.reflection().magnitude();
        double doubt = doubt(rho);
        return doubt == 0 || reading.lowSwr() < reading.highSwr()
                ? reading
                : new Reading(
                        reading.frequencyHz(),
                        reading.reflection(),
                        reading.hasPhase(),
                        Swr.ofMagnitude(Math.max(0, rho - doubt)),
                        Swr.ofMagnitude(Math.min(1, rho + doubt)));
    }
}
