package dorada.core.wire;

import dorada.core.outcome.Refusal;
import dorada.core.rf.Wavelength;
import java.util.ArrayList;
import java.util.List;

/**
 * A structure cut into segments, and the modes of current on them.
 *
 * <p>A segment carries two end functions, sin k(L − t)/sin kL (1 at its beginning) and sin kt/sin kL (1 at its end). A mode
 * joins two of them across a node, so that what flows in flows out; a node of M ends has M − 1 modes, a node on the ground
 * one for each end. Source: J. H. Richmond, NASA CR-2396, for the modes at junctions.
 */
final class Mesh {

    /** Segments per wavelength at the highest frequency, unless asked otherwise. */
    static final double USUAL_SEGMENTS_PER_WAVE = 20;

    static final int MOST_MODES = 2000;

    /** Nodes that lie so many of the thinner radii apart are one. */
    private static final double SAME_NODE_RADII = 0.1;

    private static final double LONGEST_SEGMENT_WAVES = 0.2;
    private static final double GRID_SHARE = 0.4;
    private static final double THICKEST_RADIUS_WAVES = 1 / 18.0;

    final Structure structure;
    final double topHz;

    /** Per segment: beginning, direction (unit vector), length, radius in metres, wire. */
    final double[] x;

    final double[] y;
    final double[] z;
    final double[] ux;
    final double[] uy;
    final double[] uz;
    final double[] length;
    final double[] radius;
    final int[] wire;

    /** Per mode: its halves as 2·segment + end (0 = beginning), −1 where there is none, and the current's sign there. */
    final int[] halfA;

    final int[] halfB;
    final double[] signA;
    final double[] signB;

    /** Node at the beginning and end of each wire. */
    private final int[] firstNode;

    private final int[] lastNode;

    /** Per wire: positions of its cuts (0 and 1 among them) and the first segment of each piece. */
    private final double[][] cuts;

    private final int[][] firstSegment;

    private Mesh(Builder b) {
        structure = b.structure;
        topHz = b.topHz;
        int n = b.segments.size();
        x = new double[n];
        y = new double[n];
        z = new double[n];
        ux = new double[n];
        uy = new double[n];
        uz = new double[n];
        length = new double[n];
        radius = new double[n];
        wire = new int[n];
        for (int i = 0; i < n; i++) {
            Segment s = b.segments.get(i);
            Point d = s.to.minus(s.from);
            length[i] = d.length();
            x[i] = s.from.x();
            y[i] = s.from.y();
            z[i] = s.from.z();
            ux[i] = d.x() / length[i];
            uy[i] = d.y() / length[i];
            uz[i] = d.z() / length[i];
            wire[i] = s.wire;
            radius[i] = structure.wires().get(s.wire).radiusM();
        }
        int modes = b.modes.size();
        halfA = new int[modes];
        halfB = new int[modes];
        signA = new double[modes];
        signB = new double[modes];
        for (int m = 0; m < modes; m++) {
            Mode mode = b.modes.get(m);
            halfA[m] = mode.a;
            halfB[m] = mode.b;
            signA[m] = mode.signA;
            signB[m] = mode.signB;
        }
        firstNode = b.firstNode;
        lastNode = b.lastNode;
        cuts = b.cuts;
        firstSegment = b.firstSegment;
    }

    /**
     * @param ports where sources will be connected; those of the loads and lines are added
     * @param topHz highest frequency that will be asked for
     * @throws WireException for what the solver can't compute, naming the wire
     */
    static Mesh of(Structure structure, List<Port> ports, double topHz, double segmentsPerWave) {
        return new Mesh(new Builder(structure, ports, topHz, segmentsPerWave));
    }

    int segments() {
        return length.length;
    }

    int modes() {
        return halfA.length;
    }

    /** True where two wires are one or share a node: their axes meet, so the radius counts between them. */
    boolean touch(int wireA, int wireB) {
        return wireA == wireB
                || firstNode[wireA] == firstNode[wireB]
                || firstNode[wireA] == lastNode[wireB]
                || lastNode[wireA] == firstNode[wireB]
                || lastNode[wireA] == lastNode[wireB];
    }

    /**
     * The current through a port as a sum over modes: coefficients, shape {@link #modes()}.
     *
     * @throws WireException where the port sits on an open end
     */
    double[] through(Port port) {
        double[] at = cuts[port.wire()];
        int cut = 0;
        for (int i = 1; i < at.length; i++) {
            if (Math.abs(at[i] - port.position()) < Math.abs(at[cut] - port.position())) {
                cut = i;
            }
        }
        int[] first = firstSegment[port.wire()];
        // The half that ends at the cut; at the wire's beginning, the one that begins there.
        int half = cut == 0 ? 2 * first[0] : 2 * (first[cut] - 1) + 1;
        double[] c = new double[modes()];
        boolean any = false;
        for (int m = 0; m < modes(); m++) {
            if (halfA[m] == half) {
                c[m] += signA[m];
                any = true;
            }
            if (halfB[m] == half) {
                c[m] += signB[m];
                any = true;
            }
        }
        if (!any) {
            throw new WireException(port.wire(), Refused.PORT_ON_AN_OPEN_END.of(port.position()));
        }
        return c;
    }

