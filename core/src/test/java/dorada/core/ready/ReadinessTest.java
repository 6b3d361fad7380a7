package dorada.core.ready;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.antenna.Carrier;
import dorada.core.ready.Readiness.Answer;
import dorada.core.ready.Readiness.State;
import dorada.core.tuning.Circumstance;
import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ReadinessTest {

    private static Map<ReadyStep, Answer> all(Method method, Carrier carrier, Answer answer) {
        Map<ReadyStep, Answer> answers = new EnumMap<>(ReadyStep.class);
        ReadyStep.of(method, carrier).forEach(s -> answers.put(s, answer));
        return answers;
    }

    @Test
    void anAnalyserNeverMeetsATransmitterAndNobodyIdentifiesWithIt() {
        assertThat(ReadyStep.of(Method.ANALYSER, Carrier.VEHICLE))
                .contains(ReadyStep.RADIO_OFF_THE_LINE, ReadyStep.CALIBRATED_THERE, ReadyStep.DOORS_SHUT)
                .doesNotContain(ReadyStep.IDENTIFIED, ReadyStep.UNMODULATED, ReadyStep.JUMPER_IN_PLACE);
        assertThat(ReadyStep.of(Method.WATTMETER, Carrier.AIRCRAFT))
                .contains(ReadyStep.PLUG_FITS, ReadyStep.FREQUENCY_CLEAR, ReadyStep.PEOPLE_OFF_THE_ANTENNA)
                .doesNotContain(ReadyStep.RADIO_OFF_THE_LINE, ReadyStep.RANGE_FITS);
    }

    @ParameterizedTest
    @EnumSource(Method.class)
    void indoorsIsNoFaultOfWhatStaysIndoors(Method method) {
        assertThat(ReadyStep.of(method, Carrier.INDOOR))
                .contains(ReadyStep.PEOPLE_AWAY, ReadyStep.METAL_AWAY)
                .doesNotContain(ReadyStep.OUTDOORS, ReadyStep.OPEN_GROUND, ReadyStep.DOORS_SHUT);
        assertThat(ReadyStep.of(method, Carrier.MAST)).contains(ReadyStep.OVERHEAD_LINES, ReadyStep.FINAL_PLACE);
        assertThat(ReadyStep.of(method, Carrier.HANDHELD)).doesNotContain(ReadyStep.FINAL_PLACE);
    }

    @ParameterizedTest
    @CsvSource({
        "RADIO_OFF_THE_LINE, FORBIDDEN",
        "OVERHEAD_LINES, FORBIDDEN",
        "CALIBRATED_THERE, READY_WITH_CIRCUMSTANCES",
        "FINAL_PLACE, READY_WITH_CIRCUMSTANCES",
        "DOORS_SHUT, READY_WITH_CIRCUMSTANCES"
    })
    void whatANoMeans(ReadyStep step, State state) {
        Map<ReadyStep, Answer> answers = all(Method.ANALYSER, Carrier.VEHICLE, Answer.YES);
        assertThat(Readiness.of(Method.ANALYSER, Carrier.VEHICLE, answers).state())
                .isEqualTo(State.READY);
        answers.put(step, Answer.NO);
        Readiness r = Readiness.of(Method.ANALYSER, Carrier.VEHICLE, answers);
        assertThat(r.state()).isEqualTo(state);
        assertThat(r.circumstances())
                .isEqualTo(step.otherwise().map(java.util.Set::of).orElse(java.util.Set.of()));
        answers.put(step, Answer.DOES_NOT_APPLY);
        assertThat(Readiness.of(Method.ANALYSER, Carrier.VEHICLE, answers).state())
                .isEqualTo(State.READY);
        answers.remove(step);
        assertThat(Readiness.of(Method.ANALYSER, Carrier.VEHICLE, answers).open())
                .containsExactly(step);
    }

    @Test
    void readingsThatSayNothingAreSaidBeforeThemNotAfter() {
        Map<ReadyStep, Answer> answers = all(Method.INLINE_METER, Carrier.MAST, Answer.YES);
        answers.put(ReadyStep.UNMODULATED, Answer.NO);
        answers.put(ReadyStep.METAL_AWAY, Answer.NO);
        Readiness r = Readiness.of(Method.INLINE_METER, Carrier.MAST, answers);
        assertThat(r.state()).isEqualTo(State.VOID);
        assertThat(r.voiding()).containsExactly(ReadyStep.UNMODULATED);
        assertThat(r.circumstances()).containsExactly(Circumstance.METAL_NEAR);
        answers.put(ReadyStep.IDENTIFIED, Answer.NO);
        assertThat(Readiness.of(Method.INLINE_METER, Carrier.MAST, answers).state())
                .isEqualTo(State.FORBIDDEN);
    }

    @Test
    void nobodyHasAnsweredAnything() {
        assertThat(Readiness.of(Method.WATTMETER, Carrier.VEHICLE, Map.of()).state())
                .isEqualTo(State.OPEN);
    }
}
