package dorada.core.tuning;

import static dorada.core.outcome.Numbers.number;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.SpotReading;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Curves;
import dorada.core.sweep.Repeatability;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.TrimAdvice.Action;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the advice rests on: windows, beliefs, diagnoses, readings at a few channels. */
class AdviceTest {

    private static final List<WantedChannel> VHF =
            List.of(new WantedChannel("low", 153e6, false), new WantedChannel("high", 159e6, true));
    private static final List<WantedChannel> CB = List.of(
            new WantedChannel("1", 26.965e6, false),
            new WantedChannel("19", 27.185e6, true),
            new WantedChannel("40", 27.405e6, false));
    private static final AcceptanceRule TWO = new UnderLimit(2);
    private static final double C = Wavelength.SPEED_OF_LIGHT_M_PER_S;

    private static TrimAdvice advice(Adjustment adjustment, List<WantedChannel> channels, Room room, Pass... passes) {
        return new TrimAdviser(TrimTask.of(TWO, channels, adjustment, new TrimPrior(0.25, 1, 0.1))
                        .within(room))
                .advise(List.of(passes));
    }

    private static Sweep whip(double dipHz) {
        return Curves.resonance(135e6, 180e6, 451, dipHz, 44, 9);
    }

    private static double swr(double f0, double q, double r, double hz) {
        return Reflection.of(new Impedance(r, r * q * (hz / f0 - f0 / hz)), 50).swr();
    }

    private static Pass read(double changeM, double f0, double q) {
        return Pass.ofSpots(
                        changeM,
                        CB.stream()
                                .map(c -> SpotReading.ofSwr(
                                        ReadingKind.INLINE_METER,
                                        c.frequencyHz(),
                                        Math.min(10, swr(f0, q, 42, c.frequencyHz()))))
                                .toList())
                .orElseThrow();
    }

    /** The whole job on an antenna whose formula is known: the slide lands where 1/f says, in one move. */
    @Test
    void aKnownAntennaGetsItsExactAnswer() {
        TrimAdvice a = advice(new Adjustment.Slide(0.0005), VHF, Room.ANY, new Pass(0, whip(148e6)));
        double exact = 0.25 * C * (1 / 148e6 - 1 / a.targetHz().orElseThrow());
        assertThat(a.amountM()).isCloseTo(exact, within(0.0006));
        assertThat(a.targetHz().orElseThrow()).isCloseTo(155.9e6, within(0.4e6));
    }

    /** The farther too long, the more comes off; and never more than the whole. */
    @Test
    void aLongerAntennaIsNeverCutLess() {
        double before = 0;
        // Beyond 8 % only a part of the need comes off at first.
        for (double dip = 154e6; dip >= 145e6; dip -= 1e6) {
            TrimAdvice a = advice(new Adjustment.OneWayCut(0.001), VHF, Room.ANY, new Pass(0, whip(dip)));
            if (a.action() == Action.SHORTEN) {
                assertThat(a.amountM()).isGreaterThanOrEqualTo(before);
                assertThat(a.overshootChance()).isLessThanOrEqualTo(ChangeChoice.MOST_TOO_FAR);
                before = a.amountM();
            }
        }
        assertThat(before).isGreaterThan(0.01);
    }

    /** Over random sensitivities within the prior's doubt a single cut is hardly ever too much. */
    @Test
    void aCutIsAsSafeAsItSays() {
        Random random = new Random(17);
        int tooFar = 0;
        for (int run = 0; run < 400; run++) {
            double ratio = Math.exp(0.1 * random.nextGaussian());
            double dip = 142e6 + 8e6 * random.nextDouble();
            TrimAdvice a = advice(new Adjustment.OneWayCut(0.001), VHF, Room.ANY, new Pass(0, whip(dip)));
            double electrical = 0.25 * C / dip - a.amountM() / ratio;
            Sweep after = whip(0.25 * C / electrical);
            double high = after.at(153e6).orElseThrow().swr();
            tooFar += a.action() == Action.SHORTEN && high > 2 && 0.25 * C / electrical > 156e6 ? 1 : 0;
        }
        assertThat(tooFar).isLessThanOrEqualTo(2);
    }

