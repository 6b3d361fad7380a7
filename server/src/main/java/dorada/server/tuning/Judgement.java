package dorada.server.tuning;

import dorada.core.acceptance.ChannelReading;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.TransmitLimit;
import dorada.core.acceptance.Verdict;
import dorada.core.acceptance.WantedChannel;
import dorada.core.instrument.SpotReading;
import dorada.core.line.Line;
import dorada.core.line.ThroughLine;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.ResonanceEstimate;
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

    /** @param estimate where a few readings put the resonance; empty for a sweep, or where nobody asks */
    static Judgement of(TuningPass pass, Installation installation, Optional<ResonanceEstimate> estimate) {
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
                estimate,
                verdict,
                TransmitLimit.of(verdict.worstTransmitSwr(""), installation.swrCeiling(), installation.ratedPowerW()),
                installation.otherRadios().stream()
                        .map(r -> new RadioLimit(
                                r.name(),
                                TransmitLimit.of(verdict.worstTransmitSwr(r.name()), r.swrCeiling(), r.ratedPowerW())))
                        .toList());
    }

    /** The same channels seen from the other end of the known feedline; empty without one, or without phase. */
    static Optional<Verdict> fromTheOtherEnd(TuningPass pass, Installation installation) {
        Optional<Line> line = installation.feedline();
        if (line.isEmpty() || !pass.isSwept() || !pass.sweep().sweep().hasPhase()) {
            return Optional.empty();
        }
        boolean atRadio = pass.plane() == ReferencePlane.RADIO;
        Sweep other = atRadio
                ? ThroughLine.towardAntenna(pass.sweep().sweep(), line.get())
                : ThroughLine.towardRadio(pass.sweep().sweep(), line.get());
        return Optional.of(installation
                .rule()
                .judge(
                        ChannelReading.of(new SweepAnalysis(other), installation.wantedChannels()),
                        atRadio ? ReferencePlane.ANTENNA : ReferencePlane.RADIO));
    }
}
