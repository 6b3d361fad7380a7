package dorada.core.tuning;

import dorada.core.acceptance.ChannelValues;
import dorada.core.acceptance.WantedChannel;
import dorada.core.line.ThroughLine;
import dorada.core.outcome.Outcome;
import dorada.core.rf.Reflection;
import dorada.core.rf.Swr;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.Gates.Shut;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.core.tuning.TrimAdvice.Fit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What to do with the length of an antenna that stands as {@link Standing} says, and what to expect of it. */
final class LengthAdvice {

    /** No chance of a cut is stated as less than this: one saw in some thousands slips. */
    private static final double LEAST_CHANCE = 0.0004;

    /**
     * What circuits leave possible of a few readings is more than antennas are: a small chance is this share of what they say, a
     * certainty all of it. By the trials of {@code ./dorada bench odds}, where of 177 cuts by meter that circuits held too much with
     * 3, 14, 20 and 50 % some 1, 3.5, 6 and 25 % were.
     */
    private static final double OF_CIRCUITS = 0.2;

    /** A rule that is met with so much more of a chance is worth another change. */
    private static final double WORTH_IT = 0.1;

    /** The same where it is more likely missed in truth than met: there a small safe step is one of several. */
    private static final double WORTH_A_STEP = 0.02;

    /**
     * A change for room to the limit.
     *
     * @param changeM positive for longer
     * @param now chance that the rule is met in truth as it is
     * @param after the same after the change
     * @param tooFar chance that a cut is too much; 0 for what slides
     */
    private record Spare(double changeM, double now, double after, double tooFar) {

        Outcome reason() {
            if (tooFar > 0) {
                return Reason.CUT_HAS_ROOM.of(-changeM, after, now, tooFar);
            }
            return changeM < 0
                    ? Reason.SHORTER_HAS_ROOM.of(-changeM, after, now)
                    : Reason.LONGER_HAS_ROOM.of(changeM, after, now);
        }
    }

    private final TrimTask task;
    private final List<List<WantedChannel>> bands;
    private final Standing s;
    private final Sensitivity sensitivity;
    private final List<Pass> passes;

    LengthAdvice(
            TrimTask task,
            List<List<WantedChannel>> bands,
            Standing standing,
            Sensitivity sensitivity,
            List<Pass> passes) {
        this.task = task;
        this.bands = bands;
        this.s = standing;
        this.sensitivity = sensitivity;
        this.passes = passes;
    }

    /** The rule is met. */
    TrimAdvice leaveIt() {
        List<Outcome> reasons = TrimReasons.opening(s, sensitivity, task.prior());
        if (s.window().isKnown() && s.last().isSwept()) {
            reasons.add(Reason.BEST_THAT_IS_LEFT.of(s.window().bestSwr()));
        }
        Optional<Spare> spare = spare();
        if (s.isJustAtItsLimit()) {
            reasons.add(Reason.AT_ITS_LIMIT.of());
            spare.map(Spare::reason).ifPresent(reasons::add);
        }
        if (!sensitivity.isBelievable()) {
            reasons.add(Reason.MET_THOUGH_IT_DID_NOT_FOLLOW.of());
        }
        if (!Gates.anotherKindInDoubt(task)) {
            return advice(Action.STOP, 0, ChangeChoice.Cut.NONE, reasons, List.of())
                    .offering(spare.map(Spare::changeM).orElse(0.0));
        }
        Shut question = Gates.lengthOfAnotherKind(task);
        reasons.add(question.reason());
        return advice(Action.STOP, 0, ChangeChoice.Cut.NONE, reasons, question.causes());
    }

    /**
     * What may be changed for room to a limit that a needle just meets. It is no order, for the rule is met; it passes every gate
     * that an order passes, and is offered only where it leaves the rule surer by {@value #WORTH_IT}, or by {@value #WORTH_A_STEP}
     * where it is more likely missed than met.
     */
    private Optional<Spare> spare() {
        boolean longer = s.needM() > 0;
        if (!s.isJustAtItsLimit()
                || Math.abs(s.needM()) < s.step()
                || s.oneWay() && longer
                || Gates.anotherKindInDoubt(task)
                || !sensitivity.isBelievable()
                || Gates.hypotheses(s, passes).isPresent()) {
            return Optional.empty();
        }
        FirstChange first = FirstChange.of(task, s, passes);
        ChangeChoice.Cut cut = s.oneWay() ? s.needles().visible(first.limited(s.cut(), s)) : ChangeChoice.Cut.NONE;
        double amountM = s.oneWay() ? cut.lengthM() : s.choice().steppedWithin(first.limited(s.needM()));
        double changeM = longer ? amountM : -amountM;
        double after = s.metAfter(changeM);
        double worth = s.metInTruth() < 0.5 ? WORTH_A_STEP : WORTH_IT;
        boolean isWorth = amountM > 0 && after >= s.metInTruth() + worth;
        return isWorth
                ? Optional.of(new Spare(changeM, s.metInTruth(), after, s.oneWay() ? stated(cut.tooFar()) : 0))
                : Optional.empty();
    }