    @Test
    void theRoomThatIsLeftIsRespected() {
        Pass tooShort = read(0, 28.2e6, 20);
        TrimAdvice free = advice(new Adjustment.Slide(0.002), CB, Room.ANY, tooShort);
        assertThat(free.action()).isEqualTo(Action.LENGTHEN);
        TrimAdvice tight = advice(new Adjustment.Slide(0.002), CB, new Room(0.5, 0.04), tooShort);
        assertThat(tight.amountM()).isLessThanOrEqualTo(0.04 + 1e-9);
        assertThatThrownBy(() -> new Room(-1, 0)).hasMessageContaining("0 m or more");
        assertThatThrownBy(() -> new TrimPrior(0, 1, 0.1)).hasMessageContaining("above 0");
    }

    /** Higher at the top than at the bottom is too long, the other way round too short (common practice, no source). */
    @ParameterizedTest
    @CsvSource({"26.6, SHORTEN", "27.8, LENGTHEN"})
    void aMeterTellsTheSide(double dipMHz, Action expected) {
        assertThat(advice(new Adjustment.Slide(0.002), CB, Room.ANY, read(0, dipMHz * 1e6, 25))
                        .action())
                .isEqualTo(expected);
    }

    /** All needles at the end of their scale: a wrong range or an open line, and no way to go. */
    @Test
    void needlesAtTheEndOfTheirScaleOrderNothing() {
        for (Adjustment way : List.of(new Adjustment.Slide(0.002), new Adjustment.OneWayCut(0.002))) {
            TrimAdvice a = advice(way, CB, Room.ANY, read(0, 29.2e6, 28));
            assertThat(a.action()).isEqualTo(Action.FIND_THE_FAULT);
            assertThat(a.amountM()).isZero();
            assertThat(a.causes()).extracting(Cause::id).contains(Cause.Id.METER_RANGE);
            assertThat(a.causes()).extracting(Cause::id).contains(Cause.Id.OPEN_OR_SHORTED);
        }
    }

    /** A shift that no change explains is the surroundings' and teaches nothing of the sensitivity; a large one is a fault. */
    @Test
    void surroundingsAreToldFromSensitivityAndFromFaults() {
        TrimPrior prior = new TrimPrior(0.25, 1, 0.05);
        double e0 = 0.25 * C / 150e6;
        Pass baseline = new Pass(0, whip(150e6));
        Sensitivity moved =
                Sensitivity.of(List.of(baseline, new Pass(-0.004, whip(0.25 * C / (e0 - 0.004 - 0.01)))), prior);
        assertThat(moved.surroundingsShift()).isCloseTo(-0.02, within(0.003));
        assertThat(moved.lengthRatio()).isCloseTo(1, within(1e-9));
        assertThat(moved.isBelievable()).isTrue();
        Sensitivity wrong = Sensitivity.of(List.of(baseline, new Pass(-0.004, whip(0.25 * C / (e0 + 0.03)))), prior);
        assertThat(wrong.isBelievable()).isFalse();
        Sensitivity learnt = Sensitivity.of(List.of(baseline, new Pass(-0.02, whip(0.25 * C / (e0 - 0.021)))), prior);
        assertThat(learnt.learnt()).isTrue();
        assertThat(1 / learnt.lengthRatio()).isBetween(1.02, 1.06);
    }

    @Test
    void aCurveThatJumpsIsALooseJointAndOneThatIsOnlyNoisyIsNot() {
        assertThat(Diagnosis.beforeAnyCut(new SweepAnalysis(noisy(0.04))).get(0).id())
                .isEqualTo(Cause.Id.LOOSE_CONNECTOR);
        assertThat(Diagnosis.beforeAnyCut(new SweepAnalysis(noisy(0.004)))).isEmpty();
    }

    /** A resistance that comes and goes changes hardly anything where nearly all is reflected, and much at the dip. */
    @Test
    void aLooseJointOfASharpAntennaShowsAtItsDip() {
        Random random = new Random(4);
        double[] loose = {0};
        Sweep sharp = Curves.of(23e6, 31e6, 401, hz -> {
            loose[0] = Math.max(0, 0.7 * loose[0] + 14 * random.nextGaussian());
            return Curves.seriesResonance(hz, 27e6, 12, 200).plus(new Impedance(loose[0], -loose[0]));
        });
        assertThat(Repeatability.noiseOf(sharp)).isLessThan(0.006);
        assertThat(Diagnosis.beforeAnyCut(new SweepAnalysis(sharp)).get(0).id()).isEqualTo(Cause.Id.LOOSE_CONNECTOR);
        Sweep sound = Curves.of(23e6, 31e6, 401, hz -> Curves.seriesResonance(hz, 27e6, 12, 200));
        assertThat(Diagnosis.beforeAnyCut(new SweepAnalysis(sound))).isEmpty();
    }

