package dorada.core.antenna;

import dorada.core.rf.Impedance;
import dorada.core.rf.Wavelength;

/**
 * A first simulated antenna: a straight element over a ground plane, or two alike as a dipole, with what a real one
 * hides from the tape measure.
 *
 * <p>The element's impedance is that of {@link InducedEmf}: half of a dipole's over a perfect plane, all of it for two
 * arms, and between the two for drooping radials. To it come losses in the ground, a loading coil at the base and an
 * ideal matching transformer. Only frequencies at which the element is clearly shorter than half a wave are computed
 * well; beyond, the element is taken at that bound.
 *
 * @param radiusM radius of the element in metres
 * @param hiddenLengthM what base and socket add to the element's length, in metres
 * @param velocityFactor electrical shortening by insulation, 0.5 to 1
 * @param shareOfDipole 0.5 over a plane, 1 for a dipole, between for drooping radials
 * @param lossOhm loss resistance of ground and joints in ohms
 * @param coilHenry loading coil at the base; 0 for none
 * @param coilQ quality factor of that coil, above 0
 * @param ratio impedance ratio of the matching transformer; 1 for none
 */
public record SimulatedWhip(
        double radiusM,
        double hiddenLengthM,
        double velocityFactor,
        double shareOfDipole,
        double lossOhm,
        double coilHenry,
        double coilQ,
        double ratio)
        implements AntennaModel {

    /** Dipole lengths are held below this share of a wavelength, short of where the method fails. */
    private static final double LONGEST_DIPOLE_WAVES = 0.9;

    public SimulatedWhip {
        if (!(radiusM > 0) || !(coilQ > 0) || !(ratio > 0) || !(shareOfDipole > 0)) {
            throw new IllegalArgumentException("Radius, coil Q, ratio and share of a dipole must be above 0.");
        }
        if (!(velocityFactor >= 0.5 && velocityFactor <= 1)) {
            throw new IllegalArgumentException("A velocity factor lies between 0.5 and 1, not " + velocityFactor + ".");
        }
    }

    /** A bare whip over a ground plane with {@code lossOhm} of ground loss. */
    public static SimulatedWhip overPlane(double radiusM, double hiddenLengthM, double lossOhm) {
        return new SimulatedWhip(radiusM, hiddenLengthM, 1, 0.5, lossOhm, 0, 1, 1);
    }

    @Override
    public Impedance impedanceAt(double frequencyHz, double lengthM) {
        if (!(lengthM > 0)) {
            throw new IllegalArgumentException("An element must be longer than 0 m, not " + lengthM + ".");
        }
        double electrical = 2 * (lengthM + hiddenLengthM) / velocityFactor;
        double longest = LONGEST_DIPOLE_WAVES * Wavelength.ofHz(frequencyHz);
        Impedance element = InducedEmf.dipole(frequencyHz, Math.min(electrical, longest), radiusM);
        double coilOhm = 2 * Math.PI * frequencyHz * coilHenry;
        return element.times(shareOfDipole)
                .plus(new Impedance(lossOhm + coilOhm / coilQ, coilOhm))
                .times(ratio);
    }
}
