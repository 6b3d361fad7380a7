package dorada.server.installation;

import dorada.core.history.Happened;
import dorada.core.outcome.Outcome;
import dorada.core.ready.Method;
import dorada.core.ready.Readiness;
import dorada.core.ready.Readiness.Answer;
import dorada.core.ready.ReadyStep;
import dorada.server.people.Person;
import dorada.server.shop.ArchivedPeople;
import jakarta.persistence.CascadeType;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.MapKeyEnumerated;
import jakarta.persistence.OneToOne;
import java.time.Instant;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.BatchSize;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;
import org.hibernate.envers.Audited;

/** One time that someone worked on an installation. It is open until a sign-off ends it. */
@Entity
public class Visit {

    @Id
    private UUID id;

    @Audited
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Installation installation;

    @Audited
    private int number;

    @Audited
    @Enumerated(EnumType.STRING)
    @Column(length = 20)
    private VisitPurpose purpose;

    @Audited
    private String why;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "opened_by")
    private Person openedBy;

    private Instant openedAt;

    @OneToOne(mappedBy = "visit", fetch = FetchType.EAGER, cascade = CascadeType.ALL)
    private SignOff signOff;

    @Audited
    @Enumerated(EnumType.STRING)
    @Column(length = 20)
    private Method readyMethod;

    @ManyToOne(fetch = FetchType.EAGER)
    @JoinColumn(name = "ready_by")
    private Person readyBy;

    @Audited
    private Instant readyAt;

    @Audited
    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "ready_answer", joinColumns = @JoinColumn(name = "visit_id"))
    @MapKeyColumn(name = "step", length = 30)
    @MapKeyEnumerated(EnumType.STRING)
    @Column(name = "answer", length = 20)
    @Enumerated(EnumType.STRING)
    @Fetch(FetchMode.SELECT)
    @BatchSize(size = 100)
    private Map<ReadyStep, Answer> readyAnswers = new EnumMap<>(ReadyStep.class);

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
        if (r.ready() != null) {
            getReady(
                    r.ready().method(),
                    r.ready().answers(),
                    people.byLogin(r.ready().by()),
                    r.ready().at());
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
                readyAt()
                        .map(at ->
                                new VisitRecord.ReadyRecord(readyMethod, Map.copyOf(readyAnswers), readyBy.login(), at))
                        .orElse(null),
                signOff().map(SignOff::record).orElse(null));
    }

    /** What was looked at before readings by {@code method}; answers of before are replaced. */
    void getReady(Method method, Map<ReadyStep, Answer> answers, Person by, Instant at) {
        readyMethod = method;
        readyAnswers.clear();
        readyAnswers.putAll(answers);
        readyBy = by;
        readyAt = at;
    }

    /** When somebody answered what is looked at before the first reading; empty where nobody did. */
    public Optional<Instant> readyAt() {
        return Optional.ofNullable(readyAt);
    }

    Person readyBy() {
        return readyBy;
    }

    Map<ReadyStep, Answer> readyAnswers() {
        return Collections.unmodifiableMap(readyAnswers);
    }

    /** How much was as it should be when somebody last answered. */
    Outcome gotReady() {
        return Happened.GOT_READY.of(
                readyMethod,
                Collections.frequency(readyAnswers.values(), Answer.YES),
                Collections.frequency(readyAnswers.values(), Answer.NO));
    }

    /** How ready it is; empty where nobody answered. */
    Optional<Readiness> readiness() {
        return readyAt().map(at -> Readiness.of(readyMethod, installation.carrier(), readyAnswers));
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
    public String why() {
        return why;
    }

    public Person openedBy() {
        return openedBy;
    }

    public Instant openedAt() {
        return openedAt;
    }

    /** What ended it; empty while it is open. */
    public Optional<SignOff> signOff() {
        return Optional.ofNullable(signOff);
    }
}
