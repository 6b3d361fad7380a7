package dorada.core.cutsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.antenna.AntennaKind;
import dorada.core.cutsheet.CutSheet.Uses;
import dorada.core.cutsheet.Drawing.View;
import dorada.core.cutsheet.kind.EndFedWire;
import dorada.core.cutsheet.kind.HalfWaveWhip;
import dorada.core.design.Designs;
import dorada.core.rf.Reflection;
import dorada.core.wire.Watch;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every kind, with every choice that it offers. */
class KindsTest {

    private static final double[] BANDS = {146e6, 27.185e6, 127e6, 446e6};

    static Stream<CutKind> kinds() {
        return Designs.ALL.sheets().stream();
    }

    /** Every kind as usual, and once with each option of each choice. */
    static Stream<Arguments> variants() {
        return Designs.ALL.sheets().stream().flatMap(kind -> {
            double hz = usualHz(kind);
            Stream<Arguments> plain = Stream.of(Arguments.of(kind, hz, Map.of()));
            Stream<Arguments> others = kind.inputs(hz).stream()
                    .filter(i -> i.isChoice() && !i.id().equals("line"))
                    .flatMap(i -> i.options().stream().skip(1).map(o -> Map.of(i.id(), o.id())))
                    // What was measured has no usual value.
                    .filter(choice -> !choice.containsValue("measured"))
                    .map(choice -> Arguments.of(kind, hz, choice));
            return Stream.concat(plain, others);
        });
    }

    private static double usualHz(CutKind kind) {
        return Arrays.stream(BANDS)
                .filter(hz -> hz >= kind.lowestHz() && hz <= kind.highestHz())
                .findFirst()
                .orElseThrow();
    }

    private static Optional<Solved> solved(CutKind kind, Inputs in) {
        return kind.goal(in) instanceof Goal.None ? Optional.empty() : Optional.of(kind.solve(in, Watch.NOBODY));
    }

    @Test
    void everyKindHasItsOwnNameAndIsFoundByIt() {
        assertThat(Designs.ALL.sheets()).extracting(CutKind::id).doesNotHaveDuplicates();
        assertThat(Designs.ALL.sheets())
                .allSatisfy(k -> assertThat(Designs.ALL.sheet(k.id())).contains(k));
        assertThat(Designs.ALL.sheet("crystal-ball")).isEmpty();
    }

    @ParameterizedTest(name = "{0} at {1}, {2}")
    @MethodSource("variants")
    void theSolverFindsWhatItLooksFor(CutKind kind, double hz, Map<String, String> choices) {
        Inputs in = Inputs.of(kind, hz, Map.of(), choices);
        Optional<Solved> found = solved(kind, in);
        found.ifPresent(s -> {
            if (kind.goal(in) instanceof Goal.Match && kind.bandsHz(in).length == 1) {
                assertThat(Reflection.of(s.atConnector(), 50).swr()).isLessThan(1.15);
            } else if (!kind.id().equals("beam")
                    && !(kind instanceof EndFedWire)
                    && !(kind instanceof HalfWaveWhip)
                    && kind.bandsHz(in).length == 1) {
                assertThat(s.atFeed().reactanceOhm()).isCloseTo(0, within(1.0));
            } else {
                // A transformer of any ratio, or none, leaves some resistance or other; the reactance is gone all the
                // same.
                assertThat(Math.abs(s.atConnector().reactanceOhm())).isLessThan(kind.bandsHz(in).length == 1 ? 1 : 15);
            }
        });
        CutSheet sheet = CutSheet.of(kind, in, found, Uses.BEST);
        assertThat(sheet.lines()).allSatisfy(l -> assertThat(l.used()).isPositive());
        assertThat(sheet.why().id()).startsWith("cut.");
    }

