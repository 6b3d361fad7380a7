package dorada.core.safety;

import static dorada.core.outcome.Numbers.number;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.acceptance.TransmitLimit;
import dorada.core.antenna.Carrier;
import dorada.core.instrument.ReadingKind;
import dorada.core.outcome.Outcome;
import dorada.core.safety.Situation.Transmit;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Cautions appear where they apply and only there. */
class CautionsTest {

    private static final double RATED_W = 25;

    private static List<String> ids(Situation s) {
        return Cautions.of(s).stream().map(Outcome::id).toList();
    }

    private static List<String> listed(String ids) {
        return Arrays.stream(ids.split(" "))
                .map(id -> Caution.valueOf(id).key())
                .toList();
    }

    /** The whole table: carrier × stage × method, with a radio of 25 W and nothing wrong. */
    @ParameterizedTest
    @CsvSource({
        "VEHICLE,  PLANNING, , DRILLING LOCAL_CODES",
        "HANDHELD, PLANNING, , HELD_AT_THE_BODY LOCAL_CODES",
        "AIRCRAFT, PLANNING, , AIRWORTHINESS LOCAL_CODES",
        "MAST,     PLANNING, , POWER_LINES_ANY_HEIGHT LIGHTNING LOCAL_CODES",
        "PORTABLE, PLANNING, , POWER_LINES_ANY_HEIGHT LOCAL_CODES",
        "INDOOR,   PLANNING, , LOCAL_CODES",
        "VEHICLE,  TUNING, , INTO_AN_ANALYSER",
        "HANDHELD, TUNING, , HELD_AT_THE_BODY INTO_AN_ANALYSER",
        "AIRCRAFT, TUNING, , AIRWORTHINESS INTO_AN_ANALYSER",
        "MAST,     TUNING, , POWER_LINES_ANY_HEIGHT LIGHTNING INTO_AN_ANALYSER",
        "PORTABLE, TUNING, , POWER_LINES_ANY_HEIGHT INTO_AN_ANALYSER",
        "INDOOR,   TUNING, , INTO_AN_ANALYSER",
        "VEHICLE,  TUNING, CALIBRATED_ANALYSER, INTO_AN_ANALYSER",
        "VEHICLE,  TUNING, DIAL_ANALYSER, INTO_AN_ANALYSER",
        "PORTABLE, TUNING, DIAL_ANALYSER, POWER_LINES_ANY_HEIGHT INTO_AN_ANALYSER",
        "VEHICLE,  TUNING, INLINE_METER, RF_BURNS WHILE_READING_A_METER",
        "INDOOR,   TUNING, RADIO_METER, RF_BURNS WHILE_READING_A_METER",
        "HANDHELD, TUNING, RADIO_METER, HELD_AT_THE_BODY WHILE_READING_A_METER",
        "AIRCRAFT, TUNING, WATTMETER, AIRWORTHINESS RF_BURNS WHILE_READING_A_METER",
        "MAST,     TUNING, WATTMETER, POWER_LINES_ANY_HEIGHT LIGHTNING RF_BURNS WHILE_READING_A_METER",
        "PORTABLE, TUNING, INLINE_METER, POWER_LINES_ANY_HEIGHT RF_BURNS WHILE_READING_A_METER",
    })
    void whatIsSaid(Carrier carrier, Situation.Stage stage, ReadingKind method, String expected) {
        Situation s = stage == Situation.Stage.PLANNING
                ? Situation.planning(Optional.of(carrier), false, 0)
                : Situation.tuning(carrier, RATED_W);
        assertThat(ids(method == null ? s : s.read(method, List.of(), false)))
                .containsExactlyElementsOf(listed(expected));
    }

    @ParameterizedTest
    @EnumSource(ReadingKind.class)
    void everyWayOfReadingHasItsOwnCautionAndNeverTheOther(ReadingKind method) {
        List<String> said = ids(Situation.tuning(Carrier.VEHICLE, RATED_W).read(method, List.of(), false));
        assertThat(said.contains(Caution.INTO_AN_ANALYSER.key()))
                .isNotEqualTo(said.contains(Caution.WHILE_READING_A_METER.key()));
        assertThat(said.contains(Caution.WHILE_READING_A_METER.key()))
                .isEqualTo(method == ReadingKind.INLINE_METER
                        || method == ReadingKind.WATTMETER
                        || method == ReadingKind.RADIO_METER);
    }

    private static List<Outcome> after(double worst, double ceiling, String... unread) {
        double limiting = unread.length > 0 ? Double.POSITIVE_INFINITY : worst;
        Transmit t = new Transmit("", TransmitLimit.of(limiting, ceiling, RATED_W), worst, ceiling, List.of(unread));
        return Cautions.of(
                Situation.tuning(Carrier.INDOOR, RATED_W).read(ReadingKind.CALIBRATED_ANALYSER, List.of(t), false));
    }

