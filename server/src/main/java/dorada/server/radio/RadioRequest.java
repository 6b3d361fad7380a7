package dorada.server.radio;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * @param version of the one that is changed; 0 for a new one
 * @param note where it is, its mark
 */
public record RadioRequest(
        @NotNull long version,

        @NotBlank(message = "{wrong.SHOP_NAME}") @Size(max = 120, message = "{wrong.LETTERS}")
        String name,

        @NotNull
        @DecimalMin(value = "0.001", message = "{wrong.POWER}")
        @DecimalMax(value = "2000", message = "{wrong.POWER}")
        double ratedPowerW,

        @NotNull
        @DecimalMin(value = "1.05", message = "{wrong.CEILING}")
        @DecimalMax(value = "20", message = "{wrong.CEILING}")
        double swrCeiling,

        @NotNull @Size(max = 600, message = "{wrong.LETTERS}")
        String note) {}
