package dorada.core.exercise;

import dorada.core.outcome.Refusal;
import dorada.core.simulation.Condition;
import dorada.core.simulation.Control;
import dorada.core.tuning.Adjustment;
import dorada.core.tuning.AntennaAdviser;
import dorada.core.tuning.Cause;
import dorada.core.tuning.MatchControl;
import dorada.core.tuning.Room;
import dorada.core.tuning.TrimAdvice;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.core.tuning.TrimPrior;
import dorada.core.tuning.TrimTask;
import dorada.core.wire.Watch;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Whom an attempt is held against, on the same antenna. */
public final class Rivals {

    private static final int MOST_TURNS = 20;

    /** What a named cause is looked at as. */
    private static final Map<Condition, Set<Cause.Id>> NAMED_BY = new EnumMap<>(Map.of(
            Condition.DUMMY_LOAD, Set.of(Cause.Id.DUMMY_LOAD, Cause.Id.NOT_THIS_ANTENNA),
            Condition.LOOSE_CONNECTOR,
                    Set.of(
                            Cause.Id.LOOSE_CONNECTOR,
                            Cause.Id.BAD_CONNECTOR,
                            Cause.Id.CONNECTOR_OR_FEEDLINE,
                            Cause.Id.OPEN_OR_SHORTED,
                            Cause.Id.WORN_CONNECTOR),
            Condition.PAINT_UNDER_GROUND, Set.of(Cause.Id.NO_GROUND_PLANE, Cause.Id.PAINT_UNDER_THE_MOUNT),
            Condition.WET_LINE, Set.of(Cause.Id.LOSSY_FEEDLINE, Cause.Id.WATER_IN_THE_LINE),
            Condition.KINKED_LINE, Set.of(Cause.Id.SECOND_REFLECTION, Cause.Id.KINKED_FEEDLINE),
            Condition.PERSON_NEAR, Set.of(Cause.Id.THINGS_NEAR, Cause.Id.SOMEBODY_CAME_AND_WENT),
            Condition.DOOR_OPEN, Set.of(Cause.Id.THINGS_NEAR)));

    private Rivals() {}

    /** Whoever does what the adviser says, and looks for faults in the order in which it names them. */
    public static Attempt adviser(Exercise exercise, Watch watch) {
        Control c = exercise.on().controls().get(0);
        Adjustment adjustment = c.oneWay() ? new Adjustment.OneWayCut(c.stepM()) : new Adjustment.Slide(c.stepM());
        Attempt attempt = Attempt.begun(exercise).and(Deed.READ);
        for (int turn = 0; turn < MOST_TURNS; turn++) {
            double length = attempt.lengthsM().get(0);
            TrimTask task = TrimTask.of(
                            exercise.rule(),
                            exercise.channels(),
                            adjustment,
                            TrimPrior.of(exercise.on().kind())
                                    .times(1 / c.name().lengths()))
                    .within(new Room(length - c.lowM(), c.oneWay() ? 0 : c.highM() - length))
                    .matchedBy(match(attempt));
            TrimAdvice advice = new AntennaAdviser(exercise.on().kind(), task).advise(attempt.passes(watch));
            Optional<Attempt> next = next(attempt, advice);
            if (next.isEmpty()) {
                break;
            }
            attempt = next.get().and(Deed.READ);
        }
        return attempt.and(Deed.SIGN_OFF);
    }

    /** What is known of its match, as far as it can still be moved. */
    private static Optional<MatchControl> match(Attempt attempt) {
        return MatchControl.of(attempt.exercise().on().kind()).map(m -> {
            Control c = attempt.exercise().on().controls().get(1);
            double at = attempt.lengthsM().get(1);
            return m.within(new Room(at - c.lowM(), c.highM() - at));
        });
    }

    /** Empty where nothing is left to be done. */
    private static Optional<Attempt> next(Attempt attempt, TrimAdvice advice) {
        Action action = advice.action();
        if (action == Action.STOP && advice.spareM() == 0) {
            return Optional.empty();
        }
        if (action == Action.STOP || action == Action.SHORTEN || action == Action.LENGTHEN) {
            // Whoever is offered room to a limit that a needle just meets takes it.
            double metres = switch (action) {
                case STOP -> advice.spareM();
                case SHORTEN -> -advice.amountM();
                default -> advice.amountM();
            };
            try {
                return Optional.of(attempt.and(Deed.change(advice.onSecond() ? 1 : 0, metres)));
            } catch (Refusal nothingLeft) {
                return Optional.empty();
            }
        }
        Exercise exercise = attempt.exercise();
        return Stream.concat(
                        advice.causes().stream().flatMap(cause -> suspectsOf(cause, exercise)),
                        exercise.suspects().stream())
                .filter(s -> !attempt.looked().containsKey(s))
                .findFirst()
                .map(s -> attempt.and(Deed.look(s)));
    }

    private static Stream<Condition> suspectsOf(Cause cause, Exercise exercise) {
        return exercise.suspects().stream()
                .filter(s -> NAMED_BY.getOrDefault(s, Set.of()).contains(cause.id()));
    }

    /** Whoever knew everything: mends what is wrong, changes each piece once, and reads once to prove it. */
    public static Attempt perfect(Exercise exercise) {
        Attempt attempt = Attempt.begun(exercise);
        if (exercise.hidden().isPresent()) {
            attempt = attempt.and(Deed.look(exercise.hidden().get()));
        }
        for (int piece = 0; piece < exercise.bestM().size(); piece++) {
            double change = exercise.bestM().get(piece) - exercise.startM().get(piece);
            if (Math.abs(change) >= exercise.on().controls().get(piece).stepM()) {
                attempt = attempt.and(Deed.change(piece, change));
            }
        }
        return attempt.and(Deed.READ).and(Deed.SIGN_OFF);
    }
}