    private record Segment(Point from, Point to, int wire) {}

    private record Mode(int a, double signA, int b, double signB) {}

    private static final class Builder {
        final Structure structure;
        final double topHz;
        final List<Segment> segments = new ArrayList<>();
        final List<Mode> modes = new ArrayList<>();
        final int[] firstNode;
        final int[] lastNode;
        final double[][] cuts;
        final int[][] firstSegment;
        private final List<Wire> wires;
        private final double waveM;
        private final List<Boolean> grounded = new ArrayList<>();
        private int[] endsAt = {};

        Builder(Structure structure, List<Port> ports, double topHz, double segmentsPerWave) {
            this.structure = structure;
            this.topHz = topHz;
            wires = structure.wires();
            waveM = Wavelength.ofHz(topHz);
            if (wires.isEmpty()) {
                throw new Refusal(Refused.THERE_ARE_NO_WIRES);
            }
            firstNode = new int[wires.size()];
            lastNode = new int[wires.size()];
            cuts = new double[wires.size()][];
            firstSegment = new int[wires.size()][];
            for (int w = 0; w < wires.size(); w++) {
                requireSound(w);
            }
            joinEnds();
            new Clearances(structure, firstNode, lastNode).require();
            List<Port> all = new ArrayList<>(ports);
            structure.loads().forEach(l -> all.add(l.at()));
            structure.links().forEach(l -> all.addAll(List.of(l.from(), l.to())));
            for (Port p : all) {
                if (p.wire() < 0 || p.wire() >= wires.size()) {
                    throw new Refusal(
                            Refused.NO_SUCH_WIRE.of(Integer.toString(p.wire()), Integer.toString(wires.size() - 1)));
                }
            }
            for (int w = 0; w < wires.size(); w++) {
                cut(w, all, segmentsPerWave);
            }
            joinHalves();
            if (modes.isEmpty()) {
                throw new WireException(0, Refused.NO_CURRENT_CAN_FLOW_ON_IT.of());
            }
            if (modes.size() > MOST_MODES) {
                throw new WireException(longest(), Refused.TOO_LARGE.of(modes.size(), topHz, MOST_MODES));
            }
        }

        private int longest() {
            int longest = 0;
            for (int w = 1; w < wires.size(); w++) {
                if (wires.get(w).lengthM() > wires.get(longest).lengthM()) {
                    longest = w;
                }
            }
            return longest;
        }

        private void requireSound(int w) {
            Wire wire = wires.get(w);
            double a = wire.radiusM();
            if (!(a > 0) || Double.isInfinite(a)) {
                throw new WireException(w, Refused.RADIUS_NOT_ABOVE_0.of());
            }
            double l = wire.lengthM();
            if (!(l > 0)) {
                throw new WireException(w, Refused.IT_BEGINS_AND_ENDS_AT_THE.of());
            }
            if (l < 2 * a) {
                throw new WireException(w, Refused.IT_IS_SHORTER_THAN_IT_IS.of());
            }
            if (a > THICKEST_RADIUS_WAVES * waveM) {
                throw new WireException(w, Refused.IT_IS_TOO_THICK_FOR_THIS.of());
            }
            double inner = a;
            for (Sheath s : wire.sheaths()) {
                if (s.innerRadiusM() < inner * (1 - 1e-9)) {
                    throw new WireException(w, Refused.A_LAYER_BEGINS_INSIDE_THE_WIRE.of());
                }
                inner = s.outerRadiusM();
            }
            if (structure.overPerfectGround()) {
                requireAboveGround(w, wire);
            }
        }

        private void requireAboveGround(int w, Wire wire) {
            boolean fromDown = onGround(wire.from(), wire);
            boolean toDown = onGround(wire.to(), wire);
            if (fromDown && toDown) {
                throw new WireException(w, Refused.IT_LIES_IN_THE_GROUND_PLANE.of());
            }
            if (Math.min(wire.from().z(), wire.to().z()) < -SAME_NODE_RADII * wire.radiusM()) {
                throw new WireException(w, Refused.IT_REACHES_BELOW_THE_GROUND_PLANE.of());
            }
            double lowest = fromDown
                    ? wire.to().z()
                    : toDown
                            ? wire.from().z()
                            : Math.min(wire.from().z(), wire.to().z());
            if (lowest < 1.5 * wire.radiusM()) {
                throw new WireException(w, Refused.IT_COMES_NEARER_TO_THE_GROUND.of());
            }
        }

        private boolean onGround(Point p, Wire wire) {
            return structure.overPerfectGround() && Math.abs(p.z()) <= SAME_NODE_RADII * wire.radiusM();
        }

