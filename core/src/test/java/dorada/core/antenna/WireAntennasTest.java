package dorada.core.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.wire.Conductor;
import dorada.core.wire.FarField;
import dorada.core.wire.Point;
import dorada.core.wire.Solution;
import dorada.core.wire.Solver;
import dorada.core.wire.Watch;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import org.junit.jupiter.api.Test;

/** What each kind of antenna must do when one of its dimensions is changed. */
class WireAntennasTest {

    private static final double VHF = 146e6;
    private static final double CB = 27.185e6;

    private static Solution solve(WireAntenna antenna, double hz) {
        Assembly a = antenna.assemble();
        return new Solver(a.structure(), List.of(a.feed()), hz).at(hz, Watch.NOBODY);
    }

    /** At the connector, networks included. */
    private static Impedance at(WireAntenna antenna, double hz) {
        return antenna.assemble().atConnector(solve(antenna, hz).impedance(), hz);
    }

    private static double swr(WireAntenna antenna, double hz) {
        return Reflection.of(at(antenna, hz), 50).swr();
    }

    /** The length between {@code low} and {@code high} at which the reactance vanishes. */
    private static double resonant(DoubleFunction<WireAntenna> of, double hz, double low, double high) {
        double a = low;
        double b = high;
        for (int i = 0; i < 30; i++) {
            double middle = (a + b) / 2;
            if (at(of.apply(middle), hz).reactanceOhm() < 0) {
                a = middle;
            } else {
                b = middle;
            }
        }
        return a;
    }

    private static GroundPlane groundPlane(double element, int radials, double droop) {
        return new GroundPlane(element, 0.002, radials, 0.51, droop, Conductor.COPPER);
    }

    /** "Two radials can do": common practice, no source. */
    @Test
    void twoRadialsMatchNearlyAsWellAsFour() {
        double two = resonant(l -> groundPlane(l, 2, 45), VHF, 0.42, 0.56);
        double four = resonant(l -> groundPlane(l, 4, 45), VHF, 0.42, 0.56);
        assertThat(swr(groundPlane(two, 2, 45), VHF)).isLessThan(1.3);
        assertThat(swr(groundPlane(four, 4, 45), VHF)).isLessThan(1.3);
        FarField far = solve(groundPlane(four, 4, 45), VHF).farField();
        // Round about, within a few tenths of a dB.
        assertThat(far.gainDbi(0, 0)).isCloseTo(far.gainDbi(45, 0), within(0.1));
        assertThat(far.verticalGain(0, 0)).isCloseTo(far.gain(0, 0), within(1e-3));
    }

    private static RoofWhip roof(double upper, double henry, double groundFarad, double along) {
        return new RoofWhip(
                0.05,
                upper,
                0.0012,
                henry,
                200,
                groundFarad,
                Plate.sheet(1.4, 1.2, 0.23),
                along,
                0,
                0,
                1,
                Conductor.STAINLESS_STEEL);
    }

    @Test
    void aCoilShortensTheWhipAndPaintSpoilsItsGround() {
        double bare = resonant(l -> roof(l, 0, 0, 0), VHF, 0.3, 0.55);
        double loaded = resonant(l -> roof(l, 0.05e-6, 0, 0), VHF, 0.2, 0.55);
        assertThat(loaded).isLessThan(bare - 0.03);
        assertThat(at(roof(bare, 0, 20e-12, 0), VHF).reactanceOhm()).isLessThan(-30);
        assertThatThrownBy(() -> roof(bare, 0, 0, 0.8).assemble()).hasMessageContaining("beside its plate");
    }

    /** On a finite roof a 5/8-wave gains less than the 3 dB that many claim; the claim: common practice, no source. */
    @Test
    void fiveEighthsOnARoofGainsLessThanTheClaim() {
        double quarter = solve(roof(0.44, 0, 0, 0), VHF).farField().gainDbi(90, 5);
        double fiveEighths = solve(roof(1.2, 0, 0, 0), VHF).farField().gainDbi(90, 5);
        assertThat(fiveEighths - quarter).isBetween(0.0, 3.0);
    }

    @Test
    void anEndFedHalfWaveIsHighAndNeedsItsTransformer() {
        EndFedHalfWave whip = new EndFedHalfWave(0.96, 0.0012, 0.12, 56, 2.2e-6, Conductor.STAINLESS_STEEL);
        Impedance feed = solve(whip, 150e6).impedance();
        assertThat(Math.hypot(feed.resistanceOhm(), feed.reactanceOhm())).isGreaterThan(600);
        assertThat(swr(whip, 150.8e6)).isLessThan(2);
    }

