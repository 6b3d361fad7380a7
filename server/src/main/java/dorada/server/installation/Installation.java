package dorada.server.installation;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.tuning.Adjustment;
import dorada.server.people.Person;
import dorada.server.problem.JobException;
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
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Version;
import java.time.Instant;
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

    @Enumerated(EnumType.STRING)
    @Column(length = 30)
    private AntennaKind antennaKind;

    private String antennaDetail;
    private boolean oneWay;

    @Column(name = "smallest_step_m")
    private double smallestStepM;

    @Column(name = "start_length_m")
    private Double startLengthM;

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

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "created_by")
    private Person createdBy;

    private Instant createdAt;

    @ManyToOne(fetch = FetchType.EAGER)
    @JoinColumn(name = "signed_off_by")
    private Person signedOffBy;

    private Instant signedOffAt;
    private Integer signedOffPass;
    private String signOffRemark;
    private String signOffReason;

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

    /** Takes over what was typed. */
    final void fill(InstallationRequest r) {
        title = r.title().strip();
        customer = r.customer().strip();
        carrier = r.carrier();
        carrierDetail = r.carrierDetail().strip();
        antennaKind = r.antennaKind();
        antennaDetail = r.antennaDetail().strip();
        oneWay = r.oneWay();
        smallestStepM = r.smallestStepM();
        startLengthM = r.startLengthM();
        ratedPowerW = r.ratedPowerW();
        swrCeiling = r.swrCeiling();
        ruleName = r.ruleName();
        limitSwr = r.limitSwr();
        measuredAt = r.measuredAt();
        channels.clear();
        channels.addAll(r.channels());
        otherRadios.clear();
        otherRadios.addAll(r.radios());
    }

    /** Closes it on pass {@code passNumber}; {@code reason} is empty where the rule was met. */
    public void signOff(int passNumber, String remark, String reason, Person by, Instant at) {
        requireOpen();
        signedOffPass = passNumber;
        signOffRemark = remark;
        signOffReason = reason;
        signedOffBy = by;
        signedOffAt = at;
    }

    public void reopen() {
        if (!isSignedOff()) {
            throw JobException.conflict("This installation is not signed off.");
        }
        signedOffBy = null;
        signedOffAt = null;
        signedOffPass = null;
        signOffRemark = null;
        signOffReason = null;
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

    public String shopNumber() {
        return "FS-%04d".formatted(shopNumber);
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
        startLengthM = lengthM;
    }

    public Optional<Double> startLengthM() {
        return Optional.ofNullable(startLengthM);
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

    /** Geometric middle of the wanted channels in Hz. */
    public double middleHz() {
        double low = channels.stream().mapToDouble(Channel::frequencyHz).min().orElseThrow();
        double high = channels.stream().mapToDouble(Channel::frequencyHz).max().orElseThrow();
        return Math.sqrt(low * high);
    }
}
