package dorada.server.installation;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.antenna.Carrier;
import dorada.core.recheck.Finding;
import dorada.core.recheck.RecheckInterval;
import dorada.core.tuning.TrimPrior;
import dorada.server.people.Person;
import dorada.server.shop.ArchivedPeople;
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
import jakarta.persistence.MapsId;
import jakarta.persistence.OneToOne;
import jakarta.persistence.OrderColumn;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.BatchSize;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;
import org.hibernate.annotations.Immutable;

/** How a visit ended: on which pass, by which rule, and how the installation may be used since. Never altered. */
@Entity
@Immutable
public class SignOff {

    @Id
    private UUID visitId;

    @MapsId
    @OneToOne(fetch = FetchType.LAZY, optional = false)
    private Visit visit;

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

    @Enumerated(EnumType.STRING)
    @Column(length = 30)
    private RuleName ruleName;

    private Double limitSwr;
    private Double swrCeiling;
    private Double worstSwr;

    @Enumerated(EnumType.STRING)
    @Column(length = 30)
    private Finding finding;

    @Column(name = "moved_hz")
    private Double movedHz;

    private String mendedBy;
    private String returnedBy;
    private Double lengthRatio;
    private Double lengthRatioDoubt;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "sign_off_part", joinColumns = @JoinColumn(name = "visit_id"))
    @OrderColumn(name = "position")
    @Fetch(FetchMode.SELECT)
    @BatchSize(size = 100)
    private List<SignedPart> parts = new ArrayList<>();

    /**
     * How a signed-off installation may be used.
     *
     * @param passNumber the pass that it rests on
     * @param reason why it is good enough; null where the rule was met by a final sweep and nobody gave one
     * @param limitW most power until {@code due}; null for no limit
     * @param due the date by which it must be mended; null for none
     * @param costDb loss against the antenna before, or against a perfect match; null where not known
     * @param worstSwr on any wanted channel; null where not known
     * @param finding against the sign-off before; null where there is none, or nothing was compared
     * @param movedHz by how much the dip had moved since, positive for up; null where that is not known
     * @param mendedBy who mends it; null for nobody named
     * @param returnedBy who returned an aircraft to service, with which licence; null where nobody has
     * @param parts numbered from 1 in this order; empty where nobody listed them
     */
    public record Terms(
            int passNumber,
            String remark,
            String reason,
            Double limitW,
            LocalDate due,
            Double costDb,
            Double worstSwr,
            Finding finding,
            Double movedHz,
            String mendedBy,
            String returnedBy,
            List<SignedPart> parts) {}

    protected SignOff() {}

    SignOff(Visit visit, Terms terms, Optional<TrimPrior.Lesson> lesson, Person by, Instant at) {
        this.visit = visit;
        this.signedBy = by;
        this.signedAt = at;
        this.passNumber = terms.passNumber();
        this.remark = terms.remark();
        this.reason = terms.reason();
        this.limitW = terms.limitW();
        this.due = terms.due();
        this.costDb = terms.costDb();
        this.worstSwr = terms.worstSwr();
        this.finding = terms.finding();
        this.movedHz = terms.movedHz();
        this.mendedBy = terms.mendedBy();
        this.returnedBy = terms.returnedBy();
        this.parts.addAll(terms.parts());
        this.lengthRatio = lesson.map(TrimPrior.Lesson::lengthRatio).orElse(null);
        this.lengthRatioDoubt = lesson.map(TrimPrior.Lesson::doubt).orElse(null);
    }

    /** As it was when it was archived. */
    SignOff(Visit visit, VisitRecord.SignOffRecord r, ArchivedPeople people) {
        this(
                visit,
                new Terms(
                        r.passNumber(),
                        r.remark(),
                        r.reason(),
                        r.limitW(),
                        r.due(),
                        r.costDb(),
                        r.worstSwr(),
                        r.finding(),
                        r.movedHz(),
                        r.mendedBy(),
                        r.returnedBy(),
                        r.parts()),
                r.lesson(),
                people.byLogin(r.by()),
                r.at());
        judgedBy(r.ruleName(), r.limitSwr(), r.swrCeiling());
    }

    /** By which rule it was judged; the plan may change later. */
    SignOff judgedBy(RuleName rule, Double ruleLimitSwr, Double ceilingSwr) {
        ruleName = rule;
        limitSwr = ruleLimitSwr;
        swrCeiling = ceilingSwr;
        return this;
    }

    /** All of it, for an archive. */
    VisitRecord.SignOffRecord record() {
        return new VisitRecord.SignOffRecord(
                signedBy.login(),
                signedAt,
                passNumber,
                remark,
                reason,
                limitW,
                due,
                costDb,
                ruleName,
                limitSwr,
                swrCeiling,
                worstSwr,
                lengthRatio,
                lengthRatioDoubt,
                finding,
                movedHz,
                mendedBy,
                returnedBy,
                List.copyOf(parts));
    }

    public Person signedBy() {
        return signedBy;
    }

    public Instant signedAt() {
        return signedAt;
    }

    public Terms terms() {
        return new Terms(
                passNumber,
                remark,
                reason,
                limitW,
                due,
                costDb,
                worstSwr,
                finding,
                movedHz,
                mendedBy,
                returnedBy,
                List.copyOf(parts));
    }

    /** What the antenna taught of its kind; empty where nothing was learnt. */
    public Optional<TrimPrior.Lesson> lesson() {
        return lengthRatio == null || lengthRatioDoubt == null
                ? Optional.empty()
                : Optional.of(new TrimPrior.Lesson(lengthRatio, lengthRatioDoubt));
    }

    /** The day on which it is looked at again, by what it is fitted to and what was found. */
    public LocalDate recheckBy(ZoneId shop) {
        Carrier carrier = visit.installation().carrier();
        int months = finding == null ? RecheckInterval.months(carrier) : RecheckInterval.monthsAfter(carrier, finding);
        return LocalDate.ofInstant(signedAt, shop).plusMonths(months);
    }

    /** The rule that it was judged by; empty for one of before this was stored. */
    public Optional<AcceptanceRule> rule() {
        return ruleName == null || limitSwr == null || swrCeiling == null
                ? Optional.empty()
                : Optional.of(ruleName.rule(limitSwr, swrCeiling));
    }
}
