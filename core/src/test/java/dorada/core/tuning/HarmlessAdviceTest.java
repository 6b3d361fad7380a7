package dorada.core.tuning;

import static dorada.core.outcome.Numbers.number;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.acceptance.EvenEnds;
import dorada.core.antenna.AntennaKind;
import dorada.core.design.AirbandDesign;
import dorada.core.design.DipoleDesign;
import dorada.core.design.FiveEighthsDesign;
import dorada.core.design.FoldedVerticalDesign;
import dorada.core.design.GammaBeamDesign;
import dorada.core.design.GroundPlaneDesign;
import dorada.core.design.Kinds;
import dorada.core.design.LoadedWhipDesign;
import dorada.core.design.QuarterWaveDesign;
import dorada.core.design.TubeJPoleDesign;
import dorada.core.outcome.Outcome;
import dorada.core.rf.Wavelength;
import dorada.core.tuning.TrimAdvice.Action;
import java.util.List;
import java.util.Optional;
import org.assertj.core.api.ListAssert;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Readings of a yard as it is: what must never become an order, and what must be said instead. */
class HarmlessAdviceTest {

    private static final double QUARTER_MHZ_M = Wavelength.SPEED_OF_LIGHT_M_PER_S / 4e6;

    private static Tried whip(double... mhz) {
        return new Tried(QuarterWaveDesign.KIND, mhz);
    }

    private static ListAssert<Cause.Id> causesOf(TrimAdvice a) {
        return assertThat(a.causes().stream().map(Cause::id).toList());
    }

    private static void assertNoOrder(TrimAdvice a, Action instead) {
        assertThat(a.isChange()).isFalse();
        assertThat(a.action()).isEqualTo(instead);
        assertThat(a.amountM()).isZero();
        assertThat(a.reasons()).isNotEmpty();
    }

    private static double of(TrimAdvice a, Hypothesis h) {
        return a.hypotheses().probability(h);
    }

    @Test
    void aBandThatNobodyHasReadIsReadFirst() {
        Tried plan = new Tried(GroundPlaneDesign.KIND, 144.5, 146, 147.5, 439.7);
        TrimAdvice met = plan.readAt(0, new double[] {144.5e6, 146e6, 147.5e6}, new double[] {1.3, 1.1, 1.3})
                .advice();
        assertNoOrder(met, Action.READ_THE_OTHER_BAND);
        assertThat(met.reasons()).startsWith(Reason.OTHER_BAND_UNREAD.of(List.of(Reason.FREQUENCY.of(439.7e6))));
        assertNoOrder(
                new Tried(GroundPlaneDesign.KIND, 144.5, 146, 147.5, 439.7)
                        .swept(0, 130, 160, 139, 6, 46)
                        .advice(),
                Action.READ_THE_OTHER_BAND);
        // Read beside, untouched, the two readings are one.
        TrimAdvice both =
                plan.readAt(0, new double[] {439.7e6}, new double[] {1.6}).advice();
        assertThat(both.action()).isEqualTo(Action.STOP);
    }

    /** Half a ground plane: the dip is low and shallow, and goes up when the rest is laid. Who has cut before has cut too much. */
    @ParameterizedTest
    @CsvSource({"150, 25", "146, 24", "140, 22", "140, 110"})
    void aShallowDipOfAWhipIsItsGroundsWhereverItIs(double dipMhz, double ohm) {
        assertNoOrder(
                whip(153, 156, 159)
                        .under(1.4)
                        .swept(0, 120, 190, dipMhz, 8, ohm)
                        .advice(),
                Action.FIND_THE_FAULT);
    }

    /** Far off its place an antenna reads as one without a ground does: whoever reads beside the channels knows. */
    @ParameterizedTest
    @CsvSource({"4, MEASURE_AGAIN", "5, FIND_THE_FAULT"})
    void highAndAlikeOnNearChannelsIsReadFartherApartBeforeAFaultIsNamed(double swr, Action whereOnlyTheseAreRead) {
        Tried far = whip(153, 156, 159).under(1.7).read(0, swr, swr, swr);
        assertNoOrder(far.advice(), Action.MEASURE_AGAIN);
        assertThat(far.advice().reasons()).contains(Reason.CANNOT_TELL_THE_SIDE_OF_A_CUT.of(3));
        assertThat(far.readAt(0, new double[] {140e6, 147e6, 165e6, 172e6}, new double[] {2.5, 4, 10, 10})
                        .advice()
                        .action())
                .isEqualTo(Action.SHORTEN);
        // Who can't read elsewhere is not sent round in a circle.
        TrimAdvice twice = whip(153, 156, 159)
                .under(1.7)
                .read(0, swr, swr, swr)
                .read(0, swr, swr, swr)
                .advice();
        assertNoOrder(twice, whereOnlyTheseAreRead);
    }

