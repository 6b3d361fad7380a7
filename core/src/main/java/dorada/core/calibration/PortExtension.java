package dorada.core.calibration;

import dorada.core.line.Line;
import dorada.core.line.ThroughLine;
import dorada.core.outcome.Refusal;
import dorada.core.sweep.Sweep;

/**
 * Moves the reference plane past an adapter, so that two antennas on different adapters are compared at the same place.
 *
 * <p>The adapter is taken as a matched 50 Ω line: a delay, and a loss that goes with the square root of frequency. What it
 * reflects itself stays in the reading. Source: D. M. Pozar, Microwave Engineering, section 2.3.
 *
 * @param electricalLengthM length of air line with the same one-way delay, in metres; negative moves the plane toward the
 *     instrument
 * @param lossDbAt1GHz one way, 0 or more
 */
public record PortExtension(double electricalLengthM, double lossDbAt1GHz) {

    private static final double LONGEST_M = 2;

    /** @throws IllegalArgumentException for more than an adapter could be */
    public PortExtension {
        if (!(Math.abs(electricalLengthM) <= LONGEST_M)) {
            throw new Refusal(Refused.A_PORT_EXTENSION_LIES_WITHIN_2);
        }
        if (!(lossDbAt1GHz >= 0 && lossDbAt1GHz <= 10)) {
            throw new Refusal(Refused.ADAPTERS_LOSS);
        }
    }

    /** {@code sweep} as it would be seen directly behind the adapter. */
    public Sweep applied(Sweep sweep) {
        if (electricalLengthM == 0 && lossDbAt1GHz == 0) {
            return sweep;
        }
        double length = Math.abs(electricalLengthM);
        double perRootMHz = lossDbAt1GHz / Math.sqrt(1000);
        // A line of no length cannot hold a loss; a micrometre turns nothing visibly.
        double ruled = Math.max(length, 1e-6);
        Line adapter = new Line(ruled, 1, Sweep.STANDARD_REFERENCE_OHM, perRootMHz * 100 / ruled, 0);
        return electricalLengthM >= 0
                ? ThroughLine.towardAntenna(sweep, adapter)
                : ThroughLine.towardRadio(sweep, adapter);
    }
}
