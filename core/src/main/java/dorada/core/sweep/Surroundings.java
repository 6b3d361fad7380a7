package dorada.core.sweep;

/**
 * How the curve rises on either side of a minimum before it falls deeper still, in dB, and whether the sweep ends first.
 */
record Surroundings(double riseLeft, double riseRight, boolean leftEnds, boolean rightEnds) {

    enum Edge {
        NONE,
        FIRST,
        LAST
    }

    /** The surroundings of every point of a curve of depths, in dB; all of them are found in one pass each way. */
    static Map of(double[] depth) {
        double[] mirrored = new double[depth.length];
        for (int i = 0; i < depth.length; i++) {
            mirrored[i] = depth[depth.length - 1 - i];
        }
        return new Map(depth, Side.of(depth), Side.of(mirrored));
    }

    /** Looked up for a plateau of equal depth. */
    record Map(double[] depth, Side left, Side right) {

        Surroundings about(int from, int to) {
            int mirrored = depth.length - 1 - to;
            return new Surroundings(
                    depth[from] - left.least[from],
                    depth[to] - right.least[mirrored],
                    left.ends[from],
                    right.ends[mirrored]);
        }
    }

    /**
     * What lies before each point, back to the first that is deeper.
     *
     * @param least the least depth on the way, the point itself included
     * @param ends true where none is deeper
     */
    private record Side(double[] least, boolean[] ends) {

        /**
         * Points that are no deeper than a later one are never met again: each is taken off the stack once, whatever the curve
         * (all nearest greater values, O. Berkman, B. Schieber, U. Vishkin, J. Algorithms 14 (1993) 344).
         */
        static Side of(double[] depth) {
            double[] least = new double[depth.length];
            boolean[] ends = new boolean[depth.length];
            int[] deeper = new int[depth.length];
            int n = 0;
            for (int i = 0; i < depth.length; i++) {
                least[i] = depth[i];
                while (n > 0 && depth[deeper[n - 1]] <= depth[i]) {
                    n--;
                    least[i] = Math.min(least[i], least[deeper[n]]);
                }
                ends[i] = n == 0;
                deeper[n] = i;
                n++;
            }
            return new Side(least, ends);
        }
    }

    /** A side on which the sweep ends first does not count, unless it ends on both. */
    double prominenceDb() {
        if (leftEnds == rightEnds) {
            return leftEnds ? Math.max(riseLeft, riseRight) : Math.min(riseLeft, riseRight);
        }
        return leftEnds ? riseRight : riseLeft;
    }

    /** The end of the sweep toward which the curve still falls, but for noise. */
    Edge edge() {
        if (leftEnds && riseLeft < SweepAnalysis.LEAST_RISE_DB && (!rightEnds || riseLeft <= riseRight)) {
            return Edge.FIRST;
        }
        return rightEnds && riseRight < SweepAnalysis.LEAST_RISE_DB ? Edge.LAST : Edge.NONE;
    }
}
