package dorada.core.sweep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.rf.Impedance;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SweepAnalysisTest {

    /** A series resonance has X = 0 at f₀, its least reflection there, and SWR = 50/R. */
    @Test
    void findsDipAndResonanceOfASeriesCircuitBetweenItsPoints() {
        double f0 = 156.1234e6;
        SweepAnalysis analysis = new SweepAnalysis(Curves.resonance(146e6, 168e6, 101, f0, 40, 7));
        Dip dip = analysis.deepestDip().orElseThrow();
        assertThat(dip.atEdge()).isFalse();
        assertThat(dip.frequencyHz()).isCloseTo(f0, within(2e3));
        assertThat(dip.reading().swr()).isCloseTo(1.25, within(1e-4));
        assertThat(dip.reading().impedance().orElseThrow().resistanceOhm()).isCloseTo(40, within(1e-2));
        assertThat(analysis.resonancesHz()).hasSize(1);
        assertThat(analysis.resonancesHz()[0]).isCloseTo(f0, within(200.0));
    }

    /**
     * For R = Z₀ the SWR is n where |X| = Z₀(n − 1)/√n, so that Q·(f/f₀ − f₀/f) = ±(n − 1)/√n: bandwidth
     * f₀(n − 1)/(Q√n). Source: A. D. Yaghjian and S. R. Best, IEEE Trans. Antennas Propag. 53 (2005) 1298, matched VSWR
     * bandwidth of a series circuit.
     */
    @Test
    void bandwidthOfAMatchedSeriesCircuitIsTheClosedForm() {
        double f0 = 27.185e6;
        double q = 40;
        SweepAnalysis analysis = new SweepAnalysis(Curves.resonance(25e6, 29e6, 401, f0, 50, q));
        for (double n : new double[] {1.5, 2, 2.5, 3}) {
            Bandwidth b = analysis.bandwidth(n).orElseThrow();
            assertThat(b.widthHz()).as("SWR %s", n).isCloseTo(f0 * (n - 1) / (q * Math.sqrt(n)), within(50.0));
            assertThat(b.lowOpen() || b.highOpen()).isFalse();
            assertThat(Math.sqrt(b.lowHz() * b.highHz())).isCloseTo(f0, within(100.0));
        }
    }

    /** Closed form as above: under 2 over f₀/(Q√2), so 136 MHz with Q 8 is 12.0 MHz wide. */
    @Test
    void aTraceSaysNoMoreThanItShows() {
        assertThat(TraceSays.of(new SweepAnalysis(Curves.resonance(120e6, 152e6, 401, 136e6, 50, 8))))
                .satisfies(o -> {
                    assertThat(o.is(TraceSays.DIP_UNDER)).isTrue();
                    assertThat((double) o.params().get("dipHz")).isCloseTo(136e6, within(1e3));
                    assertThat((double) o.params().get("widthRoughHz")).isCloseTo(12.02e6, within(1e4));
                });
        assertThat(says(150e6, 157e6, 156e6, 50)).isEqualTo(TraceSays.DIP_UNDER_MORE.key());
        // No width where even the dip is above 2; no dip where the curve only falls.
        assertThat(says(140e6, 170e6, 155e6, 20)).isEqualTo(TraceSays.DIP.key());
        assertThat(says(140e6, 150e6, 155e6, 50)).isEqualTo(TraceSays.DIP_BEYOND.key());
        assertThat(TraceSays.of(new SweepAnalysis(Curves.resonance(100e6, 200e6, 101, 150e6, 55, 0.01)))
                        .id())
                .isEqualTo(TraceSays.FLAT_AND_LOW.key());
    }

    private static String says(double startHz, double stopHz, double resonanceHz, double ohm) {
        return TraceSays.of(new SweepAnalysis(Curves.resonance(startHz, stopHz, 201, resonanceHz, ohm, 8)))
                .id();
    }

    @Test
    void bandwidthIsOpenWhereTheSweepStopsFirst() {
        SweepAnalysis analysis = new SweepAnalysis(Curves.resonance(150e6, 157e6, 201, 156e6, 50, 8));
        Bandwidth b = analysis.bandwidth(1.5).orElseThrow();
        assertThat(b.lowOpen()).isFalse();
        assertThat(b.highOpen()).isTrue();
        assertThat(b.highHz()).isEqualTo(157e6);
    }

    @Test
    void aDipAboveTheLimitHasNoBandwidth() {
        SweepAnalysis analysis = new SweepAnalysis(Curves.resonance(140e6, 170e6, 101, 155e6, 20, 8));
        assertThat(analysis.bandwidth(2)).isEmpty();
        assertThat(analysis.bandwidth(3)).isPresent();
        assertThatThrownBy(() -> analysis.bandwidth(1)).hasMessageContaining("LIMIT_NOT_ABOVE_1");
    }

    @Test
    void everyDipIsFoundDeepestFirst() {
        Sweep twoBands = Curves.of(
                100e6,
                500e6,
                801,
                hz -> hz < 300e6 ? Curves.seriesResonance(hz, 150e6, 35, 9) : Curves.seriesResonance(hz, 440e6, 46, 9));
        assertThat(new SweepAnalysis(twoBands).dips())
                .extracting(d -> Math.round(d.frequencyHz() / 1e6))
                .containsExactly(440L, 150L);
    }

    @Test
    void aCurveStillFallingAtTheEndIsADipAtTheEdge() {
        SweepAnalysis analysis = new SweepAnalysis(Curves.resonance(150e6, 160e6, 101, 145e6, 50, 8));
        assertThat(analysis.dips()).singleElement().satisfies(d -> {
            assertThat(d.atEdge()).isTrue();
            assertThat(d.frequencyHz()).isEqualTo(150e6);
        });
    }

    @Test
    void aRippleOfLessThanADecibelIsNoDip() {
        Sweep rippled = Curves.of(140e6, 170e6, 301, hz -> new Impedance(100 + 2 * Math.sin(hz / 3e5), 0));
        assertThat(new SweepAnalysis(rippled).dips()).allMatch(Dip::atEdge);
        Sweep flat = Curves.of(140e6, 170e6, 11, hz -> new Impedance(75, 0));
        assertThat(new SweepAnalysis(flat).dips()).isEmpty();
    }

    @Test
    void aLittleNoiseDoesNotMultiplyTheDips() {
        Random random = new Random(7);
        Sweep noisy = Curves.of(140e6, 170e6, 601, hz -> {
            Impedance z = Curves.seriesResonance(hz, 155e6, 36, 8);
            return new Impedance(z.resistanceOhm() + random.nextGaussian() * 0.1, z.reactanceOhm());
        });
        assertThat(new SweepAnalysis(noisy).dips()).hasSize(1);
    }

    @Test
    void noiseOnACurveThatStillFallsAtTheEndIsNoDipInside() {
        for (long seed = 0; seed < 50; seed++) {
            Random random = new Random(seed);
            Sweep noisy = Curves.of(440e6, 459e6, 401, hz -> {
                Impedance z = Curves.seriesResonance(hz, 432e6, 45, 8);
                return new Impedance(z.resistanceOhm() + random.nextGaussian() * 0.1, z.reactanceOhm());
            });
            assertThat(new SweepAnalysis(noisy).dips())
                    .as("seed %d", seed)
                    .singleElement()
                    .satisfies(d -> {
                        assertThat(d.atEdge()).isTrue();
                        assertThat(d.frequencyHz()).isEqualTo(440e6);
                    });
        }
    }

    @Test
    void aDipCloseToTheEndIsInsideWhereTheCurveClearlyRisesAgain() {
        SweepAnalysis analysis = new SweepAnalysis(Curves.resonance(150e6, 156.5e6, 201, 156e6, 45, 8));
        assertThat(analysis.deepestDip().orElseThrow().atEdge()).isFalse();
        assertThat(analysis.deepestDip().orElseThrow().frequencyHz()).isCloseTo(156e6, within(1e4));
    }

    @Test
    void aPerfectMatchHasInfiniteReturnLossAndIsStillADip() {
        double[] hz = {1e6, 2e6, 3e6};
        Sweep sweep = new Sweep(hz, new double[] {0.3, 0, 0.3}, new double[] {0.3, 0, -0.3}, 50);
        Dip dip = new SweepAnalysis(sweep).deepestDip().orElseThrow();
        assertThat(dip.reading().returnLossDb()).isGreaterThan(60);
    }

    @Test
    void aParallelResonanceIsAResonanceAnOpenCircuitIsNot() {
        Sweep lossless = new Sweep(new double[] {1e6, 2e6, 3e6}, new double[] {0, 1, 0}, new double[] {1, 0, -1}, 50);
        assertThat(new SweepAnalysis(lossless).resonancesHz()).isEmpty();
    }

    @Test
    void wantedChannelsAreReadBetweenPointsAndNotBeyondTheSweep() {
        SweepAnalysis analysis = new SweepAnalysis(Curves.resonance(150e6, 160e6, 41, 155e6, 45, 8));
        Impedance truth = Curves.seriesResonance(157.33e6, 155e6, 45, 8);
        Impedance read =
                analysis.readingAt(157.33e6).flatMap(Reading::impedance).orElseThrow();
        assertThat(read.resistanceOhm()).isCloseTo(truth.resistanceOhm(), within(0.02));
        assertThat(read.reactanceOhm()).isCloseTo(truth.reactanceOhm(), within(0.02));
        assertThat(analysis.readingAt(161e6)).isEmpty();
    }

    @Test
    void aSweepOnSeventyFiveOhmsIsJudgedOnFifty() {
        Sweep on75 = Curves.resonance(150e6, 160e6, 41, 155e6, 50, 8).renormalised(75);
        assertThat(new SweepAnalysis(on75).deepestDip().orElseThrow().reading().swr())
                .isCloseTo(1, within(1e-3));
    }

    /** A dummy load over a tenth of its frequency is too good; a matched antenna of quality 6 over as much is not. */
    @Test
    void flatAndLowIsNoAntenna() {
        double[] hz = {150e6, 158e6, 166e6};
        Sweep load = new Sweep(hz, new double[] {0.01, 0.02, 0.01}, new double[3], 50);
        assertThat(new SweepAnalysis(load).isFlatAndLow()).isTrue();
        Sweep narrow = new Sweep(new double[] {150e6, 155e6}, new double[] {0.01, 0.01}, new double[2], 50);
        assertThat(new SweepAnalysis(narrow).isFlatAndLow()).isFalse();
        Sweep antenna = Curves.resonance(150e6, 166e6, 101, 158e6, 50, 6);
        assertThat(new SweepAnalysis(antenna).isFlatAndLow()).isFalse();
        Sweep poor = new Sweep(hz, new double[] {0.3, 0.3, 0.3}, new double[3], 50);
        assertThat(new SweepAnalysis(poor).isFlatAndLow()).isFalse();
    }
}
