package dorada.server.removed;

import dorada.server.people.Person;
import dorada.server.people.Role;
import dorada.server.people.SignedIn;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What was removed, by whom, and the way back; nothing of it is erased. */
@RestController
@RequestMapping("/api/removed")
class RemovedController {

    /** The newest; older ones are in the database still. */
    private static final int MOST_LISTED = 200;

    private final List<Shelf> shelves;

    RemovedController(List<Shelf> shelves) {
        this.shelves = shelves;
    }

    record RemovedView(
            @NotNull UUID id,
            @NotNull OutcomeView kind,
            @NotNull String name,
            @NotNull Instant removedAt,
            @NotNull String removedBy) {

        static RemovedView of(RemovedKind kind, Removable r) {
            return new RemovedView(
                    r.id(),
                    OutcomeView.phrase(kind),
                    r.name(),
                    r.removedAt().orElseThrow(),
                    r.removedBy().map(Person::displayName).orElse(""));
        }
    }

    /** The newest first. */
    @GetMapping
    @Transactional(readOnly = true)
    public List<RemovedView> all() {
        return shelves.stream()
                .flatMap(s -> s.removed().stream().map(r -> RemovedView.of(s.kind(), r)))
                .sorted(Comparator.comparing(RemovedView::removedAt).reversed())
                .limit(MOST_LISTED)
                .toList();
    }

    @PostMapping("/{id}/put-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void putBack(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        for (Shelf shelf : shelves) {
            var found = shelf.find(id);
            if (found.isPresent()) {
                if (shelf.least() == Role.LEAD && me.role() != Role.LEAD) {
                    throw UserProblem.forbidden(Refused.THE_LEAD_DOES.of(shelf.kind()));
                }
                // Put back twice is put back.
                if (found.get().removedAt().isPresent() && shelf.isNameTaken(found.get())) {
                    throw UserProblem.conflict(Refused.NAME_TAKEN_SINCE.of(
                            shelf.kind(), found.get().name()));
                }
                found.get().putBack();
                return;
            }
        }
        throw UserProblem.notFound(Missing.REMOVED_THING);
    }
}
