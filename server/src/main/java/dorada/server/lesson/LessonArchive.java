package dorada.server.lesson;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.book.Scope;
import dorada.server.installation.InstallationService;
import dorada.server.lesson.LessonArchive.LessonRecord;
import dorada.server.people.Person;
import dorada.server.shop.ArchivedPeople;
import dorada.server.shop.ShopPart;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** The shop's lessons in an archive; that of one installation has those that were learnt on it. */
@Component
class LessonArchive implements ShopPart<LessonRecord> {

    private final Lessons lessons;
    private final ShopLessonRepository repository;
    private final InstallationService installations;

    LessonArchive(Lessons lessons, ShopLessonRepository repository, InstallationService installations) {
        this.lessons = lessons;
        this.repository = repository;
        this.installations = installations;
    }

    /** @param learntBy a login */
    record LessonRecord(
            @NotNull UUID id,
            @NotBlank @Size(max = 600) String says,
            AntennaKind kind,
            Carrier carrier,
            @NotNull @Size(max = 200) String mount,
            @NotNull @Size(max = 200) String part,
            UUID installationId,
            @NotBlank String learntBy,
            @NotNull Instant learntAt) {}

    @Override
    public String name() {
        return "lessons";
    }

    @Override
    public Class<LessonRecord> type() {
        return LessonRecord.class;
    }

    private Stream<ShopLesson> of(Optional<UUID> installation) {
        return lessons.all().stream().filter(l -> installation.isEmpty() || installation.equals(l.installationId()));
    }

    @Override
    public List<LessonRecord> pack(Optional<UUID> installation) {
        return of(installation)
                .map(l -> new LessonRecord(
                        l.id(),
                        l.says(),
                        l.scope().kind().orElse(null),
                        l.scope().carrier().orElse(null),
                        l.scope().mount(),
                        l.scope().part(),
                        l.installationId().orElse(null),
                        l.learntBy().login(),
                        l.learntAt()))
                .toList();
    }

    @Override
    public Stream<Person> people(Optional<UUID> installation) {
        return of(installation).map(ShopLesson::learntBy);
    }

    @Override
    public boolean restore(LessonRecord r, ArchivedPeople people) {
        Scope scope = new Scope(Optional.ofNullable(r.kind()), Optional.ofNullable(r.carrier()), r.mount(), r.part());
        if (repository.existsById(r.id()) || !scope.isGiven()) {
            return false;
        }
        UUID learntOn =
                r.installationId() != null && installations.isKnown(r.installationId()) ? r.installationId() : null;
        repository.saveAndFlush(
                new ShopLesson(r.id(), learntOn, people.byLogin(r.learntBy()), r.learntAt()).set(r.says(), scope));
        return true;
    }
}
