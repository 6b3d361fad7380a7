package dorada.server.tuning;

import dorada.core.acceptance.ChannelReading;
import dorada.core.acceptance.TransmitLimit;
import dorada.core.acceptance.Verdict;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.AntennaKind;
import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.instrument.SpotReading;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.Pass;
import dorada.core.tuning.ResonanceEstimate;
import dorada.core.tuning.Room;
import dorada.core.tuning.TrimAdvice;
import dorada.core.tuning.TrimAdviser;
import dorada.core.tuning.TrimPrior;
import dorada.server.installation.Installation;
import java.util.List;
import java.util.Optional;

/**
 * One pass down the road: analysis, verdict by the installation's rule, transmit limit. Computed afresh whenever it is
 * shown, so that it always fits the wanted channels and the rule as they are now.
 *
 * @param analysis empty for readings at single channels, which say nothing between them
 * @param estimate where a few readings put the resonance; empty for a sweep, or too few
 */
record Judgement(
        Optional<SweepAnalysis> analysis,
        Optional<ResonanceEstimate> estimate,
        Verdict verdict,
        TransmitLimit transmit,
        List<RadioLimit> others) {

    /** What another radio on the antenna may send. */
    record RadioLimit(String radio, TransmitLimit limit) {}

    static Judgement of(TuningPass pass, Installation installation) {
        Optional<SweepAnalysis> analysis =
                pass.isSwept() ? Optional.of(new SweepAnalysis(pass.sweep().sweep())) : Optional.empty();
        List<WantedChannel> channels = installation.wantedChannels();
        List<ChannelReading> readings = analysis
                .map(a -> ChannelReading.of(a, channels))
                .orElseGet(() -> ChannelReading.ofReadings(
                        pass.spots().stream().map(SpotReading::reading).toList(), channels))
                .stream()
                .map(r -> new ChannelReading(r.channel(), r.reading().map(pass.readingKind()::doubted)))
                .toList();
        Verdict verdict = installation.rule().judge(readings, pass.plane());
        return new Judgement(
                analysis,
                pass.isSwept() ? Optional.empty() : ResonanceEstimate.of(pass.spots()),
                verdict,
                TransmitLimit.of(verdict.worstTransmitSwr(""), installation.swrCeiling(), installation.ratedPowerW()),
                installation.otherRadios().stream()
                        .map(r -> new RadioLimit(
                                r.name(),
                                TransmitLimit.of(verdict.worstTransmitSwr(r.name()), r.swrCeiling(), r.ratedPowerW())))
                        .toList());
    }

    /** Advice after all {@code passes} of {@code installation}, oldest first; empty where the last says too little. */
    static Optional<TrimAdvice> advice(Installation installation, List<TuningPass> passes) {
        TrimAdviser adviser = new TrimAdviser(
                installation.rule(),
                installation.wantedChannels(),
                installation.adjustment(),
                prior(installation.antennaKind()),
                SimulatedAnalyser.LIMITS,
                Room.ANY);
        List<Optional<Pass>> seen = passes.stream().map(Judgement::pass).toList();
        if (seen.get(seen.size() - 1).isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(adviser.advise(withoutGaps(passes, seen)));
    }

    static TrimPrior prior(AntennaKind kind) {
        return new TrimPrior(kind.electricalWaves(), kind.setPerElectrical(), kind.sensitivityDoubt());
    }

    private static Optional<Pass> pass(TuningPass p) {
        return p.isSwept()
                ? Optional.of(new Pass(p.changeM(), p.sweep().sweep()))
                : Pass.ofSpots(p.changeM(), p.spots());
    }

    /** A pass that says too little is left out, but its change counts for the next. */
    private static List<Pass> withoutGaps(List<TuningPass> passes, List<Optional<Pass>> seen) {
        List<Pass> usable = new java.util.ArrayList<>();
        double pending = 0;
        for (int i = 0; i < passes.size(); i++) {
            pending += passes.get(i).changeM();
            if (seen.get(i).isPresent()) {
                Pass p = seen.get(i).get();
                usable.add(p.after(pending, p.secondChangeM()));
                pending = 0;
            }
        }
        return usable;
    }
}
