package dorada.core.tuning;

import dorada.core.instrument.Span;
import dorada.core.outcome.Outcome;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Sweep;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What to do next, how sure that is, and what to expect of it.
 *
 * @param action what to do
 * @param onSecond true where it is done to the second piece: of a match, lengthened is outward and shortened is inward
 * @param fit how the antenna stands now
 * @param amountM how much to shorten or lengthen now, in metres, 0 or more
 * @param needLowM the least that the whole job is likely to need, in metres
 * @param needHighM the most that the whole job is likely to need, in metres
 * @param dipHz the dip it rests on; empty where the readings leave open where it is
 * @param dipDoubtHz standard deviation of that; 0 for a dip that was swept
 * @param targetHz where the dip should be for this rule
 * @param sensitivityHzPerM how far the dip moves per metre of length, negative; learnt from the passes where it could be
 * @param learnt true where the sensitivity comes from this antenna's own passes
 * @param expected the next sweep as predicted after {@code amountM}
 * @param expectedReadings the predicted values at the wanted channels that the prediction reaches
 * @param widerSweep the span to sweep first
 * @param overshootChance probability that the advised cut is too much; 0 where nothing is cut
 * @param reasons why, one {@link Reason} each
 * @param causes what trimming would not cure, likeliest first; empty where nothing speaks for such a thing
 * @param tradeOff what a change does to each of several bands; empty for one band
 * @param hypotheses what competes to explain the readings
 * @param spareM a change that may be made though the rule is met, for room to its limit: positive for longer, 0 where none is
 *     offered
 */
public record TrimAdvice(
        Action action,
        boolean onSecond,
        Fit fit,
        double amountM,
        double needLowM,
        double needHighM,
        Optional<Double> dipHz,
        double dipDoubtHz,
        Optional<Double> targetHz,
        Optional<Double> sensitivityHzPerM,
        boolean learnt,
        Optional<Sweep> expected,
        List<Reading> expectedReadings,
        Optional<Span> widerSweep,
        double overshootChance,
        List<Outcome> reasons,
        List<Cause> causes,
        Optional<TradeOff> tradeOff,
        Hypotheses hypotheses,
        double spareM) {

    public TrimAdvice {
        expectedReadings = List.copyOf(expectedReadings);
        reasons = List.copyOf(reasons);
        causes = List.copyOf(causes);
    }

    /** Nothing is cut before one of {@code causes} is found or ruled out. */
    static TrimAdvice findTheFault(List<Cause> causes, Hypotheses hypotheses) {
        return withoutDip(
                Action.FIND_THE_FAULT,
                Fit.UNKNOWN,
                0,
                causes.stream().map(Cause::sentence).toList(),
                causes,
                hypotheses);
    }

    /** Advice of which a dip is no part. */
    static TrimAdvice withoutDip(
            Action action, Fit fit, double amountM, List<Outcome> reasons, List<Cause> causes, Hypotheses hypotheses) {
        return withoutDip(action, fit, amountM, Optional.empty(), reasons, causes, hypotheses);
    }

    /** @param amountM for an instrument that cannot sweep {@code wider} */
    static TrimAdvice sweepWider(Fit fit, double amountM, Span wider, List<Outcome> reasons, Hypotheses hypotheses) {
        return withoutDip(Action.SWEEP_WIDER, fit, amountM, Optional.of(wider), reasons, List.of(), hypotheses);
    }

    private static TrimAdvice withoutDip(
            Action action,
            Fit fit,
            double amountM,
            Optional<Span> wider,
            List<Outcome> reasons,
            List<Cause> causes,
            Hypotheses hypotheses) {
        return new TrimAdvice(
                action,
                false,
                fit,
                amountM,
                amountM,
                amountM,
                Optional.empty(),
                0,
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                List.of(),
                wider,
                0,
                reasons,
                causes,
                Optional.empty(),
                hypotheses,
                0);
    }

    /** The same with {@code reason} before all others. */
    TrimAdvice because(Outcome reason) {
        List<Outcome> all = new ArrayList<>();
        all.add(reason);
        all.addAll(reasons);
        return with(onSecond, all, spareM);
    }

    /** The same with a change that may be made though the rule is met. */
    TrimAdvice offering(double changeM) {
        return with(onSecond, reasons, changeM);
    }

    /** Whether it is an order to change the antenna. */
    public boolean isChange() {
        return action == Action.SHORTEN || action == Action.LENGTHEN;
    }

    /** The same, done to the second piece. */
    TrimAdvice ofSecond() {
        return with(true, reasons, spareM);
    }

    private TrimAdvice with(boolean second, List<Outcome> why, double spare) {
        return new TrimAdvice(
                action,
                second,
                fit,
                amountM,
                needLowM,
                needHighM,
                dipHz,
                dipDoubtHz,
                targetHz,
                sensitivityHzPerM,
                learnt,
                expected,
                expectedReadings,
                widerSweep,
                overshootChance,
                why,
                causes,
                tradeOff,
                hypotheses,
                spare);
    }

    /** What to do next. */
    public enum Action {
        SHORTEN,
        LENGTHEN,
        /** Too short for a way of adjusting that only shortens: a longer piece is needed. */
        REPLACE_LONGER,
        STOP,
        SWEEP_WIDER,
        /** A wanted band has not been read, and nothing is changed before it is. */
        READ_THE_OTHER_BAND,
        /** The reading was spoilt by its circumstances, or a cut leaves little to spare: measure again first. */
        MEASURE_AGAIN,
        FIND_THE_FAULT
    }

    /** How the antenna stands for the wanted channels. */
    public enum Fit {
        TOO_LONG,
        TOO_SHORT,
        CENTRED,
        UNKNOWN
    }
}
