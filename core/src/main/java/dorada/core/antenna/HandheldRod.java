package dorada.core.antenna;

import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;

/**
 * A rod on a handheld: the set's body is the other half, unless a counterpoise helps.
 *
 * @param rodM of the rod, in metres
 * @param radiusM of the rod
 * @param bodyM height of the set
 * @param bodyRadiusM radius of a tube as thick as the set
 * @param counterpoiseM a wire or rod from the connector's ring, sideways; 0 for none
 * @param droopDeg by how much it hangs, 0 = level
 * @param handM gap between the rod and a hand with its arm; 0 for away
 */
public record HandheldRod(
        double rodM,
        double radiusM,
        double bodyM,
        double bodyRadiusM,
        double counterpoiseM,
        double droopDeg,
        double handM)
        implements WireAntenna {

    /** Muscle at UHF, some 0.8 S/m: C. Gabriel et al., Phys. Med. Biol. 41 (1996) 2231; from memory. */
    static final Conductor FLESH = new Conductor(0.8, 1);

    private static final double ARM_RADIUS_M = 0.025;
    private static final double ARM_M = 0.35;

    @Override
    public Assembly assemble() {
        Point ring = new Point(0, 0, 0);
        List<Wire> wires = new ArrayList<>();
        wires.add(new Wire(ring, new Point(0, 0, rodM), radiusM).of(Conductor.STAINLESS_STEEL));
        wires.add(new Wire(ring, new Point(0, 0, -bodyM), bodyRadiusM));
        if (counterpoiseM > 0) {
            double droop = Math.toRadians(droopDeg);
            wires.add(new Wire(
                    ring, new Point(-counterpoiseM * Math.cos(droop), 0, -counterpoiseM * Math.sin(droop)), radiusM));
        }
        if (handM > 0) {
            Point wrist = new Point(handM + radiusM + ARM_RADIUS_M, 0, rodM * 0.4);
            wires.add(new Wire(wrist, wrist.plus(new Point(0.05, 0, -ARM_M)), ARM_RADIUS_M).of(FLESH));
        }
        return Assembly.of(Structure.inFreeSpace(wires), new Port(0, 0));
    }
}