    /** The rule is missed, and the gates before this one are open. */
    TrimAdvice advise() {
        FirstChange first = FirstChange.of(task, s, passes);
        ChangeChoice.Cut cut = s.needles().visible(first.limited(s.cut(), s));
        Action action = action(cut);
        List<Outcome> reasons = TrimReasons.opening(s, sensitivity, task.prior());
        if (s.last().isSwept()
                && s.window().isKnown()
                && s.window().bestSwr() > task.rule().limitSwr()) {
            reasons.add(Reason.NO_LENGTH_MEETS_THE_RULE.of(s.window().bestSwr()));
        }
        double amountM = 0;
        switch (action) {
            case STOP -> {
                reasons.add(
                        s.isAsGoodAsMet()
                                ? TrimReasons.asGoodAsMet(s)
                                : Reason.ONLY_TOO_NARROW.of(s.window().bestSwr()));
                return advice(action, 0, cut, reasons, List.of());
            }
            case FIND_THE_FAULT -> {
                boolean isMatch = !s.atItsEnd() || s.isPoorMatch();
                reasons.add(
                        isMatch
                                ? s.isOnlyNarrow()
                                        ? Reason.ONLY_TOO_NARROW.of(s.window().bestSwr())
                                        : TrimReasons.poorMatch(s)
                                : Reason.NOTHING_LEFT_TO_SHORTEN.of());
                return advice(
                        action,
                        0,
                        cut,
                        reasons,
                        isMatch
                                ? Diagnosis.poorMatch(s.now(), s.last().isSwept())
                                : Diagnosis.noneLeftToShorten(-s.sideM()));
            }
            case REPLACE_LONGER -> {
                Optional<Shut> shut = Gates.hypotheses(s, passes);
                if (shut.isPresent()) {
                    return refused(shut.get(), s);
                }
                amountM = s.choice().stepped(s.sideM());
                reasons.addAll(TrimReasons.tooShort(s));
                return advice(action, amountM, cut, reasons, Diagnosis.tooShort(amountM, s.isUncut()));
            }
            default -> {
                Optional<Shut> shut = Gates.hypotheses(s, passes);
                if (shut.isPresent()) {
                    return refused(shut.get(), s);
                }
                if (action == Action.SHORTEN && s.oneWay() && s.needles().isInvisible(cut.lengthM())) {
                    return refused(Gates.notToBeSeen(), s);
                }
                amountM = s.oneWay()
                        ? cut.lengthM()
                        : s.choice().steppedWithin(s.needles().visible(first.limited(s.needM())));
                if (action == Action.MEASURE_AGAIN) {
                    reasons.add(0, TrimReasons.measureTwice(s, cut));
                }
                reasons.addAll(first.reasons(s));
                reasons.addAll(TrimReasons.change(s, cut));
            }
        }
        TrimAdvice change = advice(action, amountM, cut, reasons, List.of());
        Optional<Shut> worse = change.isChange() ? worse(change) : Optional.empty();
        return worse.isPresent() ? refused(worse.get(), s) : change;
    }

    /** What a shut gate says instead of a change. */
    static TrimAdvice refused(Shut shut, Standing s) {
        List<Outcome> reasons = new ArrayList<>(List.of(shut.reason()));
        boolean overruled = shut.gate() == Gates.Gate.MOVED_UNTOUCHED
                || shut.gate() == Gates.Gate.NO_ANSWER
                || shut.gate() == Gates.Gate.ANOTHER_KIND
                || shut.gate() == Gates.Gate.NEEDLE_AT_ITS_END;
        if (!overruled) {
            reasons.addAll(TrimReasons.competing(s.hypotheses()));
        }
        return TrimAdvice.withoutDip(
                shut.action(),
                Fit.UNKNOWN,
                0,
                reasons,
                shut.causes(),
                overruled ? Hypotheses.mostly(shut.because(), 0.85, Hypothesis.MISREAD) : s.hypotheses());
    }

