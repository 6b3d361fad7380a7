package dorada.core.wire;

import dorada.core.outcome.Refusal;

/**
 * A place or a difference of places.
 *
 * @param x in metres
 * @param y in metres
 * @param z height in metres; the ground plane, where there is one, is z = 0
 */
public record Point(double x, double y, double z) {

    public Point {
        if (!Double.isFinite(x) || !Double.isFinite(y) || !Double.isFinite(z)) {
            throw new Refusal(Refused.A_POINT_NEEDS_THREE_FINITE_NUMBERS);
        }
    }

    public Point plus(Point o) {
        return new Point(x + o.x, y + o.y, z + o.z);
    }

    public Point minus(Point o) {
        return new Point(x - o.x, y - o.y, z - o.z);
    }

    public Point times(double factor) {
        return new Point(x * factor, y * factor, z * factor);
    }

    public double dot(Point o) {
        return x * o.x + y * o.y + z * o.z;
    }

    /** Distance from the origin in metres. */
    public double length() {
        return Math.sqrt(dot(this));
    }

    public double distanceTo(Point o) {
        return minus(o).length();
    }

    /** The point {@code share} of the way (0 to 1) toward {@code o}. */
    public Point toward(Point o, double share) {
        return plus(o.minus(this).times(share));
    }
}
