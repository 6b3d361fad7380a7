package dorada.server.installation;

import dorada.server.shop.ArchivedPeople;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;

/**
 * An installation as an archive holds it; docs/archive.md describes the fields.
 *
 * @param plan as a person would fill it in
 * @param createdBy a login
 * @param standInSeed of its practice antenna
 */
public record InstallationRecord(
        @NotNull UUID id,
        @Min(1) @Max(9_999_999) long shopNumber,
        long standInSeed,
        @NotNull @Valid InstallationRequest plan,
        @NotBlank String createdBy,
        @NotNull Instant createdAt,
        @Size(max = 1000) List<@Valid EarlierRecord> earlier,
        @Valid SignOffRecord signOff) {

    public InstallationRecord {
        earlier = earlier == null ? List.of() : earlier;
    }

    /**
     * A sign-off that was reopened.
     *
     * @param by a login
     * @param reopenedBy a login
     */
    public record EarlierRecord(
            @NotBlank String by,
            @NotNull Instant at,
            @Min(1) int passNumber,
            @NotNull String remark,
            String reason,
            Double limitW,
            LocalDate due,
            Double costDb,
            @NotBlank String reopenedBy,
            @NotNull Instant reopenedAt) {

        static EarlierRecord of(EarlierSignOff e) {
            Installation.Closing c = e.closing();
            return new EarlierRecord(
                    e.signedBy().login(),
                    e.signedAt(),
                    c.passNumber(),
                    c.remark(),
                    c.reason(),
                    c.limitW(),
                    c.due(),
                    c.costDb(),
                    e.reopenedBy().login(),
                    e.reopenedAt());
        }

        EarlierSignOff restored(ArchivedPeople people) {
            return new EarlierSignOff(
                    people.byLogin(by),
                    at,
                    new Installation.Closing(passNumber, remark, reason, limitW, due, costDb),
                    people.byLogin(reopenedBy),
                    reopenedAt);
        }
    }

    /** @param by a login */
    public record SignOffRecord(
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

    public static InstallationRecord of(Installation i) {
        return i.record();
    }

    /** Who is named in it, by login. */
    public Set<String> logins() {
        Set<String> logins = new TreeSet<>();
        logins.add(createdBy);
        if (signOff != null) {
            logins.add(signOff.by());
        }
        earlier.forEach(e -> {
            logins.add(e.by());
            logins.add(e.reopenedBy());
        });
        return logins;
    }
}
