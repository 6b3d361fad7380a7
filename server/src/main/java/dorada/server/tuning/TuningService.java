package dorada.server.tuning;

import dorada.core.calibration.Calibration;
import dorada.core.format.SweepFile;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.Span;
import dorada.core.instrument.SpotReading;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.Circumstance;
import dorada.core.tuning.Pieces;
import dorada.server.calibration.Calibrations;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.instrument.PracticeBench;
import dorada.server.people.PeopleService;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.sweep.SweepSource;
import dorada.server.sweep.SweepStore;
import dorada.server.sweep.UploadedSweep;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Records passes, and takes wrong entries back. */
@Service
@Transactional
public class TuningService {

    private final TuningPassRepository passes;
    private final InstallationService installations;
    private final SweepStore sweeps;
    private final PracticeBench bench;
    private final PeopleService people;
    private final Calibrations calibrations;
    private final Judgements judgements;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    TuningService(
            TuningPassRepository passes,
            InstallationService installations,
            SweepStore sweeps,
            PracticeBench bench,
            PeopleService people,
            Calibrations calibrations,
            Judgements judgements,
            Clock clock,
            ApplicationEventPublisher events) {
        this.events = events;
        this.passes = passes;
        this.installations = installations;
        this.sweeps = sweeps;
        this.bench = bench;
        this.people = people;
        this.calibrations = calibrations;
        this.judgements = judgements;
        this.clock = clock;
    }

    /** Sweeps with the simulated analyser and records the result. */
    public PassView measure(UUID installationId, Recording recording, Span span, int points, UUID by) {
        return record(
                installationId,
                recording,
                SentDigest.of(recording, "measured", span, points),
                by,
                (installation, before) -> {
                    double changedM = recording.changeM()
                            + before.stream().mapToDouble(TuningPass::changeM).sum();
                    double secondM = recording.secondMetres()
                            + before.stream()
                                    .mapToDouble(TuningPass::secondChangeM)
                                    .sum();
                    int number = before.size() + 1;
                    return TuningPass.Measurement.swept(
                            sweeps.saveMeasured(
                                    Boolean.TRUE.equals(recording.oldAntenna())
                                            ? bench.sweepOld(installation, number, span, points)
                                            : bench.sweep(installation, changedM, secondM, number, span, points)),
                            ReadingKind.CALIBRATED_ANALYSER,
                            "");
                });
    }

    /** Records what an instrument swept just now. */
    public PassView recordSwept(UUID installationId, Recording recording, Calibration.Corrected taken, UUID by) {
        boolean isOurs = recording.calibrationId() != null;
        ReadingKind kind = isOurs ? ReadingKind.CALIBRATED_ANALYSER : sweptKind(recording);
        String declared =
                isOurs ? "corrected with " + calibrations.nameOf(recording.calibrationId()) : recording.declaredWords();
        Sweep sweep = taken.sweep();
        return record(
                installationId,
                recording,
                SentDigest.of(recording, "swept", sweep.startHz(), sweep.stopHz(), sweep.size()),
                by,
                (installation, before) -> TuningPass.Measurement.swept(
                        sweeps.saveTaken(taken.sweep(), taken.warnings()), kind, declared));
    }

    private static ReadingKind sweptKind(Recording recording) {
        ReadingKind kind = recording.rests() == null ? ReadingKind.UNCALIBRATED_ANALYSER : recording.rests();
        if (!kind.isSwept()) {
            throw UserProblem.atField("rests", Refused.A_SWEEP_IS_OF_AN_ANALYSER.of());
        }
        return kind;
    }