    @Test
    void aCounterpoiseChangesAHandheldAndSoDoesAHand() {
        double hz = 446e6;
        Impedance alone = at(new HandheldRod(0.16, 0.0015, 0.12, 0.012, 0, 0, 0), hz);
        Impedance helped = at(new HandheldRod(0.16, 0.0015, 0.12, 0.012, 0.165, 20, 0), hz);
        Impedance held = at(new HandheldRod(0.16, 0.0015, 0.12, 0.012, 0, 0, 0.012), hz);
        assertThat(distance(alone, helped)).isGreaterThan(5);
        assertThat(distance(alone, held)).isGreaterThan(5);
        // Flesh takes power: less of it is radiated.
        assertThat(solve(new HandheldRod(0.16, 0.0015, 0.12, 0.012, 0, 0, 0.012), hz)
                        .efficiency())
                .isLessThan(solve(new HandheldRod(0.16, 0.0015, 0.12, 0.012, 0, 0, 0), hz)
                                .efficiency()
                        - 0.02);
    }

    /** A handheld with one level counterpoise leans its signal that way: trade, common practice, no source. */
    @Test
    void aLevelCounterpoiseLeansTheSignal() {
        FarField far = solve(new HandheldRod(0.16, 0.0015, 0.12, 0.012, 0.165, 0, 0), 446e6)
                .farField();
        assertThat(Math.abs(far.gainDbi(180, 30) - far.gainDbi(0, 30))).isGreaterThan(0.2);
    }

    private static double distance(Impedance a, Impedance b) {
        return Math.hypot(a.resistanceOhm() - b.resistanceOhm(), a.reactanceOhm() - b.reactanceOhm());
    }

    /** "What matters most lies in the direction in which a sloped element leans": common practice, no source. */
    @Test
    void slopeLowersTheResistanceOfAnAirbandWhip() {
        AirbandWhip.Radials radials = AirbandWhip.Radials.even(4, 0.58, 0.004);
        double upright = at(new AirbandWhip(0.58, 0, 0.004, radials, Conductor.STAINLESS_STEEL), 127e6)
                .resistanceOhm();
        double sloped = at(new AirbandWhip(0.58, 40, 0.004, radials, Conductor.STAINLESS_STEEL), 127e6)
                .resistanceOhm();
        assertThat(sloped).isLessThan(0.87 * upright);
    }

    private static Beam gamma(double strap, double farad) {
        return new Beam(
                0.93,
                List.of(new Beam.Element(-0.38, 0.955), new Beam.Element(0.38, 0.87)),
                0.005,
                new Beam.Gamma(strap, 0.04, 0.003, farad),
                Conductor.ALUMINIUM);
    }

    @Test
    void theGammaStrapRaisesTheResistanceAndTheCapacitorTakesReactance() {
        double near = at(gamma(0.08, 12e-12), 155e6).resistanceOhm();
        double far = at(gamma(0.2, 12e-12), 155e6).resistanceOhm();
        assertThat(far).isGreaterThan(1.5 * near);
        double less = at(gamma(0.12, 8e-12), 155e6).reactanceOhm();
        double more = at(gamma(0.12, 20e-12), 155e6).reactanceOhm();
        // X of 8 pF and 20 pF at 155 MHz: −128 and −51 Ω.
        assertThat(more - less).isCloseTo(77, within(1.0));
    }

    @Test
    void aBeamPointsTowardItsDirectorsAndAHairpinIsAcross() {
        List<Beam.Element> others = List.of(new Beam.Element(-0.135, 0.334), new Beam.Element(0.115, 0.3));
        Beam split = new Beam(0.3, others, 0.003, new Beam.Split(0), Conductor.ALUMINIUM);
        FarField far = solve(split, 445e6).farField();
        assertThat(far.gainDbi(0, 0)).isGreaterThan(far.gainDbi(180, 0) + 6);
        assertThat(far.maxGainDbi()).isCloseTo(far.gainDbi(0, 0), within(0.1));
        Beam matched = new Beam(0.3, others, 0.003, new Beam.Split(11e-9), Conductor.ALUMINIUM);
        assertThat(at(matched, 445e6).resistanceOhm())
                .isGreaterThan(at(split, 445e6).resistanceOhm());
    }

