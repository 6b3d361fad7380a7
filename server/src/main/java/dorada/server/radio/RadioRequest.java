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

        @NotBlank(message = "Please give the radio a name that the shop will recognise.")
        @Size(max = 120, message = "At most 120 letters, please.")
        String name,

        @NotNull
        @DecimalMin(value = "0.001", message = "Rated power lies between 1 mW and 2 kW.")
        @DecimalMax(value = "2000", message = "Rated power lies between 1 mW and 2 kW.")
        double ratedPowerW,

        @NotNull
        @DecimalMin(value = "1.05", message = "The radio's SWR limit lies between 1.05 and 20.")
        @DecimalMax(value = "20", message = "The radio's SWR limit lies between 1.05 and 20.")
        double swrCeiling,

        @NotNull @Size(max = 600, message = "At most 600 letters, please.")
        String note) {}
