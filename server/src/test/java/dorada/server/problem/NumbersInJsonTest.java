package dorada.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

class NumbersInJsonTest {

    private final JsonMapper json =
            new NumbersInJson().jsonMapperBuilder(List.of()).build();

    @Test
    void whatIsWrittenIsReadAsTheSameNumberToTheLastBit() {
        Random random = new Random(1);
        double[] any = DoubleStream.concat(
                        DoubleStream.of(0, -0.0, 1.5, 153.05e6, Double.MIN_VALUE, Double.MAX_VALUE, 2e-3, 1e23),
                        random.longs(10_000).mapToDouble(Double::longBitsToDouble))
                .filter(Double::isFinite)
                .toArray();
        String written = json.writeValueAsString(any);
        String[] texts = written.substring(1, written.length() - 1).split(",");
        assertThat(texts).hasSameSizeAs(any);
        for (int i = 0; i < any.length; i++) {
            assertThat(Double.parseDouble(texts[i])).as(texts[i]).isEqualTo(any[i]);
        }
    }
}