    @ParameterizedTest
    @CsvSource({"4, 4, 4", "2.5, 3, 3.6", "2.2, 2.8, 4", "3, 5, 10"})
    void readingsThatDoNotMoveAreAFaultAfterOneChange(double low, double middle, double high) {
        TrimAdvice first = whip(144, 146, 148).read(0, low, middle, high).advice();
        double change = first.isChange() ? -1000 * first.amountM() : -24;
        Tried stuck = whip(144, 146, 148).read(0, low, middle, high).read(change, low, middle, high);
        assertNoOrder(stuck.advice(), Action.FIND_THE_FAULT);
        assertThat(of(stuck.advice(), Hypothesis.NOT_FOLLOWING)).isGreaterThan(0.5);
        // Reading once more does not make it an order.
        assertThat(stuck.read(0, low, middle, high).advice().isChange()).isFalse();
        // Somebody has looked and mended it: what was read before is of another state.
        assertThat(stuck.lastly(p -> p.afterALook(true)).advice().action()).isNotEqualTo(Action.FIND_THE_FAULT);
    }

    /** Needles that stirred by no more than their noise have not shown that anything follows. */
    @ParameterizedTest
    @CsvSource({"1.9, 2.2, 2.4, 1.9, 2.2, 2.6", "1.8, 1.9, 2.2, 1.7, 1.9, 2.0", "1.5, 1.7, 2.0, 1.5, 1.7, 1.9"})
    void nothingMoreComesOffBeforeTheNeedlesHaveShownThatItFollows(
            double low, double middle, double high, double low2, double middle2, double high2) {
        Tried stuck = whip(152, 155, 158).under(1.7).read(0, low, middle, high);
        stuck.read(-6, low2, middle2, high2);
        assertNoOrder(stuck.advice(), Action.MEASURE_AGAIN);
        stuck.read(0, low2, middle2, high2);
        assertNoOrder(stuck.advice(), Action.FIND_THE_FAULT);
        assertThat(stuck.advice().reasons()).startsWith(Reason.NOT_SEEN_TO_FOLLOW_HOLD_A_HAND.of());
    }

    /** A first cut of which no sweep could tell whether it was made teaches nothing: read twice, and cut more. */
    @Test
    void aFirstCutIsSeenOrAllThatIsNeeded() {
        int twice = 0;
        for (double limit = 1.6; limit < 2.4; limit += 0.1) {
            for (double dip = 150; dip < 156; dip += 0.5) {
                TrimAdvice a = new Tried(FiveEighthsDesign.KIND, 154, 156, 158)
                        .under(limit)
                        .swept(0, 130, 180, dip, 13, 55)
                        .advice();
                twice += a.action() == Action.MEASURE_AGAIN ? 1 : 0;
                if (a.action() == Action.SHORTEN) {
                    double share = a.amountM() / 1.13 / (0.625 * Wavelength.ofHz(dip * 1e6));
                    assertThat(share > 0.0025 || a.amountM() > a.needHighM() / 2.5)
                            .isTrue();
                }
            }
        }
        assertThat(twice).isPositive();
    }

    @Test
    void aSweepThatDoesNotFollowIsAFaultHoweverSmallTheShift() {
        // 1 % off, and the dip stays: formerly taken for a shift of the surroundings.
        Tried still = whip(153, 156, 159).swept(0, 135, 175, 148, 8, 45).swept(-6, 135, 175, 148.05, 8, 45);
        assertNoOrder(still.advice(), Action.FIND_THE_FAULT);
        Tried wrongWay = whip(153, 156, 159).swept(0, 135, 175, 148, 8, 45).swept(-6, 135, 175, 146.9, 8, 45);
        assertNoOrder(wrongWay.advice(), Action.FIND_THE_FAULT);
        assertThat(wrongWay.advice().reasons()).startsWith(Reason.LAST_CHANGE_WENT_WRONG_WAY.of());
    }

