package dorada.core.tuning;

import static dorada.core.outcome.Numbers.number;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.acceptance.ResonanceFirst;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.AntennaSweep;
import dorada.core.antenna.BandPiece;
import dorada.core.antenna.PieceId;
import dorada.core.antenna.RibbonJPole;
import dorada.core.antenna.SecondPiece;
import dorada.core.design.Designs;
import dorada.core.design.DipoleDesign;
import dorada.core.design.RibbonJPoleDesign;
import dorada.core.design.TubeJPoleDesign;
import dorada.core.rf.Band;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.rf.Wavelength;
import dorada.core.simulation.StandIn;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.core.wire.Watch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Length and match, one length for two bands, and two bands with a piece each. */
class SeveralPiecesTest {

    private static final MatchControl TAP = new MatchControl(0.001, 0.03, 11, 0, 0.7, 1.25, Room.ANY);
    private static final List<WantedChannel> TWO_METRES =
            List.of(new WantedChannel("low", 144e6, true), new WantedChannel("high", 148e6, false));

    /** An antenna that is matched with its tap at 50 mm: farther out R is larger, and the dip higher. */
    private static Sweep tapped(double lengthM, double tapM) {
        double f0 = 0.75 * Wavelength.SPEED_OF_LIGHT_M_PER_S / (lengthM * 1.02) * Math.exp(1.25 * (tapM - 0.05));
        double ohm = 50 * Math.exp(22 * (tapM - 0.05));
        int n = 401;
        double[] hz = new double[n];
        double[] re = new double[n];
        double[] im = new double[n];
        for (int i = 0; i < n; i++) {
            hz[i] = 125e6 + 45e6 * i / (n - 1);
            Reflection g = Reflection.of(new Impedance(ohm, ohm * 11 * (hz[i] / f0 - f0 / hz[i])), 50);
            re[i] = g.re();
            im[i] = g.im();
        }
        return new Sweep(hz, re, im, 50);
    }

    private static TrimAdviser tapped(TrimTask task, boolean phase) {
        TrimTask matched = task.matchedBy(Optional.of(TAP));
        return new TrimAdviser(phase ? matched.readAtTheAntenna() : matched);
    }