    @Test
    void theTapOfAJPoleSetsItsResistance() {
        double low = at(new TubeJPole(1, 0.491, 0.05, 0.04, 0.008, Conductor.COPPER), VHF)
                .resistanceOhm();
        double high = at(new TubeJPole(1, 0.491, 0.05, 0.1, 0.008, Conductor.COPPER), VHF)
                .resistanceOhm();
        assertThat(high).isGreaterThan(1.5 * low);
    }

    @Test
    void theDecouplingStubCutsTheUpperBandShort() {
        double uhf = 447e6;
        double whole = 0.26;
        double a = at(ribbon(whole, 0.66, 0), uhf).resistanceOhm();
        double b = at(ribbon(whole, 0.5, 0), uhf).resistanceOhm();
        // On the upper band the wire above the stub hardly matters, on the lower band it sets the length.
        assertThat(Math.abs(a - b)).isLessThan(0.25 * a);
        assertThat(distance(at(ribbon(whole, 0.66, 0), VHF), at(ribbon(whole, 0.5, 0), VHF)))
                .isGreaterThan(30);
        // A plastic tube makes it electrically longer.
        assertThat(at(ribbon(whole, 0.66, 0.012), VHF)).isNotEqualTo(at(ribbon(whole, 0.66, 0), VHF));
    }

    private static RibbonJPole ribbon(double lower, double upper, double tube) {
        return new RibbonJPole(0.47, 0.025, lower, 0.108, upper, 0.009, 0.0005, 0.001, tube, 0.002);
    }

    @Test
    void bentEndsAndFoldedTopsLowerTheResistance() {
        DoubleFunction<WireAntenna> straight = l -> new WireDipole(l, 0, 6, 0.0008, 0.0006, Conductor.COPPER);
        DoubleFunction<WireAntenna> bent = l -> new WireDipole(l, 1, 6, 0.0008, 0.0006, Conductor.COPPER);
        double one = resonant(straight, CB, 2.3, 3);
        double two = resonant(bent, CB, 2.3, 3);
        assertThat(at(bent.apply(two), CB).resistanceOhm())
                .isLessThan(at(straight.apply(one), CB).resistanceOhm());
        FoldedVertical little = new FoldedVertical(2.1, 0.2, 0.4, 2.4, 4.5, 0.0008, Conductor.COPPER);
        FoldedVertical much = new FoldedVertical(2.1, 0.9, 0.4, 2.4, 4.5, 0.0008, Conductor.COPPER);
        assertThat(at(much, CB).reactanceOhm()).isGreaterThan(at(little, CB).reactanceOhm());
    }

    /** "Full-wave loop 100 to 200 Ω": common practice, no source. */
    @Test
    void aFullWaveLoopHasAHundredToTwoHundredOhm() {
        double width = resonant(w -> new WireLoop(w, 2.5, 4, 1, 0.0008, Conductor.COPPER), CB, 2.6, 4);
        Impedance z = at(new WireLoop(width, 2.5, 4, 1, 0.0008, Conductor.COPPER), CB);
        assertThat(z.resistanceOhm()).isBetween(100.0, 240.0);
        assertThat(at(new WireLoop(width, 2.5, 4, 4, 0.0008, Conductor.COPPER), CB)
                        .resistanceOhm())
                .isCloseTo(z.resistanceOhm() / 4, within(1e-6));
    }

    @Test
    void aPlateIsAGridWithTheAntennaOnACrossing() {
        List<Wire> wires = new ArrayList<>();
        Point foot = Plate.sheet(1.2, 0.8, 0.4).addTo(wires, 0.15, -0.4, 2);
        assertThat(foot).isEqualTo(new Point(0.15, -0.4, 2));
        // Three by two cells: 3·3 lines along and 4·2 across.
        assertThat(wires).hasSize(17);
        assertThat(wires).anyMatch(w -> w.from().equals(foot) || w.to().equals(foot));
        assertThat(wires.get(0).radiusM()).isCloseTo(0.4 / (2 * Math.PI), within(1e-12));
        assertThat(wires.stream().mapToDouble(Wire::lengthM).sum()).isCloseTo(3 * 1.2 + 4 * 0.8, within(1e-9));
        assertThatThrownBy(() -> new Plate(0, 1, 0.1, 0)).hasMessageContaining("above 0");
    }
}
