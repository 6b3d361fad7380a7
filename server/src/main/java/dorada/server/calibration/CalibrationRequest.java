package dorada.server.calibration;

import dorada.server.sweep.TraceData;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * A calibration to keep.
 *
 * @param open raw reading of the open, uncorrected; short and load over the same frequencies
 */
record CalibrationRequest(
        @NotBlank(message = "{wrong.NAME}") @Size(max = 120, message = "{wrong.LETTERS}")
        String name,

        @NotNull @Size(max = 120, message = "{wrong.LETTERS}")
        String instrument,

        @NotNull @Size(max = 120, message = "{wrong.LETTERS}")
        String cable,

        @NotNull @Size(max = 120, message = "{wrong.LETTERS}")
        String adapter,

        @NotNull @Valid StandardsRequest standards,

        @NotNull(message = "{wrong.READING_OF_OPEN}") @Valid TraceData open,

        @NotNull(message = "{wrong.READING_OF_SHORT}") @Valid
        TraceData shorted,

        @NotNull(message = "{wrong.READING_OF_LOAD}") @Valid TraceData load) {}