    private static TrimAdviser jPole(double limit, Adjustment adjustment, boolean phase) {
        return tapped(TrimTask.of(new UnderLimit(limit), TWO_METRES, adjustment, new TrimPrior(0.75, 1, 0.1)), phase);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.02, 0.03, 0.072, 0.08})
    void theMatchIsMovedUntilALengthCanDoAndThenTheLengthIs(double tapM) {
        TrimAdviser adviser = jPole(1.6, new Adjustment.Slide(0.001), false);
        double length = 1.55;
        double tap = tapM;
        List<Pass> passes = new ArrayList<>();
        passes.add(new Pass(0, tapped(length, tap)));
        TrimAdvice advice = adviser.advise(passes);
        assertThat(advice.onSecond()).isTrue();
        boolean lengthMoved = false;
        int changes = 0;
        while (advice.action() != Action.STOP && changes < 6) {
            double by = advice.action() == Action.LENGTHEN ? advice.amountM() : -advice.amountM();
            lengthMoved |= !advice.onSecond();
            length += advice.onSecond() ? 0 : by;
            tap += advice.onSecond() ? by : 0;
            passes.add(new Pass(0, tapped(length, tap)).after(advice.onSecond() ? 0 : by, advice.onSecond() ? by : 0));
            advice = adviser.advise(passes);
            changes++;
        }
        assertThat(advice.action()).isEqualTo(Action.STOP);
        assertThat(lengthMoved).isTrue();
        assertThat(changes).isLessThanOrEqualTo(5);
        assertThat(tap).isCloseTo(0.05, within(0.02));
    }

    /** At the antenna the phase tells the side; through a line of unknown length it does not. */
    @Test
    void phaseAtTheAntennaTellsWhichWayToBegin() {
        for (double tap : new double[] {0.025, 0.075}) {
            TrimAdvice knows =
                    jPole(1.6, new Adjustment.Slide(0.001), true).advise(List.of(new Pass(0, tapped(1.55, tap))));
            assertThat(knows.onSecond()).isTrue();
            assertThat(knows.action()).isEqualTo(tap < 0.05 ? Action.LENGTHEN : Action.SHORTEN);
            assertThat(knows.reasons()).anyMatch(r -> r.is(Reason.BOTTOM_AFTER_THE_MOVE));
            // The curve after the move is foreseen: deeper than now, and drawn only where the side is known.
            double now = new SweepAnalysis(tapped(1.55, tap))
                    .deepestDip()
                    .orElseThrow()
                    .reading()
                    .swr();
            double then = new SweepAnalysis(knows.expected().orElseThrow())
                    .deepestDip()
                    .orElseThrow()
                    .reading()
                    .swr();
            assertThat(then).isLessThan(now - 0.2);
            assertThat(knows.expectedReadings()).hasSize(TWO_METRES.size());
            TrimAdvice blind =
                    jPole(1.6, new Adjustment.Slide(0.001), false).advise(List.of(new Pass(0, tapped(1.55, tap))));
            assertThat(blind.reasons()).anyMatch(r -> r.is(Reason.WAY_NOT_KNOWN_YET));
            assertThat(blind.expected()).isEmpty();
        }
    }

    /** Three passes lie on a parabola, whose bottom is then known whatever the kind lets expect. */
    @Test
    void aParabolaThroughThreePassesHasItsBottomAtTheMatch() {
        List<Pass> passes = List.of(
                new Pass(0, tapped(1.5, 0.03)),
                new Pass(0, tapped(1.5, 0.04)).after(0, 0.01),
                new Pass(0, tapped(1.5, 0.062)).after(0, 0.022));
        MatchBelief belief = MatchBelief.of(passes, TAP, false);
        assertThat(0.062 - belief.slope() / 2 / belief.bend()).isCloseTo(0.05, within(0.002));
        assertThat(belief.isBlind()).isFalse();
        assertThat(belief.squareAfter(-0.012)).isLessThan(belief.squareAfter(0) / 2);
        assertThat(belief.pullPerM()).isCloseTo(1.25, within(0.1));
        // Another pull is learnt from the passes too.
        MatchControl wrong = new MatchControl(0.001, 0.03, 11, 0, 0.7, 0.7, Room.ANY);
        assertThat(MatchBelief.of(passes, wrong, false).pullPerM()).isCloseTo(1.25, within(0.15));
    }

    @Test
    void aCutThatIsTooShortIsSavedByPullingTheDipDown() {
        TrimAdviser adviser = jPole(2, new Adjustment.OneWayCut(0.001), false);
        // The dip lies above the band, and a cut only raises it.
        Sweep tooShort = tapped(1.47, 0.052);
        TrimAdvice advice = adviser.advise(List.of(new Pass(0, tooShort)));
        assertThat(advice.onSecond()).isTrue();
        assertThat(advice.action()).isEqualTo(Action.SHORTEN);
        TrimAdvice without = new TrimAdviser(TrimTask.of(
                        new UnderLimit(2), TWO_METRES, new Adjustment.OneWayCut(0.001), TrimPrior.ofWaves(0.75)))
                .advise(List.of(new Pass(0, tooShort)));
        assertThat(without.action()).isEqualTo(Action.REPLACE_LONGER);
    }

    /** The tap pulls the dip: that is no slipped screw, and teaches nothing of the length. */
    @Test
    void aMoveOfAnotherPieceIsNoFault() {
        Pass first = new Pass(0, tapped(1.5, 0.03));
        Pass second = new Pass(0, tapped(1.5, 0.07));
        TrimPrior prior = new TrimPrior(0.75, 1, 0.1);
        assertThat(Sensitivity.of(List.of(first, second), prior).isBelievable()).isFalse();
        Sensitivity s = Sensitivity.of(List.of(first, second.after(0, 0.04)), prior);
        assertThat(s.isBelievable()).isTrue();
        assertThat(s.learnt()).isFalse();
    }

    @Test
    void resonanceFirstMovesTheMatchByItsSwr() {
        TrimAdvice advice = tapped(
                        TrimTask.of(
                                new ResonanceFirst(1.5),
                                TWO_METRES,
                                new Adjustment.Slide(0.001),
                                new TrimPrior(0.75, 1, 0.1)),
                        true)
                .advise(List.of(new Pass(0, tapped(1.5, 0.02))));
        assertThat(advice.onSecond()).isTrue();
        assertThat(advice.action()).isEqualTo(Action.LENGTHEN);
    }

    @Test
    void aMatchControlNeedsAnEffect() {
        assertThatThrownBy(() -> new MatchControl(0.001, 0.03, 0, 0, 1, 1, Room.ANY))
                .hasMessageContaining("effect");
        assertThat(TAP.within(new Room(0.01, 0)).room().lengthenM()).isZero();
        SecondPiece tap = TubeJPoleDesign.KIND.second().orElseThrow();
        assertThat(tap.id()).isEqualTo(PieceId.TAP);
        assertThat(DipoleDesign.KIND.second()).isEmpty();
    }

    private static final List<WantedChannel> TWO_BANDS = List.of(
            new WantedChannel("2 m low", 144.5e6, true),
            new WantedChannel("2 m high", 146.5e6, false),
            new WantedChannel("70 cm", 435e6, false));

    /** Dips at f and at {@code ratio}·f, each a series circuit; in between, whichever is nearer. */
    private static Sweep twoDips(double f, double ratio) {
        int n = 1601;
        double[] hz = new double[n];
        double[] re = new double[n];
        double[] im = new double[n];
        for (int i = 0; i < n; i++) {
            hz[i] = 120e6 + 360e6 * i / (n - 1);
            double at = hz[i] < 260e6 ? f : ratio * f;
            Reflection g = Reflection.of(new Impedance(46, 46 * 9 * (hz[i] / at - at / hz[i])), 50);
            re[i] = g.re();
            im[i] = g.im();
        }
        return new Sweep(hz, re, im, 50);
    }

    /** The upper dip lies at 3.1 times the lower, the bands at 2.99: what is right for one is not for the other. */
    @Test
    void oneLengthForTwoBandsShowsWhatEachGets() {
        Pass now = new Pass(0, twoDips(140e6, 3.1));
        TrimAdvice advice = new TrimAdviser(TrimTask.of(
                        new UnderLimit(1.5), TWO_BANDS, new Adjustment.Slide(0.001), TrimPrior.ofWaves(0.25)))
                .advise(List.of(now));
        TradeOff t = advice.tradeOff().orElseThrow();
        assertThat(t.worstSwr()).hasSize(2);
        assertThat(t.bands()).containsExactly(new Band(144.5e6, 146.5e6), new Band(435e6, 435e6));
        double lower = t.changeM()[least(t.worstSwr().get(0))];
        double upper = t.changeM()[least(t.worstSwr().get(1))];
        // The upper band is met by a longer piece than the lower one; the compromise lies between.
        assertThat(lower).isLessThan(upper - 0.005);
        assertThat(t.bestM()).isBetween(lower, upper);
        assertThat(t.changeM()).isSorted();
        // Only for both: the lower band alone gives no trade-off, and a learnt length is of the lower band's dip.
        assertThat(advice.dipHz().orElseThrow()).isCloseTo(140e6, within(0.5e6));
        assertThat(WantedChannel.bands(TWO_BANDS)).hasSize(2);
        assertThat(WantedChannel.bands(TWO_METRES)).hasSize(1);
    }

    private static int least(double[] values) {
        int at = 0;
        for (int i = 0; i < values.length; i++) {
            at = !(values[i] >= values[at]) ? i : at;
        }
        return at;
    }

    private static StagedAdviser staged() {
        return new StagedAdviser(
                TrimTask.of(new UnderLimit(2), TWO_BANDS, new Adjustment.OneWayCut(0.001), TrimPrior.ofWaves(0.75)),
                new BandPiece(PieceId.RADIATOR_BELOW_THE_STUB, 0.5, 1.2, 0.3),
                new BandPiece(PieceId.WIRE_ABOVE_THE_STUB, 0.75, 2, 0.3));
    }

    /** A ribbon J-pole for two bands as the wire solver has it, both pieces too long; each is cut in its turn. */
    @Test
    void aDualBandRibbonIsTunedUpperBandFirst() {
        StandIn antenna = Designs.ALL.of(RibbonJPoleDesign.KIND).standIn(new double[] {145.5e6, 435e6}, 4);
        double[] hz = new double[140];
        for (int i = 0; i < hz.length; i++) {
            hz[i] = i < 60 ? 128e6 + i * 0.6e6 : 400e6 + (i - 60) * 0.8e6;
        }
        double upper = antenna.startLengthM();
        double lower = 0;
        List<Pass> passes = new ArrayList<>();
        passes.add(new Pass(0, antenna.sweep(upper, lower, hz, Watch.NOBODY)));
        TrimAdvice advice = staged().advise(passes);
        List<Boolean> order = new ArrayList<>();
        while ((advice.action() == Action.SHORTEN || advice.action() == Action.MEASURE_AGAIN) && passes.size() < 10) {
            if (advice.action() == Action.SHORTEN) {
                order.add(advice.onSecond());
            }
            double by = -advice.amountM();
            upper += advice.onSecond() ? 0 : by;
            lower += advice.onSecond() ? by : 0;
            passes.add(new Pass(0, antenna.sweep(upper, lower, hz, Watch.NOBODY))
                    .after(advice.onSecond() ? 0 : by, advice.onSecond() ? by : 0));
            advice = staged().advise(passes);
        }
        assertThat(advice.action()).isEqualTo(Action.STOP);
        assertThat(order).contains(true);
        assertThat(order.indexOf(true)).isGreaterThanOrEqualTo(order.lastIndexOf(false));
        assertThat(advice.reasons().get(0).is(Reason.LOWER_BAND_NOW)).isTrue();
    }

    /** Both bands of a ribbon J-pole in free space, with a decoupling stub of {@code stubM}. */
    private static Sweep ribbon(double stubM, double aboveM) {
        double[] hz = new double[120];
        for (int i = 0; i < hz.length; i++) {
            hz[i] = i < 50 ? 128e6 + i * 0.7e6 : 415e6 + (i - 50) * 0.8e6;
        }
        RibbonJPole antenna = new RibbonJPole(0.47, 0.025, 0.27, stubM, aboveM, 0.009, 0.0005, 0.001, 0, 0);
        return AntennaSweep.of(antenna.assemble(), hz, Watch.NOBODY).sweep();
    }

    /** A stub of 108 mm is right, one of 150 mm lets the cut through to the upper band. */
    @Test
    void aStubThatDoesNotHoldTheUpperBandIsToldFromOneThatDoes() {
        TrimAdvice good = staged().advise(
                        List.of(new Pass(0, ribbon(0.108, 0.62)), new Pass(0, ribbon(0.108, 0.58)).after(0, -0.04)));
        assertThat(good.causes()).noneMatch(c -> c.id() == Cause.Id.STUB_OFF);
        List<Pass> leaks = List.of(new Pass(0, ribbon(0.15, 0.62)), new Pass(0, ribbon(0.15, 0.58)).after(0, -0.04));
        TrimAdvice bad = staged().advise(leaks);
        assertThat(bad.action()).isEqualTo(Action.FIND_THE_FAULT);
        assertThat(bad.causes()).singleElement().satisfies(c -> {
            assertThat(c.id()).isEqualTo(Cause.Id.STUB_OFF);
            assertThat(number(c.evidence(), "cutM")).isCloseTo(0.04, within(1e-9));
            assertThat(number(c.evidence(), "movedRoughHz")).isBetween(6e6, 8e6);
        });
        // Read again, whatever was mended: the question is closed until the next cut.
        List<Pass> again = new ArrayList<>(leaks);
        again.add(new Pass(0, ribbon(0.108, 0.58)));
        assertThat(staged().advise(again).causes()).noneMatch(c -> c.id() == Cause.Id.STUB_OFF);
    }

    /** Whoever asks for advice need not know which adviser a kind takes. */
    @Test
    void theKindDecidesWhoAdvises() {
        Pass both = new Pass(0, ribbon(0.108, 0.66));
        TrimTask two =
                TrimTask.of(new UnderLimit(2), TWO_BANDS, new Adjustment.OneWayCut(0.001), TrimPrior.ofWaves(0.75));
        assertThat(new AntennaAdviser(RibbonJPoleDesign.KIND, two)
                        .advise(List.of(both))
                        .reasons())
                .anyMatch(r -> r.is(Reason.UPPER_BAND_FIRST) || r.is(Reason.LOWER_BAND_NOW));
        TrimTask one =
                TrimTask.of(new UnderLimit(2), TWO_METRES, new Adjustment.OneWayCut(0.001), TrimPrior.ofWaves(0.75));
        assertThat(new AntennaAdviser(RibbonJPoleDesign.KIND, one)
                        .advise(List.of(both))
                        .reasons())
                .noneMatch(r -> r.is(Reason.UPPER_BAND_FIRST) || r.is(Reason.LOWER_BAND_NOW));
        TrimTask poor =
                TrimTask.of(new UnderLimit(1.6), TWO_METRES, new Adjustment.Slide(0.001), TrimPrior.ofWaves(0.75));
        Pass tapIsLow = new Pass(0, tapped(1.55, 0.02));
        assertThat(new AntennaAdviser(TubeJPoleDesign.KIND, poor)
                        .advise(List.of(tapIsLow))
                        .onSecond())
                .isTrue();
        assertThat(new AntennaAdviser(DipoleDesign.KIND, poor)
                        .advise(List.of(tapIsLow))
                        .onSecond())
                .isFalse();
        // A tap that is known to have nowhere to go stays where it is.
        TrimTask stuck = poor.matchedBy(MatchControl.of(TubeJPoleDesign.KIND).map(m -> m.within(new Room(0, 0))));
        assertThat(new AntennaAdviser(TubeJPoleDesign.KIND, stuck)
                        .advise(List.of(tapIsLow))
                        .onSecond())
                .isFalse();
    }

    @Test
    void aBandThatWasNotSweptIsAskedFor() {
        Sweep both = twoDips(132e6, 3.1);
        int half = 500;
        TrimAdvice above = staged().advise(List.of(new Pass(0, both.part(half, both.size()))));
        assertThat(above.action()).isEqualTo(Action.READ_THE_OTHER_BAND);
        assertThat(number(above.reasons().get(0), "roughHz")).isBetween(140e6, 150e6);
        TrimAdvice below = staged().advise(List.of(new Pass(0, both.part(0, half))));
        assertThat(below.reasons()).startsWith(Reason.BAND_UNREAD.of(435e6));
        assertThat(below.action()).isEqualTo(Action.READ_THE_OTHER_BAND);
    }
}
