package dorada.core.tuning;

import dorada.core.acceptance.WantedChannel;
import dorada.core.instrument.Span;
import dorada.core.outcome.Outcome;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Dip;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.core.tuning.TrimAdvice.Fit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Advice where the curve still falls at an end of the sweep: the side is known by the slope, and how far is not. */
final class BeyondTheSweep {

    private static final double CAUTIOUS_STEP = 0.015;
    private static final double CAUTIOUS_STEP_TWO_WAYS = 0.03;
    private static final double WIDER = 2.5;

    /** A sweep goes this far beyond what is asked for, as a ratio. */
    private static final double BEYOND = 1.02;

    /** Swept as far beside the band as this, as a ratio, a piece whose length is that of its kind has shown its dip. */
    private static final double FAR = 1.3;

    /** Swept as far as this, any piece has that was meant for the band. */
    private static final double FARTHEST = 3;

    /** A sweep that ends nearer to the band than this, as a ratio, shows hardly more than the band. */
    private static final double NARROW = 1.01;

    /** Swept as far so many times with nothing changed, it can't be swept wider here. */
    private static final int AGAIN = 3;

    /** A dip that is beyond the sweep is rarely seen from where nearly everything comes back. */
    private static final double NEARLY_ALL_COMES_BACK = 0.82;

    private BeyondTheSweep() {}

    /** @param dip at an end of {@code sweep} */
    static TrimAdvice advise(TrimTask task, Sweep sweep, Dip dip, List<List<WantedChannel>> bands, List<Pass> passes) {
        boolean below = dip.frequencyHz() == sweep.startHz();
        double lowest = task.channels().get(0).frequencyHz();
        double highest = task.channels().get(task.channels().size() - 1).frequencyHz();
        // The side is certain only where the whole band lies on the inner side of the edge.
        Fit fit = below && lowest >= sweep.startHz()
                ? Fit.TOO_LONG
                : !below && highest <= sweep.stopHz() ? Fit.TOO_SHORT : Fit.UNKNOWN;
        Span span = new Span(sweep.startHz(), sweep.stopHz());
        Span wider = new Span(Math.min(span.startHz(), lowest), Math.max(span.stopHz(), highest))
                .widened(WIDER, task.instrument());
        boolean canSweepWider = below ? wider.startHz() < span.startHz() : wider.stopHz() > span.stopHz();
        boolean isLimited = !canSweepWider || timesSweptSoFar(passes, below) >= AGAIN;
        double beside = below ? lowest / sweep.startHz() : sweep.stopHz() / highest;
        if (beside >= FARTHEST || beside >= FAR && (isLimited || lengthIsOfItsKind(task))) {
            return TrimAdvice.withoutDip(
                    Action.FIND_THE_FAULT,
                    Fit.UNKNOWN,
                    0,
                    List.of(Reason.NO_DIP_FAR_AND_WIDE.of(sweep.startHz(), sweep.stopHz())),
                    Diagnosis.noDipAnywhere(),
                    Hypotheses.mostly(Hypothesis.OPEN_OR_SHORTED, 0.5, Hypothesis.NO_GROUND_PLANE));
        }
        double stepM = cautiousStepM(task, fit, dip.frequencyHz());
        boolean isFaint = dip.reading().reflection().magnitude() > NEARLY_ALL_COMES_BACK;
        List<Outcome> reasons = new ArrayList<>();
        reasons.add((below ? Reason.FALLING_AT_THE_LOW_END : Reason.FALLING_AT_THE_HIGH_END).of());
        if (fit == Fit.UNKNOWN) {
            reasons.add(Reason.SIDE_NOT_CERTAIN.of());
        }
        if (canSweepWider) {
            reasons.add(Reason.SWEEP_WIDER.of());
            return TrimAdvice.sweepWider(fit, stepM, wider, reasons, hypotheses(fit, isFaint));
        }
        boolean allRead = bands.stream().flatMap(List::stream).allMatch(c -> sweep.covers(c.frequencyHz()));
        if (fit == Fit.UNKNOWN || !allRead) {
            return TrimAdvice.withoutDip(Action.FIND_THE_FAULT, fit, 0, reasons, List.of(), hypotheses(fit, isFaint));
        }
        if (stepM == 0) {
            reasons.add(Reason.CANNOT_SWEEP_WIDER_NOTHING_LEFT.of());
            return TrimAdvice.withoutDip(
                    Action.FIND_THE_FAULT,
                    fit,
                    0,
                    reasons,
                    Diagnosis.noneLeftToShorten(Symptom.DIP_BELOW_THE_SWEEP.of()),
                    hypotheses(fit, isFaint));
        }
        reasons.add(Reason.CANNOT_SWEEP_WIDER.of());
        Action change =
                fit == Fit.TOO_LONG ? Action.SHORTEN : canLengthen(task) ? Action.LENGTHEN : Action.REPLACE_LONGER;
        return TrimAdvice.withoutDip(change, fit, stepM, reasons, List.of(), hypotheses(fit, isFaint));
    }

    private static boolean lengthIsOfItsKind(TrimTask task) {
        return task.lengthM().isPresent() && task.usualLengthM().isPresent() && !Gates.anotherKindInDoubt(task);
    }

