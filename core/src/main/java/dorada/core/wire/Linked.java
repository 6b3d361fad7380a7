package dorada.core.wire;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.complex.Complex;
import org.hipparchus.complex.ComplexField;
import org.hipparchus.linear.Array2DRowFieldMatrix;
import org.hipparchus.linear.FieldLUDecomposition;
import org.hipparchus.linear.FieldMatrix;

/**
 * The lines between ports, joined to a structure that was solved without them: admittances add, and a port without a
 * source takes the voltage at which nothing flows into it from outside. Source: the usual reduction of a network's nodes
 * (G. Kron).
 */
final class Linked {

    private final List<Port> ports;
    private final List<Link> links;
    private final int feeds;

    /** @param feeds ports with sources, which come first */
    Linked(List<Port> feeds, List<Link> links) {
        this.feeds = feeds.size();
        this.links = links;
        ports = new ArrayList<>(feeds);
        for (Link link : links) {
            for (Port p : List.of(link.from(), link.to())) {
                if (!ports.contains(p)) {
                    ports.add(p);
                }
            }
        }
    }

    /** Feeds first, then the lines' other ports. */
    List<Port> ports() {
        return ports;
    }

    /** The lines' own admittances between all ports, in siemens. */
    FieldMatrix<Complex> ofLines(double frequencyHz) {
        FieldMatrix<Complex> y = zero(ports.size(), ports.size());
        for (Link link : links) {
            Complex[] of = link.admittances(frequencyHz);
            int a = ports.indexOf(link.from());
            int b = ports.indexOf(link.to());
            y.addToEntry(a, a, of[0]);
            y.addToEntry(b, b, of[0]);
            y.addToEntry(a, b, of[1]);
            y.addToEntry(b, a, of[1]);
        }
        return y;
    }

    /**
     * Voltages at all ports for one volt at each feed in turn, the other feeds shorted.
     *
     * @param all admittances of structure and lines together
     * @return shape ports × feeds
     */
    FieldMatrix<Complex> voltages(FieldMatrix<Complex> all) {
        int p = ports.size();
        FieldMatrix<Complex> v = zero(p, feeds);
        for (int f = 0; f < feeds; f++) {
            v.setEntry(f, f, Complex.ONE);
        }
        if (p > feeds) {
            FieldMatrix<Complex> free = all.getSubMatrix(feeds, p - 1, feeds, p - 1);
            FieldMatrix<Complex> driven =
                    all.getSubMatrix(feeds, p - 1, 0, feeds - 1).scalarMultiply(Complex.MINUS_ONE);
            v.setSubMatrix(
                    new FieldLUDecomposition<>(free).getSolver().solve(driven).getData(), feeds, 0);
        }
        return v;
    }

    private static FieldMatrix<Complex> zero(int rows, int columns) {
        return new Array2DRowFieldMatrix<>(ComplexField.getInstance(), rows, columns);
    }
}
