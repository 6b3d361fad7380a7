package dorada.server.history;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.envers.RevisionEntity;
import org.hibernate.envers.RevisionNumber;
import org.hibernate.envers.RevisionTimestamp;

/** One transaction that changed something of which the history is kept: when, and by whom. */
@Entity
@RevisionEntity(RevisionBy.class)
public class Revision {

    @Id
    @RevisionNumber
    @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "revision_number")
    @SequenceGenerator(name = "revision_number", sequenceName = "revision_number", allocationSize = 1)
    private long id;

    @RevisionTimestamp
    @Column(name = "made_at")
    private Instant at;

    @Column(name = "made_by")
    private UUID by;

    protected Revision() {}

    void made(Instant when, UUID who) {
        at = when;
        by = who;
    }

    public Instant at() {
        return at;
    }

    /** Whose request it was; empty for what Dorada did by itself. */
    public Optional<UUID> by() {
        return Optional.ofNullable(by);
    }
}
