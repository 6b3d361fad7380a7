package dorada.server.history;

import dorada.server.people.PeopleService;
import dorada.server.people.Person;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.envers.AuditReaderFactory;
import org.hibernate.envers.RevisionType;
import org.hibernate.envers.query.AuditEntity;
import org.hibernate.envers.query.criteria.AuditCriterion;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Reads how rows were after each change. */
@Service
@Transactional(readOnly = true, propagation = Propagation.MANDATORY)
public class Revisions {

    private final EntityManager database;
    private final PeopleService people;

    Revisions(EntityManager database, PeopleService people) {
        this.database = database;
        this.people = people;
    }

    /**
     * A row as it was after a change.
     *
     * @param row what isn't kept of it is empty; as it was before, where it was removed
     */
    public record Was<T>(T row, Instant at, Optional<String> by, boolean isFirst, boolean isRemoved) {}

    /** Of {@code type} with that id, the oldest first. */
    public <T> List<Was<T>> of(Class<T> type, UUID id) {
        return of(type, AuditEntity.id().eq(id));
    }

    /** Of all of {@code type} that belong to an installation, the oldest first. */
    public <T> List<Was<T>> ofInstallation(Class<T> type, UUID installation) {
        return of(type, AuditEntity.relatedId("installation").eq(installation));
    }

    private <T> List<Was<T>> of(Class<T> type, AuditCriterion which) {
        Map<UUID, String> names = people.all().stream().collect(Collectors.toMap(Person::id, Person::displayName));
        List<?> found = AuditReaderFactory.get(database)
                .createQuery()
                .forRevisionsOfEntity(type, false, true)
                .add(which)
                .addOrder(AuditEntity.revisionNumber().asc())
                .getResultList();
        return found.stream()
                .map(Object[].class::cast)
                .map(rowAndRevision -> {
                    Revision revision = (Revision) rowAndRevision[1];
                    return new Was<>(
                            type.cast(rowAndRevision[0]),
                            revision.at(),
                            revision.by().map(names::get),
                            rowAndRevision[2] == RevisionType.ADD,
                            rowAndRevision[2] == RevisionType.DEL);
                })
                .toList();
    }
}
