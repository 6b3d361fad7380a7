package dorada.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import dorada.core.cutsheet.Inputs;
import dorada.core.design.Designs;
import dorada.server.cutting.SavedSheetController.SavedSheetRequest;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the demo keeps must open as it was asked. */
class DemoSheetsTest {

    static Stream<SavedSheetRequest> sheets() {
        return Stream.of(DemoSheets.LINK_BEAM, DemoSheets.POLE);
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void addressAndRequestSayTheSame(SavedSheetRequest kept) {
        Map<String, String> address = JsonPath.read(kept.body(), "$");
        assertThat(address.get("kind")).isEqualTo(kept.sheet().kind());
        assertThat(Double.parseDouble(address.get("f"))).isEqualTo(kept.sheet().frequencyHz());
        Map<String, Double> numbers = new HashMap<>();
        Map<String, String> choices = new HashMap<>();
        address.forEach((id, value) -> {
            if (value.startsWith("~")) {
                choices.put(id, value.substring(1));
            } else if (!id.equals("kind") && !id.equals("f")) {
                numbers.put(id, Double.parseDouble(value));
            }
        });
        assertThat(numbers).isEqualTo(kept.sheet().numbers());
        assertThat(choices).isEqualTo(kept.sheet().choices());
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void itCanBeMadeAndItsTicksAreStepsOfIt(SavedSheetRequest kept) {
        var kind = Designs.ALL.sheet(kept.sheet().kind()).orElseThrow();
        Inputs in = Inputs.of(
                kind,
                kept.sheet().frequencyHz(),
                kept.sheet().numbers(),
                kept.sheet().choices());
        var shape = dorada.core.cutsheet.Shape.start(kind.dimensions(in));
        assertThat(kind.procedure(in, shape).steps())
                .extracting(dorada.core.cutsheet.Step::id)
                .containsAll(kept.done());
        assertThat(kind.pieces(in, shape))
                .extracting(dorada.core.cutsheet.Piece::number)
                .containsAll(kept.cuts().stream().map(c -> c.piece()).toList());
    }
}
