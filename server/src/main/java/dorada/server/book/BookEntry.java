package dorada.server.book;

import dorada.core.acceptance.Progress;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.book.ShopNumbers;
import dorada.core.book.Traits;
import dorada.core.tuning.TrimPrior;
import dorada.server.installation.Installation;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.hibernate.Length;
import org.hibernate.search.engine.backend.types.Sortable;
import org.hibernate.search.mapper.pojo.extractor.mapping.annotation.ContainerExtraction;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.FullTextField;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.GenericField;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.Indexed;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.IndexingDependency;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.KeywordField;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.ObjectPath;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.PropertyValue;

/** One installation as the shop remembers it: what lists, searches and the next one like it ask for, in one row. */
@Entity
@Indexed
class BookEntry {

    @Id
    private UUID installationId;

    private long version;
    private int passCount;
    private String program;
    private Instant builtAt;

    @GenericField(sortable = Sortable.YES)
    private long shopNumber;

    @FullTextField(analyzer = WordsOfTheBook.ANY_WORDS)
    private String title;

    @FullTextField(analyzer = WordsOfTheBook.ANY_WORDS)
    private String customer;

    @Enumerated(EnumType.STRING)
    @Column(length = 30)
    @GenericField
    private Carrier carrier;

    @FullTextField(analyzer = WordsOfTheBook.ANY_WORDS)
    private String mount;

    @Column(length = 30)
    private AntennaKind kind;

    @FullTextField(analyzer = WordsOfTheBook.ANY_WORDS)
    private String antenna;

    @GenericField
    private double middleHz;

    @Column(length = Length.LONG32)
    private String channels;

    @FullTextField(analyzer = WordsOfTheBook.ANY_WORDS)
    private String people;

    /** What its kind, its carrier and its faults are called, in every language. */
    @FullTextField(analyzer = WordsOfTheBook.ANY_WORDS)
    private String named;

    @Column(length = Length.LONG32)
    @FullTextField(analyzer = WordsOfTheBook.ANY_WORDS)
    private String words;

    private String faults;

    /** What a search of the board looks in, in small letters. */
    private String foundWords;

    @Enumerated(EnumType.STRING)
    @Column(length = 30)
    @GenericField
    private Progress state;

    @Column(name = "final_length_m")
    @GenericField
    private Double finalLengthM;

    private int changes;
    private int readings;

    @Column(name = "cut_off_m")
    private double cutOffM;

    private int overshoots;
    private boolean met;
    private Double worstSwr;
    private Double lengthRatio;
    private Double lengthRatioDoubt;

    @GenericField
    private Instant signedAt;

    private Instant touchedAt;
    private Instant plannedAt;

    protected BookEntry() {}

    BookEntry(UUID installationId) {
        this.installationId = installationId;
    }

    /** What it is made of, to be known again. */
    record MadeOf(long version, int passCount, String program, Instant at) {}

    /**
     * What is told of it.
     *
     * @param named what kind, carrier and faults are called, in every language
     * @param words all that anybody wrote about it
     * @param foundWords what a search of the board looks in
     * @param faults outcomes' ids
     * @param isMet its rule was met when it was signed off last
     * @param finalLengthM null where nobody knows it; likewise {@code worstSwr}, {@code signedAt}
     */
    record Told(
            long shopNumber,
            String title,
            String customer,
            Traits traits,
            List<Double> channelsHz,
            List<String> people,
            List<String> named,
            List<String> words,
            String foundWords,
            List<String> faults,
            Progress state,
            Double finalLengthM,
            int changes,
            int readings,
            ShopNumbers.Spent spent,
            boolean isMet,
            Double worstSwr,
            Optional<TrimPrior.Lesson> lesson,
            Instant plannedAt,
            Instant signedAt,
            Instant touchedAt) {}

    private static final int MOST_PEOPLE = 4000;
    private static final int MOST_NAMED = 2000;

