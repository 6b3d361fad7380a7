package dorada.server.installation;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** Another radio that shares the antenna. */
public record OtherRadio(
        @NotBlank(message = "{wrong.NAME}") @Size(max = 60, message = "{wrong.LETTERS}")
        String name,

        @NotNull
        @DecimalMin(value = "0.001", message = "{wrong.POWER}")
        @DecimalMax(value = "2000", message = "{wrong.POWER}")
        double ratedPowerW,

        @NotNull
        @DecimalMin(value = "1.05", message = "{wrong.CEILING}")
        @DecimalMax(value = "20", message = "{wrong.CEILING}")
        double swrCeiling) {}
