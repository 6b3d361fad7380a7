package dorada.server.tuning;

import dorada.core.instrument.ReadingKind;
import dorada.core.tuning.Circumstance;
import dorada.core.tuning.Pieces;
import dorada.server.problem.UserProblem;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * What a person says when recording a pass.
 *
 * @param requestKey made by the page; the same key sent again records nothing twice
 * @param changeM metres added since the pass before, negative when shortened
 * @param note in their words, perhaps empty
 * @param rests what an imported sweep rests on; absent for a measured one
 * @param declared by whom and over which span an instrument was calibrated inside itself, in their words; absent for nothing
 * @param secondChangeM metres by which the second piece was lengthened or moved outward; absent for none
 * @param circumstances what was not as it should be; absent for nothing
 * @param oldAntenna true for the antenna that was there before: a reference, which advice leaves aside
 * @param finalSweep true for the last one, with everything tightened and sealed
 * @param pieces what was changed by {@code changeM}: one piece, or all alike; absent for what is usual with the kind
 * @param lookedOver true where somebody has looked for a fault since the pass before; absent for false
 * @param runName of the build that was read, to be held against others; absent for none
 * @param runWeightKg what that build weighs; absent where nobody weighed it
 * @param calibrationId the shop's calibration with which an imported raw sweep is to be corrected; absent for none
 */
public record Recording(
        @NotNull(message = "{wrong.REQUEST_KEY}") UUID requestKey,

        @NotNull(message = "{wrong.CHANGED}")
        @DecimalMin(value = "-10", message = "{wrong.CHANGE}")
        @DecimalMax(value = "10", message = "{wrong.CHANGE}")
        Double changeM,

        @NotNull @Size(max = 2000, message = "{wrong.LETTERS}")
        String note,

        ReadingKind rests,

        @Size(max = 300, message = "{wrong.LETTERS}") String declared,

        UUID calibrationId,

        @DecimalMin(value = "-10", message = "{wrong.CHANGE}") @DecimalMax(value = "10", message = "{wrong.CHANGE}")
        Double secondChangeM,

        Set<Circumstance> circumstances,
        Boolean oldAntenna,
        Boolean finalSweep,
        Pieces pieces,
        Boolean lookedOver,

        @Size(max = 120, message = "{wrong.LETTERS}") String runName,

        @DecimalMin(value = "0.001", message = "{wrong.RUN_WEIGHT}")
        @DecimalMax(value = "10000", message = "{wrong.RUN_WEIGHT}")
        Double runWeightKg) {

    /** The build that was read; empty where it is the antenna as it stands. */
    Optional<String> run() {
        return Optional.ofNullable(runName).map(String::strip).filter(n -> !n.isEmpty());
    }

    /** @throws UserProblem where the old antenna is said to be changed, or what is swept for the last time */
    void requireOfOneAntenna() {
        boolean isChanged = changeM != 0 || secondMetres() != 0 || Boolean.TRUE.equals(finalSweep);
        if (Boolean.TRUE.equals(oldAntenna) && isChanged) {
            throw UserProblem.atField("changeM", Refused.OLD_IS_NOT_CHANGED.of());
        }
    }

    double secondMetres() {
        return secondChangeM == null ? 0 : secondChangeM;
    }

    String declaredWords() {
        return declared == null ? "" : declared.strip();
    }
}
