package dorada.core.sweep;

import java.util.Arrays;

/**
 * A return loss curve for drawing. Return loss is held at {@value #DEEPEST_DB} dB, deeper than any instrument sees, so
 * that a perfect match can be drawn.
 *
 * @param frequencyHz n ascending frequencies in Hz
 * @param returnLossDb n return losses in positive dB
 */
public record Trace(double[] frequencyHz, double[] returnLossDb) {

    public static final double DEEPEST_DB = 60;

    /** Every point of {@code sweep}, re 50 Ω. */
    public static Trace of(Sweep sweep) {
        Sweep shown = sweep.renormalised(Sweep.STANDARD_REFERENCE_OHM);
        double[] depth = new double[shown.size()];
        for (int i = 0; i < depth.length; i++) {
            depth[i] = Math.min(DEEPEST_DB, shown.reflection(i).returnLossDb());
        }
        return new Trace(shown.frequenciesHz(), depth);
    }

    /** At most {@code most} points (1 or more): the deepest of each stretch, so that no dip is lost in a small picture. */
    public Trace outline(int most) {
        int n = frequencyHz.length;
        if (n <= most) {
            return this;
        }
        double[] hz = new double[most];
        double[] depth = new double[most];
        for (int bucket = 0; bucket < most; bucket++) {
            int from = (int) ((long) n * bucket / most);
            int to = (int) ((long) n * (bucket + 1) / most);
            int deepest = from;
            for (int i = from; i < to; i++) {
                deepest = returnLossDb[i] > returnLossDb[deepest] ? i : deepest;
            }
            hz[bucket] = frequencyHz[deepest];
            depth[bucket] = returnLossDb[deepest];
        }
        return new Trace(hz, depth);
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Trace t
                && Arrays.equals(frequencyHz, t.frequencyHz)
                && Arrays.equals(returnLossDb, t.returnLossDb);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(frequencyHz);
    }
}
