package dorada.server.calibration;

import dorada.core.calibration.Calibration;
import dorada.core.calibration.Standards;
import dorada.server.people.Person;
import dorada.server.removed.Removable;
import dorada.server.sweep.StoredSweep;
import dorada.server.sweep.TraceData;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** A calibration as it was measured: raw readings of the three standards and what these are. Never altered afterwards. */
@Entity
@Table(name = "calibration")
class SavedCalibration extends Removable {

    @Id
    private UUID id;

    @Version
    private long version;

    private String name;
    private String instrument;
    private String cable;
    private String adapter;

    @Column(name = "open_offset_m")
    private double openOffsetM;

    private double openFarad;

    @Column(name = "short_offset_m")
    private double shortOffsetM;

    private double shortHenry;
    private double loadOhm;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "open_id")
    private StoredSweep open;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "short_id")
    private StoredSweep shorted;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "load_id")
    private StoredSweep load;

    private Double checkedDb;
    private Instant checkedAt;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "made_by")
    private Person madeBy;

    private Instant madeAt;

    protected SavedCalibration() {}

    SavedCalibration(
            CalibrationRequest r, StoredSweep open, StoredSweep shorted, StoredSweep load, Person by, Instant at) {
        this(UUID.randomUUID(), r, open, shorted, load, by, at);
    }

    SavedCalibration(
            UUID id,
            CalibrationRequest r,
            StoredSweep open,
            StoredSweep shorted,
            StoredSweep load,
            Person by,
            Instant at) {
        Standards s = r.standards().standards();
        this.id = id;
        this.name = r.name().strip();
        this.instrument = r.instrument().strip();
        this.cable = r.cable().strip();
        this.adapter = r.adapter().strip();
        this.openOffsetM = s.openOffsetM();
        this.openFarad = s.openFarad();
        this.shortOffsetM = s.shortOffsetM();
        this.shortHenry = s.shortHenry();
        this.loadOhm = s.loadOhm();
        this.open = open;
        this.shorted = shorted;
        this.load = load;
        this.madeBy = by;
        this.madeAt = at;
    }

    @Override
    public UUID id() {
        return id;
    }

    @Override
    public String name() {
        return name;
    }

    void nameInstrument(String now) {
        instrument = now;
    }

    String instrument() {
        return instrument;
    }

    String cable() {
        return cable;
    }

    String adapter() {
        return adapter;
    }

    Standards standards() {
        return new Standards(openOffsetM, openFarad, shortOffsetM, shortHenry, loadOhm);
    }

    Calibration calibration() {
        return Calibration.of(new Standards.Truth(open.sweep(), shorted.sweep(), load.sweep()), standards());
    }

    /** What it was made from. */
    CalibrationRequest request() {
        return new CalibrationRequest(
                name,
                instrument,
                cable,
                adapter,
                StandardsRequest.of(standards()),
                TraceData.of(open.sweep()),
                TraceData.of(shorted.sweep()),
                TraceData.of(load.sweep()));
    }

    double startHz() {
        return open.sweep().startHz();
    }

    double stopHz() {
        return open.sweep().stopHz();
    }

    int points() {
        return open.sweep().size();
    }

    Optional<Double> checkedDb() {
        return Optional.ofNullable(checkedDb);
    }

    Optional<Instant> checkedAt() {
        return Optional.ofNullable(checkedAt);
    }

    void checked(double leftDb, Instant at) {
        checkedDb = leftDb;
        checkedAt = at;
    }

    Person madeBy() {
        return madeBy;
    }

    Instant madeAt() {
        return madeAt;
    }
}
