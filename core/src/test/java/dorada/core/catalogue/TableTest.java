package dorada.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dorada.core.format.FormatException;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TableTest {

    private static final List<String> HEADINGS = List.of("name", "rated_power_w", "note");

    @Test
    void numbersAreReadAsTheyWereWrittenAndWhatIsEmptyStaysSo() throws FormatException {
        String text = Table.write(
                HEADINGS, Stream.of(Arrays.asList("Set 7", -73.5, null), Arrays.asList("Set 8", null, "-new")));
        assertThat(text).isEqualTo("name,rated_power_w,note\r\nSet 7,-73.5,\r\nSet 8,,'-new\r\n");
        List<Table.Row> rows = Table.read(text, List.of("name"));
        assertThat(rows.get(0).number("rated_power_w")).hasValue(-73.5);
        assertThat(rows.get(0).line()).isEqualTo(2);
        assertThat(rows.get(1).number("rated_power_w")).isEmpty();
        assertThat(rows.get(1).number("no_such_column")).isEmpty();
        assertThat(rows.get(1).text("note")).isEqualTo("-new");
    }

    @ParameterizedTest
    @ValueSource(strings = {"25 W", "1,5", "NaN", "1e999", "Infinity"})
    void whatIsNoNumberIsRefusedAtItsLine(String typed) throws FormatException {
        Table.Row row = Table.read("NAME,rated_power_w\nSet 7,\"" + typed + "\"\n", List.of("name"))
                .get(0);
        assertThatThrownBy(() -> row.number("rated_power_w")).isInstanceOfSatisfying(FormatException.class, e -> {
            assertThat(e.line()).isEqualTo(2);
            assertThat(e.getMessage()).startsWith("refused.table.NO_NUMBER");
        });
    }
}
