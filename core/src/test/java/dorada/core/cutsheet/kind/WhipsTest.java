package dorada.core.cutsheet.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.antenna.Assembly;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.CutSheet;
import dorada.core.cutsheet.CutSheet.Uses;
import dorada.core.cutsheet.InputException;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.SheetSolver;
import dorada.core.cutsheet.Solved;
import dorada.core.cutsheet.Step;
import dorada.core.cutsheet.WhatIf;
import dorada.core.design.QuarterWaveDesign;
import dorada.core.design.ThreeQuarterWaveDesign;
import dorada.core.rf.Reflection;
import dorada.core.safety.Caution;
import dorada.core.wire.Watch;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Whips, planes and wires: what the sheet says beyond the numbers. */
class WhipsTest {

    private static final Map<String, String> NOTHING = Map.of();

    private static Shape start(CutKind kind, Inputs in) {
        return Shape.start(kind.dimensions(in));
    }

    private static List<Step> steps(CutKind kind, Inputs in) {
        return kind.procedure(in, start(kind, in)).steps();
    }

    @Test
    void theBaseIsPartOfTheQuarterWaveAndTheDepthIsNot() {
        CutKind whip = new QuarterWaveWhip(1);
        Inputs in = Inputs.of(whip, 157e6, Map.of("baseM", 0.03, "depthM", 0.02), NOTHING);
        Shape shape = start(whip, in);
        Piece piece = whip.pieces(in, shape).get(0);
        assertThat(piece.finishedM()).isCloseTo(shape.get("whip") - 0.03, within(1e-12));
        assertThat(piece.extraM()).isEqualTo(0.02);
    }

    /** Half a wavelength more than a quarter-wave, and 50 Ω instead of 36; common practice, no source. */
    @Test
    void threeQuarterWavesResonateAtThreeTimesTheFrequencyOrSo() {
        CutKind kind = new QuarterWaveWhip(3);
        Solved solved = kind.solve(Inputs.usual(kind, 457e6), Watch.NOBODY);
        assertThat(solved.shape().get("whip"))
                .isCloseTo(ThreeQuarterWaveDesign.KIND.usualLengthM(457e6), within(0.008));
        assertThat(solved.atFeed().resistanceOhm()).isBetween(45.0, 60.0);
        assertThat(ThreeQuarterWaveDesign.KIND.usualLengthM(3 * 152e6))
                .isCloseTo(QuarterWaveDesign.KIND.usualLengthM(152e6), within(0.03));
    }

    @Test
    void vehiclesAreDrilledWithTheirCaution() {
        CutKind whip = new QuarterWaveWhip(1);
        assertThat(steps(whip, Inputs.usual(whip, 157e6)))
                .filteredOn(s -> s.id().equals("mount"))
                .singleElement()
                .satisfies(s -> assertThat(s.cautions()).startsWith(Caution.DRILLING));
    }

    @Test
    void whatGoesUpAMastIsWarnedOfPowerLines() {
        for (CutKind kind : List.of(new GroundPlaneOnRadials(true), new TubeJPoleSheet(), new ParallelBeam())) {
            Inputs in = Inputs.usual(kind, 146e6);
            assertThat(steps(kind, in))
                    .anySatisfy(s -> assertThat(s.cautions()).contains(Caution.POWER_LINES_ANY_HEIGHT));
        }
    }

    /** A rod cannot be bent about nothing: the hook of a thick one takes more, and none of it is the radial's length. */
    @Test
    void aThickRodsHookTakesMoreOfIt() {
        CutKind kind = new GroundPlaneOnRadials(true);
        double before = 0;
        for (double diameterM : new double[] {0.002, 0.003, 0.005}) {
            Inputs in = Inputs.of(kind, 146e6, Map.of("diameterM", diameterM), NOTHING);
            Piece radial = kind.pieces(in, start(kind, in)).get(1);
            assertThat(radial.finishedM()).isEqualTo(start(kind, in).get("radial"));
            assertThat(radial.extraM()).isGreaterThan(before + diameterM).isGreaterThan(3.5 * diameterM);
            before = radial.extraM() - diameterM;
        }
    }

    @Test
    void anAircraftIsLeftToLicensedStaff() {
        CutKind kind = new AirbandQuarterWave();
        assertThat(steps(kind, Inputs.usual(kind, 127e6)))
                .anySatisfy(s -> assertThat(s.cautions()).contains(Caution.AIRWORTHINESS));
    }

