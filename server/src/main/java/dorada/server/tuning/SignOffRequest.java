package dorada.server.tuning;

import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;

/**
 * A sign-off as a person sends it.
 *
 * @param version of the installation that they saw
 * @param passNumber the newest pass that they saw
 * @param remark final lengths, marks, conditions
 * @param limitW most power until the fix; absent for no limit
 * @param due date by which it must be mended; absent for none
 * @param reason why it is good enough, where the rule is not met
 */
public record SignOffRequest(
        @NotNull long version,
        @NotNull int passNumber,

        @NotNull @Size(max = 2000, message = "At most 2000 letters, please.")
        String remark,

        @Size(max = 2000, message = "At most 2000 letters, please.")
        String reason,

        @DecimalMin(value = "0.001", message = "A limit lies above 1 mW.")
        Double limitW,

        LocalDate due) {

    /** Whether its date lies before today, by the day of the shop and not of Greenwich. */
    boolean hasPassed(Clock clock) {
        return due != null && due.isBefore(LocalDate.now(clock));
    }
}
