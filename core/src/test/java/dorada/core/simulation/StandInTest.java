package dorada.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.WireAntenna;
import dorada.core.design.Designs;
import dorada.core.design.Kinds;
import dorada.core.design.QuarterWaveDesign;
import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.instrument.Span;
import dorada.core.sweep.Dip;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.wire.Watch;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class StandInTest {

    private static final Map<String, Double> OTHERWISE_HZ =
            Map.of("AIRBAND_WHIP", 127e6, "HANDHELD_ROD", 446e6, "BEAM", 446e6, "GAMMA_BEAM", 446e6);

    private static double wantedHz(AntennaKind kind) {
        return Kinds.bandHz(kind, OTHERWISE_HZ.getOrDefault(kind.name(), 156e6));
    }

    private static Dip dip(StandIn antenna, double lengthM, double hz) {
        Span span = new Span(hz * 0.8, hz * 1.2);
        return new SweepAnalysis(new SimulatedAnalyser(f -> antenna.sweep(lengthM, f, Watch.NOBODY), new Random(1))
                        .sweep(span, 401))
                .deepestDip()
                .orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("dorada.core.design.Kinds#all")
    void everyKindStartsTooLongAndItsDipRisesWhenShortened(AntennaKind kind) {
        double hz = wantedHz(kind);
        for (long seed = 0; seed < Kinds.antennas(kind, 6); seed++) {
            StandIn antenna = Designs.ALL.of(kind).standIn(hz, seed);
            Dip before = dip(antenna, antenna.startLengthM(), hz);
            Dip after = dip(antenna, antenna.startLengthM() * 0.98, hz);
            assertThat(before.atEdge()).as("%s, seed %d", kind, seed).isFalse();
            assertThat(before.frequencyHz()).as("%s, seed %d", kind, seed).isBetween(hz * 0.85, hz);
            assertThat(after.frequencyHz()).isGreaterThan(before.frequencyHz());
            assertThat(before.reading().swr()).as("%s, seed %d", kind, seed).isLessThan(2.4);
        }
    }

    @Test
    void theSameSeedIsTheSameAntenna() {
        StandIn one = Designs.ALL.of(QuarterWaveDesign.KIND).standIn(156e6, 42);
        assertThat(dimensions(one))
                .isEqualTo(dimensions(Designs.ALL.of(QuarterWaveDesign.KIND).standIn(156e6, 42)));
        assertThat(dimensions(one))
                .isNotEqualTo(dimensions(Designs.ALL.of(QuarterWaveDesign.KIND).standIn(156e6, 43)));
    }

    private static WireAntenna dimensions(StandIn antenna) {
        return antenna.antenna().of(antenna.startLengthM(), 0);
    }

    @Test
    void theSimulatedAnalyserKeepsToItsRange() {
        StandIn antenna = Designs.ALL.of(QuarterWaveDesign.KIND).standIn(156e6, 42);
        SimulatedAnalyser analyser = new SimulatedAnalyser(f -> antenna.sweep(0.5, f, Watch.NOBODY), new Random(1));
        assertThatThrownBy(() -> analyser.sweep(new Span(900e6, 1.2e9), 101)).hasMessageContaining("NOT_COVERED");
        assertThatThrownBy(() -> analyser.sweep(new Span(100e6, 200e6), 1)).hasMessageContaining("TOO_MANY_POINTS");
        assertThatThrownBy(() -> antenna.sweep(0, new double[] {1e8, 2e8}, Watch.NOBODY))
                .hasMessageContaining("longer than 0 m");
    }
}
