package dorada.core.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.instrument.Span;
import dorada.core.sweep.Dip;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.wire.Watch;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class StandInTest {

    private static double wantedHz(AntennaKind kind) {
        return switch (kind) {
            case LOADED_CB_WHIP, RINGED_CB_WHIP, DIPOLE, FOLDED_VERTICAL -> 27.185e6;
            case AIRBAND_WHIP -> 127e6;
            case HANDHELD_ROD, BEAM, GAMMA_BEAM -> 446e6;
            default -> 156e6;
        };
    }

    private static Dip dip(StandIn antenna, double lengthM, double hz) {
        Span span = new Span(hz * 0.8, hz * 1.2);
        return new SweepAnalysis(new SimulatedAnalyser(f -> antenna.sweep(lengthM, f, Watch.NOBODY), new Random(1))
                        .sweep(span, 401))
                .deepestDip()
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(AntennaKind.class)
    void everyKindStartsTooLongAndItsDipRisesWhenShortened(AntennaKind kind) {
        double hz = wantedHz(kind);
        for (long seed = 0; seed < 6; seed++) {
            StandIn antenna = StandIn.of(kind, hz, seed);
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
        StandIn one = StandIn.of(AntennaKind.QUARTER_WAVE_WHIP, 156e6, 42);
        assertThat(dimensions(one)).isEqualTo(dimensions(StandIn.of(AntennaKind.QUARTER_WAVE_WHIP, 156e6, 42)));
        assertThat(dimensions(one)).isNotEqualTo(dimensions(StandIn.of(AntennaKind.QUARTER_WAVE_WHIP, 156e6, 43)));
    }

    private static WireAntenna dimensions(StandIn antenna) {
        return antenna.antenna().of(antenna.startLengthM(), 0);
    }

    @Test
    void theSimulatedAnalyserKeepsToItsRange() {
        StandIn antenna = StandIn.of(AntennaKind.QUARTER_WAVE_WHIP, 156e6, 42);
        SimulatedAnalyser analyser = new SimulatedAnalyser(f -> antenna.sweep(0.5, f, Watch.NOBODY), new Random(1));
        assertThatThrownBy(() -> analyser.sweep(new Span(900e6, 1.2e9), 101)).hasMessageContaining("covers 1 to 1000");
        assertThatThrownBy(() -> analyser.sweep(new Span(100e6, 200e6), 1)).hasMessageContaining("2 to 1601");
        assertThatThrownBy(() -> antenna.sweep(0, new double[] {1e8, 2e8}, Watch.NOBODY))
                .hasMessageContaining("longer than 0 m");
    }
}
