package dorada.server.history;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.Length;

/** What an archive told of an installation that came with it: changes that only the other Dorada has seen. Only ever added. */
@Entity
class ToldElsewhere {

    @Id
    private UUID id;

    private UUID installationId;

    @Column(name = "happened_at")
    private Instant at;

    @Column(name = "done_by")
    private String by;

    /** Among those of the same moment. */
    private int number;

    @Column(length = Length.LONG32)
    private String says;

    protected ToldElsewhere() {}

    /** @param says as JSON */
    ToldElsewhere(UUID installationId, Instant at, String by, int number, String says) {
        id = UUID.randomUUID();
        this.installationId = installationId;
        this.at = at;
        this.by = by;
        this.number = number;
        this.says = says;
    }

    Instant at() {
        return at;
    }

    Optional<String> by() {
        return Optional.ofNullable(by);
    }

    String says() {
        return says;
    }
}
