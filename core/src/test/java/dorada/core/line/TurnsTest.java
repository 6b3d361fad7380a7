package dorada.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.instrument.Span;
import dorada.core.sweep.Sweep;
import org.junit.jupiter.api.Test;

class TurnsTest {

    private static void follows(double[] hz, double radiansPerHz) {
        Turns turns = new Turns(new Sweep(hz, new double[hz.length], new double[hz.length], 50), radiansPerHz);
        for (int i = 0; i < hz.length; i++) {
            turns.to(i);
            assertThat(turns.cos()).isCloseTo(Math.cos(radiansPerHz * hz[i]), within(2e-12));
            assertThat(turns.sin()).isCloseTo(Math.sin(radiansPerHz * hz[i]), within(2e-12));
        }
    }

    /** 30 m of line at 1601 points: some hundred turns. */
    @Test
    void evenPointsFollowTheFunctionsThemselves() {
        follows(new Span(10e6, 500e6).points(1601), -1.3e-6);
        follows(new double[] {150e6}, 1e-7);
    }

    /** A point out of line, or a grid that only looks even, is worked out one by one. */
    @Test
    void unevenPointsToo() {
        double[] hz = new Span(100e6, 200e6).points(101);
        hz[50] += 13;
        follows(hz, 3e-7);
        for (int i = 0; i < hz.length; i++) {
            hz[i] = 100e6 * Math.pow(2, i / 100.0);
        }
        follows(hz, 3e-7);
    }
}
