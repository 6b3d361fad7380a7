package dorada.core.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SimulatedAnalyserTest {

    private static Connected load(double r, double x) {
        Reflection one = Reflection.of(new Impedance(r, x), 50);
        return hz -> {
            double[] re = new double[hz.length];
            double[] im = new double[hz.length];
            Arrays.fill(re, one.re());
            Arrays.fill(im, one.im());
            return new Sweep(hz, re, im, 50);
        };
    }

    private static Sweep sweep(long seed) {
        return new SimulatedAnalyser(load(75, 10), new Random(seed)).sweep(new Span(100e6, 200e6), 101);
    }

    @Test
    void itMeasuresAKnownLoadToWithinItsOwnError() {
        double truth = Math.hypot(25, 10) / Math.hypot(125, 10);
        for (long seed = 0; seed < 30; seed++) {
            Sweep measured = sweep(seed);
            for (int i = 0; i < measured.size(); i++) {
                assertThat(measured.magnitude(i)).as("seed %d", seed).isCloseTo(truth, within(0.01));
            }
        }
    }

    @Test
    void aGoodLoadReadsGoodButNeverPerfect() {
        Sweep measured = new SimulatedAnalyser(load(50, 0), new Random(3)).sweep(new Span(100e6, 200e6), 101);
        for (int i = 0; i < measured.size(); i++) {
            assertThat(measured.reflection(i).returnLossDb()).isBetween(38.0, 60.0);
        }
    }

    @Test
    void pointsSpanTheRangeEvenly() {
        Sweep measured = sweep(1);
        assertThat(measured.startHz()).isEqualTo(100e6);
        assertThat(measured.stopHz()).isEqualTo(200e6);
        assertThat(measured.frequencyHz(50)).isCloseTo(150e6, within(1e-3));
    }

    @Test
    void aSpanWidensInsideTheInstrument() {
        Span limits = new Span(1e6, 160e6);
        Span wider = new Span(140e6, 150e6).widened(4, limits);
        assertThat(wider).isEqualTo(new Span(125e6, 160e6));
        assertThat(limits.contains(wider)).isTrue();
        assertThatThrownBy(() -> new Span(2, 1)).hasMessageContaining("A_SPAN_NEEDS_A_START_ABOVE");
    }
}
