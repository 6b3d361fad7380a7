package dorada.core.tuning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import dorada.core.acceptance.EvenEnds;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.SpotReading;
import dorada.core.rf.Reflection;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Curves;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.LengthBelief.Sample;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Windows of a rule along the frequency axis, and what is believed of a length. */
class BeliefTest {

    private static final List<WantedChannel> VHF =
            List.of(new WantedChannel("low", 153e6, false), new WantedChannel("high", 159e6, false));
    private static final double C = Wavelength.SPEED_OF_LIGHT_M_PER_S;

    private static RuleWindow.Curve whip(double f0, double q, double r) {
        return RuleWindow.Curve.seriesCircuit(f0, q, r);
    }

    private static final RuleWindow.Curve NOWHERE = new RuleWindow.Curve() {
        @Override
        public Reflection at(double hz) {
            return null;
        }

        @Override
        public boolean hasPhase() {
            return true;
        }

        @Override
        public double bottom() {
            return 1;
        }
    };

    private static double swr(double f0, double q, double r, double hz) {
        double rho = whip(f0, q, r).at(hz).magnitude();
        return (1 + rho) / (1 - rho);
    }

    @Test
    void theBestFactorCentresTheCurveAndTheWindowEndsWhereTheRuleDoes() {
        RuleWindow w = new RuleWindow(whip(150e6, 9, 45), Optional.empty(), new UnderLimit(1.7), VHF, 0, 1);
        assertThat(150e6 * w.best()).isCloseTo(Math.sqrt(153e6 * 159e6), within(0.3e6));
        // At the window's upper end the low channel just meets the limit.
        assertThat(swr(150e6 * w.high(), 9, 45, 153e6)).isCloseTo(1.7, within(0.02));
        assertThat(swr(150e6 * w.low(), 9, 45, 159e6)).isCloseTo(1.7, within(0.02));
        assertThat(w.shortfall(w.best())).isLessThan(0);
        assertThat(w.shortfall(3)).isInfinite();
    }

    @Test
    void safetyMakesTheWindowNarrower() {
        RuleWindow bare = new RuleWindow(whip(150e6, 9, 45), Optional.empty(), new UnderLimit(2), VHF, 0, 1);
        RuleWindow safe = new RuleWindow(whip(150e6, 9, 45), Optional.empty(), new UnderLimit(2), VHF, 0.2, 1);
        assertThat(safe.high()).isLessThan(bare.high());
        assertThat(safe.low()).isGreaterThan(bare.low());
        assertThat(safe.best()).isEqualTo(bare.best());
    }

    /** The best place is found between the steps that are looked at: a ring of a few millimetres asks for it. */
    @Test
    void theBestPlaceIsFoundFinelyEnoughForAThread() {
        for (double f0 : new double[] {149.1e6, 150e6, 150.05e6, 152.31e6}) {
            RuleWindow w = new RuleWindow(whip(f0, 40, 45), Optional.empty(), new UnderLimit(2), VHF, 0, 1);
            // Even at 153 and 159 MHz: a series circuit has equal |X| at f1 and f2 where f0² = f1·f2.
            assertThat(f0 * w.best()).isCloseTo(Math.sqrt(153e6 * 159e6), within(3e3));
        }
    }

    @Test
    void aRuleThatNoPlaceMeetsHasAWindowOfOnePoint() {
        RuleWindow w = new RuleWindow(whip(150e6, 9, 12), Optional.empty(), new UnderLimit(1.5), VHF, 0, 1);
        assertThat(w.high()).isEqualTo(w.best());
        assertThat(w.bestShortfall()).isGreaterThan(2);
        assertThat(w.bestSwr()).isGreaterThan(4);
    }

    @Test
    void aCurveThatReachesNoChannelAimsWhereItIsTold() {
        RuleWindow w = new RuleWindow(NOWHERE, Optional.empty(), new EvenEnds(), VHF, 0, 1.04);
        assertThat(w.isKnown()).isFalse();
        assertThat(w.best()).isCloseTo(1.04, within(0.001));
    }

