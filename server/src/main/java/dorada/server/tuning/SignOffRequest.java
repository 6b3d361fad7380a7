package dorada.server.tuning;

import dorada.server.installation.SignedPart;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * A sign-off as a person sends it.
 *
 * @param version of the installation that they saw
 * @param passNumber the newest pass that they saw
 * @param remark final lengths, marks, conditions
 * @param limitW most power until the fix; absent for no limit
 * @param due date by which it must be mended; absent for none
 * @param reason why it is good enough, where the rule is not met; where it is, perhaps what speaks for it all the same
 * @param mendedBy who mends it; absent for nobody named
 * @param returnedBy who returned an aircraft to service, with which licence; absent where nobody has
 * @param parts as they are put together again, the first is number 1; absent for none
 */
public record SignOffRequest(
        @NotNull long version,
        @NotNull int passNumber,

        @NotNull @Size(max = 2000, message = "{wrong.LETTERS}")
        String remark,

        @Size(max = 2000, message = "{wrong.LETTERS}") String reason,

        @DecimalMin(value = "0.001", message = "{wrong.LEAST_W}")
        Double limitW,

        LocalDate due,

        @Size(max = 200, message = "{wrong.LETTERS}") String mendedBy,

        @Size(max = 300, message = "{wrong.LETTERS}") String returnedBy,

        @Valid @Size(max = 60, message = "{wrong.MANY}") List<SignedPart> parts) {

    public SignOffRequest {
        parts = parts == null ? List.of() : List.copyOf(parts);
    }

    /** Without a limit. */
    public static SignOffRequest of(long version, int passNumber, String remark, String reason) {
        return new SignOffRequest(version, passNumber, remark, reason, null, null, null, null, List.of());
    }

    /** What was typed; empty for nothing. */
    static Optional<String> said(String text) {
        return Optional.ofNullable(text).map(String::strip).filter(s -> !s.isEmpty());
    }

    /** Whether its date lies before today, by the day of the shop and not of Greenwich. */
    boolean hasPassed(Clock clock) {
        return due != null && due.isBefore(LocalDate.now(clock));
    }
}
