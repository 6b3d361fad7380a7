package dorada.core.antenna;

import dorada.core.rf.Impedance;
import dorada.core.rf.Wavelength;

/**
 * Input impedance of a straight, thin, centre-fed dipole by the induced-EMF method with sinusoidal current.
 *
 * <p>Valid for thin wires (radius far below the length) and for total lengths well below a wavelength: toward a full
 * wavelength the assumed current has a node at the feed and the result diverges. Source: C. A. Balanis, Antenna Theory,
 * 3rd edition, equations 8-60a to 8-61b.
 */
final class InducedEmf {

    /** Wave impedance of free space in ohms, μ₀c. */
    private static final double ETA = 376.730_313_668;

    private static final double NEAR_A_NODE = 0.05;

    private InducedEmf() {}

    /**
     * @param frequencyHz in Hz
     * @param totalLengthM end to end, in metres
     * @param radiusM of the wire, in metres
     * @throws IllegalArgumentException where the dipole is near a full wavelength, where the method fails
     */
    static Impedance dipole(double frequencyHz, double totalLengthM, double radiusM) {
        double k = 2 * Math.PI / Wavelength.ofHz(frequencyHz);
        double kl = k * totalLengthM;
        double sin = Math.sin(kl);
        double cos = Math.cos(kl);
        double r = ETA
                / (2 * Math.PI)
                * (SineIntegrals.EULER
                        + Math.log(kl)
                        - SineIntegrals.ci(kl)
                        + 0.5 * sin * (SineIntegrals.si(2 * kl) - 2 * SineIntegrals.si(kl))
                        + 0.5
                                * cos
                                * (SineIntegrals.EULER
                                        + Math.log(kl / 2)
                                        + SineIntegrals.ci(2 * kl)
                                        - 2 * SineIntegrals.ci(kl)));
        double x = ETA
                / (4 * Math.PI)
                * (2 * SineIntegrals.si(kl)
                        + cos * (2 * SineIntegrals.si(kl) - SineIntegrals.si(2 * kl))
                        - sin
                                * (2 * SineIntegrals.ci(kl)
                                        - SineIntegrals.ci(2 * kl)
                                        - SineIntegrals.ci(2 * k * radiusM * radiusM / totalLengthM)));
        double feed = Math.sin(kl / 2);
        if (kl > 2 * Math.PI || Math.abs(feed) < NEAR_A_NODE) {
            throw new IllegalArgumentException(
                    "The induced-EMF method fails near a full wavelength (k·l = " + kl + ").");
        }
        return new Impedance(r / (feed * feed), x / (feed * feed));
    }
}
