package dorada.core.antenna;

import java.util.Random;

/**
 * An antenna to practise on where none is at hand: a simulated one with a starting length, cut long as people do.
 *
 * @param model what it does
 * @param startLengthM its adjustable length before the first change, in metres
 */
public record StandIn(AntennaModel model, double startLengthM) {

    private static final double CB_WHIP_M = 1.35;
    private static final double COIL_Q = 220;

    /**
     * A stand-in of {@code kind}, somewhat too long for {@code frequencyHz}. The same seed gives the same antenna: what
     * base, coil and ground hide differs from one to the next, as it does from vehicle to vehicle.
     */
    public static StandIn of(AntennaKind kind, double frequencyHz, long seed) {
        Random random = new Random(seed);
        double hidden = between(random, 0.004, 0.012);
        double allowance = between(random, 1.03, 1.07);
        double length = kind.usualLengthM(frequencyHz);
        return switch (kind) {
            case QUARTER_WAVE_WHIP ->
                new StandIn(SimulatedWhip.overPlane(0.0012, hidden, between(random, 3, 9)), length * allowance);
            case AIRBAND_WHIP ->
                new StandIn(SimulatedWhip.overPlane(0.004, hidden, between(random, 6, 12)), length * allowance);
            case HANDHELD_ROD ->
                new StandIn(SimulatedWhip.overPlane(0.0015, hidden / 2, between(random, 14, 22)), length * allowance);
            case GROUND_PLANE ->
                new StandIn(
                        new SimulatedWhip(0.003, hidden, 1, 0.66, between(random, 0.5, 2), 0, 1, 1),
                        length * allowance);
            case DIPOLE ->
                new StandIn(
                        new SimulatedWhip(0.0008, 0, 0.96, 1, between(random, 1, 3), 0, 1, 1),
                        length * allowance * 0.965);
            case BEAM ->
                new StandIn(
                        new SimulatedWhip(0.004, hidden / 3, 1, 0.3, 0.5, 0, 1, between(random, 1.9, 2.2)),
                        length * allowance);
            case LOADED_CB_WHIP -> loaded(frequencyHz, hidden, between(random, 1.02, 1.035), random);
        };
    }

    /** The coil is chosen so that the whip resonates at {@code frequencyHz} a little shorter than it starts. */
    private static StandIn loaded(double frequencyHz, double hidden, double allowance, Random random) {
        double loss = between(random, 4, 8);
        SimulatedWhip bare = SimulatedWhip.overPlane(0.0015, hidden, loss);
        double reactance = -bare.impedanceAt(frequencyHz, CB_WHIP_M).reactanceOhm();
        double coil = reactance / (2 * Math.PI * frequencyHz);
        double resistance = bare.impedanceAt(frequencyHz, CB_WHIP_M).resistanceOhm() + reactance / COIL_Q;
        return new StandIn(
                new SimulatedWhip(0.0015, hidden, 1, 0.5, loss, coil, COIL_Q, between(random, 40, 58) / resistance),
                CB_WHIP_M * allowance);
    }

    private static double between(Random random, double low, double high) {
        return low + (high - low) * random.nextDouble();
    }
}
