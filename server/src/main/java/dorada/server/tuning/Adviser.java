package dorada.server.tuning;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.line.Line;
import dorada.core.line.ThroughLine;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.AntennaAdviser;
import dorada.core.tuning.Pass;
import dorada.core.tuning.ResonanceEstimate;
import dorada.core.tuning.TrimAdvice;
import dorada.core.tuning.TrimPrior;
import dorada.core.tuning.TrimTask;
import dorada.server.installation.Installation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Turns an installation and its passes into a task for the advisers of {@code core}. */
@Component
class Adviser {

    /** Pages ask for the same advice again and again; some hundred installations are open at once. */
    private static final int MOST_REMEMBERED = 2000;

    private final Taught taught;
    private final Cache<Remembered, TrimAdvice> memory =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();
    private final Cache<UUID, ResonanceEstimate> estimates =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    Adviser(Taught taught) {
        this.taught = taught;
    }

    /** Advice after all {@code passes}, oldest first; empty where the last is of the old antenna, or has no reading. */
    Optional<TrimAdvice> advice(Installation installation, List<TuningPass> passes) {
        TuningPass last = passes.get(passes.size() - 1);
        if (last.isOldAntenna() || !last.isSwept() && last.spots().isEmpty()) {
            return Optional.empty();
        }
        TrimPrior prior = prior(installation);
        Remembered key = new Remembered(
                installation.id(),
                installation.version(),
                prior,
                passes.stream().map(TuningPass::id).toList());
        return Optional.of(memory.get(key, k -> worked(installation, passes, prior)));
    }

    /** Where a few readings put the resonance; worked out once for each pass. Empty for a sweep. */
    Optional<ResonanceEstimate> estimate(TuningPass pass) {
        return pass.isSwept() || pass.spots().isEmpty()
                ? Optional.empty()
                : Optional.of(estimates.get(
                        pass.id(), id -> ResonanceEstimate.of(pass.spots()).orElseThrow()));
    }

    private TrimAdvice worked(Installation installation, List<TuningPass> passes, TrimPrior prior) {
        Optional<Line> line =
                installation.measuredAt() == ReferencePlane.RADIO ? installation.feedline() : Optional.empty();
        double changedM = passes.stream().mapToDouble(TuningPass::changeM).sum();
        TrimTask task = TrimTask.of(
                        installation.rule(), installation.wantedChannels(), installation.adjustment(), prior)
                .within(installation.roomAfter(changedM))
                .on(installation.carrier());
        TrimTask sized = installation
                .startLengthM()
                .map(start -> task.ofLength(start + changedM))
                .orElse(task);
        TrimTask placed = installation.measuredAt() == ReferencePlane.ANTENNA ? sized.readAtTheAntenna() : sized;
        TrimTask judged = line.map(placed::behind).orElse(placed);
        return new AntennaAdviser(installation.antennaKind(), judged).advise(usable(passes, line));
    }

    /** All that advice depends on: passes are never altered, and a plan that is has another version. */
    private record Remembered(UUID installation, long version, TrimPrior prior, List<UUID> passes) {}

    /** What this antenna taught of its kind; empty where it was never changed, or has several bands. */
    Optional<TrimPrior.Lesson> lesson(Installation installation, List<TuningPass> passes) {
        List<Pass> usable = usable(passes, Optional.empty());
        return installation.bandsHz().length > 1 || usable.isEmpty()
                ? Optional.empty()
                : TrimPrior.of(installation.antennaKind()).lessonOf(usable);
    }

    /** The kind's prior, and what the shop's finished antennas taught that are like it. */
    private TrimPrior prior(Installation installation) {
        return TrimPrior.of(installation.antennaKind()).informedBy(taught.lessonsFor(installation));
    }

    private Optional<Pass> pass(TuningPass p, Optional<Line> line) {
        Optional<Pass> read;
        if (p.isSwept()) {
            Sweep sweep = p.sweep().sweep();
            read = Optional.of(new Pass(
                    0, line.isPresent() && sweep.hasPhase() ? ThroughLine.towardAntenna(sweep, line.get()) : sweep));
        } else {
            read = estimate(p).map(says -> Pass.ofSpots(0, p.spots(), says));
        }
        return read.map(r -> r.under(p.circumstances()).changing(p.pieces()).afterALook(p.isLookedOver()));
    }

    /** A pass that says too little is left out, but its changes count for the next; the old antenna is another antenna. */
    private List<Pass> usable(List<TuningPass> passes, Optional<Line> line) {
        List<Pass> usable = new ArrayList<>();
        double changeM = 0;
        double secondM = 0;
        boolean looked = false;
        Optional<String> run = Optional.empty();
        for (TuningPass p : passes) {
            if (p.isOldAntenna()) {
                continue;
            }
            changeM += p.changeM();
            secondM += p.secondChangeM();
            // Another build is another antenna: what was read of the one before says nothing of it.
            looked |= p.isLookedOver() || !p.runName().equals(run);
            run = p.runName();
            Optional<Pass> read = pass(p, line);
            if (read.isPresent()) {
                usable.add(read.get().after(changeM, secondM).afterALook(looked));
                changeM = 0;
                secondM = 0;
                looked = false;
            }
        }
        return usable;
    }
}
