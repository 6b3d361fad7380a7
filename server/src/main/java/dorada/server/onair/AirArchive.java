package dorada.server.onair;

import dorada.core.onair.Report;
import dorada.server.installation.InstallationService;
import dorada.server.onair.AirArchive.AirRecord;
import dorada.server.people.Person;
import dorada.server.shop.ArchivedPeople;
import dorada.server.shop.ShopPart;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Calls and comparisons in an archive, each with the installation that it belongs to. */
@Component
@Transactional
class AirArchive implements ShopPart<AirRecord> {

    private final AirCallRepository calls;
    private final AirComparisonRepository comparisons;
    private final AirClipRepository clips;
    private final InstallationService installations;

    AirArchive(
            AirCallRepository calls,
            AirComparisonRepository comparisons,
            AirClipRepository clips,
            InstallationService installations) {
        this.calls = calls;
        this.comparisons = comparisons;
        this.clips = clips;
        this.installations = installations;
    }

    /** @param clip a WAV; absent without one */
    record TrialRecord(int round, @NotBlank @Size(max = 120) String antenna, Report report, byte[] clip) {}

    /**
     * Either a call or a comparison.
     *
     * @param by a login
     * @param takenBackBy a login
     */
    record AirRecord(
            @NotNull UUID id,
            @NotNull UUID installationId,
            @NotBlank String by,
            @NotNull Instant at,
            @Valid CallRequest call,
            String takenBackBy,
            Instant takenBackAt,
            @Valid ComparisonRequest comparison,
            @Size(max = 200) List<@Valid TrialRecord> trials) {}

    @Override
    public String name() {
        return "on-air";
    }

    @Override
    public Class<AirRecord> type() {
        return AirRecord.class;
    }

    private List<AirCall> calls(Optional<UUID> installation) {
        return installation.map(calls::findByInstallationIdOrderByCalledAtDesc).orElseGet(calls::findAll);
    }

    private List<AirComparison> comparisons(Optional<UUID> installation) {
        return installation
                .map(comparisons::findByInstallationIdOrderByBegunAtDesc)
                .orElseGet(comparisons::findAll);
    }

    @Override
    @Transactional(readOnly = true)
    public List<AirRecord> pack(Optional<UUID> installation) {
        return Stream.concat(
                        calls(installation).stream().map(AirArchive::record),
                        comparisons(installation).stream().map(this::record))
                .toList();
    }

    private static AirRecord record(AirCall c) {
        return new AirRecord(
                c.id(),
                c.installationId(),
                c.calledBy().login(),
                c.calledAt(),
                c.entered(),
                c.takenBackBy().map(Person::login).orElse(null),
                c.takenBackAt().orElse(null),
                null,
                null);
    }

    private AirRecord record(AirComparison c) {
        List<String> antennas =
                c.trials().stream().map(AirTrial::antenna).distinct().toList();
        int rounds = c.trials().stream().mapToInt(AirTrial::round).max().orElse(1);
        return new AirRecord(
                c.id(),
                c.installationId(),
                c.begunBy().login(),
                c.begunAt(),
                null,
                null,
                null,
                new ComparisonRequest(c.place(), c.powerW(), c.frequencyHz(), antennas, rounds),
                c.trials().stream()
                        .map(t -> new TrialRecord(
                                t.round(),
                                t.antenna(),
                                t.report().orElse(null),
                                t.clipId()
                                        .flatMap(clips::findById)
                                        .map(AirClip::wav)
                                        .orElse(null)))
                        .toList());
    }

    @Override
    @Transactional(readOnly = true)
    public Stream<Person> people(Optional<UUID> installation) {
        return Stream.of(
                calls(installation).stream()
                        .flatMap(c -> Stream.concat(Stream.of(c.calledBy()), c.takenBackBy().stream())),
                comparisons(installation).stream().map(AirComparison::begunBy))
                .flatMap(s -> s)
                .toList()
                .stream();
    }

    /** With its installation, which comes before it; without that nothing. */
    @Override
    public boolean restore(AirRecord r, ArchivedPeople people) {
        if (!installations.isKnown(r.installationId())) {
            return false;
        }
        return r.call() != null ? restoreCall(r, people) : restoreComparison(r, people);
    }

    private boolean restoreCall(AirRecord r, ArchivedPeople people) {
        if (calls.existsById(r.id())) {
            return false;
        }
        AirCall call = new AirCall(r.id(), r.installationId(), r.call(), people.byLogin(r.by()), r.at());
        if (r.takenBackBy() != null && r.takenBackAt() != null) {
            call.takeBack(people.byLogin(r.takenBackBy()), r.takenBackAt());
        }
        calls.saveAndFlush(call);
        return true;
    }

    private boolean restoreComparison(AirRecord r, ArchivedPeople people) {
        if (r.comparison() == null || r.trials() == null || comparisons.existsById(r.id())) {
            return false;
        }
        List<AirTrial> trials = r.trials().stream()
                .map(t -> {
                    AirTrial trial = new AirTrial(t.round(), t.antenna());
                    if (t.report() != null) {
                        trial.heardAs(t.report());
                    }
                    if (t.clip() != null) {
                        trial.recorded(clips.save(new AirClip(t.clip())), Clips.noise(t.clip()));
                    }
                    return trial;
                })
                .toList();
        comparisons.saveAndFlush(
                new AirComparison(r.id(), r.installationId(), r.comparison(), trials, people.byLogin(r.by()), r.at()));
        return true;
    }
}
