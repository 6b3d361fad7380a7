package dorada.core.cutsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.cutsheet.CutSheet.Uses;
import dorada.core.design.Designs;
import dorada.core.rf.Wavelength;
import dorada.core.wire.Watch;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CutSheetTest {

    private static final CutKind WHIP = Designs.ALL.sheet("quarter-wave-whip").orElseThrow();
    private static final CutKind DIPOLE = Designs.ALL.sheet("dipole").orElseThrow();

    private static CutSheet sheet(CutKind kind, Inputs in, Uses uses) {
        return CutSheet.of(kind, in, Optional.of(kind.solve(in, Watch.NOBODY)), uses);
    }

    @Test
    void theSolversAnswerIsUsedWhereItKnowsMore() {
        CutSheet sheet = sheet(WHIP, Inputs.usual(WHIP, 157e6), Uses.BEST);
        CutSheet.Line line = sheet.lines().get(0);
        assertThat(sheet.uses()).isEqualTo(Uses.SOLVER);
        assertThat(line.used()).isEqualTo(line.solved().orElseThrow());
        assertThat(line.difference().orElseThrow())
                .isCloseTo(line.used() - line.dimension().rule().orElseThrow(), within(1e-12));
        assertThat(sheet.why().id()).isEqualTo("cut.cutSheet.THE_SOLVERS");
    }

    @Test
    void theRuleIsUsedWhereItIsAskedForOrNothingIsSolvedYet() {
        Inputs in = Inputs.usual(WHIP, 157e6);
        CutSheet asked = sheet(WHIP, in, Uses.RULE);
        assertThat(asked.lines().get(0).used())
                .isEqualTo(asked.lines().get(0).dimension().rule().orElseThrow());
        assertThat(asked.why().id()).isEqualTo("cut.cutSheet.THE_RULES");
        CutSheet early = CutSheet.of(WHIP, in, Optional.empty(), Uses.BEST);
        assertThat(early.uses()).isEqualTo(Uses.RULE);
        assertThat(early.why().id()).isEqualTo("cut.cutSheet.THE_RULES_UNTIL");
        assertThat(early.lines().get(0).difference()).isEmpty();
    }

    @Test
    void aMeasuredFactorIsWorthMoreThanAModel() {
        // 2.40 m of this wire came out resonant at 28.5 MHz.
        Inputs in = Inputs.of(
                DIPOLE,
                27.185e6,
                Map.of("measuredLengthM", 2.4, "measuredAtHz", 28.5e6),
                Map.of("factorFrom", "measured"));
        CutSheet sheet = sheet(DIPOLE, in, Uses.BEST);
        assertThat(sheet.uses()).isEqualTo(Uses.RULE);
        assertThat(sheet.why().id()).isEqualTo("cut.cutSheet.THE_RULES_WITH");
        assertThat(sheet.lines().get(0).used()).isCloseTo(2.4 * 28.5 / 27.185, within(1e-9));
        assertThat(sheet.lines().get(0).dimension().source().id()).isEqualTo("cut.shortening.FACTOR_MEASURED");
    }

    @Test
    void aMeasurementThatCanNotBeIsQuestioned() {
        Inputs in = Inputs.of(
                DIPOLE,
                27.185e6,
                Map.of("measuredLengthM", 5.1, "measuredAtHz", 27.2e6),
                Map.of("factorFrom", "measured"));
        assertThatThrownBy(() -> DIPOLE.dimensions(in))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("NO_SENSIBLE_FACTOR {givenFactor=1.8");
    }

    @Test
    void aTypedFactorIsTaken() {
        Inputs in = Inputs.of(DIPOLE, 27.185e6, Map.of("factor", 0.9), Map.of("factorFrom", "typed"));
        assertThat(DIPOLE.dimensions(in).get(0).rule().orElseThrow())
                .isCloseTo(0.9 * Wavelength.ofHz(27.185e6) / 4, within(1e-9));
    }

    @Test
    void whatIsLeftOnCoversTheOtherAnswerToo() {
        // The rule for a wire plane is longer than the solver's length by some per cent.
        CutKind plane = Designs.ALL.sheet("wire-ground-plane").orElseThrow();
        CutSheet sheet = sheet(plane, Inputs.usual(plane, 146e6), Uses.BEST);
        double rule = sheet.lines().get(0).dimension().rule().orElseThrow();
        Piece element = sheet.pieces().get(0);
        assertThat(element.finishedM() + element.trimM()).isGreaterThanOrEqualTo(rule - 1e-9);
        assertThat(element.cutM()).isEqualTo(element.finishedM() + element.trimM() + element.extraM());
    }

    @Test
    void moreIsLeftOnWhereOnlyARuleSpeaks() {
        Inputs in = Inputs.usual(WHIP, 157e6);
        double byRule = CutSheet.of(WHIP, in, Optional.empty(), Uses.BEST)
                .pieces()
                .get(0)
                .trimM();
        double solved = sheet(WHIP, in, Uses.BEST).pieces().get(0).trimM();
        assertThat(byRule).isGreaterThan(1.3 * solved);
    }

    @Test
    void aTelescopeIsDrawnOutAndNotCut() {
        Inputs in = Inputs.of(WHIP, 157e6, Map.of(), Map.of("held", "telescope"));
        Piece whip = CutSheet.of(WHIP, in, Optional.empty(), Uses.BEST).pieces().get(0);
        assertThat(whip.trimM()).isZero();
        assertThat(whip.extraM()).isZero();
        assertThat(WHIP.procedure(in, Shape.start(WHIP.dimensions(in))).steps()).noneMatch(s -> s.id().equals("trim"));
    }

    @Test
    void whatWasReallyCutIsWhereTuningBegins() {
        Inputs in = Inputs.of(WHIP, 157e6, Map.of("baseM", 0.02, "depthM", 0.015), Map.of());
        CutSheet sheet = CutSheet.of(WHIP, in, Optional.empty(), Uses.BEST);
        Piece whip = sheet.pieces().get(0);
        // As the sheet says: the whole tuned length and what is left on.
        assertThat(sheet.startM(whip, whip.cutM()).orElseThrow())
                .isCloseTo(sheet.shape().get("whip") + whip.trimM(), within(1e-12));
        assertThat(sheet.startM(whip, whip.cutM() - 0.004).orElseThrow())
                .isCloseTo(sheet.shape().get("whip") + whip.trimM() - 0.004, within(1e-12));
    }

    @Test
    void armsCountSinglyAndOtherPiecesNotAtAll() {
        CutSheet dipole = CutSheet.of(DIPOLE, Inputs.usual(DIPOLE, 27.185e6), Optional.empty(), Uses.BEST);
        Piece arm = dipole.pieces().get(0);
        assertThat(dipole.startM(arm, 2.8).orElseThrow()).isCloseTo(2.8 - arm.extraM(), within(1e-12));
        CutKind plane = Designs.ALL.sheet("rod-ground-plane").orElseThrow();
        CutSheet sheet = CutSheet.of(plane, Inputs.usual(plane, 146e6), Optional.empty(), Uses.BEST);
        assertThat(sheet.startM(sheet.pieces().get(1), 0.5)).isEmpty();
    }

    @Test
    void contradictionsAreRefusedAtTheFieldThatMakesThem() {
        assertRefused("tube-j-pole", 146e6, Map.of("diameterM", 0.03, "apartM", 0.045), Map.of(), "apartM", "TOO_NEAR");
        assertRefused("coax-choke", 27e6, Map.of("acrossM", 0.05), Map.of("line", "rg-213"), "acrossM", "TOO_TIGHT");
        assertRefused("beam", 446e6, Map.of("boomM", 0.1), Map.of("elements", "6"), "boomM", "BOOM_TOO_SHORT");
        assertRefused("beam", 446e6, Map.of("boomM", 0.3, "holesM", 0.16), Map.of(), "holesM", "SO_FEW_HOLES");
        assertRefused(
                "ribbon-j-pole",
                146e6,
                Map.of("tubeM", 0.012),
                Map.of("of", "450", "where", "tube"),
                "tubeM",
                "TUBE_TOO_NARROW");
        assertRefused("ribbon-j-pole", 300e6, Map.of(), Map.of("bands", "two"), Inputs.FREQUENCY, "FOR_TWO_BANDS");
        assertRefused(
                "ribbon-j-pole",
                146e6,
                Map.of("foilM", 0.02, "apartM", 0.02),
                Map.of("of", "foil"),
                "apartM",
                "THE_STRIPS_MUST_LIE");
    }

    private static void assertRefused(
            String id, double hz, Map<String, Double> numbers, Map<String, String> choices, String field, String why) {
        assertThatThrownBy(() -> Inputs.of(Designs.ALL.sheet(id).orElseThrow(), hz, numbers, choices))
                .isInstanceOf(InputException.class)
                .hasMessageContaining(why)
                .satisfies(e -> assertThat(((InputException) e).field()).isEqualTo(field));
    }

    @Test
    void numbersThatAreNotAskedForAreNotHeldAgainstTheirRange() {
        // A screw's depth means nothing for a telescope.
        Inputs in = Inputs.of(WHIP, 157e6, Map.of("depthM", 9.0), Map.of("held", "telescope"));
        assertThat(in.get("depthM")).isEqualTo(0.015);
    }

    @Test
    void aShapeThatIsTriedMovesItsCurve() {
        Inputs in = Inputs.usual(WHIP, 157e6);
        Shape solved = WHIP.solve(in, Watch.NOBODY).shape();
        WhatIf as = WhatIf.of(WHIP, in, solved, 157e6, Watch.NOBODY);
        WhatIf longer = WhatIf.of(WHIP, in, solved.with("whip", 1.03 * solved.get("whip")), 157e6, Watch.NOBODY);
        assertThat(as.atConnector().reactanceOhm()).isCloseTo(0, within(0.5));
        assertThat(longer.dipHz().orElseThrow()).isLessThan(as.dipHz().orElseThrow() - 3e6);
        assertThat(longer.swr()).isGreaterThan(as.swr());
    }

    @Test
    void aRowIsTunedAgainForEachValue() {
        CutKind plane = Designs.ALL.sheet("rod-ground-plane").orElseThrow();
        Inputs in = Inputs.usual(plane, 146e6);
        var row = WhatIf.row(plane, in, "droopDeg", new double[] {0, 30, 60}, Watch.NOBODY);
        assertThat(row).hasSize(3).allSatisfy(e -> assertThat(e.seen()).isPresent());
        assertThat(row)
                .extracting(e -> e.seen().orElseThrow().atConnector().resistanceOhm())
                .isSorted();
        assertThat(row)
                .allSatisfy(e -> assertThat(e.seen().orElseThrow().atConnector().reactanceOhm())
                        .isCloseTo(0, within(2.5)));
    }

    @Test
    void whereNothingRadiatesThereIsNoCurve() {
        CutKind stub = Designs.ALL.sheet("coax-stub").orElseThrow();
        Inputs in = Inputs.usual(stub, 146e6);
        Shape shape = Shape.start(stub.dimensions(in));
        assertThatThrownBy(() -> WhatIf.of(stub, in, shape, 146e6, Watch.NOBODY))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("NO_WIRES");
        assertThat(CutSheet.of(stub, in, Optional.empty(), Uses.BEST).why())
                .isEqualTo(CutWord.THE_FORMULA_DECIDES.of());
    }
}