    @ParameterizedTest
    @ValueSource(doubles = {2.2, 2.5, 3, 4})
    void channelsThatReadAlikeCannotTellTheSide(double swr) {
        for (Tried t : List.of(
                whip(145, 146, 147).read(0, swr, swr, swr),
                whip(161.8, 162.2, 162.6).long_(0.485).read(0, swr, swr, swr),
                whip(145, 146, 147).sliding().read(0, swr, swr, swr))) {
            TrimAdvice a = t.advice();
            assertNoOrder(a, Action.MEASURE_AGAIN);
            assertThat(a.dipHz()).isEmpty();
            assertThat(a.targetHz()).isEmpty();
            assertThat(a.reasons().get(0))
                    .matches(r ->
                            r.is(Reason.CANNOT_TELL_THE_SIDE_OF_A_CUT) || r.is(Reason.CANNOT_TELL_THE_SIDE_OF_A_MOVE));
        }
    }

    @Test
    void tooGoodToBeTrueIsLookedAtAndAGoodAntennaIsNot() {
        for (Tried t : List.of(
                whip(136, 155, 174).read(0, 1, 1, 1),
                new Tried(AirbandDesign.KIND, 118, 127, 136).under(2.5).read(0, 1, 1, 1),
                whip(136, 155, 174).read(0, 1.1, 1.1, 1.1))) {
            assertNoOrder(t.advice(), Action.FIND_THE_FAULT);
            causesOf(t.advice()).contains(Cause.Id.DUMMY_LOAD, Cause.Id.LOSSY_FEEDLINE);
        }
        assertThat(whip(145, 146, 147).read(0, 1, 1, 1).advice().action()).isEqualTo(Action.STOP);
        TrimAdvice atItsLimit = whip(144, 146, 148).read(0, 2.0, 1.6, 1.4).advice();
        assertThat(atItsLimit.action()).isEqualTo(Action.STOP);
        assertThat(atItsLimit.reasons()).anyMatch(r -> r.is(Reason.AT_ITS_LIMIT));
        assertThat(whip(144, 146, 148).read(0, 1.3, 1.1, 1.3).advice().action()).isEqualTo(Action.STOP);
    }

    /** Met is met, and nothing is ordered; where a needle just meets its limit, room to it may be had. */
    @Test
    void roomToALimitThatIsJustMetIsOfferedAndNeverOrdered() {
        Tried cut = whip(144, 146, 148).read(0, 1.6, 2.2, 2.8).read(-10, 1.4, 1.7, 2.0);
        TrimAdvice offered = cut.advice();
        assertThat(offered.action()).isEqualTo(Action.STOP);
        assertThat(offered.amountM()).isZero();
        assertThat(offered.spareM()).isBetween(-0.02, -0.001);
        assertThat(offered.reasons()).anyMatch(r -> r.is(Reason.CUT_HAS_ROOM));
        // Too short at its limit: nothing can be cut back on.
        assertThat(whip(144, 146, 148).read(0, 2.0, 1.7, 1.4).advice().spareM()).isZero();
        TrimAdvice slid = whip(144, 146, 148)
                .sliding()
                .read(0, 2.8, 2.2, 1.6)
                .read(10, 2.0, 1.7, 1.4)
                .advice();
        assertThat(slid.action()).isEqualTo(Action.STOP);
        assertThat(slid.spareM()).isPositive();
        assertThat(slid.reasons()).anyMatch(r -> r.is(Reason.LONGER_HAS_ROOM));
        // With room enough nothing is offered.
        assertThat(whip(144, 146, 148)
                        .read(0, 1.6, 2.2, 2.8)
                        .read(-15, 1.3, 1.1, 1.3)
                        .advice()
                        .spareM())
                .isZero();
    }

    /**
     * Between 3 and 4 the scale has no mark: what reads 3 is likelier above it than not, far off as it was. One safe step makes it
     * hardly surer, and is the first of several.
     */
    @Test
    void whatIsLikelierMissedThanMetAtItsLimitIsOfferedASafeStep() {
        TrimAdvice offered = new Tried(FoldedVerticalDesign.KIND, 26.965, 27.185, 27.405)
                .under(3)
                .read(0, 3, 4, 5)
                .read(-67, 2.6, 3, 3)
                .advice();
        assertThat(offered.action()).isEqualTo(Action.STOP);
        assertThat(offered.amountM()).isZero();
        assertThat(offered.spareM()).isBetween(-0.03, -0.001);
        Outcome room = offered.reasons().stream()
                .filter(r -> r.is(Reason.CUT_HAS_ROOM))
                .findFirst()
                .orElseThrow();
        assertThat(number(room, "nowChance")).isLessThan(0.5);
        assertThat(number(room, "afterChance"))
                .isBetween(number(room, "nowChance") + 0.02, number(room, "nowChance") + 0.1);
    }

