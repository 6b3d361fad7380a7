package dorada.server.onair;

import dorada.core.onair.ClipNoise;
import dorada.core.onair.Lot;
import dorada.core.onair.Report;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.Refusal;
import dorada.server.installation.InstallationService;
import dorada.server.people.PeopleService;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Calls and comparisons of an installation. */
@Service
@Transactional
public class OnAir {

    private final AirCallRepository calls;
    private final AirComparisonRepository comparisons;
    private final AirClipRepository clips;
    private final InstallationService installations;
    private final PeopleService people;
    private final Clock clock;
    private final Random random = new SecureRandom();

    OnAir(
            AirCallRepository calls,
            AirComparisonRepository comparisons,
            AirClipRepository clips,
            InstallationService installations,
            PeopleService people,
            Clock clock) {
        this.calls = calls;
        this.comparisons = comparisons;
        this.clips = clips;
        this.installations = installations;
        this.people = people;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    AirView of(UUID installationId) {
        installations.byId(installationId);
        return AirView.of(
                calls.findByInstallationIdOrderByCalledAtDesc(installationId),
                comparisons.findByInstallationIdOrderByBegunAtDesc(installationId));
    }

    /**
     * What the air proved.
     *
     * @param farthest call that was understood; empty without one
     * @param comparisons what each pair of antennas came to, where anything was heard
     */
    public record Proof(Optional<Farthest> farthest, List<Outcome> comparisons) {}

    public record Farthest(String station, double distanceM, double powerW, Report report) {}

    @Transactional(readOnly = true)
    public Proof proof(UUID installationId) {
        return new Proof(
                AirView.farthest(calls.findByInstallationIdOrderByCalledAtDesc(installationId))
                        .map(c -> new Farthest(
                                c.entered().station(),
                                c.entered().distanceM(),
                                c.entered().powerW(),
                                c.entered().report())),
                comparisons.findByInstallationIdOrderByBegunAtDesc(installationId).stream()
                        .flatMap(c -> c.result().says().stream())
                        .toList());
    }

    AirView call(UUID installationId, CallRequest entered, UUID by) {
        installations.byId(installationId);
        calls.saveAndFlush(new AirCall(UUID.randomUUID(), installationId, entered, people.byId(by), clock.instant()));
        return of(installationId);
    }

    AirView takeBack(UUID installationId, UUID callId, UUID by) {
        calls.findByIdAndInstallationId(callId, installationId)
                .orElseThrow(() -> UserProblem.notFound(Missing.CALL))
                .takeBack(people.byId(by), clock.instant());
        return of(installationId);
    }

    /** The lot is drawn here, once: nobody chooses. */
    AirView begin(UUID installationId, ComparisonRequest request, UUID by) {
        installations.byId(installationId);
        List<AirTrial> trials = new ArrayList<>();
        try {
            List<String> antennas =
                    request.antennas().stream().map(String::strip).toList();
            List<List<String>> lot = Lot.draw(antennas, request.rounds(), random);
            for (int round = 0; round < lot.size(); round++) {
                for (String antenna : lot.get(round)) {
                    trials.add(new AirTrial(round + 1, antenna));
                }
            }
        } catch (Refusal e) {
            throw UserProblem.atField("antennas", e);
        }
        comparisons.saveAndFlush(new AirComparison(
                UUID.randomUUID(), installationId, request, trials, people.byId(by), clock.instant()));
        return of(installationId);
    }

    AirView heard(UUID installationId, UUID comparisonId, int number, Report report) {
        trial(installationId, comparisonId, number).heardAs(report);
        return of(installationId);
    }

    AirView recorded(UUID installationId, UUID comparisonId, int number, byte[] wav) {
        AirTrial trial = trial(installationId, comparisonId, number);
        ClipNoise says = Clips.noise(wav);
        trial.recorded(clips.save(new AirClip(wav)), says);
        return of(installationId);
    }

    @Transactional(readOnly = true)
    byte[] clip(UUID installationId, UUID comparisonId, int number) {
        return trial(installationId, comparisonId, number)
                .clipId()
                .flatMap(clips::findById)
                .map(AirClip::wav)
                .orElseThrow(() -> UserProblem.notFound(Missing.CLIP));
    }

    @Transactional(readOnly = true)
    AirComparison comparison(UUID installationId, UUID comparisonId) {
        return comparisons
                .findByIdAndInstallationId(comparisonId, installationId)
                .orElseThrow(() -> UserProblem.notFound(Missing.COMPARISON));
    }

    private AirTrial trial(UUID installationId, UUID comparisonId, int number) {
        List<AirTrial> trials = comparison(installationId, comparisonId).trials();
        if (number < 1 || number > trials.size()) {
            throw UserProblem.notFound(Missing.TRIAL);
        }
        return trials.get(number - 1);
    }
}
