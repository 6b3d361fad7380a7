package dorada.core.cutsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.cutsheet.CutSheet.Uses;
import dorada.core.design.Designs;
import dorada.core.line.Feedline;
import dorada.core.rf.Wavelength;
import dorada.core.wire.Watch;
import java.util.Map;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** One outside number for every kind, and what the trade says. */
class HandbookTest {

    private static CutKind kind(String id) {
        return Designs.ALL.sheet(id).orElseThrow();
    }

    private static double rule(
            String kind, double hz, Map<String, Double> numbers, Map<String, String> choices, String id) {
        return kind(kind).dimensions(Inputs.of(kind(kind), hz, numbers, choices)).stream()
                .filter(d -> d.id().equals(id))
                .findFirst()
                .orElseThrow()
                .rule()
                .orElseThrow();
    }

    private static double rule(String kind, double hz, String id) {
        return rule(kind, hz, Map.of(), Map.of(), id);
    }

    private static double solved(
            String kind, double hz, Map<String, Double> numbers, Map<String, String> choices, String id) {
        CutKind k = kind(kind);
        return k.solve(Inputs.of(k, hz, numbers, choices), Watch.NOBODY).shape().get(id);
    }

    private static Offset<Double> mm(double millimetres) {
        return within(millimetres / 1000);
    }

    /** Common practice, no source: 146.52 MHz → 19.16 in. */
    @Test
    void quarterWaveOf234() {
        assertThat(rule("quarter-wave-whip", 146.52e6, "whip") / 0.0254).isCloseTo(19.16, within(0.01));
        assertThat(rule("rod-ground-plane", 146.52e6, "element") / 0.0254).isCloseTo(19.16, within(0.01));
        assertThat(rule("handheld-rod", 146.52e6, "rod") / 0.0254).isCloseTo(19.16, within(0.01));
        assertThat(rule("airband-quarter-wave", 127e6, "element") / 0.0254).isCloseTo(22.11, within(0.01));
    }

    /** Common practice, no source: insulated wire for 27.35 MHz → 2.55 m. */
    @Test
    void insulatedWireOf93Percent() {
        assertThat(rule("dipole", 27.35e6, "arm")).isCloseTo(2.55, within(0.005));
        assertThat(rule("wire-ground-plane", 27.35e6, "element")).isCloseTo(2.55, within(0.005));
        assertThat(rule("end-fed-half-wave", 27.35e6, "wire")).isCloseTo(5.1, within(0.01));
    }

    /** Common practice, no source: 146.5 MHz → 49.1 cm and 147.4 cm. */
    @Test
    void copperTubeJPole() {
        assertThat(rule("tube-j-pole", 146.5e6, "stub")).isCloseTo(0.491, mm(1));
        assertThat(rule("tube-j-pole", 146.5e6, "whole")).isCloseTo(1.474, mm(1));
    }

    /** Common practice, no source: 3 to 7 mm on 2 m, for booms that people use. */
    @Test
    void metalBoomMakesElementsLonger() {
        CutKind beam = kind("beam");
        for (double boom = 0.017; boom <= 0.025; boom += 0.004) {
            Map<String, String> through = Map.of("boom", "through");
            Inputs metal = Inputs.of(beam, 146e6, Map.of("thickM", boom), through);
            Inputs wood = Inputs.usual(beam, 146e6);
            double more = beam.pieces(metal, Shape.start(beam.dimensions(metal)))
                            .get(0)
                            .finishedM()
                    - beam.pieces(wood, Shape.start(beam.dimensions(wood)))
                            .get(0)
                            .finishedM();
            assertThat(more).isBetween(0.003, 0.007);
        }
    }

    /**
     * Worked example: 50.1 MHz, elements of 2.54 cm, five elements over 0.8 λ: reflector 0.485 λ, directors 0.442, 0.438 and
     * 0.442 λ before the boom's correction. C. A. Balanis, Antenna Theory, example 10.6 (after NBS Technical Note 688); from
     * memory.
     */
    @Test
    void fiveElementsOfTheNationalBureau() {
        Map<String, Double> thick = Map.of("diameterM", 0.0254);
        Map<String, String> five = Map.of("elements", "5");
        double wave = Wavelength.ofHz(50.1e6);
        assertThat(rule("beam", 50.1e6, thick, five, "reflector") / wave).isCloseTo(0.485, within(0.001));
        assertThat(rule("beam", 50.1e6, thick, five, "director1") / wave).isCloseTo(0.442, within(0.003));
        assertThat(rule("beam", 50.1e6, thick, five, "director2") / wave).isCloseTo(0.438, within(0.003));
        assertThat(rule("beam", 50.1e6, thick, five, "director3") / wave).isCloseTo(0.442, within(0.003));
        assertThat(rule("beam", 50.1e6, thick, five, "spacing1") / wave).isCloseTo(0.2, within(1e-9));
    }

