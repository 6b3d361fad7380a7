package dorada.core.antenna;

import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Sheath;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;

/**
 * A dipole of insulated wire whose ends may hang down where the room is too short.
 *
 * @param armM of each arm, with what hangs, in metres
 * @param hangM how much of each arm hangs down at its end; 0 for a straight dipole
 * @param heightM above the ground
 * @param radiusM of the wire
 * @param insulationM thickness of its insulation
 * @param conductor of the wire
 */
public record WireDipole(
        double armM, double hangM, double heightM, double radiusM, double insulationM, Conductor conductor)
        implements WireAntenna {

    private static final double PVC = 3.0;

    @Override
    public Assembly assemble() {
        Point middle = new Point(0, 0, heightM);
        List<Wire> wires = new ArrayList<>();
        for (int side = 1; side >= -1; side -= 2) {
            Point corner = new Point(side * (armM - hangM), 0, heightM);
            wires.add(wire(middle, corner));
            if (hangM > 0) {
                wires.add(wire(corner, corner.plus(new Point(0, 0, -hangM))));
            }
        }
        return Assembly.of(Structure.overGround(wires), new Port(0, 0)).withShield(Lines.hungFrom(middle));
    }

    private Wire wire(Point from, Point to) {
        return new Wire(from, to, radiusM).of(conductor).in(Sheath.insulation(radiusM, insulationM, PVC));
    }
}
