package dorada.server.installation;

import dorada.server.people.Person;
import dorada.server.problem.JobException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
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
        @Valid SignOffRecord signOff) {

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
    public Optional<String> signedOffBy() {
        return Optional.ofNullable(signOff).map(SignOffRecord::by);
    }

    static InstallationRequest plan(Installation i) {
        InstallationRequest like = InstallationRequest.likeBut(i, i.title());
        return new InstallationRequest(
                like.title(),
                like.customer(),
                like.carrier(),
                like.carrierDetail(),
                like.antennaKind(),
                like.antennaDetail(),
                like.oneWay(),
                like.smallestStepM(),
                i.startLengthM().orElse(null),
                like.shortestLengthM(),
                like.longestLengthM(),
                like.ratedPowerW(),
                like.swrCeiling(),
                like.ruleName(),
                like.limitSwr(),
                like.measuredAt(),
                like.channels(),
                like.otherRadios(),
                like.feedlineType(),
                like.feedlineLengthM());
    }

    /** Who a login is, here. */
    @FunctionalInterface
    public interface People {
        /** @throws JobException where the archive does not name such a person */
        Person byLogin(String login);
    }
}