    /** Two possibilities with equal weight: what meets one and is too much for the other counts half for each. */
    @Test
    void outcomesAreSharesOfWhatMayBeTrue() {
        RuleWindow w = new RuleWindow(whip(150e6, 9, 45), Optional.empty(), new UnderLimit(1.7), VHF, 0, 1);
        LengthBelief belief = new LengthBelief(
                List.of(new Sample(2, w, 150e6, 150e6, 1), new Sample(2, w, 150e6, 150e6, 0.5)), 0.25, 0, 0, false);
        double need = 0.25 * C / 150e6 * (1 / w.best() - 1);
        assertThat(need).isNegative();
        LengthBelief.Outcome whole = belief.after(need);
        assertThat(whole.met()).isEqualTo(0.5);
        assertThat(whole.tooFar()).isEqualTo(0.5);
        LengthBelief.Outcome half = belief.after(need / 2);
        assertThat(half.tooFar()).isZero();
        assertThat(belief.after(0).met()).isZero();
        // Longer than its electrical length: nothing is left, which is too far in every case.
        assertThat(belief.after(-1).tooFar()).isEqualTo(1);
    }

    @Test
    void theNeedIsTheMiddleOfWhatMayBeTrue() {
        RuleWindow w = new RuleWindow(whip(150e6, 9, 45), Optional.empty(), new UnderLimit(1.7), VHF, 0, 1);
        List<Sample> samples = new ArrayList<>();
        for (double[] z : LengthBelief.deviates()) {
            samples.add(new Sample(z[1], w, 150e6, 150e6, Math.exp(0.1 * z[0])));
        }
        double[] need = new LengthBelief(samples, 0.25, 0, 0, false).need();
        double middle = 0.25 * C / 150e6 * (1 / w.best() - 1);
        assertThat(need[0]).isCloseTo(middle, within(1e-6));
        assertThat(need[1]).isCloseTo(0.1 * -middle, within(0.03 * -middle));
    }

    @Test
    void deviatesAreSymmetricAndHaveTails() {
        List<double[]> z = LengthBelief.deviates();
        assertThat(z.get(0)[0]).isCloseTo(-4, within(1e-9));
        assertThat(z.get(0)[1]).isCloseTo(z.get(z.size() - 1)[1], within(1e-9));
        assertThat(z.get(0)[1]).isGreaterThan(10 * Math.exp(-8));
    }

    private static Pass read(double changeM, double f0) {
        List<SpotReading> spots = new ArrayList<>();
        for (double hz : new double[] {153e6, 156e6, 159e6}) {
            spots.add(SpotReading.ofSwr(ReadingKind.INLINE_METER, hz, swr(f0, 10, 42, hz)));
        }
        return Pass.ofSpots(changeM, spots).orElseThrow();
    }

    /** What one pass leaves open, the next one with a known change narrows. */
    @Test
    void passesTogetherKnowMoreThanTheLastAlone() {
        TrimPrior prior = new TrimPrior(0.25, 1, 0.1);
        double electrical = 0.25 * C / 148e6;
        Pass first = read(0, 148e6);
        Pass second = read(-0.012, 0.25 * C / (electrical - 0.012));
        double alone = SpotBelief.of(
                        List.of(read(0, 0.25 * C / (electrical - 0.012))), prior, new UnderLimit(1.7), VHF, 0)
                .need()[1];
        LengthBelief both = SpotBelief.of(List.of(first, second), prior, new UnderLimit(1.7), VHF, 0);
        assertThat(both.need()[1]).isLessThan(alone);
        double target = Math.sqrt(153e6 * 159e6);
        double truth = 0.25 * C / target - (electrical - 0.012);
        assertThat(both.need()[0]).isCloseTo(truth, within(3 * both.need()[1] + 0.001));
    }

