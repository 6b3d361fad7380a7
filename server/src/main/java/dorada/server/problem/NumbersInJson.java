package dorada.server.problem;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.util.List;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Scope;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.core.json.JsonFactoryBuilder;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/**
 * Numbers in requests are numbers: 1e400, which would become infinite, and holes in lists are refused where they are read, and so is what
 * is longer or deeper than anything that Dorada is sent. In answers they are written to the last digit.
 */
@Configuration
class NumbersInJson {

    @Bean
    JsonMapperBuilderCustomizer finiteNumbers() {
        SimpleModule finite = new SimpleModule("finite numbers")
                .addDeserializer(Double.class, new Finite(Double.class, null))
                .addDeserializer(double.class, new Finite(double.class, 0.0))
                .addDeserializer(double[].class, new FiniteArray());
        return builder -> builder.addModule(finite)
                .changeDefaultNullHandling(n -> JsonSetter.Value.construct(Nulls.SET, Nulls.FAIL));
    }

    /** Longest text of a request: a kept plan has at most half of that. */
    private static final int MOST_LETTERS = 200_000;

    private static final int MOST_LETTERS_OF_A_NAME = 200;
    private static final int MOST_DIGITS = 100;
    private static final int DEEPEST = 60;

    /** Limits that hold while a body is read, before anything is made of it. */
    @Bean
    @Scope("prototype")
    JsonMapper.Builder jsonMapperBuilder(List<JsonMapperBuilderCustomizer> customizers) {
        JsonMapper.Builder builder = JsonMapper.builder(new JsonFactoryBuilder()
                .streamReadConstraints(StreamReadConstraints.builder()
                        .maxStringLength(MOST_LETTERS)
                        .maxNameLength(MOST_LETTERS_OF_A_NAME)
                        .maxNumberLength(MOST_DIGITS)
                        .maxNestingDepth(DEEPEST)
                        .build())
                // Curves are numbers almost alone: Java's own way of writing them took an eighth of a page of the
                // board.
                .enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER)
                .build());
        customizers.forEach(c -> c.customize(builder));
        return builder;
    }

    private static double finite(JsonParser parser, DeserializationContext context) {
        if (!parser.currentToken().isNumeric()) {
            return (double) context.handleUnexpectedToken(double.class, parser);
        }
        double value = parser.getDoubleValue();
        if (!Double.isFinite(value)) {
            context.reportInputMismatch(double.class, "A number that is too large");
        }
        return value;
    }

    private static final class Finite extends StdDeserializer<Double> {

        private final transient Double absent;

        Finite(Class<?> type, Double absent) {
            super(type);
            this.absent = absent;
        }

        @Override
        public Double deserialize(JsonParser parser, DeserializationContext context) {
            return finite(parser, context);
        }

        @Override
        public Object getNullValue(DeserializationContext context) {
            if (absent != null) {
                context.reportInputMismatch(double.class, "A number that is missing");
            }
            return null;
        }

        @Override
        public Object getAbsentValue(DeserializationContext context) {
            return absent;
        }
    }

    private static final class FiniteArray extends StdDeserializer<double[]> {

        FiniteArray() {
            super(double[].class);
        }

        @Override
        public double[] deserialize(JsonParser parser, DeserializationContext context) {
            if (!parser.isExpectedStartArrayToken()) {
                return (double[]) context.handleUnexpectedToken(double[].class, parser);
            }
            double[] values = new double[16];
            int size = 0;
            while (parser.nextToken() != tools.jackson.core.JsonToken.END_ARRAY) {
                if (size == values.length) {
                    values = java.util.Arrays.copyOf(values, 2 * size);
                }
                values[size++] = finite(parser, context);
            }
            return java.util.Arrays.copyOf(values, size);
        }
    }
}