    @Test
    void aTappedCoilMakesFiftyOhmOfAFiveEighths() {
        CutKind kind = new FiveEighthsWhip();
        Inputs in = Inputs.usual(kind, 157e6);
        Solved solved = kind.solve(in, Watch.NOBODY);
        assertThat(solved.atConnector().resistanceOhm()).isCloseTo(50, within(0.5));
        assertThat(solved.atFeed().resistanceOhm()).isBetween(60.0, 150.0);
        // What tunes it is in the sheet: turns, and the whip that was left long.
        assertThat(kind.pieces(in, solved.shape()))
                .extracting(p -> p.name().id())
                .contains("cut.coil.WIRE_OF_THE_COIL");
        assertThat(kind.procedure(in, solved.shape()).steps())
                .anySatisfy(s -> assertThat(s.text().params())
                        .containsEntry(
                                "winding", Coil.winding(in, solved.shape().get("coil"))));
    }

    @Test
    void aBareBaseShowsWhatAShortWhipReallyHas() {
        CutKind kind = new LoadedCbWhip();
        Inputs bare = Inputs.of(kind, 27.185e6, Map.of(), Map.of("match", "bare"));
        Inputs matched = Inputs.usual(kind, 27.185e6);
        Solved one = kind.solve(bare, Watch.NOBODY);
        Solved other = kind.solve(matched, Watch.NOBODY);
        assertThat(one.shape().get("coil")).isCloseTo(other.shape().get("coil"), within(1e-9));
        assertThat(one.atConnector().resistanceOhm()).isLessThan(25);
        assertThat(other.atConnector().resistanceOhm()).isCloseTo(50, within(0.5));
        assertThat(kind.notes(bare, one.shape()).get(0).id()).endsWith("THE_SHORTER_THE_WHIP");
    }

    @Test
    void aCoilHalfWayUpIsLargerAndItsResistanceHigher() {
        CutKind kind = new LoadedCbWhip();
        Map<String, String> bare = Map.of("match", "bare");
        Solved base = kind.solve(Inputs.of(kind, 27.185e6, Map.of(), bare), Watch.NOBODY);
        Solved middle = kind.solve(
                Inputs.of(kind, 27.185e6, Map.of(), Map.of("match", "bare", "place", "middle")), Watch.NOBODY);
        assertThat(middle.shape().get("coil")).isGreaterThan(1.4 * base.shape().get("coil"));
        assertThat(middle.atFeed().resistanceOhm())
                .isGreaterThan(1.3 * base.atFeed().resistanceOhm());
    }

    @Test
    void tooLargeACoilIsRefusedWithItsReason() {
        CutKind kind = new LoadedCbWhip();
        Inputs in = Inputs.of(kind, 89e6, Map.of("coilH", 20e-6), Map.of("have", "given"));
        assertThatThrownBy(() -> kind.dimensions(in))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("WITH_SO_LARGE_A_COIL");
    }

    @Test
    void radialsAreCountedAndAllAlike() {
        CutKind kind = new GroundPlaneOnRadials(false);
        for (String n : List.of("2", "3", "4")) {
            Inputs in = Inputs.of(kind, 146e6, Map.of(), Map.of("radials", n));
            Shape shape = start(kind, in);
            assertThat(kind.pieces(in, shape).get(1).count()).isEqualTo(Integer.parseInt(n));
            Assembly a = kind.assembly(in, shape).orElseThrow();
            assertThat(a.structure().wires()).hasSize(1 + Integer.parseInt(n));
            assertThat(a.structure().wires().subList(1, a.structure().wires().size()))
                    .allSatisfy(w -> assertThat(w.lengthM()).isCloseTo(shape.get("radial"), within(1e-9)));
        }
    }

    @Test
    void insulationMakesAWireShorter() {
        CutKind kind = new HalfWaveDipole();
        double bare = kind.solve(Inputs.of(kind, 146e6, Map.of("insulationM", 0.0), NOTHING), Watch.NOBODY)
                .shape()
                .get("arm");
        double thick = kind.solve(Inputs.of(kind, 146e6, Map.of("insulationM", 0.001), NOTHING), Watch.NOBODY)
                .shape()
                .get("arm");
        assertThat(thick).isLessThan(0.99 * bare);
    }

