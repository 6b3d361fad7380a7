package dorada.core.wire;

import java.util.ArrayList;
import java.util.List;

/**
 * A straight round wire or tube.
 *
 * @param from where it begins
 * @param to where it ends
 * @param radiusM radius in metres, above 0
 * @param conductor what it is made of
 * @param sheaths dielectric layers about it, from the inside out
 */
public record Wire(Point from, Point to, double radiusM, Conductor conductor, List<Sheath> sheaths) {

    public Wire {
        sheaths = List.copyOf(sheaths);
    }

    /** A bare, perfectly conducting wire. */
    public Wire(Point from, Point to, double radiusM) {
        this(from, to, radiusM, Conductor.PERFECT, List.of());
    }

    public Wire of(Conductor material) {
        return new Wire(from, to, radiusM, material, sheaths);
    }

    /** The same wire elsewhere. */
    public Wire movedBy(Point shift) {
        return new Wire(from.plus(shift), to.plus(shift), radiusM, conductor, sheaths);
    }

    /** The same wire with one more layer outside. */
    public Wire in(Sheath sheath) {
        List<Sheath> more = new ArrayList<>(sheaths);
        more.add(sheath);
        return new Wire(from, to, radiusM, conductor, more);
    }

    public double lengthM() {
        return from.distanceTo(to);
    }
}
