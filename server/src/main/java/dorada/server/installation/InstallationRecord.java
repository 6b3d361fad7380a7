package dorada.server.installation;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
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
 * @param practice absent where nobody has swept that yet
 * @param earlier only in an archive of version 1; likewise {@code signOff}
 */
public record InstallationRecord(
        @NotNull UUID id,
        @Min(1) @Max(9_999_999) long shopNumber,
        long standInSeed,
        @Valid PracticeAntenna practice,
        @NotNull @Valid InstallationRequest plan,
        @NotBlank String createdBy,
        @NotNull Instant createdAt,
        @NotEmpty @Size(max = 1000) List<@Valid VisitRecord> visits,
        @Size(max = 1000) List<ArchiveOfVersion1.@Valid EarlierRecord> earlier,
        ArchiveOfVersion1.@Valid SignOffRecord signOff) {

    public InstallationRecord {
        if (visits == null) {
            visits = new ArchiveOfVersion1(earlier == null ? List.of() : earlier, signOff).visits(createdBy, createdAt);
            earlier = null;
            signOff = null;
        }
    }

    InstallationRecord(
            UUID id,
            long shopNumber,
            long standInSeed,
            PracticeAntenna practice,
            InstallationRequest plan,
            String createdBy,
            Instant createdAt,
            List<VisitRecord> visits) {
        this(id, shopNumber, standInSeed, practice, plan, createdBy, createdAt, visits, null, null);
    }

    public static InstallationRecord of(Installation i) {
        return i.record();
    }

    /** Who is named in it, by login. */
    public Set<String> logins() {
        Set<String> logins = new TreeSet<>();
        logins.add(createdBy);
        visits.forEach(v -> {
            logins.add(v.openedBy());
            if (v.signOff() != null) {
                logins.add(v.signOff().by());
            }
        });
        return logins;
    }
}