    /** P. P. Viezbicke, NBS Technical Note 688 (1976), table 1: 7.1, 9.2 and 10.2 dB over a dipole; from memory. */
    @Test
    void gainOfTheTables() {
        assertThat(gainOverDipole("3", "hairpin")).isCloseTo(7.1, within(0.5));
        assertThat(gainOverDipole("5", "hairpin")).isCloseTo(9.2, within(0.6));
        assertThat(gainOverDipole("6", "hairpin")).isCloseTo(10.2, within(0.6));
    }

    /** No table: four elements must lie between three and five, and 50 Ω without a matching part costs less than 1 dB. */
    @Test
    void whatTheTablesDoNotHaveIsLookedFor() {
        assertThat(gainOverDipole("4", "hairpin"))
                .isBetween(gainOverDipole("3", "hairpin"), gainOverDipole("5", "hairpin"));
        assertThat(gainOverDipole("3", "direct")).isGreaterThan(gainOverDipole("3", "hairpin") - 1);
        assertThat(gainOverDipole("2", "hairpin")).isBetween(4.0, 5.5);
    }

    private static double gainOverDipole(String elements, String drive) {
        CutKind beam = kind("beam");
        // As thick as the tables are made for.
        double thick = 0.0085 * Wavelength.ofHz(400e6);
        Inputs in = Inputs.of(beam, 400e6, Map.of("diameterM", thick), Map.of("elements", elements, "drive", drive));
        return (double) beam.solve(in, Watch.NOBODY).notes().get(0).params().get("overDipoleFineDb");
    }

    /** Velocity factor × c/4f: formula. RG-58 (0.66) at 146 MHz → 33.9 cm. */
    @Test
    void coaxialStub() {
        assertThat(rule("coax-stub", 146e6, "length")).isCloseTo(0.66 * 299_792_458 / (4 * 146e6), mm(0.001));
        assertThat(rule("coax-stub", 146e6, Map.of(), Map.of("line", "foam-10"), "length"))
                .isCloseTo(0.85 * 299_792_458 / (4 * 146e6), mm(0.001));
    }

    @Test
    void anOpenStubShortsAndAShortedOneDoesNothing() {
        CutKind stub = kind("coax-stub");
        Inputs open = Inputs.of(stub, 146e6, Map.of(), Map.of("end", "open"));
        Inputs shorted = Inputs.usual(stub, 146e6);
        Shape shape = Shape.start(stub.dimensions(open));
        assertThat(stub.notes(open, shape).get(0).id()).endsWith("ALL_BUT_A_SHORT");
        assertThat(stub.notes(shorted, shape).get(0).id()).endsWith("NEXT_TO_NOTHING");
    }

    /** King and Hallén, shortening of a resonant half-wave against length/diameter: 50 → 0.475, 5000 → 0.49; from memory. */
    @Test
    void solvedDipolesAreAsShortAsTheHandbookSays() {
        double wave = Wavelength.ofHz(146e6);
        Map<String, String> tube = Map.of("of", "tube", "metal", "copper");
        double thin = 2 * solved("dipole", 146e6, Map.of("diameterM", wave / 10_000), tube, "arm") / wave;
        double thick = 2 * solved("dipole", 146e6, Map.of("diameterM", wave / 104), tube, "arm") / wave;
        assertThat(thin).isCloseTo(0.49, within(0.008));
        assertThat(thick).isCloseTo(0.475, within(0.009)).isLessThan(thin);
    }

