package dorada.core.antenna;

import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;

/**
 * A quarter-wave over radials, of wire or rod.
 *
 * @param elementM in metres
 * @param radiusM of element and radials
 * @param radials how many, 2 or more
 * @param radialM length of each
 * @param droopDeg how far they hang below the level
 * @param conductor of all
 */
public record GroundPlane(
        double elementM, double radiusM, int radials, double radialM, double droopDeg, Conductor conductor)
        implements WireAntenna {

    @Override
    public Assembly assemble() {
        Point feed = new Point(0, 0, 0);
        List<Wire> wires = new ArrayList<>();
        wires.add(new Wire(feed, new Point(0, 0, elementM), radiusM).of(conductor));
        Lines.radials(radials, radialM, droopDeg, radiusM).forEach(r -> wires.add(r.of(conductor)));
        return Assembly.of(Structure.inFreeSpace(wires), new Port(0, 0)).withShield(Lines.hungFrom(feed));
    }
}
