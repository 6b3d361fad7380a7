package dorada.server.tuning;

import dorada.core.acceptance.ReferencePlane;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.SpotReading;
import dorada.core.tuning.Circumstance;
import dorada.core.tuning.Pieces;
import dorada.server.installation.Installation;
import dorada.server.installation.VisitPurpose;
import dorada.server.people.Person;
import dorada.server.row.AddedRow;
import dorada.server.sweep.StoredSweep;
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
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.hibernate.annotations.BatchSize;
import org.hibernate.envers.Audited;

/**
 * One turn of the loop, recorded: what was changed, and the sweep after it. Never altered afterwards, but a wrong entry can be
 * taken back: it is kept under a number below 0.
 */
@Entity
class TuningPass extends AddedRow {

    @Id
    private UUID id;

    @Audited
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private Installation installation;

    @Audited
    private int number;

    private int visitNumber;

    /** Of those that count and are not of the old antenna; lists ask for it alone. */
    private boolean newest;

    @Column(name = "change_m")
    private double changeM;

    private String note;

    @Enumerated(EnumType.STRING)
    @Column(length = 20)
    private ReferencePlane plane;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    private StoredSweep sweep;

    private UUID requestKey;
    private String sentDigest;

    @Enumerated(EnumType.STRING)
    @Column(length = 30)
    private ReadingKind readingKind;

    private String declared;

    @ElementCollection(fetch = FetchType.EAGER)
    @BatchSize(size = 100)
    @CollectionTable(name = "spot_reading", joinColumns = @JoinColumn(name = "pass_id"))
    @OrderColumn(name = "position")
    private List<SpotValue> spots = new ArrayList<>();

    @Column(name = "second_change_m")
    private double secondChangeM;

    private boolean oldAntenna;
    private boolean finalSweep;
    private boolean hasPhoto;

    @Enumerated(EnumType.STRING)
    @Column(length = 10)
    private Pieces pieces;

    private boolean lookedOver;
    private String runName;
    private Double runWeightKg;

