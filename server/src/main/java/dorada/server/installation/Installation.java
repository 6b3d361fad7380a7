package dorada.server.installation;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.line.Feedline;
import dorada.core.line.Line;
import dorada.core.tuning.Adjustment;
import dorada.core.tuning.Room;
import dorada.core.tuning.TrimPrior;
import dorada.server.people.Person;
import dorada.server.problem.JobException;
import dorada.server.shop.ArchivedPeople;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.BatchSize;

/** One antenna on one carrier for one radio, from plan to sign-off. */
@Entity
public class Installation {

    @Id
    private UUID id;

    private long shopNumber;
    private String title;
    private String customer;

    @Enumerated(EnumType.STRING)
    @Column(length = 30)
    private Carrier carrier;

    private String carrierDetail;

    @Column(length = 30)
    private AntennaKind antennaKind;

    private String antennaDetail;
    private boolean oneWay;

    @Column(name = "smallest_step_m")
    private double smallestStepM;

    @Embedded
    private SetLength setLength;

    @Column(name = "rated_power_w")
    private double ratedPowerW;

    private double swrCeiling;

    @Enumerated(EnumType.STRING)
    @Column(length = 30)
    private RuleName ruleName;

    private double limitSwr;

    @Enumerated(EnumType.STRING)
    @Column(length = 20)
    private ReferencePlane measuredAt;

