package dorada.server.tuning;

import dorada.core.acceptance.WantedChannel;
import dorada.core.sweep.SweepAnalysis;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.installation.InstallationView;
import dorada.server.installation.SignOff;
import dorada.server.installation.Visit;
import dorada.server.installation.VisitView;
import dorada.server.problem.UserProblem;
import dorada.server.sweep.ReadingView;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What an installation was signed off with last, for papers. */
@Service
public class Proven {

    private static final double STEP_HZ = 1e6;

    /** A wider span is told in coarser steps. */
    private static final int MOST_STEPS = 24;

    /** On one paper. */
    private static final int MOST_PHOTOS = 6;

    private final TuningPassRepository passes;
    private final InstallationService installations;
    private final Judgements judgements;
    private final PassFiles files;

    Proven(TuningPassRepository passes, InstallationService installations, Judgements judgements, PassFiles files) {
        this.files = files;
        this.passes = passes;
        this.installations = installations;
        this.judgements = judgements;
    }

    /**
     * One change and what it came to.
     *
     * @param lengthM after it; empty where nobody knows how long it was
     */
    public record Step(int pass, double changeM, double secondChangeM, Optional<Double> lengthM, String note) {}

    /** A picture that was taken with pass {@code pass}. */
    public record Photo(int pass, String note, byte[] jpeg) {}

    /**
     * @param pass the one that the sign-off rests on
     * @param overTheBand every megahertz of each wanted band, of a sweep; empty for readings at single channels
     * @param old the antenna that was there before, as it was read last; empty where nobody read it
     * @param photos of the passes up to that one, the newest first
     * @param steps all passes of the antenna that stays, oldest first
     */
    public record Facts(
            InstallationView installation,
            VisitView visit,
            VisitView.SignOffView signOff,
            PassView pass,
            List<ReadingView> overTheBand,
            Optional<PassView> old,
            List<Photo> photos,
            List<Step> steps) {

        /** By how much a second piece was changed in all. */
        public double secondChangedM() {
            return steps.stream().mapToDouble(Step::secondChangeM).sum();
        }
    }

    /** @throws UserProblem where it was never signed off */
    @Transactional(readOnly = true)
    public Facts of(UUID installationId) {
        Installation installation = installations.byId(installationId);
        Visit visit = installation.visits().stream()
                .filter(v -> v.signOff().isPresent())
                .reduce((a, b) -> b)
                .orElseThrow(() -> UserProblem.conflict(Refused.NOT_SIGNED_OFF_YET.of()));
        // One sheet, one rule: what was judged by another is not judged again under this sign-off.
        boolean isOther = visit.signOff()
                .flatMap(SignOff::rule)
                .filter(r -> !r.outcome().equals(installation.rule().outcome()))
                .isPresent();
        if (isOther) {
            throw UserProblem.conflict(Refused.RULE_CHANGED_SINCE.of());
        }
        int number = visit.signOff().map(SignOff::terms).orElseThrow().passNumber();
        List<TuningPass> all = passes.findByInstallationIdAndNumberGreaterThanOrderByNumber(installationId, 0);
        List<TuningPass> upTo = all.stream().filter(p -> p.number() <= number).toList();
        TuningPass pass = upTo.get(upTo.size() - 1);
        VisitView view = VisitView.of(visit);
        return new Facts(
                InstallationView.of(installation),
                view,
                view.signOff(),
                judgements.look(pass, all, installation),
                overTheBand(pass, installation),
                TuningPass.oldOf(all).map(o -> judgements.look(o, all, installation)),
                photos(upTo),
                steps(upTo, installation));
    }

    private List<Photo> photos(List<TuningPass> upTo) {
        return upTo.stream()
                .filter(TuningPass::hasPhoto)
                .sorted(Comparator.comparingInt(TuningPass::number).reversed())
                .limit(MOST_PHOTOS)
                .map(p -> new Photo(p.number(), p.note(), files.photo(p.id())))
                .toList();
    }

    private static List<ReadingView> overTheBand(TuningPass pass, Installation installation) {
        if (!pass.isSwept()) {
            return List.of();
        }
        SweepAnalysis analysis = new SweepAnalysis(pass.sweep().sweep());
        List<ReadingView> all = new ArrayList<>();
        for (var band : WantedChannel.bands(installation.wantedChannels())) {
            double low = band.get(0).frequencyHz();
            double high = band.get(band.size() - 1).frequencyHz();
            double step = STEP_HZ * Math.max(1, Math.ceil((high - low) / STEP_HZ / MOST_STEPS));
            for (double hz = Math.ceil(low / step) * step; hz <= high; hz += step) {
                analysis.readingAt(hz).map(ReadingView::of).ifPresent(all::add);
            }
        }
        return all.size() < 2 ? List.of() : all;
    }

    private static List<Step> steps(List<TuningPass> all, Installation installation) {
        List<Step> steps = new ArrayList<>();
        double changed = 0;
        for (TuningPass p : all) {
            changed += p.changeM();
            double sum = changed;
            if (!p.isOldAntenna()) {
                steps.add(new Step(
                        p.number(),
                        p.changeM(),
                        p.secondChangeM(),
                        installation.startLengthM().map(start -> start + sum),
                        p.note()));
            }
        }
        return steps;
    }
}
