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
        @NotNull @Size(max = 300, message = "{wrong.LETTERS}")
        String place,

        @NotNull
        @DecimalMin(value = "0.001", message = "{wrong.POWER}")
        @DecimalMax(value = "2000", message = "{wrong.POWER}")
        double powerW,

        @NotNull
        @DecimalMin(value = "1e6", message = "{wrong.FREQUENCY}")
        @DecimalMax(value = "3e9", message = "{wrong.FREQUENCY}")
        double frequencyHz,

        @NotNull @Size(min = 2, max = 6, message = "{wrong.HOW_MANY}")
        List<@NotBlank(message = "{wrong.NAME}") @Size(max = 120, message = "{wrong.LETTERS}") String> antennas,

        @NotNull @Min(value = 1, message = "{wrong.ROUNDS}") @Max(value = 30, message = "{wrong.ROUNDS}")
        int rounds) {}
