package dorada.server.planning;

import dorada.server.installation.Installation;
import dorada.server.people.Person;
import dorada.server.removed.Removable;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Lob;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** What was asked of the planning pages, so that a colleague opens the same. */
@Entity
@Table(name = "station_plan")
class KeptPlan extends Removable {

    @Id
    private UUID id;

    private String name;

    @ManyToOne(fetch = FetchType.EAGER)
    @JoinColumn(name = "installation_id")
    private Installation installation;

    @Lob
    private String body;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "changed_by")
    private Person changedBy;

    private Instant changedAt;

    @Version
    private long version;

    protected KeptPlan() {}

    static KeptPlan create() {
        return create(UUID.randomUUID());
    }

    static KeptPlan create(UUID id) {
        KeptPlan plan = new KeptPlan();
        plan.id = id;
        return plan;
    }

    final KeptPlan fill(String newName, Optional<Installation> of, String newBody, Person by, Instant at) {
        name = newName;
        installation = of.orElse(null);
        body = newBody;
        changedBy = by;
        changedAt = at;
        return this;
    }

    @Override
    public UUID id() {
        return id;
    }

    @Override
    public String name() {
        return name;
    }

    Optional<Installation> installation() {
        return Optional.ofNullable(installation);
    }

    String body() {
        return body;
    }

    Person changer() {
        return changedBy;
    }

    String changedBy() {
        return changedBy.displayName();
    }

    Instant changedAt() {
        return changedAt;
    }

    long version() {
        return version;
    }
}
