package dorada.server.installation;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** Another radio that shares the antenna. */
public record OtherRadio(
        @NotBlank(message = "Each radio needs a name.") @Size(max = 60, message = "At most 60 letters, please.")
        String name,

        @NotNull
        @DecimalMin(value = "0.001", message = "Rated power lies between 1 mW and 2 kW.")
        @DecimalMax(value = "2000", message = "Rated power lies between 1 mW and 2 kW.")
        double ratedPowerW,

        @NotNull
        @DecimalMin(value = "1.05", message = "The radio's SWR ceiling lies between 1.05 and 20.")
        @DecimalMax(value = "20", message = "The radio's SWR ceiling lies between 1.05 and 20.")
        double swrCeiling) {}
