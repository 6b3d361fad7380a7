package dorada.core.rf;

/** Wavelength in free space. */
public final class Wavelength {

    /** Speed of light in vacuum, m/s, exact by definition (SI Brochure, 9th edition). */
    public static final double SPEED_OF_LIGHT_M_PER_S = 299_792_458;

    private Wavelength() {}

    /** Wavelength in metres at a frequency in hertz (above 0). */
    public static double ofHz(double frequencyHz) {
        if (!(frequencyHz > 0)) {
            throw new IllegalArgumentException("A frequency must be above 0 Hz, not " + frequencyHz + ".");
        }
        return SPEED_OF_LIGHT_M_PER_S / frequencyHz;
    }
}