    /** By one rule, whoever asks: planned, tuned, or signed off. */
    @ParameterizedTest
    @CsvSource({
        "1.2, 2, ",
        "2.0, 2, ",
        "2.3, 2, REDUCED_POWER",
        "2.99, 2, REDUCED_POWER",
        "2.994, 3, ",
        "2.996, 3, DO_NOT_TRANSMIT",
        "3.0, 3, DO_NOT_TRANSMIT",
        "3.0, 2, DO_NOT_TRANSMIT",
        "3.2, 4, REDUCED_POWER",
        "4.0, 4, DO_NOT_TRANSMIT",
        "Infinity, 2, DO_NOT_TRANSMIT"
    })
    void intoWhatOneSends(double worst, double ceiling, Caution expected) {
        Outcome first = after(worst, ceiling).get(0);
        assertThat(first.is(expected == null ? Caution.INTO_AN_ANALYSER : expected))
                .isTrue();
        Situation planned = Situation.station(
                Optional.empty(),
                0,
                5,
                false,
                List.of(new Transmit("", TransmitLimit.of(worst, ceiling, 5), worst, ceiling, List.of())));
        assertThat(ids(planned).get(0)).isEqualTo((expected == null ? Caution.LOCAL_CODES : expected).key());
    }

    @Test
    void anUnreadChannelIsNamedAndNoGoodSwrIsBlamed() {
        List<Outcome> said = after(1.2, 2, "Field", "Base");
        assertThat(said.get(0)).isEqualTo(Caution.CHANNELS_UNREAD.of(List.of("Field", "Base")));
        assertThat(said).noneMatch(c -> c.is(Caution.DO_NOT_TRANSMIT));
        assertThat(after(3.4, 2, "Base"))
                .startsWith(Caution.CHANNELS_UNREAD.of(List.of("Base")), Caution.DO_NOT_TRANSMIT.of(3.4));
    }

    @Test
    void anotherRadioIsNamed() {
        Transmit other = new Transmit("Marine set", TransmitLimit.of(3.5, 2, 25), 3.5, 2, List.of());
        Outcome c = Cautions.of(
                        Situation.tuning(Carrier.MAST, 25).read(ReadingKind.CALIBRATED_ANALYSER, List.of(other), false))
                .get(0);
        assertThat(c).isEqualTo(Caution.DO_NOT_TRANSMIT_WITH.of("Marine set", 3.5));
    }

    @Test
    void whoReadsAMeterAtABenchIsToldWhatItsNeedleForbids() {
        assertThat(ids(Situation.reading(ReadingKind.INLINE_METER, 0, List.of())))
                .containsExactly(Caution.WHILE_READING_A_METER.key());
        Transmit high = new Transmit("", TransmitLimit.of(3.4, 2, 5), 3.4, 2, List.of());
        assertThat(Cautions.of(Situation.reading(ReadingKind.INLINE_METER, 5, List.of(high))))
                .containsExactly(Caution.DO_NOT_TRANSMIT.of(3.4), Caution.WHILE_READING_A_METER.of());
    }

    @Test
    void whoCallsIsToldToListenAndABenchNeedsADummyLoad() {
        assertThat(ids(Situation.at(Situation.Stage.CALLING))).containsExactly(Caution.CALLING.key());
        assertThat(ids(Situation.at(Situation.Stage.AT_THE_BENCH))).containsExactly(Caution.INTO_A_DUMMY_LOAD.key());
        assertThat(ids(Situation.at(Situation.Stage.TUNING))).containsExactly(Caution.INTO_AN_ANALYSER.key());
    }

    @Test
    void eyesAreCoveredBeforeACut() {
        assertThat(ids(Situation.tuning(Carrier.VEHICLE, 25).read(ReadingKind.CALIBRATED_ANALYSER, List.of(), true)))
                .startsWith(Caution.CUTTING.key());
        assertThat(ids(Situation.planning(Optional.of(Carrier.INDOOR), true, 0)))
                .startsWith(Caution.CUTTING.key());
    }

    /** One and a half times the total height: common practice, no source. */
    @ParameterizedTest
    @CsvSource({"3.2, 4.8, true", "12, 18, true", "0.6, 0.9, false"})
    void powerLinesAreKeptAwayFromByTheHeightAndLightningIsForWhatStandsUp(
            double heightM, double metres, boolean isBonded) {
        assertThat(Cautions.powerLineDistanceM(heightM)).isCloseTo(metres, within(1e-9));
        List<Outcome> said = Cautions.of(Situation.station(Optional.empty(), heightM, 5, false, List.of()));
        assertThat(said.get(0).is(Caution.POWER_LINES)).isTrue();
        assertThat(number(said.get(0), "distanceFarM")).isCloseTo(metres, within(1e-9));
        assertThat(said.stream().anyMatch(c -> c.is(Caution.LIGHTNING))).isEqualTo(isBonded);
    }

    @Test
    void burnsAreForPower() {
        assertThat(ids(Situation.station(Optional.empty(), 0, 25, false, List.of())))
                .contains(Caution.RF_BURNS.key());
        assertThat(ids(Situation.station(Optional.empty(), 0, 9, false, List.of())))
                .doesNotContain(Caution.RF_BURNS.key());
        assertThat(ids(Situation.station(Optional.empty(), 0, 25, true, List.of())))
                .contains(Caution.HELD_AT_THE_BODY.key())
                .doesNotContain(Caution.RF_BURNS.key());
    }
}
