package dorada.core.antenna;

import dorada.core.wire.Point;
import dorada.core.wire.Wire;
import java.util.List;
import java.util.stream.IntStream;

/** Wires that several antennas have: radials, and the outside of a coaxial line. */
final class Lines {

    private static final double RADIUS_M = 0.0025;
    private static final double DOWN_M = 2;

    private Lines() {}

    /** A piece of line that leads from {@code top} down and aside. */
    static Wire hungFrom(Point top) {
        return new Wire(top, top.plus(new Point(0.9, 0.3, -DOWN_M)), RADIUS_M);
    }

    /** {@code count} wires all round from the origin, {@code droopDeg} below the level. */
    static List<Wire> radials(int count, double lengthM, double droopDeg, double radiusM) {
        double out = lengthM * Math.cos(Math.toRadians(droopDeg));
        double down = lengthM * Math.sin(Math.toRadians(droopDeg));
        return IntStream.range(0, count)
                .mapToDouble(i -> 2 * Math.PI * i / count)
                .mapToObj(angle -> new Wire(
                        new Point(0, 0, 0), new Point(out * Math.cos(angle), out * Math.sin(angle), -down), radiusM))
                .toList();
    }
}