    @Test
    void aDipoleRoundACornerHasLessResistance() {
        CutKind kind = new HalfWaveDipole();
        double straight = ohm(kind, Map.of(), Map.of());
        double corner = ohm(kind, Map.of("angleDeg", 90.0), Map.of("bend", "corner"));
        double sharp = ohm(kind, Map.of("angleDeg", 60.0), Map.of("bend", "corner"));
        assertThat(straight).isGreaterThan(corner + 10);
        assertThat(corner).isGreaterThan(sharp);
    }

    private static double ohm(CutKind kind, Map<String, Double> numbers, Map<String, String> choices) {
        return kind.solve(Inputs.of(kind, 146e6, numbers, choices), Watch.NOBODY)
                .atFeed()
                .resistanceOhm();
    }

    @Test
    void hangingEndsAreWithinTheArm() {
        CutKind kind = new HalfWaveDipole();
        Inputs in = Inputs.of(kind, 27.185e6, Map.of("hangM", 0.8), Map.of("bend", "ends"));
        Shape shape = start(kind, in);
        double wires = kind.assembly(in, shape).orElseThrow().structure().wires().stream()
                .mapToDouble(w -> w.lengthM())
                .sum();
        assertThat(wires).isCloseTo(2 * shape.get("arm"), within(1e-9));
        assertThat(kind.pieces(in, shape).get(0).finishedM()).isEqualTo(shape.get("arm"));
    }

    @Test
    void lowOverGroundADipoleHasAnotherResistanceThanInTheClear() {
        CutKind kind = new HalfWaveDipole();
        double low = kind.solve(Inputs.of(kind, 27.185e6, Map.of("heightM", 2.0), NOTHING), Watch.NOBODY)
                .atFeed()
                .resistanceOhm();
        double high = kind.solve(Inputs.of(kind, 27.185e6, Map.of("heightM", 5.5), NOTHING), Watch.NOBODY)
                .atFeed()
                .resistanceOhm();
        assertThat(low).isLessThan(0.9 * high);
    }

    @Test
    void aLoopsCornersAddUpToItsWire() {
        CutKind kind = new FullWaveLoop();
        Inputs in = Inputs.of(kind, 146e6, Map.of("widthM", 0.7), NOTHING);
        Shape shape = start(kind, in);
        double around = kind.assembly(in, shape).orElseThrow().structure().wires().stream()
                .mapToDouble(w -> w.lengthM())
                .sum();
        assertThat(around).isCloseTo(shape.get("around"), within(1e-9));
        assertThat(kind.procedure(in, shape).steps())
                .filteredOn(s -> s.id().equals("corners"))
                .singleElement()
                .satisfies(s -> assertThat(s.text().params()).containsEntry("firstSizeM", 0.35));
    }

    @Test
    void aFlatterLoopHasMoreResistanceThanASquareOne() {
        CutKind kind = new FullWaveLoop();
        double square =
                kind.solve(Inputs.usual(kind, 146e6), Watch.NOBODY).atFeed().resistanceOhm();
        double tall = kind.solve(Inputs.of(kind, 146e6, Map.of("widthM", 0.3), NOTHING), Watch.NOBODY)
                .atFeed()
                .resistanceOhm();
        assertThat(tall).isLessThan(square - 20);
    }

    @Test
    void aFoldIsMatchedByItsCoilAndLowWithoutIt() {
        CutKind kind = new FoldedTopVertical();
        Solved coil = kind.solve(Inputs.usual(kind, 27.185e6), Watch.NOBODY);
        Solved bare = kind.solve(Inputs.of(kind, 27.185e6, Map.of(), Map.of("match", "bare")), Watch.NOBODY);
        assertThat(Reflection.of(coil.atConnector(), 50).swr()).isLessThan(1.1);
        assertThat(bare.atFeed().resistanceOhm()).isLessThan(40);
        // A coil across asks for some capacitive reactance: a shorter fold.
        assertThat(coil.shape().get("fold")).isLessThan(bare.shape().get("fold"));
    }

