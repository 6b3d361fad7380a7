package dorada.core.antenna;

import dorada.core.wire.Point;
import dorada.core.wire.Wire;

/** The outside of a coaxial line as a wire. */
final class Lines {

    private static final double RADIUS_M = 0.0025;
    private static final double DOWN_M = 2;

    private Lines() {}

    /** A piece of line that leads from {@code top} down and aside. */
    static Wire hungFrom(Point top) {
        return new Wire(top, top.plus(new Point(0.9, 0.3, -DOWN_M)), RADIUS_M);
    }
}