    /**
     * Somebody stood near at the first reading and pulled the dip down by 1.4 %: the cut after it seems to have done more than it
     * did, and without that in mind the rest of the need would be taken for far too little.
     */
    @Test
    void aFirstReadingThatWasSpoiltDoesNotMisleadTheThird() {
        TrimPrior prior = new TrimPrior(0.25, 1, 0.2);
        double electrical = 0.25 * C / 147e6;
        Pass spoilt = read(0, 0.25 * C / electrical * 0.986);
        Pass second = read(-0.005, 0.25 * C / (electrical - 0.005));
        Pass third = read(-0.005, 0.25 * C / (electrical - 0.010));
        double truth = 0.25 * C / Math.sqrt(153e6 * 159e6) - (electrical - 0.010);
        LengthBelief belief = SpotBelief.of(List.of(spoilt, second, third), prior, new UnderLimit(1.7), VHF, 0);
        assertThat(belief.need()[0]).isCloseTo(truth, within(0.15 * -truth));
    }

    /** The likelihood of what a circuit itself gives is greatest for that circuit at that place. */
    @Test
    void aFitIsBestWhereTheReadingsCameFrom() {
        List<SpotReading> spots = new ArrayList<>();
        for (double hz : new double[] {153e6, 156e6, 159e6}) {
            spots.add(SpotReading.ofSwr(ReadingKind.INLINE_METER, hz, swr(150e6, 9.5, 44, hz)));
        }
        CircuitCurves curves = new CircuitCurves(156e6);
        SpotFit fit = new SpotFit(Pass.ofSpots(0, spots).orElseThrow().spots());
        assertThat(at(fit, 150e6)[circuit(9.5, 44)]).isCloseTo(0, within(1e-9));
        assertThat(Arrays.stream(at(fit, 150e6)).max().orElseThrow()).isCloseTo(0, within(1e-9));
        assertThat(Arrays.stream(at(fit, 141e6)).max().orElseThrow()).isLessThan(-1);
        // The table says the same between its rows, and what lies beyond it is taken at its end.
        double row = curves.rowOf(150e6);
        SpotFit.Table table = fit.table(curves);
        double[] exact = at(fit, 150e6);
        for (int c = 0; c < SpotFit.CIRCUITS; c++) {
            if (SpotFit.quality(c) < 20) {
                assertThat(table.log(c, row)).isCloseTo(exact[c], within(0.3));
            }
            assertThat(table.log(c, row)).isEqualTo(table.log(c, row)).isLessThanOrEqualTo(0);
        }
        sameOnARow(fit, curves);
        assertThat(CircuitCurves.within(curves.rowOf(10e6))).isZero();
        assertThat(CircuitCurves.within(curves.rowOf(900e6))).isEqualTo(CircuitCurves.within(curves.rowOf(800e6)));
        assertThat(curves.rowOf(150e6 * Math.exp(0.01)) - row).isCloseTo(CircuitCurves.rows(0.01), within(1e-9));
        // Misfits compare as the logarithms do, and those of what was read again too.
        for (SpotFit f :
                List.of(fit, new SpotFit(Pass.ofSpots(0, spots).orElseThrow().spots(), 3))) {
            double[] misfits = f.misfits(149e6);
            double[] logs = at(f, 149e6);
            for (int c = 0; c < SpotFit.CIRCUITS; c++) {
                assertThat(SpotFit.likelihood(f.tempered(misfits[c]))).isCloseTo(Math.exp(logs[c]), within(1e-12));
                assertThat(f.misfitOfLog(logs[c])).isCloseTo(misfits[c], withinPercentage(1e-9));
            }
        }
        assertThat(SpotFit.misfit(SpotFit.likelihood(7))).isCloseTo(7, within(1e-9));
        assertThat(SpotFit.quality(SpotFit.CIRCUITS - 1)).isEqualTo(70);
        assertThat(SpotFit.resistanceOhm(SpotFit.CIRCUITS - 1)).isEqualTo(340);
    }

