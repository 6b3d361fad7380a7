package dorada.server.installation;

import dorada.core.ready.Method;
import dorada.core.ready.Readiness;
import dorada.core.ready.ReadyStep;
import dorada.core.recheck.Finding;
import dorada.core.tuning.TrimPrior;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * A visit as an archive holds it.
 *
 * @param id absent in one that was read from an archive of version 1
 * @param openedBy a login
 * @param ready absent where nobody answered
 * @param signOff absent while it is open
 */
public record VisitRecord(
        UUID id,
        @NotNull VisitPurpose purpose,
        @NotNull @Size(max = 600) String why,
        @NotBlank String openedBy,
        @NotNull Instant openedAt,
        @Valid ReadyRecord ready,
        @Valid SignOffRecord signOff) {

    /**
     * What was looked at before the first reading.
     *
     * @param by a login
     */
    public record ReadyRecord(
            @NotNull Method method,
            @NotNull Map<ReadyStep, Readiness.Answer> answers,
            @NotBlank String by,
            @NotNull Instant at) {}

    /**
     * A sign-off; the rule and the worst SWR are absent where they are not known.
     *
     * @param by a login
     */
    public record SignOffRecord(
            @NotBlank String by,
            @NotNull Instant at,
            @Min(1) int passNumber,
            @NotNull @Size(max = 2000) String remark,
            @Size(max = 2000) String reason,
            Double limitW,
            LocalDate due,
            Double costDb,
            RuleName ruleName,
            Double limitSwr,
            Double swrCeiling,
            Double worstSwr,
            Double lengthRatio,
            Double lengthRatioDoubt,
            Finding finding,
            Double movedHz,
            @Size(max = 200) String mendedBy,
            @Size(max = 300) String returnedBy,
            @Valid @Size(max = 60) List<SignedPart> parts) {

        /** Archives of before know no parts. */
        public SignOffRecord {
            parts = parts == null ? List.of() : List.copyOf(parts);
        }

        Optional<TrimPrior.Lesson> lesson() {
            return lengthRatio == null || lengthRatioDoubt == null
                    ? Optional.empty()
                    : Optional.of(new TrimPrior.Lesson(lengthRatio, lengthRatioDoubt));
        }
    }
}
