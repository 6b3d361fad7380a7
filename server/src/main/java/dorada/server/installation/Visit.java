package dorada.server.installation;

import dorada.server.people.Person;
import dorada.server.shop.ArchivedPeople;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OneToOne;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** One time that someone worked on an installation. It is open until a sign-off ends it. */
@Entity
public class Visit {

    @Id
    private UUID id;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Installation installation;

    private int number;

    @Enumerated(EnumType.STRING)
    @Column(length = 20)
    private VisitPurpose purpose;

    private String why;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "opened_by")
    private Person openedBy;

    private Instant openedAt;

    @OneToOne(mappedBy = "visit", fetch = FetchType.EAGER, cascade = CascadeType.ALL)
    private SignOff signOff;

    protected Visit() {}

    Visit(Installation installation, int number, VisitPurpose purpose, String why, Person openedBy, Instant openedAt) {
        this.id = UUID.randomUUID();
        this.installation = installation;
        this.number = number;
        this.purpose = purpose;
        this.why = why;
        this.openedBy = openedBy;
        this.openedAt = openedAt;
    }

    /** As it was when it was archived. */
    Visit(Installation installation, int number, VisitRecord r, ArchivedPeople people) {
        this(installation, number, r.purpose(), r.why(), people.byLogin(r.openedBy()), r.openedAt());
        if (r.id() != null) {
            id = r.id();
        }
        if (r.signOff() != null) {
            signOff = new SignOff(this, r.signOff(), people);
        }
    }

    /** All of it, for an archive. */
    VisitRecord record() {
        return new VisitRecord(
                id,
                purpose,
                why,
                openedBy.login(),
                openedAt,
                signOff().map(SignOff::record).orElse(null));
    }

    /** Ends it; once and for all. */
    void end(SignOff by) {
        if (signOff != null) {
            throw new IllegalStateException("ended twice");
        }
        signOff = by;
    }

    public UUID id() {
        return id;
    }

    /** Counted from 1. */
    public int number() {
        return number;
    }

    Installation installation() {
        return installation;
    }

    public VisitPurpose purpose() {
        return purpose;
    }

    /** What it is for, in a person's words; "" for none. */
    String why() {
        return why;
    }

    Person openedBy() {
        return openedBy;
    }

    Instant openedAt() {
        return openedAt;
    }

    /** What ended it; empty while it is open. */
    public Optional<SignOff> signOff() {
        return Optional.ofNullable(signOff);
    }
}
