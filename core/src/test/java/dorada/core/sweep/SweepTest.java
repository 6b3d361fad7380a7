package dorada.core.sweep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.rf.Reflection;
import org.hipparchus.analysis.interpolation.AkimaSplineInterpolator;
import org.junit.jupiter.api.Test;

class SweepTest {

    private final Sweep sweep = Curves.resonance(140e6, 170e6, 61, 155e6, 45, 8);

    @Test
    void keepsItsPointsWhateverBecomesOfTheArrays() {
        double[] hz = {1e6, 2e6};
        Sweep own = new Sweep(hz, new double[] {0, 0.1}, new double[2], 50);
        hz[0] = 5;
        own.frequenciesHz()[1] = 7;
        assertThat(own.frequencyHz(0)).isEqualTo(1e6);
        assertThat(own.stopHz()).isEqualTo(2e6);
    }

    @Test
    void measuredPointsComeBackExactlyAndNothingIsExtrapolated() {
        assertThat(sweep.at(sweep.frequencyHz(17))).contains(sweep.reflection(17));
        assertThat(sweep.at(139.9e6)).isEmpty();
        assertThat(sweep.at(170.1e6)).isEmpty();
    }

    @Test
    void betweenPointsItFollowsTheCurveBetterThanASpline() {
        AkimaSplineInterpolator spline = new AkimaSplineInterpolator();
        double[] re = new double[sweep.size()];
        for (int i = 0; i < re.length; i++) {
            re[i] = sweep.re(i);
        }
        var splined = spline.interpolate(sweep.frequenciesHz(), re);
        double worstOurs = 0;
        double worstSpline = 0;
        for (double hz = 140.1e6; hz < 170e6; hz += 0.137e6) {
            Reflection truth = Reflection.of(Curves.seriesResonance(hz, 155e6, 45, 8), 50);
            worstOurs = Math.max(worstOurs, Math.abs(sweep.at(hz).orElseThrow().re() - truth.re()));
            worstSpline = Math.max(worstSpline, Math.abs(splined.value(hz) - truth.re()));
        }
        assertThat(worstOurs).isLessThan(1e-4).isLessThan(worstSpline);
    }

    /** Four points about a place carry a curve of the third degree without any error. */
    @Test
    void pointsThatAreUnevenlyApartAreFoundAsWell() {
        double[] hz = {1, 2, 3, 4, 4.1, 4.15, 9, 9.5, 20, 21};
        double[] re = new double[hz.length];
        for (int i = 0; i < hz.length; i++) {
            re[i] = cubic(hz[i]);
        }
        Sweep uneven = new Sweep(hz, re, new double[hz.length], 50);
        for (double at = 1; at <= 21; at += 0.05) {
            assertThat(uneven.at(at).orElseThrow().re()).as("at %s", at).isCloseTo(cubic(at), within(1e-9));
        }
        for (int i = 0; i < hz.length; i++) {
            assertThat(uneven.at(hz[i]).orElseThrow().re()).isEqualTo(re[i]);
        }
    }

    private static double cubic(double x) {
        return (x * x * x - 20 * x * x + 3 * x) / 5000;
    }

    @Test
    void twoPointsAreJoinedByALine() {
        Sweep two = new Sweep(new double[] {1e6, 3e6}, new double[] {0, 0.4}, new double[] {0.2, 0}, 50);
        Reflection middle = two.at(2e6).orElseThrow();
        assertThat(middle.re()).isCloseTo(0.2, within(1e-12));
        assertThat(middle.im()).isCloseTo(0.1, within(1e-12));
    }

    @Test
    void renormalisingChangesTheNumbersNotTheLoad() {
        Sweep on75 = sweep.renormalised(75);
        assertThat(on75.reflection(9).impedance(75).resistanceOhm()).isCloseTo(45, within(1e-9));
        assertThat(on75.renormalised(50).re(9)).isCloseTo(sweep.re(9), within(1e-12));
    }

    @Test
    void brokenInputIsRefusedWithThePoint() {
        assertThatThrownBy(() -> new Sweep(new double[] {2, 1}, new double[2], new double[2], 50))
                .hasMessageContaining("point=1");
        assertThatThrownBy(() -> new Sweep(new double[] {1, 2}, new double[] {0, Double.NaN}, new double[2], 50))
                .hasMessageContaining("NO_NUMBER {point=1}");
        assertThatThrownBy(() -> new Sweep(new double[0], new double[0], new double[0], 50))
                .hasMessageContaining("A_SWEEP_NEEDS_AT_LEAST_ONE");
        assertThatThrownBy(() -> new Sweep(new double[1], new double[2], new double[1], 50))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void thinnedASweepKeepsItsEndsAndItsCurve() {
        Sweep many = Curves.resonance(140e6, 160e6, 50_001, 151e6, 45, 8);
        Sweep few = many.thinned(1001);
        assertThat(few.size()).isEqualTo(1001);
        assertThat(few.startHz()).isEqualTo(many.startHz());
        assertThat(few.stopHz()).isEqualTo(many.stopHz());
        for (double hz = 140.5e6; hz < 160e6; hz += 0.7e6) {
            assertThat(few.at(hz).orElseThrow().magnitude())
                    .isCloseTo(many.at(hz).orElseThrow().magnitude(), within(1e-4));
        }
        assertThat(few.thinned(1001)).isSameAs(few);
    }
}
