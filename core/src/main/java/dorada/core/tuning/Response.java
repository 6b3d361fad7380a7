package dorada.core.tuning;

import dorada.core.rf.Wavelength;
import dorada.core.sweep.Dip;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How the readings answered the last change, or stayed as they were where nothing was changed.
 *
 * @param kind what they did
 * @param share movement of the dip by what was expected of the change; of an untouched antenna, by what share its dip moved: 0.01
 *     for 1 % up; NaN where that is not known
 */
record Response(Kind kind, double share) {

    enum Kind {
        /** A first reading, or one that cannot be compared with any before. */
        NOTHING_TO_COMPARE,
        FOLLOWED,
        /** The change was too small to be seen. */
        NOT_TO_BE_SEEN,
        DID_NOT_MOVE,
        WRONG_WAY,
        UNTOUCHED_AND_THE_SAME,
        UNTOUCHED_AND_MOVED
    }

    /** A dip that moved by less than this share of what was expected did not follow. */
    private static final double FOLLOWS = 0.28;

    /** A change must be expected to move the dip by so many of its doubts before its absence says anything. */
    private static final double TELLS = 2.5;

    /** Nobody puts an antenna back better than this, as a share of its frequency. */
    private static final double REPEATS = 0.001;

    /** What moves a dip by less than this share of its frequency cannot be told from nothing. */
    static final double LEAST_TELLING = TELLS * REPEATS;

    /** An untouched dip that moved by more than this has moved; common practice, no source. */
    private static final double MOVED = 0.004;

    /** A sweep's bottom that changed by more than this in |Γ| is another one. */
    private static final double BOTTOM_CHANGED = 0.08;

    /** Readings of a needle that differ by less than this in |Γ| on every channel are the same mark. */
    private static final double SAME_MARK = 0.012;

    /** A needle that is read twice differs by up to a mark and a half, in |Γ|. */
    private static final double READ_TWICE = 0.075;

    /** Two marks of a scale, where they stand farthest apart, in |Γ|: from 3 to 5. */
    private static final double TWO_MARKS = 0.15;

    /** The same for the mean of all channels. */
    private static final double READ_TWICE_ON_AVERAGE = 0.05;

    /** Expected to move by more than this, in |Γ| over all channels together, needles that hardly stir tell. */
    private static final double NEEDLES_TELL = 0.1;

    private static final double SAME_CHANNEL_HZ = 1000;

    private static final Response NONE = new Response(Kind.NOTHING_TO_COMPARE, Double.NaN);

    /**
     * @param passes oldest first, at least one, of one state between two looks for a fault
     * @param closely true where the readings already speak for an antenna that does not follow: needles are held against what was
     *     expected of them
     */
    static Response of(List<Pass> passes, TrimPrior prior, boolean closely) {
        int last = passes.size() - 1;
        if (last == 0) {
            return NONE;
        }
        Pass now = passes.get(last);
        Pass before = passes.get(last - 1);
        if (now.isUnchanged()) {
            Response untouched = untouched(before, now);
            // What was read again as it was still stands by its answer to the change before.
            Response changed = untouched.kind == Kind.UNTOUCHED_AND_MOVED ? NONE : lastChange(passes, prior, closely);
            return changed.isNoAnswer() || changed.isUnseen() ? changed : untouched;
        }
        return changed(passes.subList(0, last), now, prior, closely);
    }

    private static Response lastChange(List<Pass> passes, TrimPrior prior, boolean closely) {
        int at = passes.size() - 1;
        while (at > 0 && passes.get(at).isUnchanged()) {
            at--;
        }
        return at == 0
                ? NONE
                : changed(
                        passes.subList(0, at),
                        passes.get(passes.size() - 1)
                                .after(passes.get(at).changeM(), passes.get(at).secondChangeM()),
                        prior,
                        closely);
    }