    /** 21 readings of a wattmeter over the airband, lowest in its middle. */
    @ParameterizedTest
    @ValueSource(doubles = {3.2, 3.5, 4})
    void aBareTabLacksItsGroundPlane(double lowest) {
        double[] mhz = new double[21];
        double[] swr = new double[21];
        for (int i = 0; i < 21; i++) {
            mhz[i] = 118 + 0.9 * i;
            swr[i] = Math.round((lowest + 0.6 * Math.pow((i - 10) / 10.0, 2)) * 10) / 10.0;
        }
        TrimAdvice a =
                new Tried(AirbandDesign.KIND, mhz).under(2.5).read(0, swr).advice();
        assertNoOrder(a, Action.FIND_THE_FAULT);
        causesOf(a).contains(Cause.Id.NO_GROUND_PLANE);
        assertThat(of(a, Hypothesis.NO_GROUND_PLANE) + of(a, Hypothesis.POOR_MATCH))
                .isGreaterThan(0.5);
    }

    @ParameterizedTest
    @ValueSource(strings = {"GROUND_PLANE", "QUARTER_WAVE_WHIP", "TUBE_J_POLE", "DIPOLE", "END_FED_WIRE"})
    void whatWasMetAndReadsOtherwiseUntouchedHasMovedByItself(String kind) {
        TrimAdvice a = new Tried(Kinds.of(kind), 144, 146, 148)
                .read(0, 1.3, 1.1, 1.3)
                .read(0, 1.5, 2.1, 2.3)
                .advice();
        assertNoOrder(a, Action.FIND_THE_FAULT);
        assertThat(a.reasons().get(0).is(Reason.MET_BEFORE_AND_UNTOUCHED)).isTrue();
        assertThat(a.causes().get(0).evidence().is(Symptom.DIP_MOVED_DOWN)).isTrue();
        causesOf(a).contains(Cause.Id.SLIPPED_JOINT, Cause.Id.WATER);
        assertThat(of(a, Hypothesis.MOVED_BY_ITSELF)).isGreaterThan(0.5);
        TrimAdvice swept = new Tried(Kinds.of(kind), 144, 146, 148)
                .swept(0, 130, 165, 146, 7, 45)
                .swept(0, 130, 165, 138, 7, 45)
                .swept(0, 130, 165, 138, 7, 45)
                .advice();
        assertNoOrder(swept, Action.FIND_THE_FAULT);
        assertThat(number(swept.causes().get(0).evidence(), "movedShare")).isCloseTo(0.055, within(0.0005));
    }

    @Test
    void whatMovesWhileItIsTunedIsReadUntilTwoReadingsAgree() {
        Tried moving = whip(153, 156, 159).swept(0, 130, 175, 146, 8, 45).swept(0, 130, 175, 147.5, 8, 45);
        assertNoOrder(moving.advice(), Action.MEASURE_AGAIN);
        assertThat(moving.swept(0, 130, 175, 147.5, 8, 45).advice().action()).isEqualTo(Action.SHORTEN);
    }

    @Test
    void aNeedleAtItsEndSaysNothing() {
        assertNoOrder(whip(144, 146, 148).read(0, 10, 10, 10).advice(), Action.FIND_THE_FAULT);
        assertNoOrder(whip(144, 146, 148).sliding().read(0, 15, 20, 12).advice(), Action.FIND_THE_FAULT);
        causesOf(whip(144, 146, 148).read(0, 10, 10, 10).advice())
                .contains(Cause.Id.METER_RANGE, Cause.Id.OPEN_OR_SHORTED);
    }

