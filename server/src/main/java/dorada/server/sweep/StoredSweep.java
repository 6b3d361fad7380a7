package dorada.server.sweep;

import dorada.core.sweep.Dip;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.server.row.AddedRow;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.Length;
import org.hibernate.annotations.BatchSize;

/** A sweep, stored whole, with the columns that lists are sorted by. */
@Entity
@Table(name = "sweep")
@BatchSize(size = 20)
public class StoredSweep extends AddedRow {

    private static final int MOST_WARNING_LETTERS = 4000;

    @Id
    private UUID id;

    @Column(length = Length.LONG32)
    private byte[] points;

    private int pointCount;
    private double startHz;
    private double stopHz;
    private double referenceOhm;
    private boolean hasPhase;
    private Double dipHz;
    private Double dipReturnLossDb;

    @Enumerated(EnumType.STRING)
    @Column(length = 20)
    private SweepSource source;

    private String fileName;
    private String warnings;

    protected StoredSweep() {}

    StoredSweep(Sweep sweep, SweepSource source, String fileName, List<String> warnings) {
        this.id = UUID.randomUUID();
        this.points = SweepCodec.encode(sweep);
        this.pointCount = sweep.size();
        this.startHz = sweep.startHz();
        this.stopHz = sweep.stopHz();
        this.referenceOhm = sweep.referenceOhm();
        this.hasPhase = sweep.hasPhase();
        this.source = source;
        this.fileName = fileName;
        String joined = String.join("\n", warnings);
        this.warnings = joined.substring(0, Math.min(MOST_WARNING_LETTERS, joined.length()));
        Optional<Dip> dip = new SweepAnalysis(sweep).deepestDip();
        dip.ifPresent(d -> {
            this.dipHz = d.frequencyHz();
            double depth = d.reading().returnLossDb();
            this.dipReturnLossDb = Double.isFinite(depth) ? depth : null;
        });
    }

    /** SHA-256 over its points, in hexadecimal. */
    public String digest() {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(points));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public UUID id() {
        return id;
    }

    /** The sweep, re the reference that it came with. */
    public Sweep sweep() {
        return SweepCodec.decode(points, referenceOhm, hasPhase);
    }

    public SweepSource source() {
        return source;
    }

    public Optional<String> fileName() {
        return Optional.ofNullable(fileName);
    }

    public List<String> warnings() {
        return warnings.isEmpty() ? List.of() : List.of(warnings.split("\n"));
    }
}
