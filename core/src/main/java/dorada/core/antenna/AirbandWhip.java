package dorada.core.antenna;

import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;

/**
 * A sloped quarter-wave for the airband on what the aircraft offers as its other half.
 *
 * @param elementM in metres
 * @param slopeDeg from the vertical toward +x
 * @param radiusM of the element
 * @param counterpoise what it stands on
 * @param conductor of the element
 */
public record AirbandWhip(
        double elementM, double slopeDeg, double radiusM, Counterpoise counterpoise, Conductor conductor)
        implements WireAntenna {

    /** What stands in for the ground. */
    public sealed interface Counterpoise {}

    /** Wires or strips all round, level; four short ones are a bare tab. */
    public record Radials(int count, double lengthM) implements Counterpoise {}

    /** A mesh or skin, the element at its centre. */
    public record Skin(Plate plate) implements Counterpoise {}

    @Override
    public Assembly assemble() {
        List<Wire> wires = new ArrayList<>();
        Point foot = new Point(0, 0, 0);
        double slope = Math.toRadians(slopeDeg);
        wires.add(new Wire(
                        foot, foot.plus(new Point(elementM * Math.sin(slope), 0, elementM * Math.cos(slope))), radiusM)
                .of(conductor));
        if (counterpoise instanceof Radials r) {
            wires.addAll(Lines.radials(r.count, r.lengthM, 0, radiusM));
        } else if (counterpoise instanceof Skin s) {
            s.plate.addTo(wires, 0, 0, 0);
        }
        return Assembly.of(Structure.inFreeSpace(wires), new Port(0, 0)).withShield(Lines.hungFrom(foot));
    }
}
