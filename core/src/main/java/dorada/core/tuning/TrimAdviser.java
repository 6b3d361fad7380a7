package dorada.core.tuning;

import dorada.core.acceptance.WantedChannel;
import dorada.core.line.ThroughLine;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Dip;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.core.tuning.TrimAdvice.Fit;
import java.util.List;
import java.util.Optional;

/**
 * Decides too long or too short, and by how much.
 *
 * <p>Length goes with 1/f about the electrical length: a piece of k wavelengths with its dip at f₁ needs
 * k·c·(1/f₂ − 1/f₁) more to have it at f₂, times the metres of set length for a metre of electrical length. That ratio and,
 * for a few readings, the curve itself are known with a doubt; what is possible is weighed by {@link Standing}. A slide goes
 * straight to the best estimate. A cut is as long as most likely meets the rule, but never so long that it could be too much
 * with more than {@value ChangeChoice#MOST_TOO_FAR}.
 */
public final class TrimAdviser {

    /** Readings by a few channels that are this likely to be met in truth are good enough. */
    private static final double SURE_ENOUGH = 0.85;

    /** What a change must add to the chance that the rule is met in truth, where the readings themselves meet it. */
    private static final double WORTH_A_CUT = 0.05;

    private static final double WORTH_A_SLIDE = 0.15;

    private final TrimTask task;
    private final List<List<WantedChannel>> bands;

    public TrimAdviser(TrimTask task) {
        this.task = task;
        this.bands = WantedChannel.bands(task.channels());
    }

    /** Advice after all {@code passes}, oldest first, at least one. */
    public TrimAdvice advise(List<Pass> passes) {
        if (passes.isEmpty()) {
            throw new IllegalArgumentException("Advice needs at least one sweep.");
        }
        Pass last = passes.get(passes.size() - 1);
        SweepAnalysis now = new SweepAnalysis(last.sweep());
        if (last.isSwept()) {
            List<Cause> causes = Diagnosis.beforeAnyCut(now);
            if (!causes.isEmpty()) {
                return TrimAdvice.findTheFault(causes);
            }
        }
        List<Circumstance> spoilt = last.circumstances(Circumstance.Effect.SPOILS);
        if (!spoilt.isEmpty()) {
            return measureAgain(spoilt);
        }
        // One length serves all bands; its dip is looked for in the lowest.
        List<Pass> lowest = bands.size() < 2 ? passes : Pass.near(passes, bands.get(0), false);
        Dip dip = Standing.dipOfInterest(
                lowest.isEmpty()
                        ? now
                        : new SweepAnalysis(lowest.get(lowest.size() - 1).sweep()),
                task);
        if (dip.atEdge()) {
            return BeyondTheSweep.advise(task, now.sweep(), dip);
        }
        Sensitivity sensitivity = Sensitivity.of(lowest.isEmpty() ? passes : lowest, task.prior());
        if (!sensitivity.isBelievable()) {
            return TrimAdvice.findTheFault(Diagnosis.dipDidNotFollow());
        }
        Standing standing = new Standing(task, passes, dip, sensitivity);
        if (standing.turnsAgain()) {
            return TrimAdvice.findTheFault(Diagnosis.doesNotSettle());
        }
        if (task.match().isPresent() && standing.noLengthWouldDo()) {
            Optional<TrimAdvice> moved = moveTheMatch(task.match().get(), passes, dip, standing);
            if (moved.isPresent()) {
                return moved.get();
            }
        }
        return advise(standing, sensitivity);
    }

    private static TrimAdvice measureAgain(List<Circumstance> spoilt) {
        return TrimAdvice.withoutDip(
                Action.MEASURE_AGAIN,
                Fit.UNKNOWN,
                0,
                spoilt.stream()
                        .map(c -> "Measured " + c.words() + ": " + c.remedy() + ", then measure again.")
                        .toList(),
                List.of());
    }

    private TrimAdvice advise(Standing s, Sensitivity sensitivity) {
        ChangeChoice.Cut cut = s.cut();
        Action action = action(s, cut);
        List<String> reasons = TrimReasons.opening(s, sensitivity, task.prior());
        if (s.window().isKnown() && s.window().bestSwr() > task.rule().limitSwr()) {
            reasons.add(TrimReasons.noLength(s));
        }
        List<Cause> causes = List.of();
        double amountM = 0;
        switch (action) {
            case STOP -> {
                if (!s.met()) {
                    reasons.add(TrimReasons.asGoodAsMet(s));
                } else if (s.window().isKnown()) {
                    reasons.add(TrimReasons.goodEnough(s));
                }
            }
            case FIND_THE_FAULT -> {
                boolean isMatch = !s.atItsEnd() || isPoorMatch(s);
                causes = isMatch
                        ? Diagnosis.poorMatch(s.now(), s.last().isSwept())
                        : Diagnosis.noneLeftToShorten(-s.sideM());
                reasons.add(isMatch ? TrimReasons.poorMatch(s) : "Nothing is left to shorten within its range.");
            }
            case REPLACE_LONGER -> {
                amountM = s.choice().stepped(s.sideM());
                causes = Diagnosis.tooShort(amountM, s.isUncut());
                reasons.addAll(TrimReasons.tooShort(s));
            }
            case MEASURE_AGAIN -> {
                amountM = cut.lengthM();
                reasons.add(0, TrimReasons.measureTwice(s));
                reasons.addAll(TrimReasons.change(s, cut));
            }
            default -> {
                amountM = s.oneWay() ? cut.lengthM() : s.choice().steppedWithin(s.needM());
                reasons.addAll(TrimReasons.change(s, cut));
            }
        }
        return advice(s, sensitivity, action, amountM, cut, reasons, causes);
    }

