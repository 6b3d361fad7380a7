package dorada.server.installation;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * What archives said before there were visits: each sign-off that was reopened, and the last.
 *
 * @param signOff null where it was not signed off
 */
record ArchiveOfVersion1(
        @NotNull List<@Valid EarlierRecord> earlier, @Valid SignOffRecord signOff) {

    /** @param by a login; likewise {@code reopenedBy} */
    record EarlierRecord(
            @NotBlank String by,
            @NotNull Instant at,
            @Min(1) int passNumber,
            @NotNull String remark,
            String reason,
            Double limitW,
            LocalDate due,
            Double costDb,
            @NotBlank String reopenedBy,
            @NotNull Instant reopenedAt) {}

    /** @param by a login */
    record SignOffRecord(
            @NotBlank String by,
            @NotNull Instant at,
            @Min(1) int passNumber,
            @NotNull String remark,
            String reason,
            Double limitW,
            LocalDate due,
            Double costDb,
            Double learntSetPerElectrical,
            Double learntDoubt) {}

    /** As visits: each time that it was reopened began one. */
    List<VisitRecord> visits(String createdBy, Instant createdAt) {
        List<VisitRecord> visits = new ArrayList<>();
        String by = createdBy;
        Instant at = createdAt;
        for (EarlierRecord e : earlier) {
            visits.add(visit(
                    visits.size(),
                    by,
                    at,
                    new VisitRecord.SignOffRecord(
                            e.by(),
                            e.at(),
                            e.passNumber(),
                            e.remark(),
                            e.reason(),
                            e.limitW(),
                            e.due(),
                            e.costDb(),
                            null,
                            null,
                            null,
                            null,
                            null,
                            null,
                            null,
                            null,
                            null,
                            null,
                            null)));
            by = e.reopenedBy();
            at = e.reopenedAt();
        }
        visits.add(visit(
                visits.size(),
                by,
                at,
                signOff == null
                        ? null
                        : new VisitRecord.SignOffRecord(
                                signOff.by(),
                                signOff.at(),
                                signOff.passNumber(),
                                signOff.remark(),
                                signOff.reason(),
                                signOff.limitW(),
                                signOff.due(),
                                signOff.costDb(),
                                null,
                                null,
                                null,
                                null,
                                signOff.learntSetPerElectrical(),
                                signOff.learntDoubt(),
                                null,
                                null,
                                null,
                                null,
                                null)));
        return visits;
    }

    private static VisitRecord visit(int before, String by, Instant at, VisitRecord.SignOffRecord signOff) {
        return new VisitRecord(
                null, before == 0 ? VisitPurpose.FITTING : VisitPurpose.RETUNING, "", by, at, null, signOff);
    }
}
