package dorada.server.tuning;

import dorada.core.recheck.Recheck;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.installation.InstallationView;
import dorada.server.installation.SignOff;
import dorada.server.installation.VisitPurpose;
import dorada.server.people.PeopleService;
import dorada.server.problem.UserProblem;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opens visits, and ends them with a sign-off. */
@Service
@Transactional
public class VisitService {

    private final TuningPassRepository passes;
    private final InstallationService installations;
    private final PeopleService people;
    private final Judgements judgements;
    private final Adviser adviser;
    private final Rechecks rechecks;
    private final Clock clock;

    VisitService(
            TuningPassRepository passes,
            InstallationService installations,
            PeopleService people,
            Judgements judgements,
            Adviser adviser,
            Rechecks rechecks,
            Clock clock) {
        this.passes = passes;
        this.installations = installations;
        this.people = people;
        this.judgements = judgements;
        this.adviser = adviser;
        this.rechecks = rechecks;
        this.clock = clock;
    }

    /**
     * Ends the visit on its newest pass: a final sweep that meets the rule, else with a reason, and perhaps a limit until
     * a date.
     */
    public InstallationView signOff(UUID installationId, SignOffRequest request, UUID by) {
        Installation installation = installations.byId(installationId);
        if (installation.version() != request.version()) {
            throw UserProblem.stale(InstallationView.of(installation), request);
        }
        installation.requireOpen();
        List<TuningPass> all = passes.findByInstallationIdAndNumberGreaterThanOrderByNumber(installationId, 0);
        if (all.isEmpty()) {
            throw UserProblem.conflict(Refused.NOTHING_TO_SIGN_OFF.of());
        }
        TuningPass last =
                TuningPass.newestOf(all).orElseThrow(() -> UserProblem.conflict(Refused.ONLY_THE_OLD_ANTENNA.of()));
        if (last.number() != request.passNumber()) {
            throw UserProblem.conflict(Refused.SOMEBODY_RECORDED.of(String.valueOf(last.number())));
        }
        if (last.visitNumber() < installation.visitNumber()) {
            throw UserProblem.conflict(Refused.NOTHING_READ_ON_THIS_VISIT.of());
        }
        PassView seen = judgements.look(last, all, installation);
        String reason = request.reason() == null ? "" : request.reason().strip();
        boolean met = seen.verdict().met();
        if (!met && reason.isEmpty()) {
            throw UserProblem.atField("reason", Refused.WHY_NOT_MET.of());
        }
        if (!TuningPass.isProven(all, installation) && reason.isEmpty()) {
            throw UserProblem.atField("reason", Refused.WHY_NO_FINAL_SWEEP.of());
        }
        requireLimit(request, seen);
        Optional<Recheck> recheck = rechecks.newest(installation, all).map(Rechecks.Found::recheck);
        installation.signOff(
                new SignOff.Terms(
                        last.number(),
                        request.remark().strip(),
                        reason.isEmpty() ? null : reason,
                        request.limitW(),
                        request.due(),
                        seen.cost() == null ? null : seen.cost().worstDb(),
                        seen.verdict().worstSwr(),
                        recheck.map(Recheck::finding).orElse(null),
                        recheck.flatMap(Recheck::movedHz).orElse(null),
                        SignOffRequest.said(request.mendedBy()).orElse(null),
                        SignOffRequest.said(request.returnedBy()).orElse(null),
                        request.parts()),
                adviser.lesson(installation, all),
                people.byId(by),
                clock.instant());
        return installations.saved(installation);
    }

    /** No limit above what the radio is rated for into this SWR, and no date that has passed. */
    private void requireLimit(SignOffRequest request, PassView seen) {
        if (request.limitW() != null
                && (!seen.transmit().allowed()
                        || request.limitW() > seen.transmit().powerW() * (1 + 1e-9))) {
            throw UserProblem.atField(
                    "limitW",
                    seen.transmit().allowed()
                            ? Refused.TOO_MUCH_POWER.of(seen.transmit().powerW())
                            : Refused.NO_POWER.of());
        }
        if (request.hasPassed(clock)) {
            throw UserProblem.atField("due", Refused.DATE_HAS_PASSED.of());
        }
    }

    /** A new visit on an installation that is signed off. */
    public InstallationView openVisit(UUID installationId, VisitPurpose purpose, String why, UUID by) {
        Installation installation = installations.byId(installationId);
        installation.openVisit(
                purpose, why.strip(), people.byId(by), clock.instant().truncatedTo(ChronoUnit.MICROS));
        return installations.saved(installation);
    }

    /** Takes back that a visit was opened, as long as nothing was ever recorded on it. */
    public InstallationView cancelVisit(UUID installationId) {
        Installation installation = installations.byId(installationId);
        if (passes.existsByInstallationIdAndVisitNumber(installationId, installation.visitNumber())) {
            throw UserProblem.conflict(Refused.RECORDED_ON_THIS_VISIT.of());
        }
        installation.cancelVisit();
        return installations.saved(installation);
    }
}
