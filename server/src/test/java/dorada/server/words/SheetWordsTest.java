package dorada.server.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Step;
import dorada.core.design.Designs;
import dorada.core.line.Feedline;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is printed on cut sheets. */
class SheetWordsTest {

    private static final List<Words> LANGUAGES = List.of(Words.ENGLISH, Words.in(Locale.forLanguageTag("es")));

    static List<CutKind> kinds() {
        return Designs.ALL.sheets();
    }

    /** The printed wiring of the decoupling stub is that of the model: in series between radiator and upper wire, shorted far off. */
    @Test
    void theRibbonsStubIsWiredAsItIsSolved() {
        CutKind ribbon = Designs.ALL.sheet("ribbon-j-pole").orElseThrow();
        Inputs in = Inputs.of(ribbon, 146e6, Map.of(), Map.of("bands", "two"));
        Shape shape = Shape.start(ribbon.dimensions(in));
        String printed = ribbon.procedure(in, shape).steps().stream()
                .map(s -> Words.ENGLISH.phrase(s.text()))
                .filter(w -> w.startsWith("Decoupling stub"))
                .findFirst()
                .orElseThrow();
        assertThat(printed)
                .contains("its centre joins the radiator below and its shield the wire above")
                .contains("At its far end centre and shield are soldered together")
                .contains("touch nowhere else");
        var structure = ribbon.assembly(in, shape).orElseThrow().structure();
        assertThat(structure.loads()).hasSize(1);
        var load = structure.loads().get(0);
        // In series: the current of the upper wire's lower end goes through it, and nothing else joins the two.
        var upper = structure.wires().get(load.at().wire());
        assertThat(load.at().position()).isZero();
        assertThat(upper.from().z()).isCloseTo(shape.get("stub") + shape.get("radiator"), within(1e-9));
        assertThat(load.element().toString()).contains("ShortedStub");
    }

    /** What every kind prints as usual can be said, nothing of it twice in a row, and with no hole left open. */
    @ParameterizedTest
    @MethodSource("kinds")
    void everySheetCanBeReadInEveryLanguage(CutKind kind) {
        Inputs in = Inputs.usual(kind, Math.sqrt(kind.lowestHz() * kind.highestHz()));
        Shape shape = Shape.start(kind.dimensions(in));
        for (Words words : LANGUAGES) {
            assertThat(kind.procedure(in, shape).steps())
                    .extracting(Step::text)
                    .extracting(words::sentence)
                    .allMatch(s -> s.matches("\\p{Lu}.*[.:]") && !s.contains("{") && !s.contains(".."))
                    .doesNotHaveDuplicates();
            assertThat(kind.parts(in, shape)).extracting(words::phrase).allMatch(s -> !s.isBlank() && !s.contains("{"));
            assertThat(kind.notes(in, shape)).extracting(words::sentence).allMatch(s -> s.endsWith("."));
            assertThat(words.phrase(kind.title())).isNotBlank();
        }
    }

    @Test
    void everyFeedlineHasItsName() {
        for (Words words : LANGUAGES) {
            assertThat(Feedline.ALL).extracting(f -> words.phrase(f.words())).doesNotHaveDuplicates();
        }
    }
}