    private static Response changed(List<Pass> earlier, Pass now, TrimPrior prior, boolean closely) {
        Pass before = earlier.get(earlier.size() - 1);
        if (now.changeM() == 0 || !now.circumstances().equals(before.circumstances())) {
            return NONE;
        }
        boolean second = now.secondChangeM() != 0;
        Optional<Double> same = largestDifference(before, now);
        if (!before.isSwept() && !now.isSwept()) {
            // Needles that did not stir teach nothing of the antenna, however small the change was.
            if (!second && same.isPresent() && same.get() < SAME_MARK) {
                return new Response(Kind.DID_NOT_MOVE, 0);
            }
            return closely && !second && same.isPresent() ? needles(earlier, now, prior) : NONE;
        }
        if (isIdentical(before.sweep(), now.sweep()) && !second) {
            return new Response(Kind.DID_NOT_MOVE, 0);
        }
        Optional<Double> from = bottomHz(before);
        Optional<Double> to = bottomHz(now);
        if (second || from.isEmpty() || to.isEmpty()) {
            return NONE;
        }
        double expected = -now.changeM()
                / Sensitivity.of(earlier, prior).lengthRatio()
                / (prior.waves() * Wavelength.ofHz(from.get()));
        double moved = Math.log(to.get() / from.get());
        double noise =
                Math.hypot(Math.hypot(before.dipDeviationHz() / from.get(), now.dipDeviationHz() / to.get()), REPEATS);
        if (Math.abs(expected) < TELLS * noise) {
            return unseen(earlier, now, prior, moved / expected);
        }
        double share = moved / expected;
        if (share * Math.abs(expected) < -TELLS * noise) {
            return new Response(Kind.WRONG_WAY, share);
        }
        return new Response(share < FOLLOWS ? Kind.DID_NOT_MOVE : Kind.FOLLOWED, share);
    }

    /** A change that is too small to be seen may be seen together with those before it. */
    private static Response unseen(List<Pass> earlier, Pass now, TrimPrior prior, double share) {
        int before = earlier.size() - 1;
        return before == 0 || earlier.get(before).changeM() == 0
                ? new Response(Kind.NOT_TO_BE_SEEN, share)
                : changed(
                        earlier.subList(0, before),
                        now.after(
                                now.changeM() + earlier.get(before).changeM(),
                                earlier.get(before).secondChangeM()),
                        prior,
                        false);
    }

    /** How far the needles moved of what was expected of them, over all channels that were read before and after. */
    private static Response needles(List<Pass> earlier, Pass now, TrimPrior prior) {
        Pass before = earlier.get(earlier.size() - 1);
        List<Reading> common = now.spots().stream()
                .filter(r -> differences(r, before).findAny().isPresent())
                .toList();
        double[] hz = common.stream().mapToDouble(Reading::frequencyHz).toArray();
        double[] expected = SpotBelief.ofReadings(earlier, prior).expectedChange(hz, now.changeM());
        double product = 0;
        double square = 0;
        for (int i = 0; i < hz.length; i++) {
            double f = hz[i];
            double was = before.spots().stream()
                    .filter(r -> Math.abs(r.frequencyHz() - f) <= SAME_CHANNEL_HZ)
                    .findFirst()
                    .orElseThrow()
                    .reflection()
                    .magnitude();
            product += expected[i] * (common.get(i).reflection().magnitude() - was);
            square += expected[i] * expected[i];
        }
        double share = product / square;
        return Math.sqrt(square) < NEEDLES_TELL
                ? NONE
                : new Response(share < FOLLOWS ? Kind.DID_NOT_MOVE : Kind.FOLLOWED, share);
    }

    /**
     * Whether something was changed and all that its needles have shown since is that one of several went to its next mark: where it
     * stood between two marks, it was perhaps read otherwise.
     *
     * @param passes oldest first, of one state between two looks for a fault
     */
    static boolean isOneMarkAlone(List<Pass> passes) {
        Pass now = passes.get(passes.size() - 1);
        if (passes.stream().skip(1).noneMatch(p -> p.changeM() != 0)) {
            return false;
        }
        List<Double> moved = now.spots().stream()
                .map(r -> passes.stream()
                        .limit(passes.size() - 1L)
                        .flatMap(p -> differences(r, p))
                        .max(Double::compare))
                .flatMap(Optional::stream)
                .toList();
        List<Double> stirred = moved.stream().filter(d -> d >= SAME_MARK).toList();
        return moved.size() > 1 && stirred.size() == 1 && stirred.get(0) < TWO_MARKS;
    }