    /** All three wires cut alike move it more than the radiator alone; solved, 0.97 against 1.23 metres for a metre. */
    @Test
    void farOffAPartComesOffAndThenThisAntennaTells() {
        Tried far = new Tried(GroundPlaneDesign.KIND, 145.5, 146.5, 147.5).swept(0, 100, 160, 108.5, 8, 45);
        double need = (QUARTER_MHZ_M / 108.5 - QUARTER_MHZ_M / 146.5) * 0.97;
        TrimAdvice first = far.advice();
        assertThat(first.action()).isEqualTo(Action.SHORTEN);
        assertThat(first.amountM()).isLessThanOrEqualTo(need / 2 * 1.31).isGreaterThan(0.03);
        assertThat(first.needHighM()).isGreaterThan(first.amountM() * 1.5);
        assertThat(first.reasons()).anyMatch(r -> r.is(Reason.FIRST_A_PART));
        double after = QUARTER_MHZ_M / (QUARTER_MHZ_M / 108.5 - 0.0508 / 0.965);
        far.swept(-50.8, 100, 160, after, 8, 45);
        TrimAdvice unsaid = far.advice();
        assertThat(unsaid.action()).isEqualTo(Action.SHORTEN);
        assertThat(unsaid.learnt()).isTrue();
        TrimAdvice alike =
                far.lastly(p -> p.changing(Optional.of(Pieces.ALIKE))).advice();
        double left = (QUARTER_MHZ_M / after - QUARTER_MHZ_M / 146.5) * 0.965;
        for (TrimAdvice a : List.of(unsaid, alike)) {
            assertThat(a.needLowM()).isLessThan(left);
            assertThat(a.needHighM()).isGreaterThan(left);
            assertThat(a.amountM()).isLessThanOrEqualTo(left * 1.02);
        }
        assertThat(alike.reasons()).startsWith(Reason.ALL_PIECES_ALIKE.of());
    }

    @Test
    void oneArmAloneNeedsTwiceAsMuchAsBoth() {
        Tried both =
                new Tried(DipoleDesign.KIND, 26.965, 27.185, 27.405).sliding().swept(0, 24, 30, 26.6, 13, 46);
        double alike = both.advice().amountM();
        double one =
                both.lastly(p -> p.changing(Optional.of(Pieces.THIS))).advice().amountM();
        assertThat(one / alike).isBetween(1.85, 2.15);
    }

    @ParameterizedTest
    @CsvSource({"8, 46", "9, 45", "11, 54"})
    void whatIsMatchedSomewhereHasItsGroundPlane(double q, double ohm) {
        for (double dip : new double[] {145.5, 146, 146.5}) {
            TrimAdvice a = whip(140, 146, 152)
                    .under(1.7)
                    .swept(0, 125, 170, dip, q, ohm)
                    .advice();
            assertThat(a.isChange() && a.action() != Action.SHORTEN).isFalse();
            causesOf(a).doesNotContain(Cause.Id.NO_GROUND_PLANE);
            assertThat(of(a, Hypothesis.NO_GROUND_PLANE)).isLessThan(0.1);
        }
    }

    @Test
    void metIsMetAndTheDoubtComesAfterIt() {
        TrimAdvice a = new Tried(GroundPlaneDesign.KIND, 145.5, 146.5, 147.5)
                .swept(0, 115, 165, 128, 6, 46)
                .swept(-20, 115, 165, 146.3, 6, 46)
                .advice();
        assertThat(a.action()).isEqualTo(Action.STOP);
        assertThat(a.reasons()).anyMatch(r -> r.is(Reason.DID_NOT_FOLLOW) || r.is(Reason.MET_THOUGH_IT_DID_NOT_FOLLOW));
    }

    @Test
    void lengthAndKindThatDoNotFitAreAskedForAtOnce() {
        Tried threeQuarters = whip(450, 457, 464).under(1.5).long_(0.5).swept(0, 420, 500, 440, 8, 45);
        assertNoOrder(threeQuarters.advice(), Action.FIND_THE_FAULT);
        Outcome length = threeQuarters.advice().reasons().get(0);
        assertThat(length.is(Reason.LENGTH_OF_ANOTHER_KIND)).isTrue();
        assertThat(number(length, "lengthM")).isEqualTo(0.5);
        assertThat(number(length, "usualM")).isBetween(0.15, 0.16);
        assertThat(threeQuarters.advice().causes().get(0).check()).isEqualTo(Check.THREE_QUARTER_WAVES);
        // Looked at, and it is so: a part of the need, however near.
        TrimAdvice looked = threeQuarters.lastly(p -> p.afterALook(true)).advice();
        assertThat(looked.action()).isEqualTo(Action.SHORTEN);
        assertThat(looked.amountM()).isLessThanOrEqualTo(looked.needHighM() / 2 + 0.001);
        // Met, it is still asked.
        TrimAdvice met =
                whip(452, 457, 462).long_(0.5).swept(0, 420, 500, 457, 8, 45).advice();
        assertThat(met.action()).isEqualTo(Action.STOP);
        assertThat(met.causes()).isNotEmpty();
        assertThat(whip(450, 457, 464)
                        .under(1.5)
                        .long_(0.17)
                        .swept(0, 420, 500, 440, 8, 45)
                        .advice()
                        .action())
                .isEqualTo(Action.SHORTEN);
    }

