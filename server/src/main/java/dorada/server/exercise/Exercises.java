package dorada.server.exercise;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dorada.core.design.Designs;
import dorada.core.exercise.Attempt;
import dorada.core.exercise.Deed;
import dorada.core.exercise.Exercise;
import dorada.core.exercise.Rivals;
import dorada.core.exercise.Standing;
import dorada.core.simulation.VirtualInstallation;
import dorada.core.wire.Watch;
import dorada.server.exercise.ExerciseRun.Rival;
import dorada.server.people.PeopleService;
import dorada.server.people.Person;
import dorada.server.people.Role;
import dorada.server.people.SignedIn;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import java.time.Clock;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;

/**
 * Draws exercises and keeps what is done in them. Nothing is held locked while an antenna is solved: a run of which something else was
 * kept meanwhile has another version.
 */
@Service
class Exercises {

    private static final int MOST_LISTED = 200;
    private static final int MOST_REMEMBERED = 20;
    private static final int SEEDS = 1_000_000;

    private final ExerciseRunRepository runs;
    private final PeopleService people;
    private final Clock clock;
    private final RandomGenerator random = RandomGenerator.getDefault();
    private final Long onlySeed;

    /** With their curves, so that they are not solved again at each step. */
    private final Cache<UUID, Attempt> attempts =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    /** @param onlySeed where every exercise is to be the same, so that what follows can be repeated */
    Exercises(
            ExerciseRunRepository runs,
            PeopleService people,
            Clock clock,
            @Value("${dorada.stand-in-seed:#{null}}") Long onlySeed) {
        this.runs = runs;
        this.people = people;
        this.clock = clock;
        this.onlySeed = onlySeed;
    }

    record Run(ExerciseRun kept, Attempt attempt) {}

    List<VirtualInstallation> choices() {
        return Designs.ALL.installations().stream()
                .filter(Exercise::isPossibleOn)
                .toList();
    }

    /** One's own, or as the lead everybody's; the newest first. */
    List<ExerciseRun> seenBy(SignedIn me) {
        return me.role() == Role.LEAD
                ? runs.findAllByOrderByBegunAtDesc(Limit.of(MOST_LISTED))
                : runs.findByBegunByIdOrderByBegunAtDesc(me.id(), Limit.of(MOST_LISTED));
    }

    /** How each person does who has finished something, the best first; for the lead alone. */
    Map<Person, Standing> standings(SignedIn me) {
        if (me.role() != Role.LEAD) {
            return Map.of();
        }
        Map<Person, Standing> all = new LinkedHashMap<>();
        runs.findByEndedAtIsNotNull().stream()
                .collect(Collectors.groupingBy(r -> r.begunBy().id()))
                .values()
                .stream()
                .map(own -> Map.entry(
                        own.get(0).begunBy(),
                        Standing.of(
                                own.stream().flatMap(r -> r.finished().stream()).toList())))
                .sorted(Comparator.comparingDouble(e -> -e.getValue().mark()))
                .forEach(e -> all.put(e.getKey(), e.getValue()));
        return all;
    }

    Run begin(String id, boolean byMeter, UUID by) {
        VirtualInstallation v = choices().stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow(() -> UserProblem.notFound(Missing.PRACTICE_INSTALLATION));
        long seed = onlySeed != null ? onlySeed : random.nextInt(SEEDS);
        Exercise drawn = Exercise.draw(v, seed, byMeter, Watch.NOBODY);
        ExerciseRun kept = runs.save(new ExerciseRun(id, drawn, people.byId(by), clock.instant()));
        return new Run(kept, Attempt.begun(drawn));
    }

    /** @throws UserProblem where there is none, or it is somebody else's and one is no lead */
    Run byId(UUID id, SignedIn me) {
        ExerciseRun kept = runs.findById(id)
                .filter(r -> me.role() == Role.LEAD || r.begunBy().id().equals(me.id()))
                .orElseThrow(() -> UserProblem.notFound(Missing.EXERCISE));
        return new Run(kept, attempt(kept));
    }

    private Attempt attempt(ExerciseRun kept) {
        Attempt known = attempts.getIfPresent(kept.id());
        if (known != null && known.deeds().equals(kept.deeds())) {
            return known;
        }
        Attempt replayed = Attempt.of(kept.exercise(), kept.deeds());
        attempts.put(kept.id(), replayed);
        return replayed;
    }

    /** As a server that was started anew: each attempt is made again from what was kept of it. */
    void forget() {
        attempts.invalidateAll();
    }

    /** Of one's own. */
    Run does(UUID id, Deed deed, SignedIn me) {
        Run run = byId(id, me);
        if (!run.kept.begunBy().id().equals(me.id())) {
            throw UserProblem.notFound(Missing.EXERCISE);
        }
        Attempt next = run.attempt.and(deed);
        run.kept.add(deed);
        if (next.isOver()) {
            Exercise exercise = next.exercise();
            run.kept.end(
                    Map.of(
                            Rival.OWN, next.score(Watch.NOBODY),
                            Rival.ADVISER,
                                    Rivals.adviser(exercise, Watch.NOBODY).score(Watch.NOBODY),
                            Rival.PERFECT, Rivals.perfect(exercise).score(Watch.NOBODY)),
                    clock.instant());
        }
        ExerciseRun kept = runs.save(run.kept);
        attempts.put(id, next);
        return new Run(kept, next);
    }
}
