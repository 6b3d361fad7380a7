package dorada.server.planning;

import dorada.server.installation.Installation;
import dorada.server.people.Person;
import dorada.server.removed.Removable;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.Length;

/** What was asked of the planning pages, so that a colleague opens the same. */
@Entity
class Plan extends Removable {

    /**
     * What it says; each part null where nothing was planned of it.
     *
     * @param body see there; null in what is saved today
     */
    record Parts(NeedRequest need, String candidate, GroundPlan ground, StationPlan station, String body) {}

    @Id
    private UUID id;

    private String name;

    @ManyToOne(fetch = FetchType.EAGER)
    @JoinColumn(name = "installation_id")
    private Installation installation;

    @Embedded
    private NeedRequest need;

    /** Of the antennas that were weighed up, the one that was picked; null where nobody picked. */
    private String candidate;

    @Embedded
    private GroundPlan ground;

    @Embedded
    private StationPlan station;

    /** The pages' own text, of a plan that was saved before plans had columns and that nobody has opened since; else null. */
    @Column(length = Length.LONG32)
    private String body;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "changed_by")
    private Person changedBy;

    private Instant changedAt;

    @Version
    private long version;

    protected Plan() {}

    static Plan create() {
        return create(UUID.randomUUID());
    }

    static Plan create(UUID id) {
        Plan plan = new Plan();
        plan.id = id;
        return plan;
    }

    final Plan fill(String newName, Optional<Installation> of, Parts parts, Person by, Instant at) {
        name = newName;
        installation = of.orElse(null);
        need = parts.need();
        candidate = parts.candidate();
        ground = parts.ground();
        station = parts.station();
        body = parts.body();
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

    void belongsTo(Installation of) {
        installation = of;
    }

    Optional<Installation> installation() {
        return Optional.ofNullable(installation);
    }

    /** A part whose columns are empty comes back with its lists, which are never null. */
    Parts parts() {
        return new Parts(
                need == null || need.carrier() == null ? null : need,
                candidate,
                ground == null || ground.whipM() == null ? null : ground,
                station == null || station.frequencyHz() == null ? null : station,
                body);
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
