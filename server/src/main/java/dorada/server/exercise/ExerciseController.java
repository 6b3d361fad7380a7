package dorada.server.exercise;

import dorada.core.antenna.Carrier;
import dorada.core.antenna.PieceId;
import dorada.core.antenna.SecondPiece;
import dorada.core.exercise.Attempt;
import dorada.core.exercise.Deed;
import dorada.core.exercise.Exercise;
import dorada.core.exercise.Score;
import dorada.core.simulation.Condition;
import dorada.core.simulation.Control;
import dorada.core.tuning.Pass;
import dorada.core.wire.Watch;
import dorada.server.exercise.ExerciseRun.Rival;
import dorada.server.people.SignedIn;
import dorada.server.sweep.TraceData;
import dorada.server.words.OutcomeView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Exercises: to begin, to do, and how they went. */
@RestController
@RequestMapping("/api/exercises")
class ExerciseController {

    private final Exercises exercises;

    ExerciseController(Exercises exercises) {
        this.exercises = exercises;
    }

    record ExerciseChoiceView(
            @NotNull String id,
            @NotNull OutcomeView title,
            @NotNull Carrier carrier) {}

    /** @param mark of the time it took, how much was needed; absent before it is over */
    record ExerciseRowView(
            @NotNull UUID id,
            @NotNull OutcomeView title,
            @NotNull String by,
            @NotNull Instant begunAt,
            @NotNull boolean over,
            ScoreView score,
            Double mark) {}

    /** @param mark the average over all that are finished, from 0 to 1 */
    record ExercisePersonView(
            @NotNull String by,
            @NotNull int done,
            @NotNull int passed,
            @NotNull double mark,
            @NotNull int faultsLeft,
            @NotNull int tooFar) {}

    /** @param people for the lead; else empty */
    record ExercisesView(
            @NotNull List<ExerciseChoiceView> choices,
            @NotNull List<ExerciseRowView> rows,
            @NotNull List<ExercisePersonView> people) {}

    /** What there is to practise on, and one's own runs; a lead sees everybody's. */
    @GetMapping
    ExercisesView exercises(@AuthenticationPrincipal SignedIn me) {
        return new ExercisesView(
                exercises.choices().stream()
                        .map(v -> new ExerciseChoiceView(v.id(), OutcomeView.phrase(v.title()), v.carrier()))
                        .toList(),
                exercises.seenBy(me).stream().map(ExerciseController::row).toList(),
                exercises.standings(me).entrySet().stream()
                        .map(e -> new ExercisePersonView(
                                e.getKey().displayName(),
                                e.getValue().done(),
                                e.getValue().passed(),
                                e.getValue().mark(),
                                e.getValue().faultsLeft(),
                                e.getValue().tooFar()))
                        .toList());
    }

    /** @param byMeter read with an in-line meter; left away it is swept */
    record BeginExerciseRequest(
            @NotNull(message = "{wrong.PRACTICE}") @Size(max = 60, message = "{wrong.LETTERS}")
            String on,

            Boolean byMeter) {}

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ExerciseView beginExercise(@Valid @RequestBody BeginExerciseRequest request, @AuthenticationPrincipal SignedIn me) {
        return view(exercises.begin(request.on(), Boolean.TRUE.equals(request.byMeter()), me.id()), me);
    }

    @GetMapping("/{id}")
    ExerciseView exercise(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        return view(exercises.byId(id, me), me);
    }

    /**
     * @param piece which is changed, by its number among the exercise's pieces; left away it is the first
     * @param changeM metres by which it is made longer, or moved outward; of a change alone
     * @param suspect what is looked at; of a look alone
     */
    record DeedRequest(
            @NotNull(message = "{wrong.DEED}") Deed.What what, Integer piece, Double changeM, Condition suspect) {}

    @PostMapping("/{id}/deeds")
    ExerciseView doInExercise(
            @PathVariable UUID id, @Valid @RequestBody DeedRequest request, @AuthenticationPrincipal SignedIn me) {
        double changeM = request.changeM() == null ? 0 : request.changeM();
        int piece = request.piece() == null ? 0 : request.piece();
        return view(exercises.does(id, new Deed(request.what(), piece, changeM, request.suspect()), me), me);
    }

    /** As it was read. */
    record ExerciseChannelView(
            @NotNull String name,
            @NotNull double frequencyHz,
            @NotNull double swr,
            @NotNull double returnLossDb,
            @NotNull boolean met) {}

    /**
     * @param changesM of each piece since the reading before
     * @param trace absent where needles were read
     */
    record ExerciseReadingView(
            @NotNull int number,
            @NotNull List<Double> changesM,
            @NotNull boolean lookedOver,
            TraceData trace,
            @NotNull List<ExerciseChannelView> channels) {}

    /** @param found absent where nobody looked */
    record SuspectView(@NotNull Condition name, @NotNull OutcomeView words, Boolean found) {}

