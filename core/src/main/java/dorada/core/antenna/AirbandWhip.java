package dorada.core.antenna;

import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

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

    /** Wires or strips from the foot outward. */
    public record Radials(List<Radial> each, Conductor conductor) implements Counterpoise {

        public Radials {
            each = List.copyOf(each);
        }

        /** {@code count} alike, level, all round; four short ones are a bare tab. */
        public static Radials even(int count, double lengthM, double radiusM) {
            return new Radials(
                    IntStream.range(0, count)
                            .mapToObj(i -> new Radial(360.0 * i / count, lengthM, 0, radiusM))
                            .toList(),
                    Conductor.PERFECT);
        }
    }

    /**
     * @param azimuthDeg from +x, toward which the element leans, counter-clockwise
     * @param lengthM in metres
     * @param droopDeg below the level
     * @param radiusM of the wire
     */
    public record Radial(double azimuthDeg, double lengthM, double droopDeg, double radiusM) {

        Wire wire() {
            double azimuth = Math.toRadians(azimuthDeg);
            double droop = Math.toRadians(droopDeg);
            double out = lengthM * Math.cos(droop);
            return new Wire(
                    new Point(0, 0, 0),
                    new Point(out * Math.cos(azimuth), out * Math.sin(azimuth), -lengthM * Math.sin(droop)),
                    radiusM);
        }
    }

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
            r.each.forEach(one -> wires.add(one.wire().of(r.conductor)));
        } else if (counterpoise instanceof Skin s) {
            s.plate.addTo(wires, 0, 0, 0);
        }
        return Assembly.of(Structure.inFreeSpace(wires), new Port(0, 0)).withShield(Lines.hungFrom(foot));
    }
}
