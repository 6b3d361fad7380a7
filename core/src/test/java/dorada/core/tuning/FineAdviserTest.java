package dorada.core.tuning;

import static dorada.core.outcome.Numbers.number;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.acceptance.EvenEnds;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.SecondPiece;
import dorada.core.design.Designs;
import dorada.core.design.RingedWhipDesign;
import dorada.core.design.TubeJPoleDesign;
import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.instrument.Span;
import dorada.core.simulation.StandIn;
import dorada.core.sweep.Curves;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.core.wire.Watch;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A tip and a ring on a whip of which everything is known: electrical length = base + tip / 0.6 + ring / 3.3. */
class FineAdviserTest {

    private static final double C = 299_792_458;
    private static final double TIP = 0.6;
    private static final double RING = 3.3;
    private static final List<WantedChannel> CB = List.of(
            new WantedChannel("1", 26.965e6, false),
            new WantedChannel("19", 27.185e6, true),
            new WantedChannel("40", 27.405e6, false));
    private static final Adjustment SLIDE = new Adjustment.Slide(0.002);

    private static Sweep whip(double electricalM) {
        return Curves.resonance(24e6, 30.5e6, 1301, 0.25 * C / electricalM, 46, 40);
    }

    private static FineAdviser adviser(Adjustment adjustment) {
        return new FineAdviser(
                TrimTask.of(new UnderLimit(1.95), CB, adjustment, new TrimPrior(0.25, TIP, 0.18)), SecondPiece.RING);
    }

    private static double electricalAt(double hz) {
        return 0.25 * C / hz;
    }

