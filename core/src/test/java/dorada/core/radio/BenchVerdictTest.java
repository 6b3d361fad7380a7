package dorada.core.radio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.outcome.Refusal;
import dorada.core.radio.BenchReadings.Counter;
import dorada.core.radio.BenchReadings.Power;
import dorada.core.radio.BenchReadings.Spurious;
import dorada.core.radio.BenchVerdict.Verdict;
import dorada.core.spectrum.RadioServices;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BenchVerdictTest {

    private static final double CHANNEL_HZ = 125e6;
    private static final FrequencyTolerance FIVE_PPM = new FrequencyTolerance(5, FrequencyTolerance.Unit.PPM, "a test");

    private static Power watts(double forward, double fullScale) {
        Plug plug = new Plug(fullScale, 100e6, 250e6);
        return new Power(forward, plug, OptionalDouble.empty(), plug);
    }

    private static BenchVerdict judge(double rated, Power power, Counter counter, Spurious spurious) {
        return BenchVerdict.of(
                new BenchReadings(
                        CHANNEL_HZ,
                        rated,
                        Optional.ofNullable(power),
                        Optional.ofNullable(counter),
                        Optional.ofNullable(spurious)),
                Optional.of(FIVE_PPM));
    }

    private static List<String> ids(BenchVerdict v) {
        return v.findings().stream().map(f -> f.id().replace("radioBench.", "")).toList();
    }

    /** The arithmetic of a usual bench sheet: 36 Hz at 125 MHz is 0.29 ppm, −60 dBc one millionth (common practice). */
    @Test
    void errorInPpmAndLevelAsAFraction() {
        BenchVerdict v = judge(
                8,
                watts(12, 25),
                new Counter(CHANNEL_HZ + 36, 0.5),
                new Spurious(-60, OptionalDouble.of(CHANNEL_HZ + 120e3)));
        assertThat(v.verdict()).isEqualTo(Verdict.FIT);
        assertThat(ids(v)).containsExactly("POWER_ABOVE_RATED", "FREQUENCY_RIGHT", "SPURIOUS_LOW");
        assertThat((Double) v.findings().get(1).params().get("offShiftPpm")).isEqualTo(0.29, within(0.005));
        assertThat(v.findings().get(2).params()).containsEntry("partsCount", 1_000_000);
        assertThat(v.causes()).as("nothing is wrong").isEmpty();
        assertThat(judge(8, null, null, new Spurious(-73, OptionalDouble.empty()))
                        .findings())
                .as("19,952,623 to two digits")
                .anySatisfy(f -> assertThat(f.params()).containsEntry("partsCount", 20_000_000));
    }

    @ParameterizedTest
    @CsvSource({
        // rated, read, full scale: by 1.5 dB less, 71 % of the rated power is enough
        "25, 25, 50, FIT",
        "25, 22, 50, FIT",
        "25, 12, 50, UNFIT",
        // 18 W on 50 W may be 15 or 21: the limit of 17.7 lies between
        "25, 18, 50, READ_AGAIN",
        "25, 18, 25, READ_AGAIN",
        // The same watts on a plug of which they use more can be told
        "5, 4.2, 5, FIT",
        "5, 4, 50, READ_AGAIN",
        "5, 3, 5, UNFIT",
        // A needle at its stop is no power
        "5, 5, 5, READ_AGAIN",
        "25, 25, 25, READ_AGAIN",
    })
    void powerAgainstTheRating(double rated, double read, double fullScale, Verdict expected) {
        BenchVerdict v = judge(
                rated, watts(read, fullScale), new Counter(CHANNEL_HZ, 0.5), new Spurious(-75, OptionalDouble.empty()));
        assertThat(v.verdict()).isEqualTo(expected);
    }

    @Test
    void aPlugForAnotherBandOrALoadThatReflectsSaysNothingOfTheRadio() {
        Plug low = new Plug(25, 25e6, 60e6);
        Plug plug = new Plug(25, 100e6, 250e6);
        BenchVerdict other =
                judge(25, new Power(3, low, OptionalDouble.empty(), low), new Counter(CHANNEL_HZ + 5000, 0), null);
        // The counter does not go by the plug: that far off, the radio is ill whatever its power is.
        assertThat(other.verdict()).isEqualTo(Verdict.UNFIT);
        assertThat(ids(other)).containsExactly("FREQUENCY_OFF", "OTHER_PLUG", "NO_SPURIOUS_READ");
        assertThat(judge(25, new Power(3, low, OptionalDouble.empty(), low), new Counter(CHANNEL_HZ, 0), null)
                        .verdict())
                .isEqualTo(Verdict.READ_AGAIN);
        BenchVerdict reflecting = judge(25, new Power(10, plug, OptionalDouble.of(5), plug), null, null);
        assertThat(reflecting.verdict()).isEqualTo(Verdict.READ_AGAIN);
        assertThat(ids(reflecting)).contains("LOAD_REFLECTS").doesNotContain("POWER_LOW");
        // What a plug of 25 W may show of a perfect load is no fault of the load.
        BenchVerdict resting = judge(25, new Power(23, plug, OptionalDouble.of(0.5), plug), null, null);
        assertThat(ids(resting)).doesNotContain("LOAD_REFLECTS", "LOAD_TAKES_ALL");
        assertThat(ids(judge(25, new Power(23, plug, OptionalDouble.of(0.2), plug), null, null)))
                .as("SWR 1.2 as read")
                .contains("LOAD_TAKES_ALL");
        BenchVerdict either = judge(25, new Power(23, plug, OptionalDouble.of(1.5), plug), null, null);
        assertThat(ids(either))
                .as("SWR 1.7 as read, 1.2 within the doubt")
                .doesNotContain("LOAD_TAKES_ALL", "LOAD_REFLECTS");
        assertThat(judge(25, new Power(10, plug, OptionalDouble.of(12), plug), new Counter(CHANNEL_HZ + 5000, 0), null)
                        .verdict())
                .as("what is read into a load that sends all back is nothing of the radio")
                .isEqualTo(Verdict.READ_AGAIN);
        assertThat(ids(judge(25, watts(23, 25), null, null)))
                .as("nobody read what comes back")
                .doesNotContain("LOAD_TAKES_ALL");
    }

    @ParameterizedTest
    @CsvSource({
        "400, 0.5, FIT",
        "-400, 0.5, FIT",
        "620, 0.5, READ_AGAIN",
        "-620, 0.5, READ_AGAIN",
        "700, 0.5, UNFIT",
        "-700, 0.5, UNFIT",
        "700, 3, READ_AGAIN"
    })
    void frequencyAgainstItsTolerance(double offHz, double counterPpm, Verdict expected) {
        BenchVerdict v = judge(
                5,
                watts(4.5, 5),
                new Counter(CHANNEL_HZ + offHz, counterPpm),
                new Spurious(-75, OptionalDouble.empty()));
        assertThat(v.verdict()).isEqualTo(expected);
    }

    @Test
    void whatNobodyKnowsTheToleranceOfIsToldAndNotJudged() {
        BenchVerdict v = BenchVerdict.of(
                new BenchReadings(
                        CHANNEL_HZ,
                        5,
                        Optional.of(watts(4.5, 5)),
                        Optional.of(new Counter(CHANNEL_HZ + 9000, 0)),
                        Optional.empty()),
                Optional.empty());
        assertThat(v.verdict()).isEqualTo(Verdict.INCOMPLETE);
        assertThat(ids(v)).contains("FREQUENCY_NOT_JUDGED", "NO_SPURIOUS_READ");
    }

    @Test
    void powerAloneIsNotTheWholeRadio() {
        assertThat(judge(5, watts(4.5, 5), null, null).verdict()).isEqualTo(Verdict.INCOMPLETE);
        assertThat(judge(5, null, null, null).verdict()).isEqualTo(Verdict.INCOMPLETE);
        assertThat(judge(5, watts(2, 5), null, null).verdict())
                .as("ill is known already")
                .isEqualTo(Verdict.UNFIT);
    }

    /** ITU-R SM.329, land mobile: 43 + 10·log P or 70 dBc, whichever is less strict; worked by hand: 50.0 dB at 5 W, 57.0 at 25 W. */
    @ParameterizedTest
    @CsvSource({"5, -49.99", "25, -56.98", "0.5, -39.99", "1000, -70"})
    void howStrongASpuriousEmissionMayBe(double watts, double dbc) {
        assertThat(BenchVerdict.mostSpuriousDbc(watts)).isEqualTo(dbc, within(0.01));
    }

    @ParameterizedTest
    @CsvSource({"-40, UNFIT", "-49, READ_AGAIN", "-51, READ_AGAIN", "-53, FIT"})
    void spuriousAgainstItsLimit(double dbc, Verdict expected) {
        BenchVerdict v = judge(
                5, watts(4.8, 5.5), new Counter(CHANNEL_HZ, 0), new Spurious(dbc, OptionalDouble.of(2 * CHANNEL_HZ)));
        assertThat(v.verdict()).isEqualTo(expected);
        assertThat(v.causes()).isEqualTo(expected == Verdict.FIT ? List.of() : List.of(SpuriousCause.HARMONIC));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "250e6 | HARMONIC",
                "375.01e6 | HARMONIC",
                "62.5e6 | SUBHARMONIC",
                "187.5e6 | SUBHARMONIC",
                "125.0001e6 | MAINS_RIPPLE",
                "125.0125e6 | SYNTHESISER_STEP",
                "124.975e6 | SYNTHESISER_STEP,SWITCHING_SUPPLY",
                "125.067e6 | SWITCHING_SUPPLY",
                "124.7e6 | SWITCHING_SUPPLY",
                "160e6 | MIXING",
                "90e6 | MIXING"
            })
    void usualCausesByPlace(double atHz, String expected) {
        assertThat(SpuriousCause.of(CHANNEL_HZ, atHz))
                .containsExactlyElementsOf(Arrays.stream(expected.split(","))
                        .map(SpuriousCause::valueOf)
                        .toList());
    }

    /** From memory of the rules that each file names. */
    @ParameterizedTest
    @CsvSource({
        "murs, 151.82e6, 759.1",
        "cb-us, 27.185e6, 1359.25",
        "airband, 125e6, 625",
        "cb-eu, 27.185e6, 600",
        "marine, 156.8e6, 1568"
    })
    void tolerancesOfTheServices(String service, double channelHz, double hz) {
        FrequencyTolerance t =
                RadioServices.byId(service).orElseThrow().frequencyTolerance().orElseThrow();
        assertThat(t.hzAt(channelHz)).isEqualTo(hz, within(1e-6));
        assertThat(t.source()).contains("from memory");
        assertThat(RadioServices.byId("2m-r1").orElseThrow().frequencyTolerance())
                .isEmpty();
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> new Spurious(3, OptionalDouble.empty())).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Counter(0, 0)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Plug(0, 1, 2)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> watts(-1, 5)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new BenchReadings(0, 1, Optional.empty(), Optional.empty(), Optional.empty()))
                .isInstanceOf(Refusal.class);
    }

    @ParameterizedTest
    @CsvSource({"8, 10", "4, 5", "5, 10", "25, 50", "0.5, 1", "9000, 2500"})
    void thePlugToBeginWith(double ratedW, double fullScaleW) {
        assertThat(Plug.usualFullScaleW(ratedW)).isEqualTo(fullScaleW);
    }

    /** 5 W at the end of a scale are no 5 W: the limit is that of the rated 25, 57 dB and not 50. */
    @Test
    void aNeedleAtItsEndSetsNoLimit() {
        BenchVerdict v = judge(25, watts(5, 5), null, new Spurious(-53, OptionalDouble.empty()));
        assertThat(ids(v)).contains("SPURIOUS_HIGH");
    }
}