    private static Response untouched(Pass before, Pass now) {
        if (!now.circumstances().equals(before.circumstances())) {
            return NONE;
        }
        if (now.isSwept() && before.isSwept()) {
            Optional<Double> from = bottomHz(before);
            Optional<Double> to = bottomHz(now);
            if (from.isEmpty() || to.isEmpty()) {
                return NONE;
            }
            double moved = to.get() / from.get() - 1;
            double bottom = Math.abs(bottom(now) - bottom(before));
            return new Response(
                    Math.abs(moved) > MOVED || bottom > BOTTOM_CHANGED
                            ? Kind.UNTOUCHED_AND_MOVED
                            : Kind.UNTOUCHED_AND_THE_SAME,
                    moved);
        }
        if (now.isSwept() || before.isSwept()) {
            return NONE;
        }
        Optional<Double> most = largestDifference(before, now);
        if (most.isEmpty()) {
            return NONE;
        }
        boolean moved = most.get() > READ_TWICE || meanDifference(before, now) > READ_TWICE_ON_AVERAGE;
        return new Response(
                moved ? Kind.UNTOUCHED_AND_MOVED : Kind.UNTOUCHED_AND_THE_SAME, middleOf(now) / middleOf(before) - 1);
    }

    /** Where the curve that explains a few readings has its dip. */
    private static double middleOf(Pass p) {
        return (p.sweep().startHz() + p.sweep().stopHz()) / 2;
    }

    private static Optional<Double> bottomHz(Pass p) {
        return new SweepAnalysis(p.sweep())
                .deepestDip()
                .filter(d -> !d.atEdge())
                .map(d -> Sensitivity.bottomHz(p.sweep(), d.frequencyHz()));
    }

    private static double bottom(Pass p) {
        return new SweepAnalysis(p.sweep())
                .deepestDip()
                .map(Dip::reading)
                .map(r -> r.reflection().magnitude())
                .orElse(1.0);
    }

    private static boolean isIdentical(Sweep a, Sweep b) {
        if (a.size() != b.size() || a.startHz() != b.startHz() || a.stopHz() != b.stopHz()) {
            return false;
        }
        for (int i = 0; i < a.size(); i++) {
            if (a.re(i) != b.re(i) || a.im(i) != b.im(i)) {
                return false;
            }
        }
        return true;
    }

    /** In |Γ|, over the channels that both read; empty where there is none. */
    private static Optional<Double> largestDifference(Pass a, Pass b) {
        return a.spots().stream().flatMap(r -> differences(r, b)).max(Double::compare);
    }

    private static double meanDifference(Pass a, Pass b) {
        return Math.sqrt(a.spots().stream()
                .flatMap(r -> differences(r, b))
                .mapToDouble(d -> d * d)
                .average()
                .orElse(0));
    }

    private static Stream<Double> differences(Reading r, Pass b) {
        return b.spots().stream()
                .filter(s -> Math.abs(s.frequencyHz() - r.frequencyHz()) <= SAME_CHANNEL_HZ)
                .map(s -> Math.abs(s.reflection().magnitude() - r.reflection().magnitude()));
    }

    /** Whether the last change was too small to be seen, and nothing has moved as it should. */
    boolean isUnseen() {
        return kind == Kind.NOT_TO_BE_SEEN && share < FOLLOWS;
    }

    /** Whether the last change moved nothing, or the wrong way. */
    boolean isNoAnswer() {
        return kind == Kind.DID_NOT_MOVE || kind == Kind.WRONG_WAY;
    }
}
