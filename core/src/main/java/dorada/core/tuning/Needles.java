package dorada.core.tuning;

import dorada.core.sweep.Reading;
import java.util.List;

/** What the needles of a meter can show of a change, and what it is expected to do to them; a sweep shows everything. */
final class Needles {

    /** A needle that moves by less than this in |Γ| has hardly moved. */
    private static final double VISIBLE = 0.03;

    /** What can be undone may as well be seen: by this much in |Γ| a needle goes to its next mark, wherever it stood between two. */
    private static final double PLAINLY_VISIBLE = 0.06;

    /** Channels that are farther apart than this share of frequency tell most antennas from faults. */
    private static final double WIDE_APART = 0.06;

    private final TrimTask task;
    private final Pass last;
    private final LengthBelief belief;
    private final double needM;
    private final double mostM;

    /**
     * @param needM what is needed, positive for longer
     * @param mostM the most that is likely to be needed, as an amount
     */
    Needles(TrimTask task, Pass last, LengthBelief belief, double needM, double mostM) {
        this.task = task;
        this.last = last;
        this.belief = belief;
        this.needM = needM;
        this.mostM = mostM;
    }

    /** |Γ| at each channel of the lowest band after a change, as a few readings let expect. */
    double[] expectedMagnitudes(double changeM) {
        return belief.expectedMagnitudes(changeM);
    }

    /** What the rule is expected to lack after a change, as a few readings let expect. */
    double expectedMiss(double changeM) {
        return belief.expectedMiss(changeM, task.rule().limitSwr());
    }

    /** Whether a cut would leave every needle where it is, as far as it can be read. */
    boolean isInvisible(double cutM) {
        return !last.isSwept() && shows(-cutM) < VISIBLE;
    }

    private double shows(double changeM) {
        double[] before = belief.expectedMagnitudes(0);
        double[] after = belief.expectedMagnitudes(changeM);
        double most = 0;
        for (int i = 0; i < before.length; i++) {
            most = Math.max(most, Math.abs(after[i] - before[i]));
        }
        return most;
    }

    /** A slide, or a somewhat longer one that a meter can show: nothing is learnt from needles that did not stir. */
    double visible(double changeM) {
        if (last.isSwept() || shows(changeM) >= PLAINLY_VISIBLE) {
            return changeM;
        }
        double step = task.adjustment().smallestStepM();
        double way = Math.signum(changeM);
        double now = expectedMiss(0);
        for (double m = Math.abs(changeM) + step; m <= mostM && expectedMiss(way * m) <= now; m += step) {
            if (shows(way * m) >= PLAINLY_VISIBLE) {
                return way * m;
            }
        }
        return changeM;
    }

    /** {@code cut}, or a somewhat longer one that a meter can show, where that is not too much either. */
    ChangeChoice.Cut visible(ChangeChoice.Cut cut) {
        if (last.isSwept() || cut.lengthM() == 0 || !isInvisible(cut.lengthM())) {
            return cut;
        }
        double step = task.adjustment().smallestStepM();
        double farthest = Math.min(Math.abs(needM), task.room().shortenM());
        for (double m = cut.lengthM() + step; m <= farthest; m += step) {
            ChangeChoice.Cut longer = ChangeChoice.cut(belief, m);
            if (longer.tooFar() > ChangeChoice.MOST_TOO_FAR_TO_BE_SEEN) {
                return cut;
            }
            if (!isInvisible(m)) {
                return longer;
            }
        }
        return cut;
    }

    /** From the lowest to the highest channel that was read, as a share of the lowest; 0 for a sweep. */
    double readSpan() {
        List<Reading> spots = last.spots();
        return spots.isEmpty()
                ? 0
                : spots.get(spots.size() - 1).frequencyHz() / spots.get(0).frequencyHz() - 1;
    }

    /** Whether the channels lie so near to each other that others would tell the hypotheses apart. */
    boolean canBeReadFartherApart() {
        return !last.isSwept() && readSpan() < WIDE_APART;
    }
}
