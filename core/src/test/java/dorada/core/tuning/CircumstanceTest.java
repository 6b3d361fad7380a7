package dorada.core.tuning;

import static dorada.core.outcome.Numbers.number;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.Carrier;
import dorada.core.line.Feedline;
import dorada.core.line.Line;
import dorada.core.line.ThroughLine;
import dorada.core.sweep.Curves;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.TrimAdvice.Action;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Where and how a pass was taken, and from which end of the line. */
class CircumstanceTest {

    private static final List<WantedChannel> VHF =
            List.of(new WantedChannel("low", 153e6, true), new WantedChannel("high", 159e6, false));
    private static final TrimPrior PRIOR = TrimPrior.ofWaves(0.25);

    private static Sweep whip(double dipHz) {
        return Curves.resonance(135e6, 180e6, 451, dipHz, 46, 9);
    }

    private static TrimTask task(double limit, Adjustment adjustment) {
        return TrimTask.of(new UnderLimit(limit), VHF, adjustment, TrimPrior.ofWaves(0.25));
    }

    private static TrimAdviser adviser(double limit, Adjustment adjustment) {
        return new TrimAdviser(task(limit, adjustment));
    }

    @ParameterizedTest
    @EnumSource(
            value = Circumstance.class,
            names = {"INDOORS", "DOOR_OPEN", "PEOPLE_NEAR", "HAND_ON_IT", "OUT_OF_ITS_TUBE", "METAL_NEAR"})
    void aSpoiltReadingIsRepeatedBeforeAnythingIsChanged(Circumstance spoilt) {
        Pass pass = new Pass(0, whip(148e6)).under(Set.of(spoilt));
        TrimAdvice advice = adviser(1.7, new Adjustment.OneWayCut(0.001)).advise(List.of(pass));
        assertThat(advice.action()).isEqualTo(Action.MEASURE_AGAIN);
        assertThat(advice.amountM()).isZero();
        assertThat(advice.reasons()).containsExactly(Reason.MEASURED_WHILE.of(spoilt, spoilt.remedy()));
        // Measured again as it should be, the earlier reading does no harm.
        TrimAdvice then = adviser(1.7, new Adjustment.OneWayCut(0.001)).advise(List.of(pass, new Pass(0, whip(149e6))));
        assertThat(then.action()).isEqualTo(Action.SHORTEN);
    }

    /** 38 MHz off indoors is too long outdoors too; by how much is asked again, as it should be. */
    @ParameterizedTest
    @EnumSource(
            value = Circumstance.class,
            names = {"INDOORS", "DOOR_OPEN", "PEOPLE_NEAR", "HAND_ON_IT", "METAL_NEAR"})
    void aCircumstanceBlocksNoDecisionThatItCannotChange(Circumstance spoilt) {
        Sweep far = Curves.resonance(90e6, 180e6, 451, 118e6, 46, 9);
        for (Adjustment way : List.of(new Adjustment.OneWayCut(0.001), new Adjustment.Slide(0.001))) {
            TrimAdvice sound = adviser(1.7, way).advise(List.of(new Pass(0, far)));
            TrimAdvice advice = adviser(1.7, way).advise(List.of(new Pass(0, far).under(Set.of(spoilt))));
            assertThat(advice.action()).isEqualTo(Action.SHORTEN);
            assertThat(advice.amountM()).isEqualTo(sound.amountM()).isLessThan(0.7 * sound.needLowM());
            assertThat(advice.reasons().get(0).is(Reason.FAR_OFF_ANYWAY)).isTrue();
        }
        // The other way round too, and never where all of them together could have moved it.
        Sweep high = Curves.resonance(130e6, 240e6, 451, 205e6, 46, 9);
        assertThat(adviser(1.7, new Adjustment.Slide(0.001))
                        .advise(List.of(new Pass(0, high).under(Set.of(spoilt))))
                        .action())
                .isEqualTo(Action.LENGTHEN);
        assertThat(adviser(1.7, new Adjustment.OneWayCut(0.001))
                        .advise(List.of(new Pass(0, far)
                                .under(Set.of(Circumstance.INDOORS, Circumstance.HAND_ON_IT, Circumstance.METAL_NEAR))))
                        .action())
                .isEqualTo(Action.MEASURE_AGAIN);
    }

    /** Whatever it moved the dip by, the order is no more than is needed. */
    @Test
    void whatIsOrderedOfASpoiltReadingIsNeverTooMuch() {
        for (double shift : new double[] {-0.05, -0.02, 0.02, 0.05}) {
            for (double trueHz : new double[] {105e6, 115e6, 125e6, 132e6, 138e6}) {
                Sweep seen = Curves.resonance(80e6, 180e6, 801, trueHz * (1 + shift), 46, 9);
                TrimAdvice advice = adviser(1.7, new Adjustment.OneWayCut(0.001))
                        .advise(List.of(new Pass(0, seen).under(Set.of(Circumstance.INDOORS))));
                if (advice.isChange()) {
                    double needM = 0.25 * 299.792458e6 * (1 / trueHz - 1 / 156e6) * PRIOR.lengthRatio();
                    assertThat(advice.amountM()).isLessThan(needM);
                }
            }
        }
    }

