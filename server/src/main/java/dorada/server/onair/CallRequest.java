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
        @NotBlank(message = "{wrong.CALLED}") @Size(max = 120, message = "{wrong.LETTERS}")
        String station,

        @NotNull
        @DecimalMin(value = "1e6", message = "{wrong.FREQUENCY}")
        @DecimalMax(value = "3e9", message = "{wrong.FREQUENCY}")
        double frequencyHz,

        @Column(name = "distance_m")
        @DecimalMin(value = "0", message = "{wrong.NOT_NEGATIVE}")
        @DecimalMax(value = "20e6", message = "{wrong.TOO_FAR}")
        Double distanceM,

        @NotNull
        @Column(name = "power_w")
        @DecimalMin(value = "0.001", message = "{wrong.POWER}")
        @DecimalMax(value = "2000", message = "{wrong.POWER}")
        double powerW,

        @NotNull boolean oldAntenna,

        @NotNull(message = "{wrong.REPORT}") @Enumerated(EnumType.STRING) @Column(length = 20)
        Report report,

        @NotNull @Size(max = 600, message = "{wrong.LETTERS}")
        String note) {}
