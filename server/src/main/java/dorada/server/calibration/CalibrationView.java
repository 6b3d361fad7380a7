package dorada.server.calibration;

import dorada.core.calibration.Calibration;
import dorada.server.sweep.ReadingView;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;

/**
 * A kept calibration.
 *
 * @param rawDirectivityDb worst directivity before correction, positive dB
 * @param checkedDb what the last re-measured load came back to; absent where none was
 */
record CalibrationView(
        @NotNull UUID id,
        @NotNull String name,
        @NotNull String instrument,
        @NotNull String cable,
        @NotNull String adapter,
        @NotNull double startHz,
        @NotNull double stopHz,
        @NotNull int points,
        @NotNull StandardsRequest standards,
        Double rawDirectivityDb,
        Double checkedDb,
        Instant checkedAt,
        @NotNull String madeBy,
        @NotNull Instant madeAt) {

    static CalibrationView of(SavedCalibration k) {
        Calibration c = k.calibration();
        return new CalibrationView(
                k.id(),
                k.name(),
                k.instrument(),
                k.cable(),
                k.adapter(),
                c.startHz(),
                c.stopHz(),
                c.points(),
                StandardsRequest.of(k.standards()),
                ReadingView.finite(c.rawDirectivityDb()),
                k.checkedDb().orElse(null),
                k.checkedAt().orElse(null),
                k.madeBy().displayName(),
                k.madeAt());
    }
}