    /** Records an imported file, corrected by one of the shop's calibrations where the recording names one. */
    public PassView importFile(UUID installationId, Recording recording, UploadedSweep upload, UUID by) {
        return record(
                installationId, recording, SentDigest.of(recording, upload.bytes()), by, (installation, before) -> {
                    if (recording.calibrationId() != null) {
                        Calibrations.Use use = calibrations.correct(
                                recording.calibrationId(),
                                upload.file().sweep().renormalised(Sweep.STANDARD_REFERENCE_OHM));
                        SweepFile corrected = new SweepFile(
                                use.corrected().sweep(), use.corrected().warnings());
                        return TuningPass.Measurement.swept(
                                sweeps.saveImported(corrected, upload.name(), upload.bytes()),
                                ReadingKind.CALIBRATED_ANALYSER,
                                "corrected with " + use.name());
                    }
                    return TuningPass.Measurement.swept(
                            sweeps.saveImported(upload.file(), upload.name(), upload.bytes()),
                            sweptKind(recording),
                            recording.declaredWords());
                });
    }

    /** Records readings at single channels. */
    public PassView recordSpots(
            UUID installationId, Recording recording, ReadingKind kind, List<SpotReading> spots, UUID by) {
        List<SpotReading> ascending = spots.stream()
                .sorted(Comparator.comparingDouble(SpotReading::frequencyHz))
                .toList();
        return record(
                installationId,
                recording,
                SentDigest.of(recording, kind, ascending),
                by,
                (installation, before) -> new TuningPass.Measurement(
                        sweeps.saveSpots(magnitudes(ascending)), kind, recording.declaredWords(), ascending));
    }

    private static Sweep magnitudes(List<SpotReading> spots) {
        try {
            return Sweep.ofMagnitudes(
                    spots.stream().mapToDouble(SpotReading::frequencyHz).toArray(),
                    spots.stream().mapToDouble(SpotReading::magnitude).toArray());
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("spots", Refused.READ_TWICE.of());
        }
    }

    private PassView record(
            UUID installationId,
            Recording recording,
            String digest,
            UUID by,
            BiFunction<Installation, List<TuningPass>, TuningPass.Measurement> take) {
        Installation installation = installations.byId(installationId);
        List<TuningPass> before = passesThatCount(installationId);
        Optional<TuningPass> sentBefore = passes.findByRequestKey(recording.requestKey());
        if (sentBefore.isPresent()) {
            return viewOf(sentBefore.get(), before, installation, recording, digest);
        }
        installation.requireOpen();
        recording.requireOfOneAntenna();
        TuningPass pass = new TuningPass(
                installation,
                before.size() + 1,
                recording,
                digest,
                take.apply(installation, before),
                people.byId(by),
                // As exact as the database keeps it.
                clock.instant().truncatedTo(ChronoUnit.MICROS));
        List<TuningPass> all = new ArrayList<>(before);
        all.add(pass);
        TuningPass.lastIsNewest(all);
        passes.save(pass);
        changed(pass);
        return judgements.judge(all, installation);
    }

    /** The same entry sent again, after a lost answer: what was recorded then, and nothing new. */
    private PassView viewOf(
            TuningPass pass, List<TuningPass> all, Installation installation, Recording recording, String digest) {
        if (!pass.installation().id().equals(installation.id())) {
            throw UserProblem.conflict(Refused.RECORDED_ELSEWHERE.of());
        }
        if (!all.contains(pass)) {
            throw UserProblem.conflict(Refused.RECORDED_AND_TAKEN_BACK.of());
        }
        PassView recorded = judgements.look(pass, all, installation);
        if (!pass.isMadeFrom(digest)) {
            throw UserProblem.otherContent(recorded, recording);
        }
        return recorded;
    }

    /**
     * Takes the newest pass back, as a wrong entry: it counts no longer, and can be put back until another is recorded.
     */
    public void takeBack(UUID passId) {
        TuningPass pass = byId(passId);
        UUID installationId = pass.installation().id();
        pass.installation().requireOpen();
        List<TuningPass> all = passesThatCount(installationId);
        if (all.isEmpty() || !all.get(all.size() - 1).id().equals(passId)) {
            throw UserProblem.conflict(Refused.ONLY_THE_NEWEST.of());
        }
        requireOfThisVisit(pass);
        judgements.forget(passId);
        changed(pass);
        pass.renumber(-1 - passes.countByInstallationIdAndNumberLessThan(installationId, 0));
        TuningPass.lastIsNewest(all.subList(0, all.size() - 1));
    }

