package dorada.server.tuning;

import dorada.core.acceptance.ReferencePlane;
import dorada.core.line.Line;
import dorada.core.line.ThroughLine;
import dorada.core.recheck.Recheck;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.Pass;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.installation.Visit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Holds what was read on a visit before anything was changed against the sign-off before it. */
@Service
class Rechecks {

    private final TuningPassRepository passes;
    private final InstallationService installations;
    private final Adviser adviser;

    Rechecks(TuningPassRepository passes, InstallationService installations, Adviser adviser) {
        this.passes = passes;
        this.installations = installations;
        this.adviser = adviser;
    }

    /** Both readings, and what they come to. */
    record Found(Visit visit, TuningPass then, TuningPass now, Recheck recheck) {}

    /** Of every visit after a sign-off on which the antenna was read, the newest first. */
    @Transactional(readOnly = true)
    public List<RecheckView> of(UUID installationId) {
        Installation installation = installations.byId(installationId);
        List<TuningPass> all = passes.findByInstallationIdAndNumberGreaterThanOrderByNumber(installationId, 0);
        List<RecheckView> views = new ArrayList<>();
        for (Visit visit : installation.visits()) {
            found(installation, all, visit).map(RecheckView::of).ifPresent(views::add);
        }
        Collections.reverse(views);
        return views;
    }

    /** What was found on the newest visit. */
    Optional<Found> newest(Installation installation, List<TuningPass> all) {
        return found(
                installation,
                all,
                installation.visits().get(installation.visits().size() - 1));
    }

    private Optional<Found> found(Installation installation, List<TuningPass> all, Visit visit) {
        Optional<TuningPass> then = installation.visits().stream()
                .filter(v -> v.number() == visit.number() - 1)
                .flatMap(v -> v.signOff().stream())
                .flatMap(s -> all.stream().filter(p -> p.number() == s.terms().passNumber()))
                .findFirst();
        Optional<TuningPass> now = untouched(all, visit);
        if (then.isEmpty() || now.isEmpty()) {
            return Optional.empty();
        }
        Optional<Pass> before = read(then.get(), installation);
        Optional<Pass> after = read(now.get(), installation);
        boolean isKnown = before.isPresent() && after.isPresent();
        boolean takenOff = isAtTheAntenna(then.get(), installation) && isAtTheAntenna(now.get(), installation);
        if (!isKnown || !takenOff && then.get().plane() != now.get().plane()) {
            return Optional.empty();
        }
        boolean isMet = Judgement.of(now.get(), installation, Optional.empty())
                .verdict()
                .met();
        return Recheck.of(
                        before.get(),
                        after.get(),
                        installation.wantedChannels(),
                        installation.carrier(),
                        isMet,
                        takenOff)
                .map(r -> new Found(visit, then.get(), now.get(), r));
    }

    /** The last that was read of it on {@code visit} before anything was changed. */
    private static Optional<TuningPass> untouched(List<TuningPass> all, Visit visit) {
        TuningPass last = null;
        for (TuningPass p : all) {
            if (p.visitNumber() != visit.number() || p.isOldAntenna()) {
                continue;
            }
            if (p.changeM() != 0 || p.secondChangeM() != 0) {
                break;
            }
            last = p;
        }
        return Optional.ofNullable(last);
    }

    private static Optional<Line> line(TuningPass pass, Installation installation) {
        return pass.plane() == ReferencePlane.RADIO ? installation.feedline() : Optional.empty();
    }

    private static boolean isAtTheAntenna(TuningPass pass, Installation installation) {
        return pass.isSwept()
                && pass.sweep().sweep().hasPhase()
                && (pass.plane() == ReferencePlane.ANTENNA
                        || line(pass, installation).isPresent());
    }

    private Optional<Pass> read(TuningPass pass, Installation installation) {
        if (!pass.isSwept()) {
            return adviser.estimate(pass)
                    .map(says -> Pass.ofSpots(0, pass.spots(), says).under(pass.circumstances()));
        }
        Sweep sweep = pass.sweep().sweep();
        return Optional.of(new Pass(
                        0,
                        line(pass, installation)
                                .filter(l -> sweep.hasPhase())
                                .map(l -> ThroughLine.towardAntenna(sweep, l))
                                .orElse(sweep))
                .under(pass.circumstances()));
    }
}
