package dorada.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DoublesTest {

    private static List<Doubles.Pair<String>> of(String... names) {
        return Doubles.of(List.of(names), n -> n);
    }

    @ParameterizedTest
    @CsvSource({
        "Road service, road  SERVICE",
        "Road service, Service road",
        "Road service, Road-service",
        "Estación del faro, Estacion del faro",
        "Road service, Road servce"
    })
    void oneThingWrittenTwiceIsFound(String one, String other) {
        assertThat(of(one, "Quarry", other)).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({
        "Lorry 11, Lorry 12",
        "Lorry 12 blue, Lorry 12 bleu",
        "Lorry 1, Lorry 11",
        "Van, Fan",
        "Set A, Set B",
        "Road service, Rail service yard"
    })
    void anotherNumberOrAShortNameIsAnotherThing(String one, String other) {
        assertThat(of(one, other)).isEmpty();
    }

    @Test
    void noMoreAreToldThanSomebodyLooksAt() {
        List<String> same =
                IntStream.range(0, 200).mapToObj(i -> "Harbour crane").toList();
        assertThat(Doubles.of(same, n -> n)).hasSize(50);
    }
}
