package dorada.core.wire;

import dorada.core.outcome.Refusal;
import java.util.List;
import java.util.function.UnaryOperator;

/** Solves one structure at as many frequencies as are asked for. Safe for use by several threads. */
public final class Solver {

    /** What may be left over of a right side of length 1 before exchanges are called for. */
    private static final double LEFT_OVER = 1e-7;

    private final Mesh mesh;
    private final Linked linked;
    private final int feeds;
    private final double[][] ports;

    /**
     * @param structure what there is
     * @param feeds where sources are connected; the first is the one that is driven
     * @param topHz highest frequency that will be asked for, in Hz: it sets the length of the segments
     * @throws WireException where the structure can't be computed honestly, naming the wire
     */
    public Solver(Structure structure, List<Port> feeds, double topHz) {
        this(structure, feeds, topHz, Mesh.USUAL_SEGMENTS_PER_WAVE);
    }

    /** @param segmentsPerWave segments per wavelength at {@code topHz}, 5 or more; 20 is usual */
    public Solver(Structure structure, List<Port> feeds, double topHz, double segmentsPerWave) {
        if (!(topHz > 0) || Double.isInfinite(topHz)) {
            throw new Refusal(Refused.FREQUENCY_NOT_ABOVE_0);
        }
        if (feeds.isEmpty()) {
            throw new Refusal(Refused.NOTHING_IS_FED);
        }
        mesh = Mesh.of(structure, feeds, topHz, segmentsPerWave);
        this.feeds = feeds.size();
        linked = new Linked(feeds, structure.links());
        ports = linked.ports().stream().map(mesh::through).toArray(double[][]::new);
    }

    /** How many unknown currents are solved for. */
    public int unknowns() {
        return mesh.modes();
    }

    /**
     * @param frequencyHz above 0 and not above the frequency that the segments are made for
     * @throws java.util.concurrent.CancellationException where the watch ends it
     */
    public Solution at(double frequencyHz, Watch watch) {
        if (!(frequencyHz > 0) || frequencyHz > mesh.topHz * (1 + 1e-9)) {
            throw new IllegalArgumentException("The segments are made for frequencies above 0 and up to " + mesh.topHz
                    + " Hz, not " + frequencyHz + ".");
        }
        SymmetricMatrix z = MomentMatrix.of(mesh, frequencyHz, watch.part(0, 0.6));
        SymmetricFactor factor = new SymmetricFactor(z.copy(), watch.part(0.6, 1));
        ComplexVector[] currents = solved(factor::solve);
        if (leftOver(z, currents) > LEFT_OVER) {
            currents = solved(new PivotedFactor(z)::solve);
        }
        return new Solution(mesh, ports, feeds, linked, frequencyHz, currents);
    }

    private ComplexVector[] solved(UnaryOperator<ComplexVector> solve) {
        ComplexVector[] currents = new ComplexVector[ports.length];
        for (int f = 0; f < ports.length; f++) {
            currents[f] = solve.apply(ComplexVector.ofReal(ports[f]));
        }
        return currents;
    }

    private double leftOver(SymmetricMatrix z, ComplexVector[] currents) {
        double worst = 0;
        for (int f = 0; f < ports.length; f++) {
            ComplexVector wanted = ComplexVector.ofReal(ports[f]);
            double left = z.times(currents[f]).minus(wanted).norm() / wanted.norm();
            // NaN counts as wrong.
            worst = left <= worst ? worst : Double.isNaN(left) ? Double.POSITIVE_INFINITY : left;
        }
        return worst;
    }
}