    private long standInSeed;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "wanted_channel", joinColumns = @JoinColumn(name = "installation_id"))
    @OrderColumn(name = "position")
    @BatchSize(size = 100)
    private List<Channel> channels = new ArrayList<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "other_radio", joinColumns = @JoinColumn(name = "installation_id"))
    @OrderColumn(name = "position")
    @BatchSize(size = 100)
    private List<OtherRadio> otherRadios = new ArrayList<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "earlier_sign_off", joinColumns = @JoinColumn(name = "installation_id"))
    @OrderColumn(name = "position")
    @BatchSize(size = 100)
    private List<EarlierSignOff> earlierSignOffs = new ArrayList<>();

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "created_by")
    private Person createdBy;

    private Instant createdAt;

    @ManyToOne(fetch = FetchType.EAGER)
    @JoinColumn(name = "signed_off_by")
    private Person signedOffBy;

    private String feedlineType;

    @Column(name = "feedline_length_m")
    private Double feedlineLengthM;

    private Instant signedOffAt;

    @Column(name = "sign_off_limit_w")
    private Double signOffLimitW;

    private LocalDate signOffDue;

    @Column(name = "sign_off_cost_db")
    private Double signOffCostDb;

    private Double learntSetPerElectrical;
    private Double learntDoubt;
    private Integer signedOffPass;
    private String signOffRemark;
    private String signOffReason;

    /** Counts what may change a verdict; signing off doesn't. */
    private long planVersion;

    @Version
    private long version;

    protected Installation() {}

    Installation(long shopNumber, long standInSeed, InstallationRequest request, Person by, Instant at) {
        this.id = UUID.randomUUID();
        this.shopNumber = shopNumber;
        this.standInSeed = standInSeed;
        this.createdBy = by;
        this.createdAt = at;
        fill(request);
    }

    /** As it was when it was archived, perhaps under another number of the shop. */
    Installation(InstallationRecord r, long shopNumber, ArchivedPeople people) {
        this.id = r.id();
        this.shopNumber = shopNumber;
        this.standInSeed = r.standInSeed();
        this.createdBy = people.byLogin(r.createdBy());
        this.createdAt = r.createdAt();
        fill(r.plan());
        r.earlier().forEach(e -> earlierSignOffs.add(e.restored(people)));
        InstallationRecord.SignOffRecord s = r.signOff();
        if (s != null) {
            signedOffBy = people.byLogin(s.by());
            signedOffAt = s.at();
            signedOffPass = s.passNumber();
            signOffRemark = s.remark();
            signOffReason = s.reason();
            signOffLimitW = s.limitW();
            signOffDue = s.due();
            signOffCostDb = s.costDb();
            learntSetPerElectrical = s.learntSetPerElectrical();
            learntDoubt = s.learntDoubt();
        }
    }

    /** All of it, for an archive. */
    InstallationRecord record() {
        return new InstallationRecord(
                id,
                shopNumber,
                standInSeed,
                InstallationRequest.of(this, title, startLengthM().orElse(null)),
                createdBy.login(),
                createdAt,
                earlierSignOffs.stream()
                        .map(InstallationRecord.EarlierRecord::of)
                        .toList(),
                isSignedOff()
                        ? new InstallationRecord.SignOffRecord(
                                signedOffBy.login(),
                                signedOffAt,
                                signedOffPass,
                                signOffRemark,
                                signOffReason,
                                signOffLimitW,
                                signOffDue,
                                signOffCostDb,
                                learntSetPerElectrical,
                                learntDoubt)
                        : null);
    }

    /** Takes over what was typed. */
    final void fill(InstallationRequest r) {
        r.requireFeedline();
        planVersion++;
        title = r.title().strip();
        customer = r.customer().strip();
        carrier = r.carrier();
        carrierDetail = r.carrierDetail().strip();
        antennaKind = r.antennaKind();
        antennaDetail = r.antennaDetail().strip();
        oneWay = r.oneWay();
        smallestStepM = r.smallestStepM();
        setLength = SetLength.of(r);
        ratedPowerW = r.ratedPowerW();
        swrCeiling = r.swrCeiling();
        ruleName = r.ruleName();
        limitSwr = r.limitSwr();
        measuredAt = r.measuredAt();
        feedlineType = r.feedlineType();
        feedlineLengthM = r.feedlineLengthM();
        channels.clear();
        channels.addAll(r.channels());
        otherRadios.clear();
        otherRadios.addAll(r.radios());
    }

    /**
     * How a closed installation may be used.
     *
     * @param passNumber the pass it was closed on
     * @param reason why it is good enough; null where the rule was met by a final sweep
     * @param limitW most power until {@code due}; null for no limit
     * @param due the date by which it must be mended; null for none
     * @param costDb loss against the antenna before, or against a perfect match; null where not known
     */
    public record Closing(int passNumber, String remark, String reason, Double limitW, LocalDate due, Double costDb) {}

    /** Closes it. */
    public void signOff(Closing closing, Optional<TrimPrior.Lesson> lesson, Person by, Instant at) {
        requireOpen();
        signedOffPass = closing.passNumber();
        signOffRemark = closing.remark();
        signOffReason = closing.reason();
        signOffLimitW = closing.limitW();
        signOffDue = closing.due();
        signOffCostDb = closing.costDb();
        learntSetPerElectrical = lesson.map(TrimPrior.Lesson::setPerElectrical).orElse(null);
        learntDoubt = lesson.map(TrimPrior.Lesson::doubt).orElse(null);
        signedOffBy = by;
        signedOffAt = at;
    }

    /** Work goes on; what was signed off stays readable. */
    public void reopen(Person by, Instant at) {
        if (!isSignedOff()) {
            throw JobException.conflict("This installation is not signed off.");
        }
        earlierSignOffs.add(new EarlierSignOff(this, by, at));
        signedOffBy = null;
        signedOffAt = null;
        signedOffPass = null;
        signOffRemark = null;
        signOffReason = null;
        signOffLimitW = null;
        signOffDue = null;
        signOffCostDb = null;
        learntSetPerElectrical = null;
        learntDoubt = null;
    }

    /** Refuses what may not happen to a signed-off installation. */
    public void requireOpen() {
        if (isSignedOff()) {
            throw JobException.conflict("This installation is signed off. A lead can reopen it.");
        }
    }

    public boolean isSignedOff() {
        return signedOffAt != null;
    }

    public UUID id() {
        return id;
    }

    public long version() {
        return version;
    }

    /** Another one after each change of what verdicts and advice depend on. */
    public long planVersion() {
        return planVersion;
    }

    public String shopNumber() {
        return shopNumber(shopNumber);
    }

    /** How the shop writes its {@code number}. */
    public static String shopNumber(long number) {
        return "FS-%04d".formatted(number);
    }

    public String title() {
        return title;
    }

    public String customer() {
        return customer;
    }

    public Carrier carrier() {
        return carrier;
    }

    String carrierDetail() {
        return carrierDetail;
    }

    public AntennaKind antennaKind() {
        return antennaKind;
    }

    String antennaDetail() {
        return antennaDetail;
    }

    public boolean isOneWay() {
        return oneWay;
    }

    double smallestStepM() {
        return smallestStepM;
    }

    void startsAt(double lengthM) {
        setLength = setLength().from(lengthM);
        planVersion++;
    }

    public Optional<Double> startLengthM() {
        return setLength().startM();
    }

    /** What is left of its range after {@code changedM} metres of change in all. */
    public Room roomAfter(double changedM) {
        return setLength().roomAfter(changedM);
    }

    /** An embeddable of which nothing is known comes back as null. */
    SetLength setLength() {
        return setLength == null ? new SetLength() : setLength;
    }

    public double ratedPowerW() {
        return ratedPowerW;
    }

    public double swrCeiling() {
        return swrCeiling;
    }

    RuleName ruleName() {
        return ruleName;
    }

    double limitSwr() {
        return limitSwr;
    }

    public ReferencePlane measuredAt() {
        return measuredAt;
    }

    public long standInSeed() {
        return standInSeed;
    }

    List<Channel> channels() {
        return channels;
    }

    /** Further radios on this antenna. */
    public List<OtherRadio> otherRadios() {
        return otherRadios;
    }

    public Person createdBy() {
        return createdBy;
    }

    public Instant createdAt() {
        return createdAt;
    }

    public Optional<Person> signedOffBy() {
        return Optional.ofNullable(signedOffBy);
    }

    Instant signedOffAt() {
        return signedOffAt;
    }

    Integer signedOffPass() {
        return signedOffPass;
    }

    String signOffRemark() {
        return signOffRemark;
    }

    Double signOffLimitW() {
        return signOffLimitW;
    }

    LocalDate signOffDue() {
        return signOffDue;
    }

    Double signOffCostDb() {
        return signOffCostDb;
    }

    /** Those that were reopened, the first one first. */
    List<EarlierSignOff> earlierSignOffs() {
        return earlierSignOffs;
    }

    String feedlineType() {
        return feedlineType;
    }

    Double feedlineLengthM() {
        return feedlineLengthM;
    }

    /** The line between antenna and radio, where it is known. */
    public Optional<Line> feedline() {
        return feedlineType == null || feedlineLengthM == null
                ? Optional.empty()
                : Feedline.byId(feedlineType).map(f -> f.line(feedlineLengthM));
    }

    public Optional<String> signOffReason() {
        return Optional.ofNullable(signOffReason);
    }

    /** The rule that verdicts are judged by. */
    public AcceptanceRule rule() {
        return ruleName.rule(limitSwr, swrCeiling);
    }

    /** How its length is changed. */
    public Adjustment adjustment() {
        return oneWay ? new Adjustment.OneWayCut(smallestStepM) : new Adjustment.Slide(smallestStepM);
    }

    /** The wanted channels, in the order in which they were typed. */
    public List<WantedChannel> wantedChannels() {
        return channels.stream().map(Channel::wanted).toList();
    }

    /** Geometric middle of each wanted band in Hz, ascending. */
    public double[] bandsHz() {
        return WantedChannel.bands(wantedChannels()).stream()
                .mapToDouble(b ->
                        Math.sqrt(b.get(0).frequencyHz() * b.get(b.size() - 1).frequencyHz()))
                .toArray();
    }

    /** Geometric middle of the lowest wanted band in Hz. */
    public double middleHz() {
        return bandsHz()[0];
    }
}
