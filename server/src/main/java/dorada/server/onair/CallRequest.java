package dorada.server.onair;

import dorada.core.onair.Report;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * One line of the log.
 *
 * @param station who heard, or did not
 * @param distanceM to it from where was called; absent where nobody knows
 * @param oldAntenna called with the antenna of before
 */
@Embeddable
record CallRequest(
        @NotBlank(message = "Please say who was called.") @Size(max = 120, message = "At most 120 letters, please.")
        String station,

        @NotNull
        @DecimalMin(value = "1e6", message = "A frequency lies between 1 and 3000 MHz.")
        @DecimalMax(value = "3e9", message = "A frequency lies between 1 and 3000 MHz.")
        double frequencyHz,

        @Column(name = "distance_m")
        @DecimalMin(value = "0", message = "A distance is 0 or more.")
        @DecimalMax(value = "20e6", message = "That is farther than half around the earth.")
        Double distanceM,

        @NotNull
        @Column(name = "power_w")
        @DecimalMin(value = "0.001", message = "Power lies between 1 mW and 2 kW.")
        @DecimalMax(value = "2000", message = "Power lies between 1 mW and 2 kW.")
        double powerW,

        @NotNull boolean oldAntenna,

        @NotNull(message = "Please say how it was heard.") @Enumerated(EnumType.STRING) @Column(length = 20)
        Report report,

        @NotNull @Size(max = 600, message = "At most 600 letters, please.")
        String note) {}