    private static void sameOnARow(SpotFit fit, CircuitCurves curves) {
        double dipHz = 150e6 * Math.exp((400 - curves.rowOf(150e6)) / CircuitCurves.rows(1));
        double[] exact = at(fit, dipHz);
        SpotFit.Table table = fit.table(curves);
        for (int c = 0; c < SpotFit.CIRCUITS; c++) {
            assertThat(table.log(c, 400)).isCloseTo(exact[c], within(1e-6));
        }
    }

    private static double[] at(SpotFit fit, double dipHz) {
        return Arrays.stream(fit.misfits(dipHz)).map(fit::log).toArray();
    }

    /** A needle at the end of its scale says no more than "at least". */
    @Test
    void theEndOfTheScaleIsNoReading() {
        List<SpotReading> spots = List.of(
                SpotReading.ofSwr(ReadingKind.INLINE_METER, 153e6, 1.2),
                SpotReading.ofSwr(ReadingKind.INLINE_METER, 159e6, 10));
        SpotFit read = new SpotFit(Pass.ofSpots(0, spots).orElseThrow().spots());
        sameOnARow(read, new CircuitCurves(156e6));
        double[] fit = at(read, 153e6);
        assertThat(fit[circuit(45, 44)]).isGreaterThan(fit[circuit(6.5, 44)] + 1);
        // SWR 26 there: beyond the scale, and as good as any other that is.
        assertThat(fit[circuit(70, 44)]).isCloseTo(fit[circuit(45, 44)], within(0.01));
    }

    private static int circuit(double q, double r) {
        for (int c = 0; c < SpotFit.CIRCUITS; c++) {
            if (SpotFit.quality(c) == q && SpotFit.resistanceOhm(c) == r) {
                return c;
            }
        }
        throw new IllegalArgumentException("No such circuit.");
    }

    @Test
    void aSweepIsAPassOfItsOwnKind() {
        assertThat(read(0, 150e6).isSwept()).isFalse();
        assertThat(Pass.ofSpots(0, List.of())).isEmpty();
    }

    /** A shallow dip with noise: its lowest point jumps about, the parabola through its bottom does not. */
    @Test
    void theBottomOfAShallowDipIsFoundThroughItsNoise() {
        Random random = new Random(6);
        for (int run = 0; run < 30; run++) {
            Sweep clean = Curves.resonance(140e6, 172e6, 201, 146e6, 32, 8);
            double[] re = clean.re();
            double[] im = clean.im();
            for (int i = 0; i < re.length; i++) {
                re[i] += 0.001 * random.nextGaussian();
                im[i] += 0.001 * random.nextGaussian();
            }
            Sweep noisy = new Sweep(clean.frequenciesHz(), re, im, 50);
            assertThat(Sensitivity.bottomHz(noisy, 146.3e6)).isCloseTo(146e6, within(0.08e6));
        }
        // A dip at the very edge has no two sides: it is left where it is.
        assertThat(Sensitivity.bottomHz(Curves.resonance(146e6, 172e6, 201, 146e6, 32, 8), 146e6))
                .isEqualTo(146e6);
    }

    /** The same circuit 3 % lower has the same window, 3 % farther up. */
    @Test
    void oneWindowServesTheSameCircuitAtAnotherFrequency() {
        RuleWindow own = new RuleWindow(whip(148e6, 9, 45), Optional.empty(), new UnderLimit(1.7), VHF, 0, 1);
        RuleWindow other = new RuleWindow(whip(152e6, 9, 45), Optional.empty(), new UnderLimit(1.7), VHF, 0, 1);
        LengthBelief direct = new LengthBelief(List.of(new Sample(1, own, 148e6, 148e6, 1)), 0.25, 0, 0, false);
        LengthBelief moved = new LengthBelief(List.of(new Sample(1, other, 152e6, 148e6, 1)), 0.25, 0, 0, false);
        assertThat(moved.need()[0]).isCloseTo(direct.need()[0], within(0.0006));
        for (double change = -0.05; change < 0.02; change += 0.004) {
            assertThat(moved.after(change)).as("%s", change).isEqualTo(direct.after(change));
        }
    }

