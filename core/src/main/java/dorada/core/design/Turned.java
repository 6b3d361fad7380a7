package dorada.core.design;

import dorada.core.antenna.Assembly;
import dorada.core.wire.Point;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.function.UnaryOperator;

/** An antenna as its sheet draws it, turned to the polarisation that is asked for. In free space. */
final class Turned {

    private Turned() {}

    /** What lay along x stands. */
    static Assembly upright(Assembly level) {
        return by(level, p -> new Point(-p.z(), p.y(), p.x()));
    }

    /** What stood lies along y; what pointed along x still does. */
    static Assembly level(Assembly upright) {
        return by(upright, p -> new Point(p.x(), p.z(), -p.y()));
    }

    private static Assembly by(Assembly a, UnaryOperator<Point> turn) {
        return a.in(new Structure(
                a.structure().wires().stream()
                        .map(w -> new Wire(
                                turn.apply(w.from()), turn.apply(w.to()), w.radiusM(), w.conductor(), w.sheaths()))
                        .toList(),
                false,
                a.structure().loads(),
                a.structure().links()));
    }
}
