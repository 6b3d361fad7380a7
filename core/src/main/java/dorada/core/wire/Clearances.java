package dorada.core.wire;

import java.util.List;

/** Refuses wires that cross, touch or lie along each other without being joined at their ends. */
final class Clearances {

    private static final double ALONG = Math.cos(Math.toRadians(3));

    private final List<Wire> wires;
    private final int[] firstNode;
    private final int[] lastNode;

    Clearances(Structure structure, int[] firstNode, int[] lastNode) {
        this.wires = structure.wires();
        this.firstNode = firstNode;
        this.lastNode = lastNode;
    }

    /** @throws WireException naming the later wire of the first offending pair */
    void require() {
        double[] half = new double[wires.size()];
        Point[] middle = new Point[wires.size()];
        for (int w = 0; w < half.length; w++) {
            half[w] = wires.get(w).lengthM() / 2;
            middle[w] = wires.get(w).from().toward(wires.get(w).to(), 0.5);
        }
        for (int j = 1; j < half.length; j++) {
            for (int i = 0; i < j; i++) {
                double apart = wires.get(i).radiusM() + wires.get(j).radiusM();
                double reach = half[i] + half[j] + apart;
                double dx = middle[i].x() - middle[j].x();
                if (Math.abs(dx) <= reach && middle[i].distanceTo(middle[j]) <= reach) {
                    requireApart(i, j, apart);
                }
            }
        }
    }

    private void requireApart(int i, int j, double apart) {
        Wire a = wires.get(i);
        Wire b = wires.get(j);
        Point fromShared;
        Point other;
        if (firstNode[i] == firstNode[j]) {
            fromShared = a.to().minus(a.from());
            other = b.to().minus(b.from());
        } else if (firstNode[i] == lastNode[j]) {
            fromShared = a.to().minus(a.from());
            other = b.from().minus(b.to());
        } else if (lastNode[i] == firstNode[j]) {
            fromShared = a.from().minus(a.to());
            other = b.to().minus(b.from());
        } else if (lastNode[i] == lastNode[j]) {
            fromShared = a.from().minus(a.to());
            other = b.from().minus(b.to());
        } else {
            double distance = distance(a, b);
            if (distance < apart) {
                throw new WireException(j, Refused.CROSSES.of(Integer.toString(i)));
            }
            return;
        }
        if (fromShared.dot(other) > ALONG * fromShared.length() * other.length()) {
            throw new WireException(j, Refused.LIES_ALONG.of(Integer.toString(i)));
        }
    }

    /** Shortest distance between two straight wires' axes; D. Eberly's closest points of two segments. */
    static double distance(Wire a, Wire b) {
        Point u = a.to().minus(a.from());
        Point v = b.to().minus(b.from());
        Point w = a.from().minus(b.from());
        double uu = u.dot(u);
        double uv = u.dot(v);
        double vv = v.dot(v);
        double uw = u.dot(w);
        double vw = v.dot(w);
        double d = uu * vv - uv * uv;
        double s = d > 1e-12 * uu * vv ? clamp((uv * vw - vv * uw) / d) : 0;
        double t = clamp((uv * s + vw) / vv);
        s = clamp((uv * t - uw) / uu);
        // Parallel wires that overlap have many closest pairs; this finds one of them.
        return a.from().plus(u.times(s)).distanceTo(b.from().plus(v.times(t)));
    }

    private static double clamp(double share) {
        return Math.max(0, Math.min(1, share));
    }
}
