package dorada.core.instrument;

import dorada.core.rf.Swr;
import dorada.core.sweep.Reading;

/**
 * What a reading rests on, and how far to trust it. The doubts are those of usual instruments (common practice, no source).
 */
public enum ReadingKind {
    CALIBRATED_ANALYSER("a calibrated analyser", 0, 0),
    /** Calibrated inside the instrument, as the person who imports the sweep declares. */
    DECLARED_ANALYSER("an analyser calibrated inside the instrument, as declared", 0, 0),
    UNCALIBRATED_ANALYSER("an analyser whose calibration is not known", 0.03, 0.05),
    DIAL_ANALYSER("a dial analyser, read off and typed", 0.02, 0.03),
    INLINE_METER("an in-line meter", 0.02, 0.05),
    WATTMETER("a directional wattmeter", 0, 0),
    RADIO_METER("the radio's built-in meter, an indication and no more", 0.05, 0.15);

    private final String words;
    private final double offset;
    private final double share;

    ReadingKind(String words, double offset, double share) {
        this.words = words;
        this.offset = offset;
        this.share = share;
    }

    /** "an in-line meter", as it stands after "read with". */
    public String words() {
        return words;
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