    /** @param moreOffM metres taken off beyond what it needed */
    record ScoreView(
            @NotNull int readings,
            @NotNull int changes,
            @NotNull int looks,
            @NotNull double minutes,
            @NotNull double worstSwr,
            @NotNull Score.Ending ending,
            @NotNull double moreOffM) {

        static ScoreView of(Score s) {
            return new ScoreView(
                    s.readings(), s.changes(), s.looks(), s.minutes(), s.worstSwr(), s.ending(), s.moreOffM());
        }
    }

    /**
     * How it went.
     *
     * @param hidden what was wrong; absent where nothing was
     * @param bestM the length of each piece that somebody who knew everything would have left
     */
    record ExerciseEndView(
            @NotNull ScoreView own,
            @NotNull ScoreView adviser,
            @NotNull ScoreView perfect,
            @NotNull double mark,
            OutcomeView hidden,
            @NotNull List<Double> bestM) {}

    /**
     * Something that is adjusted.
     *
     * @param moves which tap, strap or ring it is; absent for what gets longer or shorter
     * @param unreadChangeM since the last reading
     */
    record ExercisePieceView(
            @NotNull OutcomeView name,
            PieceId moves,
            @NotNull boolean oneWay,
            @NotNull double startM,
            @NotNull double lengthM,
            @NotNull double unreadChangeM) {}

    /** @param end absent before it is over: until then nobody learns what is hidden */
    record ExerciseView(
            @NotNull UUID id,
            @NotNull OutcomeView title,
            @NotNull boolean byMeter,
            @NotNull boolean mine,
            @NotNull OutcomeView rule,
            @NotNull double limitSwr,
            @NotNull List<ExercisePieceView> pieces,
            @NotNull int changes,
            @NotNull double minutes,
            @NotNull List<ExerciseReadingView> readings,
            @NotNull List<SuspectView> suspects,
            ExerciseEndView end) {}

    private static ExerciseRowView row(ExerciseRun run) {
        return new ExerciseRowView(
                run.id(),
                OutcomeView.phrase(run.exercise().on().title()),
                run.begunBy().displayName(),
                run.begunAt(),
                run.isOver(),
                run.score(Rival.OWN).map(ScoreView::of).orElse(null),
                run.mark().orElse(null));
    }

    private static ExerciseView view(Exercises.Run run, SignedIn me) {
        Attempt a = run.attempt();
        Exercise e = a.exercise();
        return new ExerciseView(
                run.kept().id(),
                OutcomeView.phrase(e.on().title()),
                e.byMeter(),
                run.kept().begunBy().id().equals(me.id()),
                OutcomeView.phrase(e.rule().outcome()),
                e.limitSwr(),
                IntStream.range(0, e.startM().size()).mapToObj(i -> piece(a, i)).toList(),
                a.changes(),
                a.minutes(),
                a.readings().stream().map(r -> reading(a, r)).toList(),
                e.suspects().stream()
                        .map(s -> new SuspectView(
                                s, OutcomeView.phrase(s), a.looked().get(s)))
                        .toList(),
                run.kept().isOver() ? end(run) : null);
    }

    private static ExercisePieceView piece(Attempt a, int i) {
        Exercise e = a.exercise();
        Control c = e.on().controls().get(i);
        return new ExercisePieceView(
                OutcomeView.phrase(c.name()),
                i == 0 ? null : e.on().kind().second().map(SecondPiece::id).orElse(null),
                c.oneWay(),
                e.startM().get(i),
                a.lengthsM().get(i),
                a.unreadChangesM().get(i));
    }

    private static ExerciseReadingView reading(Attempt a, Attempt.Reading r) {
        Pass taken = a.taken(r, Watch.NOBODY);
        return new ExerciseReadingView(
                r.number(),
                r.changesM(),
                r.lookedOver(),
                taken.isSwept() ? TraceData.of(taken.sweep()) : null,
                a.verdict(taken).channels().stream()
                        .flatMap(c -> c.measured().reading().stream()
                                .map(read -> new ExerciseChannelView(
                                        c.measured().channel().name(),
                                        read.frequencyHz(),
                                        read.swr(),
                                        read.returnLossDb(),
                                        c.met())))
                        .toList());
    }

    private static ExerciseEndView end(Exercises.Run run) {
        ExerciseRun kept = run.kept();
        return new ExerciseEndView(
                ScoreView.of(kept.score(Rival.OWN).orElseThrow()),
                ScoreView.of(kept.score(Rival.ADVISER).orElseThrow()),
                ScoreView.of(kept.score(Rival.PERFECT).orElseThrow()),
                kept.mark().orElseThrow(),
                run.attempt().exercise().hidden().map(OutcomeView::phrase).orElse(null),
                run.attempt().exercise().bestM());
    }
}
