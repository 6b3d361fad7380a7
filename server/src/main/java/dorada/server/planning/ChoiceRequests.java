package dorada.server.planning;

import dorada.core.planning.Candidate;
import dorada.core.planning.Choice;
import dorada.server.words.OutcomeView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;

/** What was looked at, to be told what to fit: figures as the planner gave them. */
final class ChoiceRequests {

    private static final int MOST = 60;

    private ChoiceRequests() {}

    /** @param open candidates that may stand there, in the order of their rank */
    record Antennas(
            @NotNull @DecimalMin(value = "1.01", message = "{wrong.LIMIT_ABOVE_1}")
            double limitSwr,

            @NotNull @Size(max = MOST, message = "{wrong.MANY}")
            List<@Valid Open> open) {

        Optional<Choice.Advised> advised() {
            return Choice.antenna(open.stream().map(Open::antenna).toList(), limitSwr);
        }
    }

    /** @param solved absent before it is computed */
    record Open(
            @NotNull Candidate candidate,

            @NotNull double lengthM,
            @Valid Solved solved) {

        Choice.Antenna antenna() {
            return new Choice.Antenna(
                    candidate.id(),
                    candidate.title(),
                    lengthM,
                    Optional.ofNullable(solved).map(Solved::solved));
        }
    }

    record Solved(
            @NotNull double lengthM,
            @NotNull double worstSwr,
            @NotNull boolean holds,
            @NotNull double wantedDbi,
            @NotNull double gainLessEffortDb) {

        Choice.Solved solved() {
            return new Choice.Solved(lengthM, worstSwr, holds, wantedDbi, gainLessEffortDb);
        }
    }

    record Grounds(
            @NotNull @DecimalMin(value = "1.01", message = "{wrong.LIMIT_ABOVE_1}")
            double limitSwr,

            @NotNull @Size(max = MOST, message = "{wrong.MANY}")
            List<@Valid Ground> solved) {

        Optional<Choice.Advised> advised() {
            return Choice.ground(
                    solved.stream()
                            .map(g -> new Choice.Ground(g.name, g.worstSwr, g.worstHz, g.holds, g.massKg))
                            .toList(),
                    limitSwr);
        }
    }

    record Ground(
            @NotNull @Size(max = 120, message = "{wrong.LETTERS}")
            String name,

            @NotNull double worstSwr,
            @NotNull double worstHz,
            @NotNull boolean holds,
            @NotNull double massKg) {}

    /**
     * @param id of what is advised; absent where nothing may be
     * @param says why
     */
    record Answer(String id, OutcomeView says) {
        static Answer of(Optional<Choice.Advised> advised) {
            return new Answer(
                    advised.map(Choice.Advised::id).orElse(null),
                    advised.map(a -> OutcomeView.of(a.outcome())).orElse(null));
        }
    }
}