    @Test
    void aDipNearTheEndOfTheSweepIsSweptWiderBeforeAnythingMoves() {
        for (AntennaKind kind : List.of(GammaBeamDesign.KIND, QuarterWaveDesign.KIND, TubeJPoleDesign.KIND)) {
            TrimAdvice a = new Tried(kind, 151, 153, 155)
                    .under(1.5)
                    .swept(0, 148, 156, 149.2, 14, 40)
                    .advice();
            assertNoOrder(a, Action.SWEEP_WIDER);
            assertThat(a.widerSweep().orElseThrow().startHz()).isLessThan(147.5e6);
            TrimAdvice wide = new Tried(kind, 151, 153, 155)
                    .under(1.5)
                    .swept(0, 140, 162, 149.2, 14, 44)
                    .advice();
            assertThat(wide.action()).isEqualTo(Action.SHORTEN);
            assertThat(wide.onSecond()).isFalse();
        }
    }

    @Test
    void twoReadingsOfOneChannelGiveTheSideAndOneIsDone() {
        Tried tip = new Tried(LoadedWhipDesign.KIND, 27.185).under(1.3).read(0, 1.5);
        assertNoOrder(tip.advice(), Action.MEASURE_AGAIN);
        tip.read(-5, 1.4);
        assertThat(tip.advice().action()).isEqualTo(Action.SHORTEN);
        assertThat(tip.advice().amountM()).isLessThan(0.03);
        assertThat(tip.read(-5, 1.2).read(-4, 1.0).advice().action()).isEqualTo(Action.STOP);
        assertThat(new Tried(LoadedWhipDesign.KIND, 27.185)
                        .under(1.3)
                        .read(0, 1.5)
                        .read(-5, 1.7)
                        .advice()
                        .action())
                .isEqualTo(Action.LENGTHEN);
        // A saw cannot put it back.
        assertNoOrder(whip(146).under(1.3).read(0, 1.5).advice(), Action.MEASURE_AGAIN);
    }

    @Test
    void aLookBesideTheJobChangesNothingOfTheJob() {
        Tried job = whip(144, 146, 148).under(1.5).swept(0, 130, 165, 141, 7, 45);
        TrimAdvice before = job.advice();
        TrimAdvice after = job.swept(0, 300, 600, 440, 10, 45).advice();
        assertThat(after.action()).isEqualTo(before.action());
        assertThat(after.amountM()).isEqualTo(before.amountM());
        // What was changed since must be read first.
        assertNoOrder(
                whip(144, 146, 148)
                        .under(1.5)
                        .swept(0, 130, 165, 141, 7, 45)
                        .swept(-8, 300, 600, 440, 10, 45)
                        .advice(),
                Action.MEASURE_AGAIN);
    }

    @Test
    void twoReadingsAllowAStepThatAHandWouldDare() {
        Tried cb = new Tried(LoadedWhipDesign.KIND, 26.965, 27.405).read(0, 2.0, 1.5);
        cb.rule = new EvenEnds();
        TrimAdvice a = cb.advice();
        assertThat(a.action()).isEqualTo(Action.LENGTHEN);
        assertThat(a.amountM()).isLessThanOrEqualTo(0.02);
    }

    @Test
    void whatFitsNothingIsReadAgain() {
        assertNoOrder(whip(153, 156, 159).read(0, 1.2, 4, 1.3).advice(), Action.MEASURE_AGAIN);
        assertNoOrder(whip(153, 156, 159).read(0, 5, 1.1, 1.2).advice(), Action.MEASURE_AGAIN);
    }

    /** No more digits than the doubt leaves. */
    @Test
    void anEstimateCarriesNoMoreDigitsThanItsDoubtLeaves() {
        TrimAdvice a = whip(153, 156, 159).read(0, 2.2, 2.8, 4.0).advice();
        assertThat(a.reasons())
                .anyMatch(r -> r.is(Reason.DIP_ABOUT)
                        && number(r, "dipHz") > 140e6
                        && number(r, "dipHz") < 160e6
                        && number(r, "dipDoubtHz") > 1e6);
        assertThat(a.expected()).as("a curve that nobody swept").isEmpty();
        assertThat(a.expectedReadings()).hasSize(3);
    }
}