    /** Folding the top: about three times what is missing. Common practice, crude, no source; it depends on the spacing. */
    @Test
    void theFoldIsLessThanTheTradeSaysAndGoesWithItsDistance() {
        String kind = "folded-top-vertical";
        double missing = 234 * 0.3048 / 27.185 - 2.1;
        assertThat(rule(kind, 27.185e6, Map.of("uprightM", 2.1), Map.of(), "fold"))
                .isCloseTo(3 * missing, mm(1));
        double close = solved(kind, 27.185e6, Map.of("uprightM", 2.1, "apartM", 0.05), Map.of(), "fold");
        double far = solved(kind, 27.185e6, Map.of("uprightM", 2.1, "apartM", 0.4), Map.of(), "fold");
        assertThat(close).isBetween(missing, 3 * missing).isGreaterThan(1.5 * far);
    }

    /** Balanis, section 8.6 (short dipole), from memory: the coil of a short whip is what its reactance asks for. */
    @Test
    void coilOfAShortWhip() {
        double henry = rule("loaded-cb-whip", 27.185e6, Map.of("lengthM", 1.2), Map.of(), "coil");
        double kh = 2 * Math.PI * 1.2 / Wavelength.ofHz(27.185e6);
        double ohm = 60 * (Math.log(1.2 / 0.0015) - 1) / Math.tan(kh);
        assertThat(2 * Math.PI * 27.185e6 * henry).isCloseTo(ohm, within(0.01));
        assertThat(solved("loaded-cb-whip", 27.185e6, Map.of("lengthM", 1.2), Map.of(), "coil"))
                .isCloseTo(henry, within(0.12 * henry));
    }

    @Test
    void aCoilThatIsThereGivesTheWhipBack() {
        double henry = rule("loaded-cb-whip", 27.185e6, Map.of("lengthM", 1.2), Map.of(), "coil");
        assertThat(rule("loaded-cb-whip", 27.185e6, Map.of("coilH", henry), Map.of("have", "given"), "whip"))
                .isCloseTo(1.2, mm(0.1));
    }

    /** 5/8-wave: five times an eighth by 234/f. Common practice, no source. */
    @Test
    void fiveEighths() {
        assertThat(rule("five-eighths-whip", 146.52e6, "whip") / 0.0254).isCloseTo(2.5 * 19.16, within(0.02));
    }

    /** 1005/f in feet: common practice, no source. */
    @Test
    void loop() {
        assertThat(rule("full-wave-loop", 146e6, "around") / 0.3048).isCloseTo(6.884, within(0.001));
    }

    /** 100 to 200 Ω, hence a 4:1: common practice, no source. */
    @Test
    void aSquareLoopShowsWhatTheTradeSays() {
        CutKind loop = kind("full-wave-loop");
        assertThat(loop.solve(Inputs.usual(loop, 146e6), Watch.NOBODY).atFeed().resistanceOhm())
                .isBetween(100.0, 200.0);
    }

    /** Drooping 45° brings about 50 Ω, flat some 20 to 25: common practice, no source. */
    @Test
    void droopLiftsTheResistance() {
        CutKind plane = kind("rod-ground-plane");
        double steep = resistance(plane, 45);
        double flat = resistance(plane, 0);
        assertThat(steep).isBetween(45.0, 58.0);
        assertThat(flat).isBetween(20.0, 27.0);
    }

    private static double resistance(CutKind kind, double droopDeg) {
        Inputs in = Inputs.of(kind, 146e6, Map.of("droopDeg", droopDeg), Map.of());
        return kind.solve(in, Watch.NOBODY).atFeed().resistanceOhm();
    }

    /** About 36 Ω over an infinite plane: textbooks, from memory. */
    @Test
    void aWhipOnARoof() {
        CutKind whip = kind("quarter-wave-whip");
        assertThat(whip.solve(Inputs.usual(whip, 146e6), Watch.NOBODY).atFeed().resistanceOhm())
                .isCloseTo(36.5, within(1.0));
    }

    /** 9:1 to 64:1 for end-fed wires: common practice, no source. */
    @Test
    void anEndFedWireAsksForAUsualTransformer() {
        CutKind wire = kind("end-fed-half-wave");
        assertThat(wire.solve(Inputs.usual(wire, 27.185e6), Watch.NOBODY)
                        .notes()
                        .get(0)
                        .params()
                        .get("ratioCount"))
                .isIn(36, 49, 64);
    }

