package dorada.server.tuning;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * A sign-off as a person sends it.
 *
 * @param version of the installation that they saw
 * @param passNumber the newest pass that they saw
 * @param remark final lengths, marks, conditions
 * @param reason why it is good enough, where the rule is not met
 */
public record SignOff(
        @NotNull long version,
        @NotNull int passNumber,

        @NotNull @Size(max = 2000, message = "At most 2000 letters, please.")
        String remark,

        @Size(max = 2000, message = "At most 2000 letters, please.")
        String reason) {}
