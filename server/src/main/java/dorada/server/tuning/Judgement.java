package dorada.server.tuning;

import dorada.core.acceptance.ChannelReading;
import dorada.core.acceptance.TransmitLimit;
import dorada.core.acceptance.Verdict;
import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.Pass;
import dorada.core.tuning.TrimAdvice;
import dorada.core.tuning.TrimAdviser;
import dorada.server.installation.Installation;
import java.util.List;

/**
 * One pass down the road: analysis, verdict by the installation's rule, transmit limit. Computed afresh whenever it is
 * shown, so that it always fits the wanted channels and the rule as they are now.
 */
record Judgement(SweepAnalysis analysis, Verdict verdict, TransmitLimit transmit, List<RadioLimit> others) {

    /** What another radio on the antenna may send. */
    record RadioLimit(String radio, TransmitLimit limit) {}

    static Judgement of(TuningPass pass, Installation installation) {
        SweepAnalysis analysis = new SweepAnalysis(pass.sweep().sweep());
        Verdict verdict =
                installation.rule().judge(ChannelReading.of(analysis, installation.wantedChannels()), pass.plane());
        return new Judgement(
                analysis,
                verdict,
                TransmitLimit.of(verdict.worstTransmitSwr(""), installation.swrCeiling(), installation.ratedPowerW()),
                installation.otherRadios().stream()
                        .map(r -> new RadioLimit(
                                r.name(),
                                TransmitLimit.of(verdict.worstTransmitSwr(r.name()), r.swrCeiling(), r.ratedPowerW())))
                        .toList());
    }

    /** Advice after all {@code passes} of {@code installation}, oldest first. */
    static TrimAdvice advice(Installation installation, List<TuningPass> passes) {
        TrimAdviser adviser = new TrimAdviser(
                installation.rule(),
                installation.wantedChannels(),
                installation.adjustment(),
                installation.antennaKind().electricalWaves(),
                SimulatedAnalyser.LIMITS);
        return adviser.advise(passes.stream()
                .map(p -> new Pass(p.changeM(), p.sweep().sweep()))
                .toList());
    }
}