    @ParameterizedTest(name = "{0} at {1}, {2}")
    @MethodSource("variants")
    void ruleAndSolverDifferNoMoreThanTheKindsDoubt(CutKind kind, double hz, Map<String, String> choices) {
        Inputs in = Inputs.of(kind, hz, Map.of(), choices);
        CutSheet sheet = CutSheet.of(kind, in, solved(kind, in), Uses.BEST);
        for (CutSheet.Line l : sheet.lines()) {
            if (l.difference().isPresent()
                    && l.dimension().isTuned()
                    && l.dimension().toleranceShare() < 0.02) {
                assertThat(Math.abs(l.difference().getAsDouble()))
                        .as(
                                "%s of %s: rule %s, solved %s",
                                l.dimension().title(), kind.id(), l.dimension().rule(), l.solved())
                        .isLessThanOrEqualTo(kind.doubt() * l.dimension().rule().getAsDouble());
            }
        }
    }

    @ParameterizedTest(name = "{0} at {1}, {2}")
    @MethodSource("variants")
    void everySheetCanBeTakenToTheSaw(CutKind kind, double hz, Map<String, String> choices) {
        Inputs in = Inputs.of(kind, hz, Map.of(), choices);
        CutSheet sheet = CutSheet.of(kind, in, Optional.empty(), Uses.BEST);
        assertThat(sheet.pieces()).isNotEmpty();
        Set<Integer> numbers = new HashSet<>();
        for (Piece p : sheet.pieces()) {
            assertThat(numbers.add(p.number())).as("piece %d twice", p.number()).isTrue();
            assertThat(p.cutM()).isGreaterThanOrEqualTo(p.finishedM()).isPositive();
            assertThat(p.extraFor().isEmpty()).isEqualTo(p.extraM() == 0);
            if (!p.dimension().isEmpty()) {
                assertThat(p.trimM()).isPositive();
                assertThat(sheet.shape().values()).containsKey(p.dimension());
            }
        }
        assertThat(kind.parts(in, sheet.shape())).isNotEmpty();
        List<Step> steps = kind.procedure(in, sheet.shape()).steps();
        assertThat(steps).extracting(Step::id).doesNotHaveDuplicates();
        assertThat(steps).extracting(Step::stage).isSorted().contains(Step.Stage.CUT, Step.Stage.TUNE);
        // Something can always hurt: at least the saw, the knife or the soldering iron.
        assertThat(steps).anySatisfy(s -> assertThat(s.cautions()).isNotEmpty());
        assertThat(kind.procedure(in, sheet.shape()).tools()).isNotEmpty();
    }

