package dorada.server.exercise;

import dorada.core.design.Designs;
import dorada.core.exercise.Deed;
import dorada.core.exercise.Exercise;
import dorada.core.exercise.Score;
import dorada.core.exercise.Standing;
import dorada.core.simulation.Condition;
import dorada.server.people.Person;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.MapKeyEnumerated;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Version;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.annotations.BatchSize;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;

/** Somebody's exercise: what was drawn, what was done, and when it is over what it came to. */
@Entity
class ExerciseRun {

    /** Whose attempt it was. */
    enum Rival {
        OWN,
        ADVISER,
        PERFECT
    }

    @Id
    private UUID id;

    private String drawnFrom;
    private long seed;
    private double drift;

    @Column(name = "start_m")
    private double startM;

    /** Of a tap, strap or ring; null where there is none. */
    @Column(name = "second_start_m")
    private Double secondStartM;

    private boolean byMeter;

    @Enumerated(EnumType.STRING)
    @Column(length = 30)
    private Condition hidden;

    private double limitSwr;

    @Column(name = "best_m")
    private double bestM;

    @Column(name = "second_best_m")
    private Double secondBestM;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "begun_by")
    private Person begunBy;

    private Instant begunAt;
    private Instant endedAt;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "exercise_deed", joinColumns = @JoinColumn(name = "run_id"))
    @OrderColumn(name = "position")
    @Fetch(FetchMode.SELECT)
    @BatchSize(size = 100)
    private List<DeedValue> deeds = new ArrayList<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "exercise_score", joinColumns = @JoinColumn(name = "run_id"))
    @MapKeyColumn(name = "rival", length = 10)
    @MapKeyEnumerated(EnumType.STRING)
    @Fetch(FetchMode.SELECT)
    @BatchSize(size = 100)
    private Map<Rival, ScoreValue> scores = new EnumMap<>(Rival.class);

    @Version
    private long version;

    protected ExerciseRun() {}

    ExerciseRun(String drawnFrom, Exercise drawn, Person by, Instant at) {
        this(
                new ExerciseRecord(
                        UUID.randomUUID(),
                        drawnFrom,
                        drawn.seed(),
                        drawn.drift(),
                        drawn.startM(),
                        drawn.byMeter(),
                        drawn.hidden().orElse(null),
                        drawn.limitSwr(),
                        drawn.bestM(),
                        by.login(),
                        at,
                        null,
                        List.of(),
                        Map.of()),
                by);
    }

    /**
     * As an archive holds it; docs/archive.md describes the fields.
     *
     * @param on the virtual antenna
     * @param startM of each piece; likewise {@code bestM}
     * @param begunBy a login
     * @param endedAt absent as long as it is not over; {@code scores} are empty then
     */
    record ExerciseRecord(
            @NotNull UUID id,
            @NotBlank @Size(max = 60) String on,
            long seed,
            double drift,

            @NotNull @Size(min = 1, max = 2)
            List<
                            @NotNull @DecimalMin(value = "0", message = "{wrong.LENGTH}")
                            @DecimalMax(value = "100", message = "{wrong.LENGTH}") Double>
                    startM,

            boolean byMeter,
            Condition hidden,

            @DecimalMin(value = "1.05", message = "{wrong.LIMIT}") @DecimalMax(value = "10", message = "{wrong.LIMIT}")
            double limitSwr,

            @NotNull @Size(min = 1, max = 2)
            List<
                            @NotNull @DecimalMin(value = "0", message = "{wrong.LENGTH}")
                            @DecimalMax(value = "100", message = "{wrong.LENGTH}") Double>
                    bestM,

            @NotBlank String begunBy,
            @NotNull Instant begunAt,
            Instant endedAt,
            @NotNull @Size(max = 10_000) List<@NotNull Deed> deeds,
            @NotNull @Size(max = 3) Map<Rival, @NotNull Score> scores) {}

    ExerciseRecord record() {
        return new ExerciseRecord(
                id,
                drawnFrom,
                seed,
                drift,
                both(startM, secondStartM),
                byMeter,
                hidden,
                limitSwr,
                both(bestM, secondBestM),
                begunBy.login(),
                begunAt,
                endedAt,
                deeds(),
                scores.entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey,
                                e -> e.getValue().score(),
                                (a, b) -> a,
                                () -> new EnumMap<>(Rival.class))));
    }

    ExerciseRun(ExerciseRecord r, Person by) {
        id = r.id();
        drawnFrom = r.on();
        seed = r.seed();
        drift = r.drift();
        startM = r.startM().get(0);
        secondStartM = second(r.startM());
        byMeter = r.byMeter();
        hidden = r.hidden();
        limitSwr = r.limitSwr();
        bestM = r.bestM().get(0);
        secondBestM = second(r.bestM());
        begunBy = by;
        begunAt = r.begunAt();
        r.deeds().forEach(this::add);
        if (r.endedAt() != null) {
            end(r.scores(), r.endedAt());
        }
    }

    /** @throws UserProblem where there is no such antenna any more */
    Exercise exercise() {
        return Exercise.kept(
                Designs.ALL
                        .installation(drawnFrom)
                        .orElseThrow(() -> UserProblem.notFound(Missing.PRACTICE_INSTALLATION)),
                seed,
                drift,
                both(startM, secondStartM),
                byMeter,
                Optional.ofNullable(hidden),
                limitSwr,
                both(bestM, secondBestM));
    }

    private static Double second(List<Double> lengths) {
        return lengths.size() > 1 ? lengths.get(1) : null;
    }

    private static List<Double> both(double first, Double second) {
        return second == null ? List.of(first) : List.of(first, second);
    }

    void add(Deed deed) {
        deeds.add(new DeedValue(deed));
    }

    void end(Map<Rival, Score> all, Instant at) {
        all.forEach((rival, score) -> scores.put(rival, new ScoreValue(score)));
        endedAt = at;
    }

    UUID id() {
        return id;
    }

    String drawnFrom() {
        return drawnFrom;
    }

    List<Deed> deeds() {
        return deeds.stream().map(DeedValue::deed).toList();
    }

    Optional<Score> score(Rival rival) {
        return Optional.ofNullable(scores.get(rival)).map(ScoreValue::score);
    }

    /** Empty before it is over. */
    Optional<Standing.Finished> finished() {
        return score(Rival.OWN).flatMap(own -> score(Rival.PERFECT).map(p -> new Standing.Finished(own, p)));
    }

    /** Of the time it took, how much was needed; empty before it is over. */
    Optional<Double> mark() {
        return finished().map(f -> f.own().mark(f.perfect()));
    }

    Person begunBy() {
        return begunBy;
    }

    Instant begunAt() {
        return begunAt;
    }

    boolean isOver() {
        return endedAt != null;
    }
}