        private void joinEnds() {
            List<Point> at = new ArrayList<>();
            List<Double> reach = new ArrayList<>();
            for (int w = 0; w < wires.size(); w++) {
                firstNode[w] = node(at, reach, wires.get(w).from(), wires.get(w));
                lastNode[w] = node(at, reach, wires.get(w).to(), wires.get(w));
                if (firstNode[w] == lastNode[w]) {
                    throw new WireException(w, Refused.IT_BEGINS_AND_ENDS_AT_THE.of());
                }
            }
            endsAt = new int[at.size()];
            for (int w = 0; w < wires.size(); w++) {
                endsAt[firstNode[w]]++;
                endsAt[lastNode[w]]++;
            }
        }

        private int node(List<Point> at, List<Double> reach, Point p, Wire wire) {
            for (int i = 0; i < at.size(); i++) {
                double near = SAME_NODE_RADII * Math.min(wire.radiusM(), reach.get(i));
                Point q = at.get(i);
                if (Math.abs(q.x() - p.x()) <= near && at.get(i).distanceTo(p) <= near) {
                    return i;
                }
            }
            at.add(p);
            reach.add(wire.radiusM());
            grounded.add(onGround(p, wire));
            return at.size() - 1;
        }

        private void cut(int w, List<Port> ports, double segmentsPerWave) {
            Wire wire = wires.get(w);
            double l = wire.lengthM();
            double[] at = java.util.stream.DoubleStream.concat(
                            java.util.stream.DoubleStream.of(0, 1),
                            ports.stream().filter(p -> p.wire() == w).mapToDouble(p -> snapped(p.position())))
                    .sorted()
                    .distinct()
                    .toArray();
            cuts[w] = at;
            firstSegment[w] = new int[at.length];
            double share = isOfGrid(w) ? GRID_SHARE : 1;
            for (int i = 0; i + 1 < at.length; i++) {
                double piece = (at[i + 1] - at[i]) * l;
                if (piece < wire.radiusM()) {
                    throw new WireException(w, Refused.PORT_NEAR_THE_END.of(at[i == 0 ? 1 : i]));
                }
                int n = Math.max(1, (int) Math.ceil(piece * share * segmentsPerWave / waveM - 1e-9));
                n = Math.min(n, Math.max(1, (int) (piece / (2 * wire.radiusM()))));
                if (at.length == 2 && n == 1 && isFree(firstNode[w]) && isFree(lastNode[w])) {
                    n = 2;
                }
                if (piece / n > LONGEST_SEGMENT_WAVES * waveM) {
                    throw new WireException(w, Refused.ITS_SEGMENTS_WOULD_BE_LONGER_THAN.of());
                }
                firstSegment[w][i] = segments.size();
                for (int s = 0; s < n; s++) {
                    double from = at[i] + (at[i + 1] - at[i]) * s / n;
                    double to = s + 1 == n ? at[i + 1] : at[i] + (at[i + 1] - at[i]) * (s + 1) / n;
                    int segment = segments.size();
                    segments.add(new Segment(
                            wire.from().toward(wire.to(), from), wire.from().toward(wire.to(), to), w));
                    if (segment > firstSegment[w][0]) {
                        modes.add(new Mode(2 * (segment - 1) + 1, 1, 2 * segment, 1));
                    }
                }
            }
            firstSegment[w][at.length - 1] = segments.size();
        }

        private static double snapped(double position) {
            return position < 1e-6 ? 0 : position > 1 - 1e-6 ? 1 : position;
        }

        private boolean isFree(int node) {
            return !grounded.get(node) && endsAt[node] < 2;
        }

        /** True for a piece of a net: current has so many ways there that one segment for each piece will do. */
        private boolean isOfGrid(int w) {
            return endsAt[firstNode[w]] >= 3 && endsAt[lastNode[w]] >= 3;
        }

        /** Modes across the nodes: neighbours in the list of ends, which spans what Kirchhoff's law leaves free. */
        private void joinHalves() {
            List<List<Integer>> ends = new ArrayList<>();
            grounded.forEach(g -> ends.add(new ArrayList<>()));
            for (int w = 0; w < wires.size(); w++) {
                ends.get(firstNode[w]).add(2 * firstSegment[w][0]);
                ends.get(lastNode[w]).add(2 * (firstSegment[w][cuts[w].length - 1] - 1) + 1);
            }
            for (int node = 0; node < ends.size(); node++) {
                List<Integer> here = ends.get(node);
                if (grounded.get(node)) {
                    here.forEach(h -> modes.add(new Mode(h, away(h), -1, 0)));
                } else {
                    for (int i = 0; i + 1 < here.size(); i++) {
                        int in = here.get(i);
                        int out = here.get(i + 1);
                        modes.add(new Mode(in, -away(in), out, away(out)));
                    }
                }
            }
        }

        /** The sign, along its segment, of a current that leaves the node at this half. */
        private static double away(int half) {
            return half % 2 == 0 ? 1 : -1;
        }
    }
}