    /** Five to six turns of 10 cm help at CB and are doubtful at 2 m: common practice, no source. */
    @Test
    void chokes() {
        CutKind choke = kind("coax-choke");
        for (double turns : new double[] {5, 6}) {
            assertThat(note(choke, 27.185e6, turns)).endsWith("ENOUGH");
            assertThat(note(choke, 146e6, turns)).endsWith("CAPACITOR");
        }
        assertThat(note(choke, 3.6e6, 6)).endsWith("TOO_LITTLE");
    }

    private static String note(CutKind choke, double hz, double turns) {
        Inputs in = Inputs.of(choke, hz, Map.of("turns", turns), Map.of());
        return choke.notes(in, Shape.start(choke.dimensions(in))).get(0).id();
    }

    /** The winding is as long as its turns are round: formula. */
    @Test
    void lineOfAChoke() {
        double thick = Feedline.byId("rg-58").orElseThrow().diameterM();
        assertThat(rule("coax-choke", 27e6, "line")).isCloseTo(6 * Math.hypot(Math.PI * 0.1, thick), within(1e-9));
    }

    /** Ribbon: an inch and a quarter for the tap on 2 m, common practice; the stub by its velocity factor, formula. */
    @Test
    void ribbon() {
        assertThat(rule("ribbon-j-pole", 146e6, "tap") / 0.0254).isCloseTo(1.25, within(0.001));
        assertThat(rule("ribbon-j-pole", 146e6, Map.of(), Map.of("of", "450"), "stub"))
                .isCloseTo(0.91 * Wavelength.ofHz(146e6) / 4, mm(0.1));
    }

    @Test
    void aPlasticTubeMakesTheRibbonShorter() {
        double open = solved("ribbon-j-pole", 146e6, Map.of(), Map.of("of", "foil"), "radiator");
        double tube = solved(
                "ribbon-j-pole",
                146e6,
                Map.of("tubeM", 0.03, "wallM", 0.003),
                Map.of("of", "foil", "where", "tube"),
                "radiator");
        assertThat(tube).isLessThan(open - 0.002);
    }

    @Test
    void twoBandsAreServedByOneRibbon() {
        CutKind ribbon = kind("ribbon-j-pole");
        Inputs in = Inputs.of(ribbon, 146e6, Map.of(), Map.of("bands", "two"));
        Solved s = ribbon.solve(in, Watch.NOBODY);
        for (double hz : ribbon.bandsHz(in)) {
            assertThat(WhatIf.of(ribbon, in, s.shape(), hz, Watch.NOBODY).swr()).isLessThan(2.1);
        }
    }

    /** Airband: 1.6, 25 and 76 mm elements over 45° radials get wider in that order (common practice, order and trend only). */
    @Test
    void thickerIsWider() {
        CutKind plane = kind("rod-ground-plane");
        double thin = width(plane, 0.0016);
        double thick = width(plane, 0.025);
        assertThat(thin).isGreaterThan(8e6);
        assertThat(thick).isGreaterThan(1.2 * thin);
    }

    private static double width(CutKind kind, double diameterM) {
        Inputs in = Inputs.usual(kind, 144e6);
        return WhatIf.row(kind, in, "diameterM", new double[] {diameterM}, Watch.NOBODY)
                .get(0)
                .seen()
                .orElseThrow()
                .widthHz()
                .orElseThrow();
    }

    @Test
    void holesOfAFoundBoomCostSomethingAndSayWhat() {
        CutKind beam = kind("beam");
        Inputs in = Inputs.of(beam, 146e6, Map.of("holesM", 0.25), Map.of());
        Solved s = beam.solve(in, Watch.NOBODY);
        assertThat(s.shape().get("spacing0") / 0.25)
                .isCloseTo(Math.rint(s.shape().get("spacing0") / 0.25), within(1e-9));
        assertThat(s.notes()).anySatisfy(n -> assertThat(n.id()).endsWith("BOOM_COSTS"));
    }

    @Test
    void aShortBoomPressesTheElementsTogether() {
        CutKind beam = kind("beam");
        Inputs in = Inputs.of(beam, 446e6, Map.of("boomM", 0.2), Map.of());
        CutSheet sheet = CutSheet.of(beam, in, Optional.empty(), Uses.BEST);
        assertThat(sheet.shape().get("spacing0") + sheet.shape().get("spacing1"))
                .isLessThan(0.2);
        assertThat(sheet.pieces().get(3).name().id()).isEqualTo("cut.parallelBeam.PIECE_BOOM");
        assertThat(sheet.pieces().get(3).cutM()).isCloseTo(0.2, within(1e-9));
    }