    @ParameterizedTest(name = "{0} at {1}, {2}")
    @MethodSource("variants")
    void theDrawingIsToScaleAndEveryPieceIsMarked(CutKind kind, double hz, Map<String, String> choices) {
        Inputs in = Inputs.of(kind, hz, Map.of(), choices);
        Shape shape = Shape.start(kind.dimensions(in));
        List<View> views = kind.drawing(in, shape).views();
        assertThat(views.get(0).isEnlarged()).isFalse();
        assertThat(views).allSatisfy(v -> {
            assertThat(v.strokes()).isNotEmpty();
            assertThat(v.highX()).isGreaterThanOrEqualTo(v.lowX());
            assertThat(v.highY() + v.highX()).isGreaterThan(v.lowY() + v.lowX());
            // What is drawn is never longer than what is said, and where the view does not slant it is as long.
            assertThat(v.measures())
                    .allSatisfy(m -> assertThat(Math.hypot(m.x2() - m.x1(), m.y2() - m.y1()))
                            .isLessThanOrEqualTo(m.lengthM() * (1 + 1e-9)));
        });
        for (Dimension d : kind.dimensions(in)) {
            boolean isDrawn = views.stream()
                    .flatMap(v -> v.measures().stream())
                    .anyMatch(m -> m.mark().equals(d.mark()) && (Math.abs(m.lengthM() - shape.get(d.id())) < 1e-9));
            boolean isSaid = views.stream()
                    .flatMap(v -> v.labels().stream())
                    .flatMap(l -> l.words().stream())
                    .anyMatch(w -> d.mark().equals(w.params().get("mark")));
            boolean isIndirect = d.quantity() != Quantity.LENGTH
                    || d.id().equals("arm")
                    || d.id().equals("around")
                    || d.id().equals("line");
            assertThat(isDrawn || isSaid || isIndirect)
                    .as("%s (%s) of %s in the drawing", d.mark(), d.title(), kind.id())
                    .isTrue();
        }
        assertThat(views.get(0).labels())
                .filteredOn(l -> l.sort() == Drawing.Label.Sort.PIECE)
                .isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyRangeIsRefusedAtItsFieldWithRangeAndReason(CutKind kind) {
        double hz = usualHz(kind);
        for (Input i : kind.inputs(hz)) {
            if (i.isChoice() || i.only().isPresent()) {
                continue;
            }
            assertThat(i.lowest()).isLessThanOrEqualTo(i.usual());
            assertThat(i.usual()).isLessThanOrEqualTo(i.highest());
            assertThatThrownBy(() -> Inputs.of(kind, hz, Map.of(i.id(), i.highest() * 1.01 + 1), Map.of()))
                    .isInstanceOf(InputException.class)
                    .satisfies(e -> {
                        InputException refused = (InputException) e;
                        assertThat(refused.field()).isEqualTo(i.id());
                        assertThat(refused.outcome().id()).isEqualTo("cut.inputs.OUT_OF_RANGE_BECAUSE");
                        assertThat(refused.outcome().params())
                                .containsEntry("input", i.title())
                                .containsEntry("highest", i.quantity().of(i.highest()))
                                .containsEntry("why", i.why().orElseThrow());
                    });
            assertThatThrownBy(() -> Inputs.of(kind, hz, Map.of(i.id(), Double.NaN), Map.of()))
                    .isInstanceOf(InputException.class);
        }
        assertThatThrownBy(() -> Inputs.usual(kind, kind.highestHz() * 1.1))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("OUT_OF_REACH");
        assertThatThrownBy(() -> Inputs.usual(kind, kind.lowestHz() * 0.9)).isInstanceOf(InputException.class);
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void usualMeasuresHoldOverTheWholeSenseOfTheKind(CutKind kind) {
        for (double share = 0; share <= 1; share += 0.25) {
            double hz = kind.lowestHz() * Math.pow(kind.highestHz() / kind.lowestHz(), share);
            double held = Math.min(Math.max(hz, kind.lowestHz()), kind.highestHz());
            Inputs in = Inputs.usual(kind, held);
            assertThat(kind.dimensions(in))
                    .allSatisfy(d -> assertThat(d.start()).isPositive());
            kind.assembly(in, Shape.start(kind.dimensions(in)));
        }
    }

    @ParameterizedTest
    @MethodSource("dorada.core.design.Kinds#all")
    void everyInstallationHasASheetThatTunesWithOnePiece(AntennaKind kind) {
        CutKind sheet = Designs.ALL.of(kind).sheet();
        Inputs in = Inputs.usual(sheet, usualHz(sheet));
        assertThat(sheet.pieces(in, Shape.start(sheet.dimensions(in))))
                .anyMatch(p -> !p.dimension().isEmpty());
        assertThat(Designs.ALL.isCutBy(kind, sheet.id())).isTrue();
        assertThat(Designs.ALL.isCutBy(kind, "coax-stub")).isFalse();
    }

    @Test
    void aSearchCanBeStopped() {
        CutKind beam = Designs.ALL.sheet("beam").orElseThrow();
        Inputs in = Inputs.of(beam, 446e6, Map.of(), Map.of("elements", "6", "drive", "direct"));
        int[] asked = {0};
        assertThatThrownBy(() -> beam.solve(in, share -> ++asked[0] < 20)).isInstanceOf(CancellationException.class);
        assertThat(asked[0]).isEqualTo(20);
    }

    @Test
    void anUnknownOptionIsNamed() {
        CutKind whip = Designs.ALL.sheet("quarter-wave-whip").orElseThrow();
        assertThatThrownBy(() -> Inputs.of(whip, 146e6, Map.of(), Map.of("held", "glue")))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("glue");
        assertThatThrownBy(() ->
                        Shape.start(whip.dimensions(Inputs.usual(whip, 146e6))).with("tail", 1))
                .isInstanceOf(InputException.class);
    }

    @Test
    void aCountIsAWholeNumber() {
        CutKind choke = Designs.ALL.sheet("coax-choke").orElseThrow();
        assertThatThrownBy(() -> Inputs.of(choke, 27e6, Map.of("turns", 5.5), Map.of()))
                .isInstanceOf(InputException.class)
                .hasMessageContaining("NOT_WHOLE");
    }
}
