package dorada.core.tuning;

import dorada.core.outcome.Outcome;
import dorada.core.rf.Wavelength;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Chooses how much to change at once, from what is believed of the length. */
final class ChangeChoice {

    /** Probability allowed to a single cut of being too much; a job takes a handful of cuts. */
    static final double MOST_TOO_FAR = 0.001;

    private static final double MOST_TOO_FAR_BY_SPOTS = 0.004;

    /** The same for a cut that is as long as it must be for a meter to show it. */
    static final double MOST_TOO_FAR_TO_BE_SEEN = 0.01;

    /** A cut that is this likely to meet the rule is worth making as it is. */
    static final double LIKELY = 0.3;

    /** Chances that differ by less are alike. */
    private static final double AS_LIKELY = 0.01;

    /** Expected misses that differ by less are alike. */
    private static final double ALIKE_MISS = 0.002;

    private static final double LONGEST_CUT_SHARE = 0.2;
    private static final int MOST_STEPS = 400;

    private final Adjustment adjustment;
    private final Room room;
    private final double waves;
    private final double middleHz;

    /**
     * @param waves electrical length of the adjusted piece in wavelengths
     * @param middleHz middle of the band that it is tuned for
     */
    ChangeChoice(Adjustment adjustment, Room room, double waves, double middleHz) {
        this.adjustment = adjustment;
        this.room = room;
        this.waves = waves;
        this.middleHz = middleHz;
    }

    /** A cut with its probabilities. */
    record Cut(double lengthM, double met, double tooFar) {
        static final Cut NONE = new Cut(0, 0, 0);
    }

    /**
     * The cut that most likely meets the rule among those that are surely not too much; where none is likely, the longest of
     * them, so that the next reading is a near one. Of equally likely ones the nearest to the middle of the window; by a few
     * readings, which may be of an antenna that has changed its place since, only half the way there from the first that would do.
     * What is safe only because no length would do is no reason to go on beyond what is needed.
     *
     * @param needM the likeliest need, above 0
     * @param doubtM half the width of its middle 68 %
     */
    Cut longestSafe(LengthBelief belief, double needM, double doubtM, boolean swept) {
        List<Cut> safe = safe(belief, needM + doubtM + adjustment.smallestStepM(), swept);
        if (safe.isEmpty()) {
            // Not even one step is certain: one step is what a hand would take.
            double step = adjustment.smallestStepM();
            return room.shortenM() < step ? Cut.NONE : cut(belief, step);
        }
        double best = safe.stream().mapToDouble(Cut::met).max().orElseThrow();
        if (best < LIKELY) {
            return safe.stream()
                    .filter(c -> c.lengthM <= needM)
                    .reduce((shorter, longer) -> longer)
                    .orElse(safe.get(0));
        }
        List<Cut> likeliest =
                safe.stream().filter(c -> c.met > best - AS_LIKELY).toList();
        double aimM = needM;
        return likeliest.stream()
                .min(Comparator.comparingDouble(c -> Math.abs(c.lengthM - aimM)))
                .orElseThrow();
    }

    /** From one step to {@code farthestM}, as far as they are surely not too much. */
    private List<Cut> safe(LengthBelief belief, double farthestM, boolean swept) {
        double step = adjustment.smallestStepM();
        double most = swept ? MOST_TOO_FAR : MOST_TOO_FAR_BY_SPOTS;
        double reach = Math.min(Math.min(MOST_STEPS * step, room.shortenM()), farthestM);
        List<Cut> safe = new ArrayList<>();
        for (int n = 1; n * step <= reach; n++) {
            Cut cut = cut(belief, n * step);
            if (cut.tooFar > most) {
                break;
            }
            safe.add(cut);
        }
        return safe;
    }

    static Cut cut(LengthBelief belief, double lengthM) {
        LengthBelief.Outcome o = belief.after(-lengthM);
        return new Cut(lengthM, o.met(), o.tooFar());
    }

    /**
     * The slide after which the rule is expected to be missed by least, on the likelier side: with a few readings the dip may be
     * on either side, and the middle between the two is neither. A sweep knows how far.
     */
    double likeliest(LengthBelief belief, double needM, double limitSwr, boolean swept) {
        double within = Math.max(-room.shortenM(), Math.min(room.lengthenM(), needM));
        if (swept) {
            return within;
        }
        double step = adjustment.smallestStepM();
        double reach = Math.min(
                Math.min(MOST_STEPS * step, LONGEST_CUT_SHARE * waves * Wavelength.ofHz(middleHz)),
                needM < 0 ? room.shortenM() : room.lengthenM());
        double best = within;
        double least = Double.POSITIVE_INFINITY;
        for (int n = 1; n * step <= reach; n++) {
            double change = Math.signum(needM) * n * step;
            double miss = belief.expectedMiss(change, limitSwr);
            if (miss < least - ALIKE_MISS
                    || miss < least + ALIKE_MISS && Math.abs(change - within) < Math.abs(best - within)) {
                best = change;
                least = Math.min(least, miss);
            }
        }
        return best;
    }

    /**
     * Whether the range leaves nothing of what is needed.
     *
     * @param needM what would be needed, positive for longer
     * @param chosenM what of it the range allows
     */
    boolean isAtItsEnd(double needM, double chosenM) {
        double step = adjustment.smallestStepM();
        return Math.abs(needM) >= step
                && (adjustment instanceof Adjustment.OneWayCut
                        ? needM < 0 && room.shortenM() < step
                        : Math.abs(chosenM) < step);
    }

    /** What the range leaves, where that is less than is needed; empty where there is enough. */
    Optional<Outcome> limit(double needM) {
        double left = needM < 0 ? room.shortenM() : room.lengthenM();
        boolean cutCannot = needM > 0 && adjustment instanceof Adjustment.OneWayCut;
        return cutCannot || Math.abs(needM) <= left
                ? Optional.empty()
                : Optional.of(Reason.RANGE_LEAVES_LESS.of(left, Math.abs(needM)));
    }

    /** {@code changeM} in whole steps, positive for longer, and no farther than the range goes; as an amount. */
    double steppedWithin(double changeM) {
        double step = adjustment.smallestStepM();
        double left = changeM < 0 ? room.shortenM() : room.lengthenM();
        return Math.min(stepped(Math.abs(changeM)), Math.floor(left / step + 1e-6) * step);
    }

    /** Whole steps, no more than {@code amountM} but at least one. */
    double steppedDown(double amountM) {
        double step = adjustment.smallestStepM();
        return Math.max(1, Math.floor(amountM / step + 1e-6)) * step;
    }

    /** Whole steps, at least one: a smaller change cannot be made by hand. */
    double stepped(double amountM) {
        double step = adjustment.smallestStepM();
        return Math.max(1, Math.rint(amountM / step)) * step;
    }
}
