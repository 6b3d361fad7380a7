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
        @NotBlank(message = "Please give the calibration a name.")
        @Size(max = 120, message = "At most 120 letters, please.")
        String name,

        @NotNull @Size(max = 120, message = "At most 120 letters, please.")
        String instrument,

        @NotNull @Size(max = 120, message = "At most 120 letters, please.")
        String cable,

        @NotNull @Size(max = 120, message = "At most 120 letters, please.")
        String adapter,

        @NotNull @Valid StandardsRequest standards,

        @NotNull(message = "The reading of the open is missing.") @Valid
        TraceData open,

        @NotNull(message = "The reading of the short is missing.") @Valid
        TraceData shorted,

        @NotNull(message = "The reading of the load is missing.") @Valid
        TraceData load) {}
