package dorada.core.ready;

import dorada.core.antenna.Carrier;
import dorada.core.tuning.Circumstance;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How ready it is, by what was answered.
 *
 * @param method that will be read with
 * @param open steps that nobody has answered
 * @param forbidding steps answered with no that could hurt: nothing is read before
 * @param voiding steps answered with no by which readings would say nothing
 * @param circumstances that every reading has until then
 */
public record Readiness(
        Method method,
        List<ReadyStep> open,
        List<ReadyStep> forbidding,
        List<ReadyStep> voiding,
        Set<Circumstance> circumstances) {

    /** An answer to one step. */
    public enum Answer {
        YES,
        NO,
        DOES_NOT_APPLY
    }

    /** What has to be said before anything is read, in one word. */
    public enum State {
        FORBIDDEN,
        VOID,
        OPEN,
        READY_WITH_CIRCUMSTANCES,
        READY
    }

    /** @param answers to the steps of {@link ReadyStep#of}; others are not looked at */
    public static Readiness of(Method method, Carrier carrier, Map<ReadyStep, Answer> answers) {
        List<ReadyStep> steps = ReadyStep.of(method, carrier);
        List<ReadyStep> no =
                steps.stream().filter(s -> answers.get(s) == Answer.NO).toList();
        Set<Circumstance> circumstances = EnumSet.noneOf(Circumstance.class);
        no.forEach(s -> s.otherwise().ifPresent(circumstances::add));
        return new Readiness(
                method,
                steps.stream().filter(s -> !answers.containsKey(s)).toList(),
                no.stream().filter(s -> s.weight() == ReadyStep.Weight.FORBIDS).toList(),
                no.stream().filter(s -> s.weight() == ReadyStep.Weight.VOIDS).toList(),
                circumstances);
    }

    public State state() {
        return !forbidding.isEmpty()
                ? State.FORBIDDEN
                : !voiding.isEmpty()
                        ? State.VOID
                        : !open.isEmpty()
                                ? State.OPEN
                                : circumstances.isEmpty() ? State.READY : State.READY_WITH_CIRCUMSTANCES;
    }
}
