package dorada.server.tuning;

import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.keeping.RoomOnDisk;
import dorada.server.neighbour.InTurn;
import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.info.BuildProperties;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/** What passes say: worked out when they are recorded, kept, and read from there as long as plan and program are the same. */
@Service
public class Judgements {

    private static final Logger LOG = LoggerFactory.getLogger(Judgements.class);

    private static final Duration AT_A_TIME = Duration.ofMillis(500);

    private final TuningPassRepository passes;
    private final SavedJudgementRepository kept;
    private final InstallationService installations;
    private final Adviser adviser;
    private final PackedView packing;
    private final InTurn inTurn;
    private final TransactionTemplate writing;
    private final TransactionTemplate reading;
    private final EntityManager entities;
    private final ApplicationEventPublisher events;
    private final RoomOnDisk room;
    private final String program;

    Judgements(
            TuningPassRepository passes,
            SavedJudgementRepository kept,
            InstallationService installations,
            Adviser adviser,
            PackedView packing,
            InTurn inTurn,
            PlatformTransactionManager transactions,
            EntityManager entities,
            ApplicationEventPublisher events,
            RoomOnDisk room,
            ObjectProvider<BuildProperties> build) {
        this.passes = passes;
        this.kept = kept;
        this.installations = installations;
        this.adviser = adviser;
        this.packing = packing;
        this.inTurn = inTurn;
        this.entities = entities;
        this.events = events;
        this.room = room;
        writing = new TransactionTemplate(transactions);
        reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
        // Without the name of a build nothing that another one kept is believed.
        BuildProperties known = build.getIfAvailable();
        program = known == null || known.getTime() == null
                ? UUID.randomUUID().toString()
                : known.getTime().toString();
    }

    /** Judges the newest of {@code all} in the light of those before it, and keeps that with it. */
    PassView judge(List<TuningPass> all, Installation installation) {
        Function<TuningPass, Judgement> judging = judging(installation);
        PassView view = fresh(newestOf(all), all, installation, judging);
        // Recorded just now: no older one needs to be looked for.
        entities.persist(saved(newestOf(all), installation, judging, view));
        return view;
    }

    private SavedJudgement saved(
            TuningPass pass, Installation installation, Function<TuningPass, Judgement> judging, PassView view) {
        return new SavedJudgement(
                pass, installation.planVersion(), program, judging.apply(pass), view.fault(), packing.packed(view));
    }

    private static TuningPass newestOf(List<TuningPass> all) {
        return all.get(all.size() - 1);
    }

    private Function<TuningPass, Judgement> judging(Installation installation) {
        // The old antenna is asked for with each pass after it.
        Map<UUID, Judgement> known = new HashMap<>();
        return pass -> known.computeIfAbsent(pass.id(), id -> Judgement.of(pass, installation, adviser.estimate(pass)));
    }

    private PassView fresh(
            TuningPass pass, List<TuningPass> all, Installation installation, Function<TuningPass, Judgement> judging) {
        List<TuningPass> upTo = all.subList(0, all.indexOf(pass) + 1);
        return PassView.of(upTo, TuningPass.oldOf(all), installation, adviser.advice(installation, upTo), judging);
    }

    /** What those of {@code all} before {@code pass}, and the old antenna whenever it was read, say of it; not kept. */
    PassView look(TuningPass pass, List<TuningPass> all, Installation installation) {
        return fresh(pass, all, installation, judging(installation));
    }

    /** All that count, oldest first, as they go out. What is not kept yet is judged now. */
    List<PackedView.Sent> of(UUID installationId) {
        Optional<List<PackedView.Sent>> known = known(installationId);
        if (known.isPresent()) {
            return known.get();
        }
        try {
            // A disk without room is no reason not to read.
            if (room.isThere(0)) {
                judgeMissing(installationId);
            }
        } catch (DataAccessException | TransactionException e) {
            LOG.warn("Judgements could not be kept: {}", e.getMessage());
        }
        return known(installationId)
                .orElseGet(() -> reading.execute(t -> {
                    Installation installation = installations.byId(installationId);
                    List<TuningPass> all = passesOf(installationId);
                    Function<TuningPass, Judgement> judging = judging(installation);
                    return IntStream.rangeClosed(1, all.size())
                            .mapToObj(n -> packing.sent(fresh(all.get(n - 1), all, installation, judging)))
                            .toList();
                }));
    }

    private Optional<List<PackedView.Sent>> known(UUID installationId) {
        List<SavedJudgementRepository.Row> rows = kept.rows(installationId, program);
        if (rows.isEmpty()) {
            installations.requireKnown(installationId);
        }
        return rows.stream().allMatch(r -> r.says() != null)
                ? Optional.of(rows.stream().map(packing::sent).toList())
                : Optional.empty();
    }

    private List<TuningPass> passesOf(UUID installationId) {
        return passes.findByInstallationIdAndNumberGreaterThanOrderByNumber(installationId, 0);
    }

    /** Judges those of an installation that are not judged by its plan and this program. */
    void judgeMissing(UUID installationId) {
        judgeAnew(installationId);
        events.publishEvent(new InstallationService.Touched(installationId));
    }

    /** The same where only the program is another, of which nobody is told: what was said before holds meanwhile. */
    void judgeAnew(UUID installationId) {
        boolean more = true;
        while (more) {
            more = inTurn.on(
                    installationId, Refused.MANY_ARE_RECORDING, () -> writing.execute(t -> judgeSome(installationId)));
        }
    }

    /** For a moment only, because whoever wants to record on it waits; true where some are left. */
    private boolean judgeSome(UUID installationId) {
        long until = System.nanoTime() + AT_A_TIME.toNanos();
        Installation installation = installations.byId(installationId);
        List<TuningPass> all = passesOf(installationId);
        Map<UUID, SavedJudgement> known = kept
                .findByPassIdIn(all.stream().map(TuningPass::id).toList())
                .stream()
                .collect(Collectors.toMap(SavedJudgement::passId, Function.identity()));
        Function<TuningPass, Judgement> judging = judging(installation);
        for (int n = 1; n <= all.size(); n++) {
            SavedJudgement is = known.get(all.get(n - 1).id());
            if (is == null || !is.isOf(installation.planVersion(), program)) {
                TuningPass pass = all.get(n - 1);
                kept.save(saved(pass, installation, judging, fresh(pass, all, installation, judging)));
                if (System.nanoTime() > until) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Installations where {@link #judgeMissing} has something to do. */
    List<UUID> toJudge() {
        return kept.installationsToJudge(program);
    }

    /** What was said of a pass holds no longer: those before it are others. */
    void forget(UUID passId) {
        kept.deleteById(passId);
    }

    /** What each costs is told against the old antenna: with another reading of that, what is kept holds no longer. */
    void forgetAll(UUID installationId) {
        kept.deleteOf(installationId);
    }

    /** Which build of the program judges. */
    public String program() {
        return program;
    }
}