    private Action action(ChangeChoice.Cut cut) {
        if (s.isAsGoodAsMet() || s.isTooNarrowByLittle()) {
            return Action.STOP;
        }
        if (s.isPoorMatch() || s.atItsEnd() && s.sideM() < 0) {
            return Action.FIND_THE_FAULT;
        }
        if (s.fit() == Fit.TOO_SHORT && (s.oneWay() || s.atItsEnd())) {
            if (s.isNarrowAtAnyLength()) {
                return Action.FIND_THE_FAULT;
            }
            return Action.REPLACE_LONGER;
        }
        if (s.isToBeMeasuredTwice(cut)) {
            return Action.MEASURE_AGAIN;
        }
        return s.needM() < 0 ? Action.SHORTEN : Action.LENGTHEN;
    }

    private TrimAdvice advice(
            Action action, double amountM, ChangeChoice.Cut cut, List<Outcome> reasons, List<Cause> causes) {
        double waves = task.prior().waves();
        double changeM = Math.signum(s.sideM()) * amountM;
        Optional<Sweep> expected =
                amountM > 0 && s.last().isSwept() ? Optional.of(expected(changeM)) : Optional.empty();
        return new TrimAdvice(
                action,
                false,
                s.fit(),
                amountM,
                Math.max(0, Math.abs(s.sideM()) - s.doubtM()),
                Math.abs(s.sideM()) + s.doubtM(),
                s.isDipKnown() ? Optional.of(s.dipHz()) : Optional.empty(),
                s.dipDoubtHz(),
                s.isDipKnown() ? Optional.of(s.targetHz()) : Optional.empty(),
                Optional.of(sensitivity.hzPerM(s.dipHz(), waves)),
                sensitivity.learnt(),
                expected,
                amountM > 0 ? expectedReadings(expected, changeM) : List.of(),
                Optional.empty(),
                amountM > 0 && s.oneWay() ? stated(cut.tooFar()) : 0,
                reasons,
                causes,
                TradeOff.of(
                        s.now().sweep(),
                        s.line(),
                        bands,
                        waves * Wavelength.ofHz(s.dipHz()),
                        sensitivity.lengthRatio(),
                        s.needM()),
                s.hypotheses(),
                0);
    }

    private double stated(double chance) {
        return stated(chance, s.last().isSwept());
    }

    /** A chance of being too much as it is said, of what the possibilities say. */
    static double stated(double chance, boolean swept) {
        double share = OF_CIRCUITS + (1 - OF_CIRCUITS) * chance;
        return Math.max(LEAST_CHANCE, swept ? chance : share * chance);
    }

    private Sweep expected(double changeM) {
        double moved = sensitivity.movedHz(s.dipHz(), task.prior().waves(), changeM);
        Sweep m = s.now().sweep().movedInFrequency(hz -> hz * (moved / s.dipHz()));
        return s.line().map(l -> ThroughLine.towardRadio(m, l)).orElse(m);
    }

    private List<Reading> expectedReadings(Optional<Sweep> expected, double changeM) {
        if (expected.isPresent()) {
            return wantedIn(task, expected.get());
        }
        double[] magnitudes = s.needles().expectedMagnitudes(changeM);
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < magnitudes.length; i++) {
            double swr = Swr.ofMagnitude(Math.min(0.998, magnitudes[i]));
            readings.add(Reading.ofSwr(bands.get(0).get(i).frequencyHz(), swr, swr, swr));
        }
        return readings;
    }

    /** Whether the rule would be missed by more than now, on the channels that the prediction reaches. */
    private Optional<Shut> worse(TrimAdvice change) {
        if (!s.last().isSwept()) {
            double by = change.action() == Action.SHORTEN ? -change.amountM() : change.amountM();
            return Gates.expectedWorse(s.needles().expectedMiss(0), s.needles().expectedMiss(by), s);
        }
        List<Reading> after = change.expectedReadings();
        if (after.size() < task.channels().size()) {
            return Optional.empty();
        }
        ChannelValues at = new ChannelValues(task.channels());
        for (int i = 0; i < after.size(); i++) {
            Reflection r = after.get(i).reflection();
            at.set(i, r, after.get(i).hasPhase());
        }
        return Gates.expectedWorse(s.shortfall(), s.aim().shortfall(at), s);
    }

    static List<Reading> wantedIn(TrimTask task, Sweep sweep) {
        SweepAnalysis analysis = new SweepAnalysis(sweep);
        return task.channels().stream()
                .map(c -> analysis.readingAt(c.frequencyHz()))
                .flatMap(Optional::stream)
                .toList();
    }
}
