package dorada.core.cutsheet.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.cutsheet.CutSheet;
import dorada.core.cutsheet.CutSheet.Uses;
import dorada.core.cutsheet.Drawing.Measure;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Solved;
import dorada.core.rf.Reflection;
import dorada.core.wire.Watch;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BeamTest {

    private static final ParallelBeam BEAM = new ParallelBeam();

    private static Inputs beam(String elements, String drive) {
        return Inputs.of(BEAM, 446e6, Map.of(), Map.of("elements", elements, "drive", drive));
    }

    @ParameterizedTest
    @CsvSource({"2,1.1", "3,1.1", "4,1.1", "5,1.1", "6,1.1"})
    void aHairpinOrAGammaBringsFiftyOhm(String elements, double swr) {
        for (String drive : List.of("hairpin", "gamma")) {
            Solved s = BEAM.solve(beam(elements, drive), Watch.NOBODY);
            assertThat(Reflection.of(s.atConnector(), 50).swr()).as(drive).isLessThan(swr);
        }
    }

    @ParameterizedTest
    @CsvSource({"2", "3", "4", "5", "6"})
    void withoutAMatchingPartTheElementsBringItNearly(String elements) {
        for (String drive : List.of("direct", "folded")) {
            Solved s = BEAM.solve(beam(elements, drive), Watch.NOBODY);
            assertThat(Reflection.of(s.atConnector(), 50).swr()).as(drive).isLessThan(1.5);
        }
    }

    /** Balanis, section 9.5: a folded dipole of equal sides shows four times what a split one does. */
    @Test
    void aFoldedElementShowsFourTimesTheResistance() {
        double split = BEAM.solve(beam("3", "direct"), Watch.NOBODY).atFeed().resistanceOhm();
        double folded = BEAM.solve(beam("3", "folded"), Watch.NOBODY).atFeed().resistanceOhm();
        assertThat(folded / split).isBetween(3.4, 4.6);
    }

    @Test
    void moreElementsBringMoreGain() {
        double before = 0;
        for (String n : List.of("2", "3", "4", "5", "6")) {
            double gain = (double) BEAM.solve(beam(n, "hairpin"), Watch.NOBODY)
                    .notes()
                    .get(0)
                    .params()
                    .get("gainDbi");
            assertThat(gain).as("%s elements", n).isGreaterThan(before);
            before = gain;
        }
    }

    @Test
    void theBoomIsAsLongAsItsSpacings() {
        Inputs in = beam("5", "hairpin");
        CutSheet sheet = CutSheet.of(BEAM, in, Optional.empty(), Uses.BEST);
        double spacings = 0;
        for (int i = 0; i < 4; i++) {
            spacings += sheet.shape().get(ParallelBeam.spacing(i));
        }
        Piece boom = sheet.pieces().get(sheet.pieces().size() - 1);
        assertThat(boom.finishedM()).isCloseTo(spacings, within(1e-12));
        assertThat(boom.number()).isEqualTo(6);
    }

    @Test
    void theDrawingPutsTheReflectorLeftAndEveryElementWhereItBelongs() {
        Inputs in = beam("4", "hairpin");
        Shape shape = Shape.start(BEAM.dimensions(in));
        List<Measure> measures = BEAM.drawing(in, shape).views().get(0).measures();
        List<Measure> lengths = measures.stream().filter(m -> m.x1() == m.x2()).toList();
        assertThat(lengths).extracting(Measure::mark).containsExactly("A", "B", "C", "D");
        assertThat(lengths).extracting(Measure::x1).isSorted();
        assertThat(lengths.get(1).x1()).isCloseTo(0, within(1e-12));
        assertThat(lengths.get(0).x1()).isCloseTo(-shape.get(ParallelBeam.spacing(0)), within(1e-12));
    }

    @Test
    void elementsMoveToTheHolesThatAreThere() {
        Inputs in = Inputs.of(BEAM, 446e6, Map.of("holesM", 0.05), Map.of("elements", "6"));
        double[] s = ParallelBeam.spacings(in, true);
        for (double one : s) {
            assertThat(one / 0.05).isCloseTo(Math.rint(one / 0.05), within(1e-9));
            assertThat(one).isPositive();
        }
        double wanted = 0;
        double placed = 0;
        double[] free = ParallelBeam.spacings(in, false);
        for (int i = 0; i < s.length; i++) {
            wanted += free[i];
            placed += s[i];
            // Each element is within half a hole of where it wants to be: errors do not add up.
            assertThat(placed).isCloseTo(wanted, within(0.025 + 1e-9));
        }
    }

    @Test
    void aHairpinIsSaidInWiresThatCanBeCut() {
        Inputs in = beam("3", "hairpin");
        Solved s = BEAM.solve(in, Watch.NOBODY);
        assertThat(BEAM.parts(in, s.shape())).anyMatch(p -> p.is(ParallelBeam.Say.HAIRPIN_PART));
        Inputs gamma = beam("3", "gamma");
        Solved g = BEAM.solve(gamma, Watch.NOBODY);
        assertThat(BEAM.parts(gamma, g.shape()))
                .contains(ParallelBeam.Say.GAMMA_PARTS.of(
                        g.shape().get("tap"), g.shape().get("series")));
        assertThat(g.shape().get("series")).isBetween(0.5e-12, 30e-12);
    }

    @Test
    void onlyElementsThroughMetalAreMadeLonger() {
        Shape shape = Shape.start(BEAM.dimensions(beam("3", "hairpin")));
        for (String boom : List.of("wood", "above")) {
            Inputs in = Inputs.of(BEAM, 446e6, Map.of(), Map.of("boom", boom));
            assertThat(BEAM.pieces(in, shape).get(0).finishedM()).isEqualTo(shape.get("reflector"));
            assertThat(BEAM.notes(in, shape)).isEmpty();
        }
        Inputs through = Inputs.of(BEAM, 446e6, Map.of("thickM", 0.015), Map.of("boom", "through"));
        Shape longer = Shape.start(BEAM.dimensions(through));
        assertThat(BEAM.pieces(through, longer).get(0).finishedM()).isGreaterThan(shape.get("reflector") + 0.002);
        assertThat(BEAM.pieces(through, longer).get(0).finishedM()).isEqualTo(longer.get("reflector"));
        assertThat(BEAM.notes(through, shape).get(0).is(ParallelBeam.Say.LONGER_FOR_THE_BOOM))
                .isTrue();
        // The driven element is insulated from the boom in any case.
        assertThat(BEAM.pieces(through, shape).get(1).finishedM()).isCloseTo(shape.get("driven") / 2, within(1e-12));
    }
}