    private static Sweep noisy(double noise) {
        Random random = new Random(4);
        Sweep s = whip(150e6);
        double[] re = s.re();
        double[] im = s.im();
        for (int i = 0; i < re.length; i++) {
            re[i] += noise * random.nextGaussian();
            im[i] += noise * random.nextGaussian();
        }
        return new Sweep(s.frequenciesHz(), re, im, 50);
    }

    /** Two reflections 10 m apart on a line with VF 0.66 ripple every 9.9 MHz. */
    @Test
    void rippleIsASecondReflectionWithItsDistance() {
        Sweep ripple = Curves.of(100e6, 160e6, 601, hz -> {
            double turn = 4 * Math.PI * 10 * hz / (C * 0.66);
            double re = 0.35 + 0.3 * Math.cos(turn);
            double im = -0.3 * Math.sin(turn);
            return new Reflection(re, im).impedance(50);
        });
        List<Cause> causes = Diagnosis.beforeAnyCut(new SweepAnalysis(ripple));
        assertThat(causes).hasSize(1);
        assertThat(causes.get(0).evidence().is(Symptom.EVEN_RIPPLE)).isTrue();
        assertThat(number(causes.get(0).evidence(), "rippleRoughHz")).isCloseTo(9.9e6, within(0.05e6));
        assertThat(number(causes.get(0).evidence(), "lineLongM")).isCloseTo(10, within(0.05));
    }

    @Test
    void anOpenLineHasNoDipAndAnAntennaOfLowResistanceNamesItsMatch() {
        Sweep open = Curves.of(140e6, 170e6, 101, hz -> new Impedance(9000, 0));
        assertThat(Diagnosis.beforeAnyCut(new SweepAnalysis(open)).get(0).id()).isEqualTo(Cause.Id.OPEN_OR_SHORTED);
        TrimAdvice low = advice(
                new Adjustment.OneWayCut(0.001),
                VHF,
                Room.ANY,
                new Pass(0, Curves.resonance(135e6, 180e6, 451, 150e6, 12, 9)));
        assertThat(low.action()).isEqualTo(Action.FIND_THE_FAULT);
        assertThat(low.causes()).hasSizeBetween(2, 3);
        assertThat(low.causes().get(0).evidence().is(Symptom.LOW_RESISTANCE_AT_THE_DIP))
                .isTrue();
        assertThat(number(low.causes().get(0).evidence(), "resistanceOhm")).isCloseTo(12, within(0.5));
        // One that nearly does: 27 Ω is poor, but a cut may still bring it below 2.
        TrimAdvice nearly = advice(
                new Adjustment.OneWayCut(0.001),
                VHF,
                Room.ANY,
                new Pass(0, Curves.resonance(135e6, 180e6, 451, 150e6, 27, 9)));
        assertThat(nearly.action()).isEqualTo(Action.SHORTEN);
    }

    /** Three quarter-waves entered as one answer a third of each change: the second time that is believed, and teaches the kind nothing. */
    @Test
    void whatIsFollowedOtherwiseTwiceIsTheAntennasOwn() {
        TrimPrior prior = new TrimPrior(0.25, 1, 0.1);
        double e0 = 0.25 * C / 140e6;
        List<Pass> passes = new ArrayList<>(List.of(new Pass(0, whip(0.25 * C / e0))));
        passes.add(new Pass(-0.03, whip(0.25 * C / (e0 - 0.01))));
        assertThat(Sensitivity.of(passes, prior).learnt()).isFalse();
        passes.add(new Pass(-0.03, whip(0.25 * C / (e0 - 0.02))));
        Sensitivity own = Sensitivity.of(passes, prior);
        assertThat(own.learnt()).isTrue();
        assertThat(own.lengthRatio()).isCloseTo(3, within(0.3));
        assertThat(own.isBelievable()).isTrue();
        assertThat(prior.lessonOf(passes)).isEmpty();
        // A shift of the place once, and nothing of it the next time, is a shift.
        List<Pass> shifted = List.of(passes.get(0), passes.get(1), new Pass(-0.02, whip(0.25 * C / (e0 - 0.03))));
        assertThat(Sensitivity.of(shifted, prior).lengthRatio()).isCloseTo(1, within(0.1));
    }

    /** A narrow sweep that does not reach the channels says nothing of them: they are swept before anything is changed. */
    @Test
    void aNarrowSweepAsksForTheBand() {
        Sweep narrow = Curves.resonance(144e6, 148e6, 201, 146e6, 44, 9);
        TrimAdvice a = advice(new Adjustment.Slide(0.001), VHF, Room.ANY, new Pass(0, narrow));
        assertThat(a.action()).isEqualTo(Action.SWEEP_WIDER);
        assertThat(a.amountM()).isZero();
        assertThat(a.widerSweep().orElseThrow().startHz()).isLessThanOrEqualTo(144e6);
        assertThat(a.widerSweep().orElseThrow().stopHz()).isGreaterThan(159e6);
    }

