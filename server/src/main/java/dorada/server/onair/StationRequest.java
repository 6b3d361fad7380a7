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

        @NotBlank(message = "{wrong.NAME}") @Size(max = 120, message = "{wrong.LETTERS}")
        String name,

        @DecimalMin(value = "1e6", message = "{wrong.FREQUENCY}")
        @DecimalMax(value = "3e9", message = "{wrong.FREQUENCY}")
        Double frequencyHz,

        @DecimalMin(value = "0", message = "{wrong.NOT_NEGATIVE}")
        @DecimalMax(value = "20e6", message = "{wrong.TOO_FAR}")
        Double distanceM,

        @DecimalMin(value = "0", message = "{wrong.NOT_NEGATIVE}")
        @DecimalMax(value = "9000", message = "{wrong.MOST_M}")
        Double heightM,

        @NotNull @Size(max = 600, message = "{wrong.LETTERS}")
        String note) {

    /** With {@code other}'s where this says nothing. */
    StationRequest orElse(StationRequest other) {
        return new StationRequest(
                version,
                name,
                frequencyHz == null ? other.frequencyHz : frequencyHz,
                distanceM == null ? other.distanceM : distanceM,
                heightM == null ? other.heightM : heightM,
                note.isEmpty() ? other.note : note);
    }
}