    @ElementCollection(fetch = FetchType.EAGER)
    @BatchSize(size = 100)
    @CollectionTable(name = "pass_circumstance", joinColumns = @JoinColumn(name = "pass_id"))
    @Column(name = "circumstance", length = 30)
    @Enumerated(EnumType.STRING)
    private Set<Circumstance> circumstances = new HashSet<>();

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "recorded_by")
    private Person recordedBy;

    private Instant recordedAt;

    /** What was measured, and what it rests on. */
    record Measurement(StoredSweep sweep, ReadingKind kind, String declared, List<SpotReading> spots) {

        static Measurement swept(StoredSweep sweep, ReadingKind kind, String declared) {
            return new Measurement(sweep, kind, declared, List.of());
        }
    }

    protected TuningPass() {}

    TuningPass(
            Installation installation,
            int number,
            Recording recording,
            String sentDigest,
            Measurement taken,
            Person by,
            Instant at) {
        this.sentDigest = sentDigest;
        this.id = UUID.randomUUID();
        this.installation = installation;
        this.number = number;
        this.visitNumber = installation.visitNumber();
        this.changeM = recording.changeM();
        this.note = recording.note().strip();
        this.plane = installation.measuredAt();
        this.sweep = taken.sweep();
        this.readingKind = taken.kind();
        this.declared = taken.declared();
        taken.spots().forEach(s -> this.spots.add(new SpotValue(s)));
        this.secondChangeM = recording.secondMetres();
        this.oldAntenna = Boolean.TRUE.equals(recording.oldAntenna());
        this.finalSweep = Boolean.TRUE.equals(recording.finalSweep());
        this.pieces = recording.pieces();
        this.lookedOver = Boolean.TRUE.equals(recording.lookedOver());
        this.runName = recording.run().orElse(null);
        this.runWeightKg = recording.runWeightKg();
        if (recording.circumstances() != null) {
            this.circumstances.addAll(recording.circumstances());
        }
        this.requestKey = recording.requestKey();
        this.recordedBy = by;
        this.recordedAt = at;
    }

    /** As it was when it was archived. */
    TuningPass(Installation installation, PassRecord r, StoredSweep sweep, Person by) {
        this.id = r.id();
        this.installation = installation;
        this.number = r.number();
        // Archives of version 1 know no visits.
        this.visitNumber = r.visit() == null ? installation.visitNumberAt(r.recordedAt()) : r.visit();
        this.changeM = r.changeM();
        this.secondChangeM = r.secondChangeM();
        this.note = r.note();
        this.plane = r.plane();
        this.requestKey = r.requestKey();
        this.sentDigest = r.sentDigest();
        this.readingKind = r.readingKind();
        this.declared = r.declared();
        r.spots().forEach(s -> this.spots.add(new SpotValue(s)));
        this.oldAntenna = r.oldAntenna();
        this.finalSweep = r.finalSweep();
        this.pieces = r.pieces();
        this.lookedOver = r.lookedOver();
        this.runName = r.runName();
        this.runWeightKg = r.runWeightKg();
        this.circumstances.addAll(r.circumstances());
        this.sweep = sweep;
        this.recordedBy = by;
        this.recordedAt = r.recordedAt();
    }

    /** What was entered, for correction. */
    TuningService.EnteredPass entry() {
        return new TuningService.EnteredPass(
                changeM,
                secondChangeM,
                pieces,
                lookedOver,
                Set.copyOf(circumstances),
                oldAntenna,
                finalSweep,
                sweep.source(),
                readingKind,
                spots.stream().map(SpotValue::record).toList(),
                runName,
                runWeightKg);
    }

    /** All of it, for an archive. */
    PassRecord record(PassRecord.SweepRecord swept, String photo) {
        return new PassRecord(
                id,
                number,
                visitNumber,
                changeM,
                secondChangeM,
                note,
                plane,
                requestKey,
                sentDigest,
                readingKind,
                declared,
                spots.stream().map(SpotValue::record).toList(),
                oldAntenna,
                finalSweep,
                pieces,
                lookedOver,
                Set.copyOf(circumstances),
                recordedBy.login(),
                recordedAt,
                swept,
                photo,
                runName,
                runWeightKg);
    }

    @Override
    public UUID id() {
        return id;
    }

    /** False where it was made from something else than what has {@code digest}; what is older than digests is taken as the same. */
    boolean isMadeFrom(String digest) {
        return sentDigest == null || sentDigest.equals(digest);
    }

    Installation installation() {
        return installation;
    }

    int number() {
        return number;
    }

    /** Of the visit on which it was recorded. */
    int visitNumber() {
        return visitNumber;
    }

    void renumber(int newNumber) {
        number = newNumber;
        newest = newest && newNumber > 0;
    }

    /** @param counting all of an installation that count, oldest first */
    static void lastIsNewest(List<TuningPass> counting) {
        counting.forEach(p -> p.newest = false);
        newestOf(counting).ifPresent(p -> p.newest = true);
    }

    /** The last of the antenna that stays; empty where only the old one was read. */
    static Optional<TuningPass> newestOf(List<TuningPass> counting) {
        return counting.stream().filter(p -> !p.oldAntenna).reduce((a, b) -> b);
    }

    /** True where the newest left nothing loose: it is a final sweep, or nothing was loosened on a visit that only looks again. */
    static boolean isProven(List<TuningPass> counting, Installation installation) {
        return newestOf(counting)
                .filter(own ->
                        own.finalSweep || own.isOfARecheck(installation) && isUntouched(counting, own.visitNumber))
                .isPresent();
    }

    private boolean isOfARecheck(Installation i) {
        return i.visits().stream().anyMatch(v -> v.number() == visitNumber && v.purpose() == VisitPurpose.RECHECK);
    }

    private static boolean isUntouched(List<TuningPass> counting, int visitNumber) {
        return counting.stream()
                .filter(p -> p.visitNumber == visitNumber && !p.oldAntenna)
                .allMatch(p -> p.changeM == 0 && p.secondChangeM == 0);
    }

    /** The last reading of the antenna that was there before; empty where nobody read it. */
    static Optional<TuningPass> oldOf(List<TuningPass> counting) {
        return counting.stream().filter(TuningPass::isOldAntenna).reduce((a, b) -> b);
    }

    double changeM() {
        return changeM;
    }

    /** Metres by which the second piece was lengthened or moved outward. */
    double secondChangeM() {
        return secondChangeM;
    }

    /** True for the antenna that was there before. */
    boolean isOldAntenna() {
        return oldAntenna;
    }

    /** True where it was taken with everything tightened and sealed. */
    boolean isFinalSweep() {
        return finalSweep;
    }

    /** What was changed; empty for what is usual with the kind. */
    Optional<Pieces> pieces() {
        return Optional.ofNullable(pieces);
    }

    /** True where somebody has looked for a fault since the pass before. */
    boolean isLookedOver() {
        return lookedOver;
    }

    /** Name of the build that was read; empty for the antenna as it stands. */
    Optional<String> runName() {
        return Optional.ofNullable(runName);
    }

    /** What that build weighs; empty where nobody weighed it. */
    Optional<Double> runWeightKg() {
        return Optional.ofNullable(runWeightKg);
    }

    boolean hasPhoto() {
        return hasPhoto;
    }

    void setHasPhoto(boolean has) {
        hasPhoto = has;
    }

    /** What was not as it should be, the missing calibration among it. */
    Set<Circumstance> circumstances() {
        EnumSet<Circumstance> all = EnumSet.noneOf(Circumstance.class);
        all.addAll(circumstances);
        if (readingKind == ReadingKind.UNCALIBRATED_ANALYSER) {
            all.add(Circumstance.NOT_CALIBRATED);
        }
        return all;
    }

    String note() {
        return note;
    }

    ReferencePlane plane() {
        return plane;
    }

    StoredSweep sweep() {
        return sweep;
    }

    ReadingKind readingKind() {
        return readingKind;
    }

    /** Who calibrated what, as declared; "" where nothing was. */
    String declared() {
        return declared;
    }

    /** Readings at single channels; empty for a sweep. */
    List<SpotReading> spots() {
        return spots.stream().map(SpotValue::reading).toList();
    }

    boolean isSwept() {
        return readingKind.isSwept();
    }

    Person recordedBy() {
        return recordedBy;
    }

    Instant recordedAt() {
        return recordedAt;
    }
}