    /** What is too short before the cut is not lost by it, and does not hold the others back. */
    @Test
    void onlyWhatTheCutItselfLosesCountsAgainstIt() {
        RuleWindow w = new RuleWindow(whip(150e6, 9, 45), Optional.empty(), new UnderLimit(1.7), VHF, 0, 1);
        Sample tooLong = new Sample(1, w, 150e6, 150e6, 1);
        Sample tooShort = new Sample(1, w, 150e6, 170e6, 1);
        LengthBelief belief = new LengthBelief(List.of(tooLong, tooShort), 0.25, 0, 0, false);
        assertThat(belief.after(-0.005).tooFar()).isZero();
        assertThat(belief.after(-0.2).tooFar()).isEqualTo(0.5);
    }

    /** Whoever stood near pulled the dip down: a first cut keeps away from where that would make it too much. */
    @Test
    void aFirstReadingLeavesRoomForWhatMayHaveStoodNear() {
        RuleWindow w = new RuleWindow(whip(150e6, 9, 45), Optional.empty(), new UnderLimit(1.7), VHF, 0, 1);
        List<Sample> known = List.of(new Sample(1, w, 150e6, 150e6, 1));
        LengthBelief first = new LengthBelief(known, 0.25, 0, 0, true);
        LengthBelief later = new LengthBelief(known, 0.25, 0, 0, false);
        double end = 0.25 * C / 150e6 * (1 / w.high() - 1);
        double before = end + 0.25 * C / 150e6 * 0.003;
        assertThat(later.after(before).tooFar()).isZero();
        // 0.3 % short of the end: a shift of 0.7 % exceeds that with 33 %, one in ten readings has one.
        assertThat(first.after(before).tooFar()).isCloseTo(0.033, within(0.003));
        assertThat(first.after(end * 0.3).tooFar()).isLessThan(1e-3);
        assertThat(first.after(before).met()).isEqualTo(later.after(before).met());
        assertThat(first.after(0).tooFar()).isZero();
    }

    /** Readings at a few channels: a change that ends just short of too much may do a little more than thought. */
    @Test
    void whatIsOnlyExplainedByACircuitLeavesRoomForWhatItIsNot() {
        RuleWindow w = new RuleWindow(whip(150e6, 9, 45), Optional.empty(), new UnderLimit(1.7), VHF, 0, 1);
        LengthBelief belief = new LengthBelief(List.of(new Sample(1, w, 150e6, 150e6, 1)), 0.25, 0, 0.15, false);
        double end = 0.25 * C / 150e6 * (1 / w.high() - 1);
        // A sixth short of the end with a deviation of 15 %: 1/(1 − 1/6) − 1 = 20 %, that is 1.33 deviations.
        assertThat(belief.after(end * 5 / 6).tooFar()).isCloseTo(0.091, within(0.003));
        assertThat(belief.after(end * 0.55).tooFar()).isZero();
        assertThat(belief.after(end * 1.01).tooFar()).isEqualTo(1);
        assertThat(belief.after(0.01).tooFar()).isZero();
    }

    /** A window that is met over some 20 mm: each goes for its middle, with room to the limit on both sides. */
    @Test
    void aCutGoesForTheMiddleOfWhatWouldDo() {
        RuleWindow w = new RuleWindow(whip(146e6, 6, 45), Optional.empty(), new UnderLimit(2), VHF, 0, 1);
        LengthBelief belief = new LengthBelief(List.of(new Sample(1, w, 146e6, 146e6, 1)), 0.25, 0, 0, false);
        double middle = -belief.need()[0];
        ChangeChoice choice = new ChangeChoice(new Adjustment.OneWayCut(0.001), Room.ANY, 0.25, 156e6);
        for (boolean swept : new boolean[] {true, false}) {
            ChangeChoice.Cut cut = choice.longestSafe(belief, middle, 0.001, swept);
            assertThat(cut.lengthM()).isCloseTo(middle, within(0.0006));
            assertThat(cut.met()).isEqualTo(1);
        }
    }
}