    void tell(MadeOf of, Told t) {
        version = of.version();
        passCount = of.passCount();
        program = of.program();
        builtAt = of.at();
        shopNumber = t.shopNumber();
        title = t.title();
        customer = t.customer();
        carrier = t.traits().carrier();
        mount = t.traits().mount();
        kind = t.traits().kind();
        antenna = t.traits().antenna();
        middleHz = t.traits().middleHz();
        channels = String.join(" ", t.channelsHz().stream().map(String::valueOf).toList());
        people = shortened(String.join(", ", t.people()), MOST_PEOPLE);
        named = shortened(String.join(", ", t.named()), MOST_NAMED);
        words = String.join("\n", t.words());
        foundWords = t.foundWords();
        faults = shortened(String.join(" ", t.faults()), MOST_NAMED);
        state = t.state();
        finalLengthM = t.finalLengthM();
        changes = t.changes();
        readings = t.readings();
        cutOffM = t.spent().cutOffM();
        overshoots = t.spent().overshoots();
        met = t.isMet();
        worstSwr = t.worstSwr();
        lengthRatio = t.lesson().map(TrimPrior.Lesson::lengthRatio).orElse(null);
        lengthRatioDoubt = t.lesson().map(TrimPrior.Lesson::doubt).orElse(null);
        plannedAt = t.plannedAt();
        signedAt = t.signedAt();
        touchedAt = t.touchedAt();
    }

    private static String shortened(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most);
    }

    UUID installationId() {
        return installationId;
    }

    long shopNumber() {
        return shopNumber;
    }

    String title() {
        return title;
    }

    String customer() {
        return customer;
    }

    Progress state() {
        return state;
    }

    Traits traits() {
        return new Traits(kind, middleHz, carrier, mount, antenna);
    }

    List<String> people() {
        return people.isEmpty() ? List.of() : List.of(people.split(", "));
    }

    List<String> faults() {
        return faults(faults);
    }

    /** As a row has them. */
    static List<String> faults(String faults) {
        return Stream.of(faults.split(" ")).filter(f -> !f.isEmpty()).toList();
    }

    Optional<Instant> signedAt() {
        return Optional.ofNullable(signedAt);
    }

    Instant touchedAt() {
        return touchedAt;
    }

    Optional<Double> finalLengthM() {
        return Optional.ofNullable(finalLengthM);
    }

    /** Whether it has the wanted channels that another has. */
    boolean hasChannelsOf(BookEntry other) {
        return channels.equals(other.channels);
    }

    int changes() {
        return changes;
    }

    int readings() {
        return readings;
    }

    boolean isMet() {
        return met;
    }

    Optional<Double> worstSwr() {
        return Optional.ofNullable(worstSwr);
    }

    /** What it taught of its kind; empty where nothing was learnt. */
    Optional<TrimPrior.Lesson> lesson() {
        return lesson(lengthRatio, lengthRatioDoubt);
    }

    static Optional<TrimPrior.Lesson> lesson(Double ratio, Double doubt) {
        return ratio == null || doubt == null ? Optional.empty() : Optional.of(new TrimPrior.Lesson(ratio, doubt));
    }

    /** Hertz of each wanted channel, for the index. */
    @Transient
    @GenericField
    @IndexingDependency(derivedFrom = @ObjectPath(@PropertyValue(propertyName = "channels")))
    public List<Double> getChannelsHz() {
        return channelsHz(channels);
    }

    /** As a row has them. */
    static List<Double> channelsHz(String channels) {
        return Arrays.stream(channels.split(" "))
                .filter(c -> !c.isEmpty())
                .map(Double::valueOf)
                .toList();
    }

    /** Its kind's id, for the index. */
    @Transient
    @KeywordField
    @IndexingDependency(
            derivedFrom = @ObjectPath(@PropertyValue(propertyName = "kind")),
            extraction = @ContainerExtraction)
    public String getKindId() {
        return kind.name();
    }

    /** As the shop writes it, for the index. */
    @Transient
    @FullTextField(analyzer = WordsOfTheBook.ANY_WORDS)
    @IndexingDependency(derivedFrom = @ObjectPath(@PropertyValue(propertyName = "shopNumber")))
    public String getNumber() {
        return Installation.shopNumber(shopNumber);
    }

    /** Outcomes' ids of what was met, for the index. */
    @Transient
    @KeywordField(name = "fault")
    @IndexingDependency(derivedFrom = @ObjectPath(@PropertyValue(propertyName = "faults")))
    public List<String> getFaultIds() {
        return faults();
    }
}