    @Test
    void withoutACounterpoiseTheRuleDecidesAndSaysWhy() {
        CutKind kind = new HandheldRodSheet();
        Inputs in = Inputs.of(kind, 446e6, Map.of(), Map.of("with", "none"));
        CutSheet sheet = CutSheet.of(kind, in, Optional.empty(), Uses.SOLVER);
        assertThat(sheet.uses()).isEqualTo(Uses.RULE);
        assertThat(sheet.why().id()).endsWith("THE_RULE_DECIDES");
        assertThat(kind.notes(in, sheet.shape())).anyMatch(n -> n.id().endsWith("SOME_SERVICES_ALLOW_NO_ANTENNA_BUT"));
        assertThat(steps(kind, in)).anySatisfy(s -> assertThat(s.cautions()).contains(Caution.HELD_AT_THE_BODY));
    }

    @Test
    void aMatchIsLostWhereTheTapIsMoved() {
        CutKind kind = new TubeJPoleSheet();
        Inputs in = Inputs.usual(kind, 146.5e6);
        Shape shape = kind.solve(in, Watch.NOBODY).shape();
        double there =
                Reflection.of(SheetSolver.at(kind, in, shape).atConnector(), 50).swr();
        double moved = Reflection.of(
                        SheetSolver.at(kind, in, shape.with("tap", 1.5 * shape.get("tap")))
                                .atConnector(),
                        50)
                .swr();
        assertThat(there).isLessThan(1.05);
        assertThat(moved).isGreaterThan(1.5);
    }

    @Test
    void slowerRibbonHasAShorterStub() {
        CutKind kind = new RibbonJPoleSheet();
        Inputs slow = Inputs.of(kind, 146e6, Map.of("factor", 0.75), Map.of("factorFrom", "typed"));
        Inputs fast = Inputs.of(kind, 146e6, Map.of("factor", 0.9), Map.of("factorFrom", "typed"));
        double ratio = kind.solve(slow, Watch.NOBODY).shape().get("stub")
                / kind.solve(fast, Watch.NOBODY).shape().get("stub");
        assertThat(ratio).isCloseTo(0.75 / 0.9, within(1e-9));
        // And the model is slowed as much: both are matched at the same frequency.
        for (Inputs in : List.of(slow, fast)) {
            Shape shape = kind.solve(in, Watch.NOBODY).shape();
            assertThat(WhatIf.of(kind, in, shape, 146e6, Watch.NOBODY).dipHz().orElseThrow())
                    .isCloseTo(146e6, within(0.3e6));
        }
    }

    @Test
    void aRibbonInTheOpenIsRolledUpAndOneInATubeIsTunedInside() {
        CutKind kind = new RibbonJPoleSheet();
        assertThat(steps(kind, Inputs.usual(kind, 146e6))).anyMatch(s -> s.id().equals("roll"));
        Inputs tube = Inputs.of(kind, 146e6, Map.of(), Map.of("where", "tube"));
        assertThat(steps(kind, tube)).noneMatch(s -> s.id().equals("roll")).anyMatch(s -> s.id().equals("tube"));
    }

    @Test
    void twoBandsAreTunedInStagesTheUpperFirst() {
        CutKind kind = new RibbonJPoleSheet();
        Inputs in = Inputs.of(kind, 146e6, Map.of(), Map.of("bands", "two"));
        List<String> ids = steps(kind, in).stream().map(Step::id).toList();
        assertThat(ids.indexOf("upper")).isPositive().isLessThan(ids.indexOf("lower"));
        assertThat(kind.bandsHz(in)).hasSize(2);
    }

    @Test
    void aMeshIsMadeOfAsManyWiresAsItsOpeningsNeed() {
        CutKind kind = new AirbandQuarterWave();
        Inputs in = Inputs.of(kind, 127e6, Map.of(), Map.of("ground", "mesh"));
        Shape shape = start(kind, in);
        Piece wires = kind.pieces(in, shape).get(1);
        double opening = 2 * shape.get("radial") / (wires.count() / 2.0 - 1);
        assertThat(opening).isLessThan(0.15 * in.waveM());
        assertThat(wires.finishedM()).isCloseTo(2 * shape.get("radial"), within(1e-12));
    }

    @Test
    void aLineIsNotBentTighterThanItBears() {
        CutKind kind = new CoaxChoke();
        assertThatThrownBy(() -> Inputs.of(kind, 27e6, Map.of("acrossM", 0.06), Map.of("line", "foam-10")))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("TOO_TIGHT");
        Inputs in = Inputs.of(kind, 27e6, Map.of("acrossM", 0.06), Map.of("line", "rg-174"));
        assertThat(in.get("acrossM")).isEqualTo(0.06);
    }
}