    /** How often in a row, with nothing changed, it was swept as far as in the last pass, downward or upward. */
    private static int timesSweptSoFar(List<Pass> passes, boolean below) {
        Sweep last = passes.get(passes.size() - 1).sweep();
        int times = 1;
        for (int i = passes.size() - 1; i > 0 && passes.get(i).isUnchanged(); i--) {
            Sweep before = passes.get(i - 1).sweep();
            if (below ? before.startHz() > last.startHz() * BEYOND : before.stopHz() < last.stopHz() / BEYOND) {
                break;
            }
            times++;
        }
        return times;
    }

    private static Hypotheses hypotheses(Fit fit, boolean isFaint) {
        double share = isFaint ? 0.6 : 0.85;
        Hypothesis other = isFaint ? Hypothesis.OPEN_OR_SHORTED : Hypothesis.ANOTHER_KIND;
        return switch (fit) {
            case TOO_LONG -> Hypotheses.mostly(Hypothesis.TOO_LONG, share, other);
            case TOO_SHORT -> Hypotheses.mostly(Hypothesis.TOO_SHORT, share, other);
            default -> Hypotheses.mostly(Hypothesis.MISREAD, 0.5, Hypothesis.ANOTHER_KIND);
        };
    }

    /** A curve without a dip that was swept over hardly more than the band may have it beside: that is looked at first. */
    static Optional<TrimAdvice> beforeAFault(TrimTask task, SweepAnalysis now) {
        double start = now.sweep().startHz();
        double stop = now.sweep().stopHz();
        double lowest = task.channels().get(0).frequencyHz();
        double highest = task.channels().get(task.channels().size() - 1).frequencyHz();
        Span wider = within(new Span(Math.min(start, lowest / FAR), Math.max(stop, highest * FAR)), task.instrument());
        boolean isNarrow = start * NARROW > lowest && stop < NARROW * highest;
        boolean canBeWider = wider.startHz() < start / BEYOND || wider.stopHz() > stop * BEYOND;
        return isNarrow && canBeWider && now.deepestDip().isEmpty() && !now.isFlatAndLow()
                ? Optional.of(TrimAdvice.sweepWider(
                        Fit.UNKNOWN,
                        0,
                        wider,
                        List.of(Reason.NO_DIP_IN_A_NARROW_SWEEP.of()),
                        Hypotheses.mostly(Hypothesis.UNREAD, 0.6, Hypothesis.OPEN_OR_SHORTED)))
                : Optional.empty();
    }

    /** The dip was swept, but not what lies where the channels would be after the change: what they would meet is a guess. */
    static TrimAdvice reachFarther(TrimTask task, Sweep sweep, Standing s) {
        double factor = task.middleOfLowestBandHz() / s.dipHz();
        double lowest = task.channels().get(0).frequencyHz();
        double highest = task.channels().get(task.channels().size() - 1).frequencyHz();
        Span wanted = new Span(
                Math.min(Math.min(sweep.startHz(), lowest), lowest / factor) / BEYOND,
                Math.max(Math.max(sweep.stopHz(), highest), highest / factor) * BEYOND);
        Span wider = within(wanted, task.instrument());
        return TrimAdvice.sweepWider(s.fit(), 0, wider, List.of(Reason.DIP_NEAR_THE_END.of()), s.hypotheses());
    }

    /** The sweep does not reach all wanted channels. */
    static TrimAdvice toTheBand(TrimTask task, Sweep sweep, Outcome reason) {
        double lowest = task.channels().get(0).frequencyHz();
        double highest = task.channels().get(task.channels().size() - 1).frequencyHz();
        double margin = Math.max(highest / lowest, BEYOND);
        Span wider = within(
                new Span(Math.min(sweep.startHz(), lowest / margin), Math.max(sweep.stopHz(), highest * margin)),
                task.instrument());
        return TrimAdvice.sweepWider(
                Fit.UNKNOWN, 0, wider, List.of(reason), Hypotheses.mostly(Hypothesis.UNREAD, 0.9, Hypothesis.CENTRED));
    }

    private static Span within(Span wanted, Span instrument) {
        double start = Math.max(wanted.startHz(), instrument.startHz());
        return new Span(start, Math.max(start * BEYOND, Math.min(wanted.stopHz(), instrument.stopHz())));
    }

    private static boolean canLengthen(TrimTask task) {
        return task.adjustment() instanceof Adjustment.Slide
                && task.room().lengthenM() >= task.adjustment().smallestStepM();
    }

    /** No farther than the range goes, unless it is another piece that is longer by it; 0 where the side is not known. */
    private static double cautiousStepM(TrimTask task, Fit fit, double edgeHz) {
        if (fit == Fit.UNKNOWN) {
            return 0;
        }
        double share = task.adjustment() instanceof Adjustment.OneWayCut ? CAUTIOUS_STEP : CAUTIOUS_STEP_TWO_WAYS;
        double amountM = share * task.prior().waves() * Wavelength.ofHz(edgeHz);
        ChangeChoice choice =
                new ChangeChoice(task.adjustment(), task.room(), task.prior().waves(), task.middleOfLowestBandHz());
        if (fit == Fit.TOO_LONG) {
            return choice.steppedWithin(-amountM);
        }
        return canLengthen(task) ? choice.steppedWithin(amountM) : choice.stepped(amountM);
    }
}
