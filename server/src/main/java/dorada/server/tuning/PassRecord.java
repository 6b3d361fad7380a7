package dorada.server.tuning;

import dorada.core.acceptance.ReferencePlane;
import dorada.core.instrument.ReadingKind;
import dorada.core.tuning.Circumstance;
import dorada.core.tuning.Pieces;
import dorada.server.sweep.SweepSource;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/**
 * A pass as an archive holds it; its points, photo and imported file lie beside it. docs/archive.md describes the fields.
 *
 * @param number below 0 for one that was taken back
 * @param visit its number; absent in an archive of version 1
 * @param runName of a build that was read; absent for the antenna as it stands
 * @param recordedBy a login
 */
public record PassRecord(
        @NotNull UUID id,
        int number,
        @Min(1) Integer visit,
        double changeM,
        double secondChangeM,
        @NotNull @Size(max = 2000) String note,
        @NotNull ReferencePlane plane,
        @NotNull UUID requestKey,
        @Size(max = 64) String sentDigest,
        @NotNull ReadingKind readingKind,
        @NotNull @Size(max = 300) String declared,
        @NotNull @Size(max = MOST_SPOTS) List<@Valid SpotRecord> spots,
        boolean oldAntenna,
        boolean finalSweep,
        Pieces pieces,
        boolean lookedOver,
        @NotNull Set<Circumstance> circumstances,
        @NotBlank String recordedBy,
        @NotNull Instant recordedAt,
        @NotNull @Valid SweepRecord sweep,
        String photo,
        @Size(max = 120) String runName,
        Double runWeightKg) {

    /** So many readings a pass may have. */
    static final int MOST_SPOTS = 500;

    /**
     * A reading at one channel, in SWR, ohms and watts; {@code highSwr} absent where it has no upper end, watts where none were
     * read.
     */
    public record SpotRecord(
            @NotNull double frequencyHz,
            @NotNull double swr,
            @NotNull double lowSwr,
            Double highSwr,
            Double resistanceOhm,
            Double reactanceSizeOhm,
            Double forwardW,
            Double reflectedW,
            Double forwardFullScaleW,
            Double reflectedFullScaleW) {}

    /**
     * @param file name of the file with the points: Touchstone, or a table where there is no phase
     * @param digest SHA-256 over the points, so that a file that was altered is noticed
     * @param original name of the imported file as it came; absent where none was
     * @param fileName how that was called; absent where none was
     */
    public record SweepRecord(
            @NotBlank String file,
            @NotBlank String digest,
            @NotNull SweepSource source,
            @NotNull @Size(max = 50) List<String> warnings,
            String original,
            @Size(max = 255) String fileName) {}
}
