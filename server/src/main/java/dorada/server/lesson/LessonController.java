package dorada.server.lesson;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.book.Traits;
import dorada.core.outcome.Outcome;
import dorada.server.people.SignedIn;
import dorada.server.words.OutcomeView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What the shop learnt, where it holds. */
@RestController
class LessonController {

    private final Lessons lessons;

    LessonController(Lessons lessons) {
        this.lessons = lessons;
    }

    /**
     * Those that hold of an installation.
     *
     * @param lookedFor on it, and behind it: nobody has told the next yet; absent for nothing
     */
    record LessonsHereView(@NotNull List<LessonView> lessons, OutcomeView lookedFor) {}

    @GetMapping("/api/lessons")
    List<LessonView> lessons() {
        return views(lessons.all());
    }

    @GetMapping("/api/installations/{id}/lessons")
    LessonsHereView lessonsOf(@PathVariable UUID id) {
        Lessons.Here here = lessons.of(id);
        return new LessonsHereView(
                views(here.lessons()),
                here.lookedFor()
                        .map(f -> OutcomeView.phrase(new Outcome(f, Map.of())))
                        .orElse(null));
    }

    /** Those that hold of one that is being planned. */
    @GetMapping("/api/lessons/planned")
    List<LessonView> lessonsPlanned(
            @RequestParam AntennaKind kind,
            @RequestParam Carrier carrier,
            @RequestParam(defaultValue = "") @Size(max = 600, message = "{wrong.LETTERS}") String mount,
            @RequestParam(defaultValue = "") @Size(max = 600, message = "{wrong.LETTERS}") String antenna) {
        // A lesson knows no bands.
        return views(lessons.of(new Traits(kind, Double.NaN, carrier, mount, antenna)));
    }

    @PostMapping("/api/lessons")
    @ResponseStatus(HttpStatus.CREATED)
    LessonView addLesson(@Valid @RequestBody LessonRequest request, @AuthenticationPrincipal SignedIn me) {
        return LessonView.of(lessons.add(request, me.id()));
    }

    @PutMapping("/api/lessons/{id}")
    LessonView changeLesson(@PathVariable UUID id, @Valid @RequestBody LessonRequest request) {
        return LessonView.of(lessons.change(id, request));
    }

    @DeleteMapping("/api/lessons/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeLesson(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        lessons.remove(id, me.id());
    }

    private static List<LessonView> views(List<ShopLesson> all) {
        return all.stream().map(LessonView::of).toList();
    }
}
