package dorada.core.sweep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ComparisonTest {

    private static Sweep noisy(double f0, double noise, long seed) {
        Random random = new Random(seed);
        Sweep s = Curves.resonance(140e6, 170e6, 301, f0, 45, 10);
        double[] re = s.re();
        double[] im = s.im();
        for (int i = 0; i < re.length; i++) {
            re[i] += noise * random.nextGaussian();
            im[i] += noise * random.nextGaussian();
        }
        return new Sweep(s.frequenciesHz(), re, im, 50);
    }

    @Test
    void theDipsShiftIsGivenAgainstTheFirst() {
        Comparison c = Comparison.of(
                List.of(
                        new SweepAnalysis(Curves.resonance(140e6, 170e6, 301, 156e6, 45, 10)),
                        new SweepAnalysis(Curves.resonance(140e6, 170e6, 301, 154.44e6, 45, 10)),
                        new SweepAnalysis(Curves.resonance(158e6, 170e6, 301, 156e6, 45, 10))),
                new double[] {155e6});
        assertThat(c.bands().get(0).shifts().get(1).shiftHz()).isCloseTo(-1.56e6, within(1e4));
        assertThat(c.bands().get(0).shifts().get(1).shiftShare()).isCloseTo(-0.01, within(1e-4));
        assertThat(c.bands().get(0).shifts().get(2).dip()).isEmpty();
        assertThat(c.bands().get(0).shifts().get(2).shiftHz()).isNaN();
        assertThat(c.rows().get(0).readings().get(2)).isEmpty();
        assertThat(c.rows().get(0).swrDifference(1)).isLessThan(0);
        assertThat(c.rows().get(0).swrDifference(2)).isNaN();
    }

    /** One antenna of 2 m and one of 70 cm: there is no "+294 MHz", only a dip that the other does not have. */
    @Test
    void dipsOfDifferentBandsAreNotCompared() {
        SweepAnalysis low = new SweepAnalysis(Curves.resonance(130e6, 160e6, 301, 146e6, 45, 10));
        SweepAnalysis lower = new SweepAnalysis(Curves.resonance(130e6, 160e6, 301, 144.54e6, 45, 10));
        SweepAnalysis high = new SweepAnalysis(Curves.resonance(420e6, 460e6, 301, 440e6, 45, 10));
        for (double[] wantedHz : new double[][] {{}, {145e6, 147e6, 440e6}}) {
            Comparison c = Comparison.of(List.of(low, high, lower), wantedHz);
            assertThat(c.bands()).hasSize(2);
            List<Comparison.Shift> two = c.bands().get(0).shifts();
            assertThat(two.get(1).dip()).isEmpty();
            assertThat(two.get(1).shiftHz()).isNaN();
            assertThat(two.get(2).shiftShare()).isCloseTo(-0.01, within(1e-4));
            List<Comparison.Shift> seventy = c.bands().get(1).shifts();
            assertThat(seventy.get(1).dip().orElseThrow().frequencyHz()).isCloseTo(440e6, within(2e5));
            assertThat(seventy.get(1).shiftHz()).isNaN();
            // The deepest dip of each, wherever it is: told, but not compared across bands.
            assertThat(c.shifts().get(1).dip()).isPresent();
            assertThat(c.shifts().get(1).shiftHz()).isNaN();
            assertThat(c.shifts().get(2).shiftShare()).isCloseTo(-0.01, within(1e-4));
        }
    }

    /** A dip far from the only band that is wanted is still that band's, and its movement is told. */
    @Test
    void aDipFarOffBelongsToTheNearestBand() {
        SweepAnalysis far = new SweepAnalysis(Curves.resonance(100e6, 160e6, 601, 110e6, 45, 10));
        SweepAnalysis near = new SweepAnalysis(Curves.resonance(100e6, 160e6, 601, 143e6, 45, 10));
        Comparison c = Comparison.of(List.of(far, near), new double[] {144e6, 146e6});
        assertThat(c.bands()).hasSize(1);
        assertThat(c.bands().get(0).shifts().get(1).shiftHz()).isCloseTo(33e6, within(3e5));
    }

    @Test
    void eightSweepsAreTheMost() {
        SweepAnalysis one = new SweepAnalysis(Curves.resonance(140e6, 170e6, 11, 156e6, 45, 10));
        assertThat(Comparison.of(Collections.nCopies(8, one), new double[0])
                        .bands()
                        .get(0)
                        .shifts())
                .hasSize(8);
        assertThatThrownBy(() -> Comparison.of(Collections.nCopies(9, one), new double[0]))
                .hasMessageContaining("sweepsCount=9");
    }

    @Test
    void repeatedSweepsOfAStillAntennaAreSteadyAndTheirMeanIsQuieter() {
        List<Sweep> repeated =
                List.of(noisy(156e6, 0.002, 1), noisy(156e6, 0.002, 2), noisy(156e6, 0.002, 3), noisy(156e6, 0.002, 4));
        Repeatability r = Repeatability.of(repeated, new double[] {155e6, 190e6});
        assertThat(r.steady()).isTrue();
        assertThat(r.channels()).hasSize(1);
        assertThat(r.channels().get(0).lowSwr()).isLessThan(r.channels().get(0).highSwr());
        // Four of them: noise of the mean falls to half.
        assertThat(Repeatability.noiseOf(r.mean())).isCloseTo(0.001, within(0.0002));
        assertThat(r.noise()).isCloseTo(0.002 * Math.sqrt(2 * 0.75), within(0.0003));
    }

    @Test
    void aDipThatMovesOrALooseJointIsUnsteady() {
        assertThat(Repeatability.of(List.of(noisy(156e6, 0.001, 1), noisy(157e6, 0.001, 2)), new double[0])
                        .says()
                        .params())
                .containsEntry("sweepsCount", 2);
        assertThat(Repeatability.of(List.of(noisy(156e6, 0.001, 1), noisy(156e6, 0.02, 2)), new double[0])
                        .steady())
                .isFalse();
        assertThat(Repeatability.of(List.of(noisy(156e6, 0.001, 1), noisy(157e6, 0.001, 2)), new double[0])
                        .mayBeOneAntenna())
                .isTrue();
        assertThat(Repeatability.of(List.of(noisy(156e6, 0.001, 1), noisy(159.5e6, 0.001, 2)), new double[0])
                        .mayBeOneAntenna())
                .isFalse();
        assertThatThrownBy(() -> Repeatability.of(List.of(noisy(156e6, 0, 1)), new double[0]))
                .hasMessageContaining("STEADINESS_TAKES_TWO_SWEEPS_OR_MORE");
    }

    /** The noise put in is the noise found, whatever the curve. */
    @Test
    void noiseIsToldFromTheCurve() {
        for (double noise : new double[] {0.0005, 0.002, 0.01}) {
            assertThat(Repeatability.noiseOf(noisy(156e6, noise, 7))).isCloseTo(noise, within(0.15 * noise));
        }
        assertThat(Repeatability.noiseOf(Curves.resonance(1e6, 2e6, 5, 1.5e6, 50, 5)))
                .isNaN();
        // A curve that turns fast from point to point is no noise.
        assertThat(Repeatability.noiseOf(Curves.resonance(100e6, 200e6, 41, 156e6, 45, 60)))
                .isNaN();
    }
}