    /** Puts a pass back that was taken back, as the newest. */
    public void putBack(UUID passId) {
        TuningPass pass = byId(passId);
        pass.installation().requireOpen();
        if (pass.number() > 0) {
            throw UserProblem.conflict(Refused.COUNTS_ALREADY.of());
        }
        requireOfThisVisit(pass);
        List<TuningPass> all = passesThatCount(pass.installation().id());
        if (!all.isEmpty() && all.get(all.size() - 1).recordedAt().isAfter(pass.recordedAt())) {
            throw UserProblem.conflict(Refused.RECORDED_MEANWHILE.of());
        }
        pass.renumber(all.size() + 1);
        all.add(pass);
        TuningPass.lastIsNewest(all);
        changed(pass);
    }

    private void changed(TuningPass pass) {
        events.publishEvent(new InstallationService.Touched(pass.installation().id()));
        if (pass.isOldAntenna()) {
            judgements.forgetAll(pass.installation().id());
        }
    }

    /** What an earlier visit recorded is what its sign-off rests on. */
    private static void requireOfThisVisit(TuningPass pass) {
        if (pass.visitNumber() < pass.installation().visitNumber()) {
            throw UserProblem.conflict(Refused.OF_AN_EARLIER_VISIT.of());
        }
    }

    /** A pass that was taken back. */
    record TakenBack(
            @NotNull UUID id,
            @NotNull Instant recordedAt,
            @NotNull String recordedBy,
            @NotNull String note,
            @NotNull boolean mayBePutBack,
            @NotNull EnteredPass entry) {}

    /** What a person had entered, to be corrected and recorded again; a file or sweep is chosen or taken anew. */
    record EnteredPass(
            @NotNull double changeM,
            @NotNull double secondChangeM,
            Pieces pieces,
            @NotNull boolean lookedOver,
            @NotNull Set<Circumstance> circumstances,
            @NotNull boolean oldAntenna,
            @NotNull boolean finalSweep,
            @NotNull SweepSource source,
            @NotNull ReadingKind readingKind,
            @NotNull List<PassRecord.SpotRecord> spots,
            String runName,
            Double runWeightKg) {}

    /** The last taken back first; none of them counts. One that others follow is recorded again instead of put back. */
    @Transactional(readOnly = true)
    List<TakenBack> takenBack(UUID installationId) {
        Installation installation = installations.byId(installationId);
        Optional<Instant> newest = passesThatCount(installationId).stream()
                .map(TuningPass::recordedAt)
                .reduce((a, b) -> b);
        return passes.findByInstallationIdAndNumberLessThanOrderByNumber(installationId, 0).stream()
                .map(p -> new TakenBack(
                        p.id(),
                        p.recordedAt(),
                        p.recordedBy().displayName(),
                        p.note(),
                        !installation.isSignedOff()
                                && p.visitNumber() == installation.visitNumber()
                                && newest.filter(n -> n.isAfter(p.recordedAt())).isEmpty(),
                        p.entry()))
                .toList();
    }

    /** The installation that pass {@code passId} belongs to. */
    @Transactional(readOnly = true)
    public UUID installationOf(UUID passId) {
        return byId(passId).installation().id();
    }

    /** Whether anything counts on an installation. */
    @Transactional(readOnly = true)
    public boolean isBegun(UUID installationId) {
        return passes.existsByInstallationIdAndNumberGreaterThan(installationId, 0);
    }

    private List<TuningPass> passesThatCount(UUID installationId) {
        return passes.findByInstallationIdAndNumberGreaterThanOrderByNumber(installationId, 0);
    }

    private TuningPass byId(UUID passId) {
        return passes.findById(passId).orElseThrow(() -> UserProblem.notFound(Missing.PASS));
    }
}
