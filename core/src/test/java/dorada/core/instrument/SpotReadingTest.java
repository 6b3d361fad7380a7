package dorada.core.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.acceptance.ChannelReading;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.Verdict;
import dorada.core.acceptance.WantedChannel;
import dorada.core.outcome.Outcome;
import dorada.core.tuning.ResonanceEstimate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class SpotReadingTest {

    private static final double[] CB = {26.965e6, 27.185e6, 27.405e6};

    private static double swr(double f0, double q, double r, double hz) {
        double x = r * q * (hz / f0 - f0 / hz);
        double rho = Math.sqrt(((r - 50) * (r - 50) + x * x) / ((r + 50) * (r + 50) + x * x));
        return (1 + rho) / (1 - rho);
    }

    private static List<SpotReading> spots(double f0, double q, double r) {
        return Stream.of(CB[0], CB[1], CB[2])
                .map(hz -> SpotReading.ofSwr(ReadingKind.INLINE_METER, hz, swr(f0, q, r, hz)))
                .toList();
    }

    /** A plug of 50 W errs by 2.5 W: four watts forward and 0.4 W back on it say almost nothing (common practice). */
    @Test
    void tenthsOfAWattOnALargeRangeAreNearlyWorthless() {
        SpotReading worthless = SpotReading.ofWatts(156e6, new SpotReading.Watts(4, 0.4, 50, 50), 0.05);
        assertThat(worthless.swr()).isCloseTo(1.92, within(0.01));
        assertThat(worthless.lowSwr()).isEqualTo(1);
        assertThat(worthless.highSwr()).isInfinite();
        SpotReading good = SpotReading.ofWatts(156e6, new SpotReading.Watts(45, 1.8, 50, 5), 0.05);
        assertThat(good.swr()).isCloseTo(1.5, within(0.001));
        assertThat(good.lowSwr()).isBetween(1.44, 1.48);
        assertThat(good.highSwr()).isBetween(1.52, 1.58);
    }

    @Test
    void wattsThatCannotBeAreRefused() {
        assertThatThrownBy(() -> SpotReading.ofWatts(156e6, new SpotReading.Watts(60, 1, 50, 50), 0.05))
                .hasMessageContaining("A_READING_ABOVE_FULL_SCALE");
        assertThatThrownBy(() -> SpotReading.ofWatts(156e6, new SpotReading.Watts(10, 12, 50, 50), 0.05))
                .hasMessageContaining("REFLECTED_ABOVE_FORWARD");
        assertThatThrownBy(() -> SpotReading.ofSwr(ReadingKind.INLINE_METER, 156e6, 0.8))
                .hasMessageContaining("SWR_BELOW_1");
        assertThatThrownBy(() -> SpotReading.ofSwr(ReadingKind.INLINE_METER, 0, 1.8))
                .hasMessageContaining("A_FREQUENCY_MUST_BE_ABOVE_0");
    }

    @Test
    void theDoubtGrowsFromAnalyserToRadiosOwnMeter() {
        double dial = width(ReadingKind.DIAL_ANALYSER);
        double meter = width(ReadingKind.INLINE_METER);
        double radio = width(ReadingKind.RADIO_METER);
        assertThat(width(ReadingKind.CALIBRATED_ANALYSER)).isZero();
        assertThat(dial).isGreaterThan(0).isLessThan(meter);
        assertThat(meter).isLessThan(radio);
    }

    private static double width(ReadingKind kind) {
        SpotReading r = SpotReading.ofSwr(kind, 156e6, 2);
        return r.highSwr() - r.lowSwr();
    }

    @Test
    void aDialShowsResistanceAndReactanceWithoutItsSign() {
        SpotReading r = SpotReading.ofDial(156e6, 1.5, OptionalDouble.of(42), OptionalDouble.of(17));
        assertThat(r.reactanceSizeOhm()).hasValue(17);
        assertThat(r.reading().impedance()).isEmpty();
    }

    @Test
    void spotsAreJudgedLikeSweepsAndADoubtThatReachesTheLimitIsSaid() {
        List<WantedChannel> channels =
                List.of(new WantedChannel("1", CB[0], false), new WantedChannel("40", CB[2], true));
        List<SpotReading> spots = List.of(
                SpotReading.ofSwr(ReadingKind.INLINE_METER, CB[0], 1.2),
                SpotReading.ofSwr(ReadingKind.INLINE_METER, CB[2], 1.95));
        Verdict v = new UnderLimit(2)
                .judge(
                        ChannelReading.ofReadings(
                                spots.stream().map(SpotReading::reading).toList(), channels),
                        ReferencePlane.RADIO);
        assertThat(v.met()).isTrue();
        assertThat(v.sure()).isFalse();
        assertThat(v.outcomes()).contains(new Outcome("verdict.WITHIN_DOUBT", Map.of("channels", List.of("40"))));
        assertThat(v.channels().get(0).measured().reading().orElseThrow().swr()).isCloseTo(1.2, within(1e-9));
        assertThat(ChannelReading.ofReadings(List.of(), channels).get(0).reading())
                .isEmpty();
    }

    /** Higher at the top channel than at the bottom is too long: resonance below (common practice, no source). */
    @Test
    void theSideOfTheResonanceIsToldByTheEnds() {
        ResonanceEstimate low = ResonanceEstimate.of(spots(26.5e6, 12, 40)).orElseThrow();
        assertThat(low.resonanceHz()).isLessThan(CB[0]);
        assertThat(low.belowShare()).isGreaterThan(0.9);
        ResonanceEstimate high = ResonanceEstimate.of(spots(28e6, 12, 40)).orElseThrow();
        assertThat(high.aboveShare()).isGreaterThan(0.9);
        ResonanceEstimate centred =
                ResonanceEstimate.of(spots(27.185e6, 30, 40)).orElseThrow();
        assertThat(centred.resonanceHz()).isCloseTo(27.185e6, within(2 * centred.deviationHz()));
        assertThat(centred.belowShare() + centred.aboveShare()).isLessThan(0.3);
    }

    /** Over random antennas the stated deviation covers the error as a deviation should. */
    @Test
    void theStatedDoubtIsHonest() {
        Random random = new Random(21);
        int within = 0;
        int farOff = 0;
        int runs = 150;
        for (int run = 0; run < runs; run++) {
            double f0 = 27.185e6 * (1 + 0.04 * random.nextGaussian());
            double q = 8 * Math.pow(2, random.nextGaussian());
            double r = 42 * Math.pow(1.5, random.nextGaussian());
            ResonanceEstimate found = ResonanceEstimate.of(spots(f0, q, r)).orElseThrow();
            double off = Math.abs(found.resonanceHz() - f0) / found.deviationHz();
            within += off < 1 ? 1 : 0;
            farOff += off > 3 ? 1 : 0;
        }
        assertThat(within).isBetween((int) (0.55 * runs), runs);
        assertThat(farOff).isLessThan((int) (0.06 * runs));
    }

    @Test
    void oneReadingLeavesTheSideOpenAndTwoTellLittle() {
        List<SpotReading> spots = spots(27.6e6, 12, 40);
        assertThat(ResonanceEstimate.of(List.of())).isEmpty();
        ResonanceEstimate one = ResonanceEstimate.of(spots.subList(0, 1)).orElseThrow();
        assertThat(one.belowShare()).isBetween(0.4, 0.6);
        assertThat(one.aboveShare()).isBetween(0.4, 0.6);
        Optional<ResonanceEstimate> two = ResonanceEstimate.of(List.of(spots.get(0), spots.get(2)));
        assertThat(two.orElseThrow().deviationHz())
                .isGreaterThan(ResonanceEstimate.of(spots).orElseThrow().deviationHz());
        assertThat(two.orElseThrow().curve().covers(27.4e6)).isTrue();
    }
}