    @ParameterizedTest
    @ValueSource(doubles = {27.135e6, 27.235e6})
    void theRingIsMovedWhereverItReaches(double dipHz) {
        TrimAdvice a = adviser(SLIDE).advise(List.of(new Pass(0, whip(electricalAt(dipHz)))));
        assertThat(a.onSecond()).isTrue();
        assertThat(a.action()).isEqualTo(dipHz < 27.185e6 ? Action.SHORTEN : Action.LENGTHEN);
        double exactM = RING * Math.abs(electricalAt(dipHz) - electricalAt(27.185e6));
        // Where the rule's middle is, within what a series circuit leans over that band.
        assertThat(a.amountM()).isCloseTo(exactM, within(0.0025));
        assertThat(a.reasons().get(0).is(Reason.RING_REACHES)).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"25.4e6, SHORTEN", "28.9e6, LENGTHEN"})
    void theTipIsMovedWhereTheRingDoesNotReach(double dipHz, Action action) {
        TrimAdvice a = adviser(SLIDE).advise(List.of(new Pass(0, whip(electricalAt(dipHz)))));
        assertThat(a.onSecond()).isFalse();
        assertThat(a.action()).isEqualTo(action);
        assertThat(a.amountM()).isCloseTo(TIP * Math.abs(electricalAt(dipHz) - electricalAt(27.185e6)), within(0.003));
        assertThat(a.reasons()).startsWith(Reason.RING_FALLS_SHORT.of(0.02, 0.02));
    }

    @Test
    void aRingAtTheEndOfItsThreadLeavesItToTheTip() {
        double now = electricalAt(27.14e6);
        Pass first = new Pass(0, whip(now + 0.015 / RING));
        Pass ringIsIn = new Pass(0, whip(now)).after(0, -0.015);
        TrimAdvice a = adviser(SLIDE).advise(List.of(first, ringIsIn));
        assertThat(a.onSecond()).isFalse();
        assertThat(a.reasons().get(0).is(Reason.RING_FALLS_SHORT)).isTrue();
        assertThat(number(a.reasons().get(0), "inwardM")).isCloseTo(0.005, within(1e-9));
        assertThat(number(a.reasons().get(0), "outwardM")).isCloseTo(0.035, within(1e-9));
    }

    /** A move of the ring teaches nothing of the tip, and does not hide what the tip's own move teaches. */
    @Test
    void theTipIsLearntFromItsOwnMoves() {
        double now = electricalAt(25.2e6);
        // A ring that does a quarter more, a tip that does less by a tenth than the kind lets expect.
        Pass first = new Pass(0, whip(now));
        Pass ring = new Pass(0, whip(now - 0.019 / (0.8 * RING))).after(0, -0.019);
        double afterTip = now - 0.019 / (0.8 * RING) - 0.08 / (1.1 * TIP);
        Pass tip = new Pass(-0.08, whip(afterTip));
        TrimAdvice coarse = adviser(SLIDE).advise(List.of(first, ring, tip));
        assertThat(coarse.learnt()).isTrue();
        double exactTip = 1.1 * TIP * (afterTip - electricalAt(27.185e6));
        assertThat(coarse.onSecond()).isFalse();
        assertThat(coarse.amountM()).isCloseTo(exactTip, within(0.02 * exactTip + 0.002));
    }

    @Test
    void aTipThatWasCutTooMuchIsSavedByTheRing() {
        double dipHz = 27.235e6;
        List<Pass> passes = List.of(new Pass(0, whip(electricalAt(dipHz))));
        Adjustment cut = new Adjustment.OneWayCut(0.002);
        TrimTask alone = TrimTask.of(new UnderLimit(1.95), CB, cut, new TrimPrior(0.25, TIP, 0.18));
        assertThat(new TrimAdviser(alone).advise(passes).action()).isEqualTo(Action.REPLACE_LONGER);
        TrimAdvice a = adviser(cut).advise(passes);
        assertThat(a.onSecond()).isTrue();
        assertThat(a.action()).isEqualTo(Action.LENGTHEN);
        assertThat(a.overshootChance()).isZero();
    }

    /** Whips as the wire solver has them, measured by an analyser with its noise. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void aSolvedWhipIsDoneInAFewMoves(long seed) {
        StandIn antenna = Designs.ALL.of(RingedWhipDesign.KIND).standIn(27.185e6, seed);
        FineAdviser adviser = new FineAdviser(
                TrimTask.of(new EvenEnds(), CB, SLIDE, TrimPrior.of(RingedWhipDesign.KIND)),
                FineAdviser.pieceOf(RingedWhipDesign.KIND).orElseThrow());
        Random noise = new Random(seed);
        double tip = antenna.startLengthM();
        double ring = 0;
        List<Pass> passes = new ArrayList<>();
        TrimAdvice advice = null;
        for (int moves = 0; moves <= 4; moves++) {
            double t = tip;
            double r = ring;
            Sweep sweep = new SimulatedAnalyser(hz -> antenna.sweep(t, r, hz, Watch.NOBODY), noise)
                    .sweep(new Span(24e6, 30.5e6), 401);
            Pass before = passes.isEmpty() ? null : passes.get(passes.size() - 1);
            passes.add(new Pass(0, sweep));
            if (before != null) {
                double by = advice.action() == Action.LENGTHEN ? advice.amountM() : -advice.amountM();
                passes.set(
                        passes.size() - 1,
                        new Pass(0, sweep).after(advice.onSecond() ? 0 : by, advice.onSecond() ? by : 0));
            }
            advice = adviser.advise(passes);
            if (advice.action() == Action.STOP) {
                break;
            }
            double by = advice.action() == Action.LENGTHEN ? advice.amountM() : -advice.amountM();
            tip += advice.onSecond() ? 0 : by;
            ring += advice.onSecond() ? by : 0;
        }
        assertThat(advice.action()).isEqualTo(Action.STOP);
        assertThat(Math.abs(ring)).isLessThanOrEqualTo(0.02);
    }

    @Test
    void onlySomeKindsHaveARing() {
        assertThat(FineAdviser.pieceOf(TubeJPoleDesign.KIND)).isEmpty();
        assertThat(MatchControl.of(RingedWhipDesign.KIND)).isEmpty();
        assertThat(MatchControl.of(TubeJPoleDesign.KIND)).isPresent();
    }
}