    /** The dip at 147 MHz belongs at 156 MHz: some 30 mm too long. */
    @Test
    void whatTheRangeLeavesIsAllThatIsAdvised() {
        for (Adjustment way : List.of(new Adjustment.OneWayCut(0.001), new Adjustment.Slide(0.001))) {
            TrimAdvice limited = advice(way, VHF, new Room(0.006, 0.1), new Pass(0, whip(147e6)));
            assertThat(limited.action()).isEqualTo(Action.SHORTEN);
            assertThat(limited.amountM()).isLessThanOrEqualTo(0.006);
            assertThat(limited.reasons())
                    .anyMatch(r -> r.is(Reason.RANGE_LEAVES_LESS) && Math.abs(number(r, "leftM") - 0.006) < 1e-9);
            TrimAdvice atItsEnd = advice(way, VHF, new Room(0.0004, 0.1), new Pass(0, whip(147e6)));
            assertThat(atItsEnd.action()).isEqualTo(Action.FIND_THE_FAULT);
            assertThat(atItsEnd.fit()).isEqualTo(TrimAdvice.Fit.TOO_LONG);
            assertThat(atItsEnd.amountM()).isZero();
            assertThat(atItsEnd.causes()).extracting(Cause::id).startsWith(Cause.Id.TOO_LONG_FOR_ITS_RANGE);
            assertThat(number(atItsEnd.causes().get(0).evidence(), "tooLongM")).isBetween(0.0285, 0.0395);
            TrimAdvice wide = advice(way, VHF, new Room(0.5, 0.5), new Pass(0, whip(147e6)));
            assertThat(wide.reasons()).noneMatch(r -> r.is(Reason.RANGE_LEAVES_LESS));
        }
    }

    /** Readings that many a circuit explains, some of them matched by no length: what is needed is 2 mm, and no more comes off. */
    @Test
    void noCutGoesBeyondWhatIsNeededBecauseNothingElseWouldHelp() {
        List<WantedChannel> three = List.of(
                new WantedChannel("low", 153e6, false),
                new WantedChannel("middle", 156e6, true),
                new WantedChannel("high", 159e6, false));
        TrimTask task = TrimTask.of(TWO, three, new Adjustment.OneWayCut(0.001), new TrimPrior(0.625, 1.16, 0.07));
        Pass first = meter(three, 1.4, 2.2, 4.0);
        Pass second = meter(three, 2.0, 1.5, 2.2).after(-0.032, 0);
        TrimAdvice a = new TrimAdviser(task).advise(List.of(first, second));
        assertThat(a.amountM()).isLessThan(0.008);
        assertThat(a.action()).isNotEqualTo(Action.LENGTHEN);
    }

    static Pass meter(List<WantedChannel> channels, double... swr) {
        List<SpotReading> spots = new ArrayList<>();
        for (int i = 0; i < swr.length; i++) {
            spots.add(
                    SpotReading.ofSwr(ReadingKind.INLINE_METER, channels.get(i).frequencyHz(), swr[i]));
        }
        return Pass.ofSpots(0, spots).orElseThrow();
    }

    /** Half a step more is not there to be taken, however it rounds. */
    @Test
    void aStepNeverGoesBeyondTheRange() {
        TrimAdvice a = advice(new Adjustment.Slide(0.002), VHF, new Room(0.0051, 0.1), new Pass(0, whip(147e6)));
        assertThat(a.action()).isEqualTo(Action.SHORTEN);
        assertThat(a.amountM()).isEqualTo(0.004);
    }

    @Test
    void aSlideAtItsLongestAsksForALongerPiece() {
        TrimAdvice a = advice(new Adjustment.Slide(0.001), VHF, new Room(0.1, 0), new Pass(0, whip(165e6)));
        assertThat(a.action()).isEqualTo(Action.REPLACE_LONGER);
        assertThat(a.fit()).isEqualTo(TrimAdvice.Fit.TOO_SHORT);
        assertThat(a.amountM()).isBetween(0.02, 0.035);
        // Paint under the ground looks the same.
        assertThat(a.causes()).extracting(Cause::id).contains(Cause.Id.PAINT_UNDER_THE_MOUNT);
    }
}
