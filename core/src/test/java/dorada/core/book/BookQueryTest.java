package dorada.core.book;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BookQueryTest {

    private static boolean holds(BookQuery.Range range, double value) {
        return range.low() <= value && value <= range.high();
    }

    @ParameterizedTest
    @CsvSource({
        "153.05, 153.05e6, 153.06e6",
        "153 MHz, 153.3e6, 153.6e6",
        "26965 kHz, 26.965e6, 26.975e6",
        "'153,0125', 153.0125e6, 153.025e6",
        "olive 156.8 tractor, 156.8e6, 156.9e6",
    })
    void aChannelIsFoundAsFineAsItWasTyped(String text, double isIt, double isNot) {
        BookQuery asked = BookQuery.of(text);
        assertThat(asked.lengthsM()).isEmpty();
        assertThat(asked.frequenciesHz()).hasSize(1);
        assertThat(holds(asked.frequenciesHz().get(0), isIt)).isTrue();
        assertThat(holds(asked.frequenciesHz().get(0), isNot)).isFalse();
    }

    /** 1 in is 25.4 mm by definition (ISO 31), 1 ft 304.8 mm. */
    @ParameterizedTest
    @CsvSource({
        "490 mm, 0.4904, 0.4911",
        "19 5/16 in, 0.4905, 0.4925",
        "19-5/16\", 0.4905, 0.4925",
        "'49,0 cm', 0.4903, 0.4912",
        "1.72 m, 1.7249, 1.726",
        "5/8 inch, 0.015875, 0.018",
        "6 ft, 1.8288, 2.0",
    })
    void aLengthIsFoundAsFineAsItWasTyped(String text, double isIt, double isNot) {
        BookQuery asked = BookQuery.of(text);
        assertThat(asked.frequenciesHz()).isEmpty();
        assertThat(asked.words()).isEmpty();
        assertThat(asked.lengthsM()).hasSize(1);
        assertThat(holds(asked.lengthsM().get(0), isIt)).isTrue();
        assertThat(holds(asked.lengthsM().get(0), isNot)).isFalse();
    }

    @Test
    void whatIsLeftIsWords() {
        BookQuery asked = BookQuery.of("FS-0012 Señal “Tractor 7” 153.05 490 mm mast");
        assertThat(asked.words()).containsExactly("fs", "0012", "senal", "tractor", "7", "mast");
        assertThat(asked.frequenciesHz()).hasSize(1);
        assertThat(asked.lengthsM()).hasSize(1);
        assertThat(BookQuery.of(" … ").words()).isEmpty();
        assertThat(BookQuery.of("1/0 in").lengthsM()).hasSize(1);
    }
}
