package dorada.server.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.ibm.icu.text.MessageFormat;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.CutSheet;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.design.Designs;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.tuning.Cause;
import dorada.core.tuning.Circumstance;
import dorada.core.tuning.Reason;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.AnnotatedBeanDefinition;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.core.type.filter.AssignableTypeFilter;
import org.springframework.util.ClassUtils;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whatever core can find out is said in every language, from what it gives. The examples are tried by the pages too. */
class WordsTest {

    private static final List<Words> LANGUAGES = List.of(Words.ENGLISH, Words.in(Locale.forLanguageTag("es")));

    /** Every enum that can be found out: a new one is here by itself. */
    private static final List<OutcomeId> IDS = Stream.of("dorada.core", "dorada.server")
            .flatMap(WordsTest::enumsBelow)
            .flatMap(c -> Arrays.stream(c.getEnumConstants()))
            .map(OutcomeId.class::cast)
            .toList();

    private static Stream<Class<?>> enumsBelow(String packageName) {
        var scanner = new ClassPathScanningCandidateComponentProvider(false) {
            @Override
            protected boolean isCandidateComponent(AnnotatedBeanDefinition any) {
                return true;
            }
        };
        scanner.addIncludeFilter(new AssignableTypeFilter(OutcomeId.class));
        return scanner.findCandidateComponents(packageName).stream()
                .<Class<?>>map(d -> ClassUtils.resolveClassName(Objects.requireNonNull(d.getBeanClassName()), null))
                .filter(Class::isEnum);
    }

    static Stream<OutcomeId> ids() {
        return IDS.stream();
    }

    @Test
    void everyOutcomeIsSaidInEveryLanguageWithWhatItDependsOn() {
        assertThat(ids()).hasSizeGreaterThan(200).contains(Reason.DIP_AT, Cause.Id.DUMMY_LOAD);
        for (Words words : LANGUAGES) {
            assertThat(ids())
                    .allSatisfy(id -> assertThat(new MessageFormat(words.pattern(id.key())).getArgumentNames())
                            .as(id.key())
                            .containsExactlyInAnyOrderElementsOf(id.takes()));
            assertThat(Circumstance.values())
                    .allSatisfy(c ->
                            assertThat(words.phrase(c.remedy())).isNotBlank().isNotEqualTo(words.phrase(c)));
        }
    }

    /** A number whose name says no unit could not be written. */
    @Test
    void everyParameterIsATextACountOrAQuantity() {
        Set<String> namesAndParts = Set.of(
                "antennas",
                "channels",
                "more",
                "radio",
                "channel",
                "piece",
                "rule",
                "plane",
                "circumstance",
                "circumstances",
                "remedy",
                "hypotheses",
                "hypothesis",
                "because",
                "bands",
                "evidence",
                "cause",
                "check",
                "antenna",
                "louder",
                "ground",
                "lighter",
                "winding",
                "metal",
                "mark",
                "ratio",
                "option",
                "input",
                "lowest",
                "highest",
                "why",
                "dimension",
                "foot",
                "long",
                "where",
                "part",
                "neighbour",
                "control",
                "wire",
                "last",
                "line",
                "what",
                "answer",
                "typed",
                "heading",
                "headings",
                "row",
                "point",
                "word",
                "keyword",
                "ending",
                "best",
                "other",
                "standard",
                "pass",
                "visit",
                "customer",
                "field",
                "before",
                "after",
                "text",
                "purpose",
                "use",
                "method",
                "report");
        assertThat(ids().flatMap(id -> id.takes().stream()).distinct())
                .filteredOn(name -> !namesAndParts.contains(name) && !name.endsWith("Count"))
                .hasSizeGreaterThan(20)
                .allSatisfy(name -> assertThat(Quantity.of(name, 1.25, Map.of(), Words.ENGLISH))
                        .isNotBlank());
        assertThatThrownBy(() -> Quantity.of("weight", 1, Map.of(), Words.ENGLISH))
                .hasMessageContaining("no unit");
    }

    /** As in “cut both arms”. */
    @Test
    void whatASheetHasCutFirstIsSaidOfSeveralToo() {
        List<Piece> several = Designs.ALL.sheets().stream()
                .flatMap(WordsTest::sheets)
                .map(s -> s.pieces().stream()
                        .filter(p -> !p.dimension().isEmpty())
                        .findFirst()
                        .orElse(s.pieces().get(0)))
                .filter(p -> p.count() > 1)
                .toList();
        assertThat(several).extracting(p -> p.name().id()).contains("cut.parallelBeam.HALF_OF_THE_DRIVEN_ELEMENT");
        for (Words words : LANGUAGES) {
            assertThat(several)
                    .allSatisfy(p -> assertThat(words.pattern(p.name().id() + "_SEVERAL"))
                            .isNotEqualTo(words.pattern(p.name().id())));
        }
    }

    /** By rule, in the middle of where it is built; once with each option of each choice. */
    private static Stream<CutSheet> sheets(CutKind kind) {
        double hz = Math.sqrt(kind.lowestHz() * kind.highestHz());
        return kind.inputs(hz).stream()
                .filter(i -> !i.id().equals("line"))
                .flatMap(i -> i.options().stream().map(o -> Map.of(i.id(), o.id())))
                // What was measured has no usual value.
                .filter(choice -> !choice.containsValue("measured"))
                .map(choice ->
                        CutSheet.of(kind, Inputs.of(kind, hz, Map.of(), choice), Optional.empty(), CutSheet.Uses.RULE));
    }

    record Example(Outcome outcome, String en, String es) {}

    static Stream<Example> examples() throws IOException {
        try (InputStream in = WordsTest.class.getResourceAsStream("/words/examples.json")) {
            return JsonMapper.shared().readTree(in).valueStream().toList().stream()
                    .map(e -> new Example(
                            outcome(e), e.get("en").asString(), e.get("es").asString()));
        }
    }

    private static Outcome outcome(JsonNode e) {
        Map<String, Object> params = new HashMap<>();
        e.get("params").properties().forEach(p -> params.put(p.getKey(), value(p.getKey(), p.getValue())));
        return new Outcome(e.get("id").asString(), params);
    }

    private static Object value(String name, JsonNode v) {
        if (v.isArray()) {
            return v.valueStream().map(one -> value(name, one)).toList();
        }
        boolean isCount = name.endsWith("Count");
        return v.isObject() ? outcome(v) : v.isString() ? v.asString() : isCount ? v.asInt() : (Object) v.asDouble();
    }

    @ParameterizedTest
    @MethodSource("examples")
    void saysIt(Example e) {
        assertThat(LANGUAGES.get(0).sentence(e.outcome())).isEqualTo(e.en());
        assertThat(LANGUAGES.get(1).sentence(e.outcome())).isEqualTo(e.es());
    }

    @Test
    void whatHasNoEndCanBeSent() {
        OutcomeView sent = OutcomeView.of(Reason.NO_LENGTH_THAT_IS_LEFT.of(150e6, Double.POSITIVE_INFINITY));
        assertThat(sent.params()).containsEntry("bottomSwr", 1e9);
        assertThat(sent.text()).contains("SWR of above 100");
    }

    @Test
    void aLanguageWithoutACatalogueIsRefused() {
        assertThatThrownBy(() -> Words.in(Locale.ITALIAN)).hasMessageContaining("it.json");
    }
}
