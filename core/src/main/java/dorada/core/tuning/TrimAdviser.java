package dorada.core.tuning;

import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.WantedChannel;
import dorada.core.sweep.Dip;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.Gates.Shut;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.core.tuning.TrimAdvice.Fit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Decides too long or too short, and by how much.
 *
 * <p>First every reading is explained by competing hypotheses ({@link Evidence}); nothing is changed unless all {@link Gates} are
 * open. Then the amount: length goes with 1/f about the electrical length, so a piece of k wavelengths with its dip at f₁ needs
 * k·c·(1/f₂ − 1/f₁) more to have it at f₂, times the metres of set length for a metre of electrical length. That ratio and,
 * for a few readings, the curve itself are known with a doubt; what is possible is weighed by {@link Standing}. A slide goes
 * straight to the best estimate. A cut is as long as most likely meets the rule, but never so long that it could be too much
 * with more than {@value ChangeChoice#MOST_TOO_FAR}. A first change from far off is a part of the need ({@link FirstChange}).
 */
public final class TrimAdviser {

    /** Over less than this share of frequency many a sound antenna reads 1.0 on every channel; common practice, no source. */
    private static final double FLAT_SPAN = 0.03;

    /** An antenna that is this likely not to follow its changes has its needles looked at one by one. */
    private static final double LOOKED_AT_CLOSELY = 0.03;

    /** So many times what may have moved a dip, its side is certain. */
    private static final double SURE = 2;

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
        return adviseOn(
                passes.stream().map(p -> p.onlyWhatMattersOn(task.carrier())).toList());
    }

    private TrimAdvice adviseOn(List<Pass> all) {
        History history = History.of(all, task.channels());
        List<Pass> passes = history.passes();
        Pass last = history.last();
        SweepAnalysis now = new SweepAnalysis(last.sweep());
        if (last.isSwept()) {
            List<Cause> causes = Diagnosis.beforeAnyCut(now);
            if (!causes.isEmpty()) {
                return BeyondTheSweep.beforeAFault(task, now)
                        .orElseGet(() -> TrimAdvice.findTheFault(causes, Diagnosis.hypotheses(now)));
            }
        }
        List<Circumstance> spoilt = last.circumstances(Circumstance.Effect.SPOILS);
        if (!spoilt.isEmpty()) {
            return decidedAnyway(all, spoilt).orElseGet(() -> measureAgain(spoilt));
        }
        // One length serves all bands; its dip is looked for in the lowest.
        List<Pass> lowest = bands.size() < 2 ? passes : Pass.near(passes, bands.get(0), false);
        Dip dip = dip(lowest.isEmpty() ? last : lowest.get(lowest.size() - 1));
        boolean met = isMet(last);
        Optional<Shut> unread = Gates.unreadBand(history, last.isSwept(), bands.size());
        if (unread.isPresent() && !(last.isSwept() && dip.atEdge())) {
            return unread(unread.get(), last);
        }
        if (dip.atEdge() && last.isSwept() && !met) {
            return beyondTheSweep(passes, now, dip);
        }
        Sensitivity sensitivity = Sensitivity.of(lowest.isEmpty() ? passes : lowest, task.prior());
        Standing standing = new Standing(task, passes, dip, sensitivity);
        if (met) {
            return leaveItOrLook(standing, sensitivity, passes);
        }
        Optional<Shut> shut = shutBefore(standing, passes, lowest.isEmpty() ? passes : lowest);
        if (shut.isPresent()) {
            return refused(shut.get(), standing);
        }
        if (!sensitivity.isBelievable()) {
            return TrimAdvice.findTheFault(
                    Diagnosis.dipDidNotFollow(),
                    Hypotheses.mostly(Hypothesis.NOT_FOLLOWING, 0.8, Hypothesis.MOVED_BY_ITSELF));
        }
        if (!standing.isSweptFarEnough()) {
            return BeyondTheSweep.reachFarther(task, now.sweep(), standing);
        }
        if (standing.turnsAgain()) {
            return TrimAdvice.findTheFault(
                    Diagnosis.doesNotSettle(),
                    Hypotheses.mostly(Hypothesis.NOT_FOLLOWING, 0.7, Hypothesis.MOVED_BY_ITSELF));
        }
        if (task.match().isPresent() && standing.noLengthWouldDo()) {
            Optional<TrimAdvice> moved = moveTheMatch(task.match().get(), passes, dip, standing);
            if (moved.isPresent()) {
                return moved.get();
            }
        }
        return new LengthAdvice(task, bands, standing, sensitivity, passes).advise();
    }

    private Dip dip(Pass pass) {
        SweepAnalysis analysis = new SweepAnalysis(pass.sweep());
        return analysis.deepestDip().isPresent()
                ? Standing.dipOfInterest(analysis, task)
                // A curve that explains a few readings and is flat: its middle stands for its dip.
                : new Dip(
                        analysis.readingAt(
                                        (pass.sweep().startHz() + pass.sweep().stopHz()) / 2)
                                .orElseThrow(),
                        false);
    }

    /** Gates that the readings alone can shut. */
    private Optional<Shut> shutBefore(Standing s, List<Pass> passes, List<Pass> lowest) {
        boolean closely = s.hypotheses().probability(Hypothesis.NOT_FOLLOWING) > LOOKED_AT_CLOSELY;
        Response response = Response.of(lowest, task.prior(), closely);
        boolean onceWasMet = onceWasMet(passes);
        if (s.isAsGoodAsMet() && (onceWasMet || !response.isNoAnswer())) {
            return Optional.empty();
        }
        return Gates.movedUntouched(sinceItWasMet(lowest, response, onceWasMet), onceWasMet, task.carrier())
                .or(() -> Gates.needleAtItsEnd(s.last()))
                .or(() -> Gates.noAnswer(response, s.last().isSwept()))
                .or(() -> Gates.notToBeSeen(response, s))
                .or(() -> Gates.anotherKind(task, passes));
    }

    /** Whether its rule was met at some reading since the last change. */
    private boolean onceWasMet(List<Pass> passes) {
        for (int i = passes.size() - 1; i > 0 && passes.get(i).isUnchanged(); i--) {
            if (isMet(passes.get(i - 1))
                    && passes.get(i - 1)
                            .circumstances(Circumstance.Effect.SPOILS)
                            .isEmpty()) {
                return true;
            }
        }
        return false;
    }

    /** How far it moved since then, which may be several readings ago. */
    private Response sinceItWasMet(List<Pass> passes, Response response, boolean onceWasMet) {
        if (!onceWasMet) {
            return response;
        }
        int at = passes.size() - 1;
        while (at > 0 && !isMet(passes.get(at))) {
            at--;
        }
        return Response.of(List.of(passes.get(at), passes.get(passes.size() - 1)), task.prior(), false);
    }

    private boolean isMet(Pass pass) {
        return task.rule()
                .judge(Standing.readings(pass, task), ReferencePlane.ANTENNA)
                .met();
    }

    private TrimAdvice beyondTheSweep(List<Pass> passes, SweepAnalysis now, Dip dip) {
        Response response = Response.of(passes, task.prior(), false);
        Optional<Shut> shut = onceWasMet(passes)
                ? Gates.movedUntouched(response, true, task.carrier())
                : Gates.noAnswer(response, true).or(() -> Gates.anotherKind(task, passes));
        return shut.isPresent()
                ? refusedWithoutDip(shut.get())
                : BeyondTheSweep.advise(task, now.sweep(), dip, bands, passes);
    }

    private TrimAdvice unread(Shut shut, Pass last) {
        if (shut.action() != Action.SWEEP_WIDER) {
            return TrimAdvice.withoutDip(
                    shut.action(),
                    Fit.UNKNOWN,
                    0,
                    List.of(shut.reason()),
                    List.of(),
                    Hypotheses.mostly(Hypothesis.UNREAD, 0.9, Hypothesis.CENTRED));
        }
        return BeyondTheSweep.toTheBand(task, last.sweep(), shut.reason());
    }

    /**
     * What a spoilt reading says all the same: so far off that its circumstances can't have moved the dip from the other side, it is
     * changed the way that it needs, by so little that they can't make it too much.
     */
    private Optional<TrimAdvice> decidedAnyway(List<Pass> all, List<Circumstance> spoilt) {
        List<Pass> asIf = new ArrayList<>(all);
        Pass last = asIf.remove(asIf.size() - 1);
        asIf.add(last.without(spoilt));
        TrimAdvice order = adviseOn(asIf);
        if (!order.isChange()
                || order.onSecond()
                || order.dipHz().isEmpty()
                || order.targetHz().isEmpty()) {
            return Optional.empty();
        }
        double dipHz = order.dipHz().get();
        double surely = Math.abs(Math.log(order.targetHz().get() / dipHz)) - SURE * order.dipDoubtHz() / dipHz;
        double shift = spoilt.stream().mapToDouble(Circumstance::mostShift).sum();
        return surely > SURE * shift && order.amountM() <= (1 - shift / surely) * order.needLowM()
                ? Optional.of(order.because(Reason.FAR_OFF_ANYWAY.of(spoilt)))
                : Optional.empty();
    }

    private static TrimAdvice measureAgain(List<Circumstance> spoilt) {
        return TrimAdvice.withoutDip(
                Action.MEASURE_AGAIN,
                Fit.UNKNOWN,
                0,
                spoilt.stream()
                        .map(c -> Reason.MEASURED_WHILE.of(c, c.remedy()))
                        .toList(),
                List.of(),
                Hypotheses.mostly(Hypothesis.MISREAD, 0.9, Hypothesis.CENTRED));
    }

    /** The rule is met: no change improves on that, but what is too good to be true is looked at. */
    private TrimAdvice leaveItOrLook(Standing s, Sensitivity sensitivity, List<Pass> passes) {
        Hypotheses all = s.hypotheses();
        if (!s.last().isSwept()
                && s.needles().readSpan() > FLAT_SPAN
                && Losses.expected(Losses.Deed.LOOK_FOR_A_FAULT, false, all)
                        < Losses.expected(Losses.Deed.LEAVE_IT, false, all.whereTheRuleIsMet())) {
            Shut shut = Gates.somethingElse(all, s);
            if (shut.because() == Hypothesis.LOAD_OR_LOSS || shut.because() == Hypothesis.INSTRUMENT) {
                return refused(shut, s);
            }
        }
        return new LengthAdvice(task, bands, s, sensitivity, passes).leaveIt();
    }

    private static TrimAdvice refused(Shut shut, Standing s) {
        return LengthAdvice.refused(shut, s);
    }

    private static TrimAdvice refusedWithoutDip(Shut shut) {
        return TrimAdvice.withoutDip(
                shut.action(),
                Fit.UNKNOWN,
                0,
                List.of(shut.reason()),
                shut.causes(),
                Hypotheses.mostly(shut.because(), 0.8, Hypothesis.MISREAD));
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
                        s.dipDoubtHz(),
                        Optional.empty(),
                        Optional.empty(),
                        false,
                        s.last().isSwept() ? m.expected() : Optional.empty(),
                        m.expected().map(e -> LengthAdvice.wantedIn(task, e)).orElse(List.of()),
                        Optional.empty(),
                        0,
                        m.reasons(),
                        List.of(),
                        Optional.empty(),
                        s.hypotheses(),
                        0));
    }
}
