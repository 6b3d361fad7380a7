package dorada.server.lesson;

import dorada.core.book.LookedFor;
import dorada.core.book.Traits;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.people.PeopleService;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.removed.RemovedKind;
import dorada.server.removed.Shelf;
import dorada.server.tuning.Newest;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop's lessons: written down, changed, removed, and those that hold of an installation. */
@Service
@Transactional
public class Lessons implements Shelf {

    private final ShopLessonRepository lessons;
    private final InstallationService installations;
    private final Newest newest;
    private final PeopleService people;
    private final Clock clock;

    Lessons(
            ShopLessonRepository lessons,
            InstallationService installations,
            Newest newest,
            PeopleService people,
            Clock clock) {
        this.lessons = lessons;
        this.installations = installations;
        this.newest = newest;
        this.people = people;
        this.clock = clock;
    }

    /** The newest first. */
    @Transactional(readOnly = true)
    List<ShopLesson> all() {
        return lessons.findByRemovedAtIsNullOrderByLearntAtDesc();
    }

    /** Those that hold of the fewest first, of alike the newest. */
    @Transactional(readOnly = true)
    List<ShopLesson> of(Traits traits) {
        return all().stream()
                .filter(l -> l.scope().holdsOf(traits))
                .sorted(Comparator.comparing((ShopLesson l) -> l.scope().closeness())
                        .reversed())
                .toList();
    }

    /**
     * On an installation.
     *
     * @param lookedFor outcome's id of what was looked for on it and is behind it; empty also where something learnt on it is told
     */
    record Here(List<ShopLesson> lessons, Optional<String> lookedFor) {}

    @Transactional(readOnly = true)
    Here of(UUID installationId) {
        Installation i = installations.byId(installationId);
        List<ShopLesson> hold = of(i.traits());
        boolean isTold = hold.stream().anyMatch(l -> l.installationId().equals(Optional.of(installationId)));
        List<Optional<String>> faults = newest.worked(installationId).stream()
                .filter(p -> !p.isOldAntenna())
                .map(p -> Optional.ofNullable(p.fault()))
                .toList();
        return new Here(hold, isTold ? Optional.empty() : LookedFor.behind(faults, i.isSignedOff()));
    }

    /** Sent twice under its key it is there once. */
    public ShopLesson add(LessonRequest request, UUID by) {
        Optional<ShopLesson> sentBefore = lessons.findById(request.requestKey());
        if (sentBefore.isPresent()) {
            return sentBefore.get();
        }
        if (request.installationId() != null) {
            installations.requireKnown(request.installationId());
        }
        return saved(
                new ShopLesson(request.requestKey(), request.installationId(), people.byId(by), clock.instant()),
                request);
    }

    /** A stale {@code version} is refused with what is there now. */
    ShopLesson change(UUID id, LessonRequest request) {
        ShopLesson lesson = byId(id);
        if (lesson.version() != request.version()) {
            throw UserProblem.stale(LessonView.of(lesson), request);
        }
        return saved(lesson, request);
    }

    void remove(UUID id, UUID by) {
        byId(id).remove(people.byId(by), clock.instant());
    }

    @Override
    public RemovedKind kind() {
        return RemovedKind.LESSON;
    }

    @Override
    public List<ShopLesson> removed() {
        return lessons.findByRemovedAtIsNotNull();
    }

    @Override
    public Optional<ShopLesson> find(UUID id) {
        return lessons.findById(id);
    }

    private ShopLesson saved(ShopLesson lesson, LessonRequest request) {
        if (!request.scope().isGiven()) {
            throw UserProblem.atField("mount", Refused.HOLDS_OF_EVERYTHING.of());
        }
        return lessons.saveAndFlush(lesson.set(request.says(), request.scope()));
    }

    private ShopLesson byId(UUID id) {
        return lessons.findById(id)
                .filter(l -> l.removedAt().isEmpty())
                .orElseThrow(() -> UserProblem.notFound(Missing.LESSON));
    }
}
