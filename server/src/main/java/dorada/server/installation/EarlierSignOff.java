package dorada.server.installation;

import dorada.server.people.Person;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.time.LocalDate;

/** A sign-off that a lead reopened; only ever added. */
@Embeddable
class EarlierSignOff {

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "signed_by")
    private Person signedBy;

    private Instant signedAt;
    private int passNumber;
    private String remark;
    private String reason;

    @Column(name = "limit_w")
    private Double limitW;

    private LocalDate due;

    @Column(name = "cost_db")
    private Double costDb;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "reopened_by")
    private Person reopenedBy;

    private Instant reopenedAt;

    protected EarlierSignOff() {}

    /** The sign-off of {@code i} as it stands, which {@code by} reopens. */
    EarlierSignOff(Installation i, Person by, Instant at) {
        this(
                i.signedOffBy().orElseThrow(),
                i.signedOffAt(),
                new Installation.Closing(
                        i.signedOffPass(),
                        i.signOffRemark(),
                        i.signOffReason().orElse(null),
                        i.signOffLimitW(),
                        i.signOffDue(),
                        i.signOffCostDb()),
                by,
                at);
    }

    EarlierSignOff(
            Person signedBy, Instant signedAt, Installation.Closing closing, Person reopenedBy, Instant reopenedAt) {
        this.signedBy = signedBy;
        this.signedAt = signedAt;
        this.passNumber = closing.passNumber();
        this.remark = closing.remark();
        this.reason = closing.reason();
        this.limitW = closing.limitW();
        this.due = closing.due();
        this.costDb = closing.costDb();
        this.reopenedBy = reopenedBy;
        this.reopenedAt = reopenedAt;
    }

    Person signedBy() {
        return signedBy;
    }

    Instant signedAt() {
        return signedAt;
    }

    Installation.Closing closing() {
        return new Installation.Closing(passNumber, remark, reason, limitW, due, costDb);
    }

    Person reopenedBy() {
        return reopenedBy;
    }

    Instant reopenedAt() {
        return reopenedAt;
    }
}