    @Test
    void whatStaysIndoorsIsReadIndoors() {
        Pass pass = new Pass(0, whip(148e6)).under(Set.of(Circumstance.INDOORS));
        TrimTask attic = task(1.7, new Adjustment.OneWayCut(0.001)).on(Carrier.INDOOR);
        assertThat(new TrimAdviser(attic).advise(List.of(pass)).action()).isEqualTo(Action.SHORTEN);
    }

    @Test
    void withoutCalibrationItMayBeginButIsTold() {
        Pass pass = new Pass(0, whip(148e6)).under(Set.of(Circumstance.NOT_CALIBRATED));
        TrimAdvice advice = adviser(1.7, new Adjustment.OneWayCut(0.001)).advise(List.of(pass));
        assertThat(advice.action()).isEqualTo(Action.SHORTEN);
        assertThat(advice.reasons()).anyMatch(r -> r.is(Reason.GOOD_ENOUGH_TO_BEGIN));
    }

    /** From the ground to the roof the dip rises by 1.5 MHz; that is no sensitivity, and no fault. */
    @Test
    void theShiftToTheFinalPlaceIsLearntApart() {
        Pass onGround = new Pass(0, whip(150e6)).under(Set.of(Circumstance.ON_THE_GROUND));
        Pass cutOnGround = new Pass(-0.012, whip(153.8e6)).under(Set.of(Circumstance.ON_THE_GROUND));
        Pass up = new Pass(0, whip(155.3e6));
        Sensitivity before = Sensitivity.of(List.of(onGround, cutOnGround), PRIOR);
        Sensitivity after = Sensitivity.of(List.of(onGround, cutOnGround, up), PRIOR);
        assertThat(before.learnt()).isTrue();
        assertThat(before.placeShift()).isZero();
        assertThat(after.lengthRatio()).isEqualTo(before.lengthRatio());
        assertThat(after.placeShift()).isCloseTo(153.8 / 155.3 - 1, within(0.001));
        assertThat(after.surroundingsShift()).isZero();
        // Even a large one is believed where the place is known to be another.
        assertThat(Sensitivity.of(List.of(onGround, new Pass(0, whip(160e6))), PRIOR)
                        .isBelievable())
                .isTrue();
        assertThat(Sensitivity.of(List.of(new Pass(0, whip(150e6)), new Pass(0, whip(160e6))), PRIOR)
                        .isBelievable())
                .isFalse();
        TrimAdvice provisional = adviser(1.7, new Adjustment.OneWayCut(0.001)).advise(List.of(onGround));
        assertThat(provisional.action()).isEqualTo(Action.SHORTEN);
        assertThat(provisional.reasons()).anyMatch(r -> r.is(Reason.PROVISIONAL));
        TrimAdvice inPlace = adviser(1.7, new Adjustment.OneWayCut(0.001)).advise(List.of(onGround, cutOnGround, up));
        assertThat(inPlace.reasons())
                .anyMatch(r -> r.is(Reason.PLACE_MOVED_THE_DIP) && Math.abs(number(r, "dipShiftHz") - 1.5e6) < 0.1e6);
    }

    /**
     * Seen through 12 m of thin coax the same antenna looks better, and its dip lies elsewhere; with the line known the advice is
     * that of the bare antenna, judged at the radio.
     */
    @Test
    void aKnownLineIsTakenOffAndTheRuleStillJudgesAtTheRadio() {
        Line line = Feedline.byId("rg-58").orElseThrow().line(12);
        Sweep antenna = whip(148e6);
        Sweep atRadio = ThroughLine.towardRadio(antenna, line);
        Adjustment slide = new Adjustment.Slide(0.0005);
        TrimAdvice bare = adviser(1.7, slide).advise(List.of(new Pass(0, antenna)));
        TrimAdvice known = new TrimAdviser(task(1.7, slide).behind(line))
                .advise(List.of(new Pass(0, ThroughLine.towardAntenna(atRadio, line))));
        assertThat(known.dipHz().orElseThrow()).isCloseTo(bare.dipHz().orElseThrow(), within(1e3));
        assertThat(known.amountM()).isCloseTo(bare.amountM(), within(0.0015));
        // What is expected is what the radio will meet: better than at the antenna.
        for (int i = 0; i < 2; i++) {
            assertThat(known.expectedReadings().get(i).swr())
                    .isLessThan(bare.expectedReadings().get(i).swr());
        }
        // Good enough at the radio, not at the antenna.
        Sweep near = whip(154e6);
        double atAntenna = near.at(159e6).orElseThrow().swr();
        assertThat(new TrimAdviser(task(atAntenna - 0.1, slide).behind(line))
                        .advise(List.of(new Pass(0, near)))
                        .action())
                .isEqualTo(Action.STOP);
        assertThat(adviser(atAntenna - 0.1, slide)
                        .advise(List.of(new Pass(0, near)))
                        .action())
                .isEqualTo(Action.SHORTEN);
    }
}
