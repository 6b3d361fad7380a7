package dorada.server.onair;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * @param version of the one that is changed; 0 for a new one
 * @param distanceM from the shop, {@code heightM} of its antenna above the ground around; absent where nobody knows
 */
record StationRequest(
        @NotNull long version,

        @NotBlank(message = "Please give the station a name.")
        @Size(max = 120, message = "At most 120 letters, please.")
        String name,

        @DecimalMin(value = "1e6", message = "A station's frequency lies between 1 and 3000 MHz.")
        @DecimalMax(value = "3e9", message = "A station's frequency lies between 1 and 3000 MHz.")
        Double frequencyHz,

        @DecimalMin(value = "0", message = "A distance is 0 or more.")
        @DecimalMax(value = "20e6", message = "That is farther than half around the earth.")
        Double distanceM,

        @DecimalMin(value = "0", message = "A height is 0 or more.")
        @DecimalMax(value = "9000", message = "A height is 9000 m at the most.")
        Double heightM,

        @NotNull @Size(max = 600, message = "At most 600 letters, please.")
        String note) {}
