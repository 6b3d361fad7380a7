package dorada.server.lesson;

import dorada.core.history.Happened;
import dorada.server.history.Chronicle;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was learnt on an installation. */
@Service
@Transactional(readOnly = true)
class LessonHistory implements Chronicle {

    private final ShopLessonRepository lessons;

    LessonHistory(ShopLessonRepository lessons) {
        this.lessons = lessons;
    }

    @Override
    public List<Happening> of(UUID installation) {
        return lessons.findByInstallationId(installation).stream()
                .flatMap(t -> Chronicle.withRemoval(
                        new Happening(
                                t.learntAt(),
                                Optional.of(t.learntBy().displayName()),
                                List.of(Happened.LESSON_LEARNT.of(t.says()))),
                        t,
                        Happened.LESSON_REMOVED))
                .toList();
    }
}
