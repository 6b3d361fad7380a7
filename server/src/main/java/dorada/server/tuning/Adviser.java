package dorada.server.tuning;

import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.AntennaKind;
import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.line.Line;
import dorada.core.line.ThroughLine;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.MatchControl;
import dorada.core.tuning.Pass;
import dorada.core.tuning.Room;
import dorada.core.tuning.StagedAdviser;
import dorada.core.tuning.TrimAdvice;
import dorada.core.tuning.TrimAdviser;
import dorada.core.tuning.TrimPrior;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Turns an installation and its passes into a task for the advisers of {@code core}. */
@Component
class Adviser {

    /** The lower band of a ribbon hangs on the wire above the stub; solved for the usual sizes, within a third. */
    private static final TrimPrior LOWER_BAND = new TrimPrior(0.75, 2.2, 0.3);

    /** The upper band's piece is a half wave, held back by what hangs above it. */
    private static final TrimPrior UPPER_BAND = new TrimPrior(0.5, 1.3, 0.3);

    private final InstallationService installations;

    Adviser(InstallationService installations) {
        this.installations = installations;
    }

    /** Advice after all {@code passes}, oldest first; empty where the last says too little, or is of the old antenna. */
    Optional<TrimAdvice> advice(Installation installation, List<TuningPass> passes) {
        TuningPass last = passes.get(passes.size() - 1);
        Optional<Line> line =
                installation.measuredAt() == ReferencePlane.RADIO ? installation.feedline() : Optional.empty();
        if (last.isOldAntenna() || pass(last, line).isEmpty()) {
            return Optional.empty();
        }
        List<Pass> usable = usable(passes, line);
        Optional<StagedAdviser> staged = staged(installation);
        if (staged.isPresent()) {
            return Optional.of(staged.get().advise(usable));
        }
        boolean atAntenna = installation.measuredAt() == ReferencePlane.ANTENNA;
        TrimAdviser adviser = new TrimAdviser(
                installation.rule(),
                installation.wantedChannels(),
                installation.adjustment(),
                prior(installation),
                SimulatedAnalyser.LIMITS,
                Room.ANY,
                match(installation.antennaKind()),
                atAntenna);
        return Optional.of(line.map(adviser::behind).orElse(adviser).advise(usable));
    }

    /** What this antenna taught of its kind; empty where it was never changed, or has several bands. */
    Optional<TrimPrior.Lesson> lesson(Installation installation, List<TuningPass> passes) {
        List<Pass> usable = usable(passes, Optional.empty());
        return installation.bandsHz().length > 1 || usable.isEmpty()
                ? Optional.empty()
                : kindPrior(installation.antennaKind()).lessonOf(usable);
    }

    /** The kind's prior, and what the shop's finished antennas of that kind taught. */
    private TrimPrior prior(Installation installation) {
        return kindPrior(installation.antennaKind())
                .informedBy(installations.lessons(installation.antennaKind(), installation.id()));
    }

    static TrimPrior kindPrior(AntennaKind kind) {
        return new TrimPrior(kind.electricalWaves(), kind.setPerElectrical(), kind.sensitivityDoubt());
    }

    static Optional<MatchControl> match(AntennaKind kind) {
        return kind.second()
                .map(s -> new MatchControl(
                        s.smallestStepM(),
                        s.furthestStepM(),
                        s.effectRe(),
                        s.effectIm(),
                        s.effectDoubt(),
                        s.pullPerM(),
                        Room.ANY));
    }

    private static Optional<StagedAdviser> staged(Installation installation) {
        List<List<WantedChannel>> bands = WantedChannel.bands(installation.wantedChannels());
        AntennaKind kind = installation.antennaKind();
        return bands.size() == 2 && kind.upperBandPiece().isPresent()
                ? Optional.of(new StagedAdviser(
                        installation.rule(),
                        bands,
                        installation.adjustment(),
                        UPPER_BAND,
                        LOWER_BAND,
                        kind.upperBandPiece().get(),
                        kind.lowerBandPiece().orElseThrow(),
                        SimulatedAnalyser.LIMITS))
                : Optional.empty();
    }

    private static Optional<Pass> pass(TuningPass p, Optional<Line> line) {
        Optional<Pass> read;
        if (p.isSwept()) {
            Sweep sweep = p.sweep().sweep();
            read = Optional.of(new Pass(
                    0, line.isPresent() && sweep.hasPhase() ? ThroughLine.towardAntenna(sweep, line.get()) : sweep));
        } else {
            read = Pass.ofSpots(0, p.spots());
        }
        return read.map(r -> r.under(p.circumstances()));
    }

    /** A pass that says too little is left out, but its changes count for the next; the old antenna is another antenna. */
    private static List<Pass> usable(List<TuningPass> passes, Optional<Line> line) {
        List<Pass> usable = new ArrayList<>();
        double changeM = 0;
        double secondM = 0;
        for (TuningPass p : passes) {
            if (p.isOldAntenna()) {
                continue;
            }
            changeM += p.changeM();
            secondM += p.secondChangeM();
            Optional<Pass> read = pass(p, line);
            if (read.isPresent()) {
                usable.add(read.get().after(changeM, secondM));
                changeM = 0;
                secondM = 0;
            }
        }
        return usable;
    }
}
