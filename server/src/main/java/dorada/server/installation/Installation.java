package dorada.server.installation;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.book.Traits;
import dorada.core.catalogue.Entry;
import dorada.core.catalogue.Sort;
import dorada.core.line.Feedline;
import dorada.core.line.Line;
import dorada.core.ready.Method;
import dorada.core.ready.Readiness;
import dorada.core.ready.ReadyStep;
import dorada.core.tuning.Adjustment;
import dorada.core.tuning.Room;
import dorada.core.tuning.TrimPrior;
import dorada.server.people.Person;
import dorada.server.problem.UserProblem;
import dorada.server.shop.ArchivedPeople;
import jakarta.persistence.CascadeType;
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
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hibernate.annotations.BatchSize;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;
import org.hibernate.annotations.OptimisticLock;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;

/** One antenna on one carrier for one radio, from plan to sign-off. */
@Entity
@Audited
public class Installation {

    private static final Pattern GAPS = Pattern.compile("\\h+");

    @Id
    private UUID id;

    @NotAudited
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

    @NotAudited
    private long standInSeed;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "wanted_channel", joinColumns = @JoinColumn(name = "installation_id"))
    @OrderColumn(name = "position")
    @BatchSize(size = 100)
    private List<ChannelValue> channels = new ArrayList<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "other_radio", joinColumns = @JoinColumn(name = "installation_id"))
    @OrderColumn(name = "position")
    @BatchSize(size = 100)
    private List<OtherRadioValue> otherRadios = new ArrayList<>();

    /** The first one first. Chosen apart: joined with the channels, each would come once for every channel. */
    @NotAudited
    @OneToMany(mappedBy = "installation", cascade = CascadeType.ALL, orphanRemoval = true, fetch = FetchType.EAGER)
    @OrderBy("number")
    @Fetch(FetchMode.SELECT)
    @BatchSize(size = 100)
    private List<Visit> visits = new ArrayList<>();

    /** Of the newest visit; lists ask for no more than this and whether it is ended. */
    @NotAudited
    private int visitNumber;

    @NotAudited
    private boolean signedOff;

    @Embedded
    @NotAudited
    private DueDays due;

    /** What a search of the board looks in, in small letters. */
    @NotAudited
    private String foundWords;

    /** Not what a person changes, so that nobody's edit is stale for it. */
    @Embedded
    @NotAudited
    @OptimisticLock(excluded = true)
    private PracticeAntenna practice;

    @NotAudited
    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "created_by")
    private Person createdBy;

    @NotAudited
    private Instant createdAt;

    private String feedlineType;

    @Column(name = "feedline_length_m")
    private Double feedlineLengthM;

    /** Of the shop's radios; one that is gone or in another shop is known no more. */
    private UUID radioId;

    /** Names of the catalogue, as the customer's is; empty where nobody said. */
    private String carriedBy;

    private String antennaName;
    private String baseName;
    private String feedlineName;
    private String adapterName;

    /** Counts what may change a verdict; signing off doesn't. */
    @NotAudited
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
        begin(new Visit(this, 1, VisitPurpose.FITTING, "", by, at));
    }

    /** As it was when it was archived, perhaps under another number of the shop. */
    Installation(InstallationRecord r, long shopNumber, ArchivedPeople people) {
        this.id = r.id();
        this.shopNumber = shopNumber;
        this.standInSeed = r.standInSeed();
        this.createdBy = people.byLogin(r.createdBy());
        this.createdAt = r.createdAt();
        fill(r.plan());
        practice = r.practice();
        r.visits().forEach(v -> begin(new Visit(this, visits.size() + 1, v, people)));
    }

    /** One at a time is open. */
    private void begin(Visit visit) {
        if (!visits.isEmpty() && !signedOff) {
            throw UserProblem.conflict(Refused.VISIT_STILL_OPEN.of(String.valueOf(visitNumber)));
        }
        visits.add(visit);
        visitNumber = visit.number();
        settle();
    }

    private void settle() {
        signedOff = signOff().isPresent();
        due = DueDays.of(signOff());
    }

    /** All of it, for an archive. */
    InstallationRecord record() {
        return new InstallationRecord(
                id,
                shopNumber,
                standInSeed,
                practice,
                InstallationRequest.of(this, title, startLengthM().orElse(null), radioId, carriedBy),
                createdBy.login(),
                createdAt,
                visits.stream().map(Visit::record).toList());
    }

    /**
     * Takes over the visits of an archive that went on from ours, and the sign-off of the one that was open here.
     *
     * @return how many visits and sign-offs that were; empty where both went on differently
     */
    Optional<Integer> goOn(List<VisitRecord> theirs, ArchivedPeople people) {
        int same = Math.min(visits.size(), theirs.size());
        for (int i = 0; i < same; i++) {
            Optional<Instant> ourEnd = visits.get(i).signOff().map(SignOff::signedAt);
            Optional<Instant> theirEnd =
                    Optional.ofNullable(theirs.get(i).signOff()).map(VisitRecord.SignOffRecord::at);
            boolean isOtherEnd = ourEnd.isPresent() && theirEnd.isPresent() && !ourEnd.equals(theirEnd);
            if (!visits.get(i).openedAt().equals(theirs.get(i).openedAt()) || isOtherEnd) {
                return Optional.empty();
            }
        }
        int added = 0;
        if (!signedOff && theirs.size() >= visits.size()) {
            VisitRecord.SignOffRecord end = theirs.get(visits.size() - 1).signOff();
            if (end != null) {
                newestVisit().end(new SignOff(newestVisit(), end, people));
                settle();
                added++;
            }
        }
        for (VisitRecord v : theirs.subList(same, theirs.size())) {
            begin(new Visit(this, visits.size() + 1, v, people));
            added++;
        }
        return Optional.of(added);
    }

    /** What it names of {@code sort} is called {@code name} from now on; the plan is the same. */
    void rename(Sort sort, String name) {
        switch (sort) {
            case CUSTOMER -> customer = name;
            case CARRIED_BY -> carriedBy = name;
            case ANTENNA -> antennaName = name;
            case BASE -> baseName = name;
            case FEEDLINE -> feedlineName = name;
            case ADAPTER -> adapterName = name;
        }
        foundWords = wordsToFind();
    }

    /** What it names, of each sort; without detail. */
    public List<Entry> named() {
        return named(customer, carriedBy, antennaName, baseName, feedlineName, adapterName);
    }

    static List<Entry> named(
            String customer,
            String carriedBy,
            String antennaName,
            String baseName,
            String feedlineName,
            String adapterName) {
        return Stream.of(
                        new Entry(Sort.CUSTOMER, customer, "", ""),
                        new Entry(Sort.CARRIED_BY, carriedBy, customer, ""),
                        new Entry(Sort.ANTENNA, antennaName, "", ""),
                        new Entry(Sort.BASE, baseName, "", ""),
                        new Entry(Sort.FEEDLINE, feedlineName, "", ""),
                        new Entry(Sort.ADAPTER, adapterName, "", ""))
                .filter(e -> !e.name().isEmpty())
                .toList();
    }

    public String carriedBy() {
        return carriedBy;
    }

    public String antennaName() {
        return antennaName;
    }

    public String baseName() {
        return baseName;
    }

    public String feedlineName() {
        return feedlineName;
    }

    public String adapterName() {
        return adapterName;
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
        radioId = r.radioId();
        carriedBy = r.carriedBy();
        antennaName = r.antennaName();
        baseName = r.baseName();
        feedlineName = r.feedlineName();
        adapterName = r.adapterName();
        channels.clear();
        r.channels().forEach(c -> channels.add(new ChannelValue(c)));
        otherRadios.clear();
        r.radios().forEach(o -> otherRadios.add(new OtherRadioValue(o)));
        foundWords = wordsToFind();
    }

    /** {@code text} as it stands in {@link #foundWords}: what was pasted has gaps of many kinds. */
    public static String lookedFor(String text) {
        return GAPS.matcher(text).replaceAll(" ").strip().toLowerCase(Locale.ROOT);
    }

    public String foundWords() {
        return foundWords;
    }

    private String wordsToFind() {
        // A line each, so that nothing is found across two of them.
        return lookedFor(String.join(
                "\n",
                shopNumber(shopNumber),
                title,
                customer,
                carrierDetail,
                antennaDetail,
                carriedBy,
                antennaName,
                baseName,
                feedlineName,
                adapterName));
    }

    /** Ends the visit. */
    public void signOff(SignOff.Terms terms, Optional<TrimPrior.Lesson> lesson, Person by, Instant at) {
        requireOpen();
        newestVisit().end(new SignOff(newestVisit(), terms, lesson, by, at).judgedBy(ruleName, limitSwr, swrCeiling));
        settle();
    }

    /** Work goes on; what was signed off stays as it is. */
    public void openVisit(VisitPurpose purpose, String why, Person by, Instant at) {
        begin(new Visit(this, visitNumber + 1, purpose, why, by, at));
    }

    /** What was looked at before the first reading of the visit that is open. */
    public void getReady(Method method, Map<ReadyStep, Readiness.Answer> answers, Person by, Instant at) {
        requireOpen();
        newestVisit().getReady(method, answers, by, at);
    }

    /** Takes back that a visit was opened; of one on which something was recorded that can't be. */
    public void cancelVisit() {
        requireOpen();
        if (visitNumber == 1) {
            throw UserProblem.conflict(Refused.FIRST_VISIT.of());
        }
        visits.remove(newestVisit());
        visitNumber = newestVisit().number();
        signedOff = true;
    }

    /** Refuses what may not happen to a signed-off installation. */
    public void requireOpen() {
        if (signedOff) {
            throw UserProblem.conflict(Refused.SIGNED_OFF.of());
        }
    }

    public boolean isSignedOff() {
        return signedOff;
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

    public long number() {
        return shopNumber;
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

    /** What it is fitted to and how, in a person's words. */
    public String carrierDetail() {
        return carrierDetail;
    }

    public AntennaKind antennaKind() {
        return antennaKind;
    }

    /** Which antenna, in a person's words. */
    public String antennaDetail() {
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
        return channels.stream().map(ChannelValue::record).toList();
    }

    void nameRadio(UUID radio) {
        radioId = radio;
    }

    /** Which of the shop's radios it is for. */
    public Optional<UUID> radioId() {
        return Optional.ofNullable(radioId);
    }

    /** Further radios on this antenna. */
    public List<OtherRadio> otherRadios() {
        return otherRadios.stream().map(OtherRadioValue::record).toList();
    }

    public Person createdBy() {
        return createdBy;
    }

    public Instant createdAt() {
        return createdAt;
    }

    /** The first one first. */
    public List<Visit> visits() {
        return visits;
    }

    private Visit newestVisit() {
        return visits.get(visits.size() - 1);
    }

    /** Number of the newest visit, to which what is recorded now belongs. */
    public int visitNumber() {
        return visitNumber;
    }

    /** Number of the visit that was the newest at {@code at}. */
    public int visitNumberAt(Instant at) {
        return visits.stream()
                .filter(v -> v.number() == 1 || !v.openedAt().isAfter(at))
                .reduce((a, b) -> b)
                .orElseThrow()
                .number();
    }

    /** Whether something could be recorded on visit {@code number} at {@code at}: there is one, and it was not ended by then. */
    public boolean isOpenAt(int number, Instant at) {
        return visits.stream()
                .filter(v -> v.number() == number)
                .anyMatch(
                        v -> v.signOff().filter(s -> s.signedAt().isBefore(at)).isEmpty());
    }

    /** How it was signed off; empty while a visit is open. */
    public Optional<SignOff> signOff() {
        return newestVisit().signOff();
    }

    /** The simulated antenna under it; what it is now is what it stays. */
    public PracticeAntenna practiceAntenna() {
        if (practice == null) {
            practice =
                    new PracticeAntenna(antennaKind, bandsHz(), startLengthM().orElse(null));
        }
        return practice;
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
        return channels().stream().map(Channel::wanted).toList();
    }

    /** Geometric middle of each wanted band in Hz, ascending. */
    public double[] bandsHz() {
        return WantedChannel.middlesHz(wantedChannels());
    }

    /** Geometric middle of the lowest wanted band in Hz. */
    public double middleHz() {
        return bandsHz()[0];
    }

    public double lowestHz() {
        return channels().stream().mapToDouble(Channel::frequencyHz).min().orElseThrow();
    }

    public double highestHz() {
        return channels().stream().mapToDouble(Channel::frequencyHz).max().orElseThrow();
    }

    /** What makes it like another. */
    public Traits traits() {
        // A base is part of the mount, whatever else is said of that.
        return new Traits(
                antennaKind(),
                middleHz(),
                carrier(),
                one(carrierDetail(), baseName()),
                one(antennaDetail(), antennaName()));
    }

    private static String one(String... said) {
        return Stream.of(said).filter(s -> !s.isBlank()).collect(Collectors.joining(", "));
    }
}
