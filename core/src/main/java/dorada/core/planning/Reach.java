package dorada.core.planning;

/**
 * What a line of sight gives, neither a promise nor a limit: hills and houses take away, the troposphere, aircraft and skip
 * add.
 */
public final class Reach {

    private static final double EARTH_M = 6_371_000;
    /** Usual bending of VHF by the air: as though the earth were 4/3 as large. */
    private static final double BENDING = 4.0 / 3;

    private Reach() {}

    /** Distance in metres to the horizon from {@code heightM} above the ground around, over a 4/3 earth. */
    public static double horizonM(double heightM) {
        if (!(heightM >= 0)) {
            throw new IllegalArgumentException("A height must be 0 m or more, not " + heightM + ".");
        }
        return Math.sqrt(2 * BENDING * EARTH_M * heightM + heightM * heightM);
    }

    /** Free-space loss in dB between isotropic antennas. Source: Recommendation ITU-R P.525, equation 4. */
    public static double freeSpaceLossDb(double frequencyHz, double distanceM) {
        if (!(distanceM > 0)) {
            throw new IllegalArgumentException("A distance must be above 0 m, not " + distanceM + ".");
        }
        return 20
                * Math.log10(4 * Math.PI * distanceM * frequencyHz / dorada.core.rf.Wavelength.SPEED_OF_LIGHT_M_PER_S);
    }

    /**
     * @param horizonM where the two radio horizons meet
     * @param inSight true where the station is nearer than that
     * @param receivedDbm by the other station in free space
     * @param marginDb above what it needs
     */
    public record Link(double horizonM, boolean inSight, double receivedDbm, double marginDb) {}

    /**
     * @param eirpW toward the other station
     * @param ownHeightM of the antenna above the ground around
     * @param otherHeightM of the other station's
     * @param otherGainDbi of its antenna, its feedline's loss taken off
     * @param neededDbm that its receiver needs
     */
    public static Link to(
            double frequencyHz,
            double eirpW,
            double ownHeightM,
            double distanceM,
            double otherHeightM,
            double otherGainDbi,
            double neededDbm) {
        double horizon = horizonM(ownHeightM) + horizonM(otherHeightM);
        double received = 10 * Math.log10(eirpW * 1000) - freeSpaceLossDb(frequencyHz, distanceM) + otherGainDbi;
        return new Link(horizon, distanceM <= horizon, received, received - neededDbm);
    }
}
