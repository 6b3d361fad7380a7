package dorada.server.onair;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * Antennas to be heard one after the other.
 *
 * @param place where is called from and who hears: the same for all
 */
record ComparisonRequest(
        @NotNull @Size(max = 300, message = "At most 300 letters, please.")
        String place,

        @NotNull
        @DecimalMin(value = "0.001", message = "Power lies between 1 mW and 2 kW.")
        @DecimalMax(value = "2000", message = "Power lies between 1 mW and 2 kW.")
        double powerW,

        @NotNull
        @DecimalMin(value = "1e6", message = "A frequency lies between 1 and 3000 MHz.")
        @DecimalMax(value = "3e9", message = "A frequency lies between 1 and 3000 MHz.")
        double frequencyHz,

        @NotNull @Size(min = 2, max = 6, message = "Two to six antennas can be compared.")
        List<
                        @NotBlank(message = "Each antenna needs a name.")
                        @Size(max = 120, message = "At most 120 letters, please.") String>
                antennas,

        @NotNull @Min(value = 1, message = "At least one round.") @Max(value = 30, message = "At most 30 rounds.")
        int rounds) {}