    /** What is on hand is a limit: with its ends and its clamp, and on its holes, no boom comes out longer than that. */
    @Test
    void aBoomOnHandIsNeverExceeded() {
        CutKind beam = kind("beam");
        for (String elements : new String[] {"2", "3", "4"}) {
            for (double holes : new double[] {0, 0.1, 0.11, 0.15, 0.17, 0.2}) {
                Inputs in = Inputs.of(beam, 146e6, Map.of("boomM", 1.0, "holesM", holes), Map.of("elements", elements));
                CutSheet sheet = CutSheet.of(beam, in, Optional.empty(), Uses.BEST);
                assertThat(sheet.pieces().get(sheet.pieces().size() - 1).cutM()).isLessThanOrEqualTo(1 + 1e-9);
            }
        }
        Inputs solved = Inputs.of(beam, 146e6, Map.of("boomM", 1.0), Map.of("drive", "direct"));
        CutSheet sheet = CutSheet.of(beam, solved, Optional.of(beam.solve(solved, Watch.NOBODY)), Uses.BEST);
        assertThat(sheet.pieces().get(3).cutM()).isLessThanOrEqualTo(1 + 1e-6);
    }

    /** One number on drawing, table and cut list, the boom's correction in all of them, and the solved wire without it. */
    @Test
    void aCorrectedElementHasOneLengthEverywhere() {
        CutKind beam = kind("beam");
        Inputs in = Inputs.of(beam, 146e6, Map.of("thickM", 0.02), Map.of("boom", "through"));
        CutSheet sheet = CutSheet.of(beam, in, Optional.empty(), Uses.BEST);
        double table = sheet.lines().get(0).used();
        assertThat(sheet.pieces().get(0).finishedM()).isCloseTo(table, within(1e-12));
        assertThat(sheet.kind().drawing(in, sheet.shape()).views().get(0).measures())
                .filteredOn(m -> m.mark().equals("A"))
                .singleElement()
                .satisfies(m -> assertThat(m.lengthM()).isCloseTo(table, within(1e-12)));
        double solved = beam.assembly(in, sheet.shape()).orElseThrow().structure().wires().stream()
                .mapToDouble(w -> w.from().distanceTo(w.to()))
                .max()
                .orElseThrow();
        assertThat(table - solved).isBetween(0.003, 0.007);
    }

    /** What nobody has measured is no measurement. */
    @Test
    void aMeasuredFactorAsksForTheMeasurement() {
        CutKind wire = kind("wire-ground-plane");
        Map<String, String> measured = Map.of("factorFrom", "measured");
        Inputs nothing = Inputs.of(wire, 146e6, Map.of(), measured);
        assertThatThrownBy(() -> wire.dimensions(nothing)).hasMessageContaining("TYPE_THE_LENGTH_THAT_WAS_CUT");
        Inputs typed = Inputs.of(wire, 146e6, Map.of("measuredLengthM", 0.48, "measuredAtHz", 147e6), measured);
        assertThat(wire.dimensions(typed).get(0).rule().getAsDouble()).isCloseTo(0.48 * 147 / 146, within(1e-6));
    }

    /** What is sawn between fittings is shorter than the distance of the axes. */
    @Test
    void theCrossPieceEndsWhereTheFittingsStop() {
        CutKind pole = kind("tube-j-pole");
        Inputs in = Inputs.of(pole, 146e6, Map.of("fittingM", 0.011), Map.of());
        CutSheet sheet = CutSheet.of(pole, in, Optional.empty(), Uses.BEST);
        assertThat(sheet.pieces().get(2).finishedM()).isCloseTo(sheet.shape().get("apart") - 0.022, within(1e-9));
        assertThat(sheet.pieces().get(0).finishedM()).isCloseTo(sheet.shape().get("whole") - 0.011, within(1e-9));
        assertThatThrownBy(() -> Inputs.of(pole, 146e6, Map.of("fittingM", 0.03), Map.of()))
                .hasMessageContaining("ELBOW_AND_TEE_ALONE_ARE_WIDER");
    }
}