    private static Action action(Standing s, ChangeChoice.Cut cut) {
        double metNow = s.metInTruth();
        double worth = s.oneWay() ? WORTH_A_CUT : WORTH_A_SLIDE;
        boolean goodEnough = s.met() && (metNow >= SURE_ENOUGH || s.metAfter(cut) - metNow < worth);
        if (goodEnough || s.isAsGoodAsMet()) {
            return Action.STOP;
        }
        if (isPoorMatch(s) || s.atItsEnd() && s.sideM() < 0) {
            return Action.FIND_THE_FAULT;
        }
        if (s.fit() == Fit.TOO_SHORT && (s.oneWay() || s.atItsEnd())) {
            return Action.REPLACE_LONGER;
        }
        if (s.isToBeMeasuredTwice(cut)) {
            return Action.MEASURE_AGAIN;
        }
        return s.needM() < 0 ? Action.SHORTEN : Action.LENGTHEN;
    }

    private static boolean isPoorMatch(Standing s) {
        return s.isHopeless()
                || s.isAsGoodAsItGets()
                || s.fit() == Fit.CENTRED && (s.last().isSwept() || s.oneWay() && s.needM() >= 0);
    }

    private TrimAdvice advice(
            Standing s,
            Sensitivity sensitivity,
            Action action,
            double amountM,
            ChangeChoice.Cut cut,
            List<String> reasons,
            List<Cause> causes) {
        double waves = task.prior().waves();
        double moved = sensitivity.movedHz(s.dipHz(), waves, Math.signum(s.sideM()) * amountM);
        Sweep now = s.now().sweep();
        Optional<Sweep> expected = amountM > 0
                ? Optional.of(now.movedInFrequency(hz -> hz * (moved / s.dipHz())))
                        .map(m ->
                                s.line().map(l -> ThroughLine.towardRadio(m, l)).orElse(m))
                : Optional.empty();
        return new TrimAdvice(
                action,
                false,
                s.fit(),
                amountM,
                Math.max(0, Math.abs(s.sideM()) - s.doubtM()),
                Math.abs(s.sideM()) + s.doubtM(),
                Optional.of(s.dipHz()),
                Optional.of(s.targetHz()),
                Optional.of(sensitivity.hzPerM(s.dipHz(), waves)),
                sensitivity.learnt(),
                expected,
                expected.map(this::wantedIn).orElse(List.of()),
                Optional.empty(),
                amountM > 0 && s.oneWay() ? cut.tooFar() : 0,
                reasons,
                causes,
                TradeOff.of(
                        now,
                        s.line(),
                        bands,
                        waves * Wavelength.ofHz(s.dipHz()),
                        sensitivity.setPerElectrical(),
                        s.needM()));
    }

    /** A move of the match control; empty where none would help. */
    private Optional<TrimAdvice> moveTheMatch(MatchControl match, List<Pass> passes, Dip dip, Standing s) {
        MatchBelief belief = MatchBelief.of(passes, match, task.phaseIsTheAntennas());
        return new MatchMove(s.aim(), task.channels(), match, belief, task.line(), Standing.SAFETY, s.oneWay())
                .best(s.last().sweep(), dip)
                .map(m -> new TrimAdvice(
                        m.metres() > 0 ? Action.LENGTHEN : Action.SHORTEN,
                        true,
                        s.fit(),
                        Math.abs(m.metres()),
                        Math.abs(m.metres()),
                        Math.abs(m.metres()),
                        Optional.of(s.dipHz()),
                        Optional.empty(),
                        Optional.empty(),
                        false,
                        m.expected(),
                        m.expected().map(this::wantedIn).orElse(List.of()),
                        Optional.empty(),
                        0,
                        m.reasons(),
                        List.of(),
                        Optional.empty()));
    }

    private List<Reading> wantedIn(Sweep sweep) {
        SweepAnalysis analysis = new SweepAnalysis(sweep);
        return task.channels().stream()
                .map(c -> analysis.readingAt(c.frequencyHz()))
                .flatMap(Optional::stream)
                .toList();
    }
}
