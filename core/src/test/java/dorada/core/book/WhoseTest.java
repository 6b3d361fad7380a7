package dorada.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import dorada.core.book.Whose.By;
import dorada.core.book.Whose.Candidate;
import dorada.core.book.Whose.Match;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WhoseTest {

    private static Candidate<String> of(long number, String title, double mhz, boolean isOpen, String touched) {
        return new Candidate<>(
                title, number, title, List.of(mhz * 1e6, mhz * 1e6 + 4e6), isOpen, Instant.parse(touched));
    }

    private static final List<Candidate<String>> SHOP = List.of(
            of(7, "Tractor 7", 153, true, "2026-03-01T08:00:00Z"),
            of(12, "Tractor 7 with plough", 153, true, "2026-02-01T08:00:00Z"),
            of(120, "Lorry 5", 449, true, "2026-03-02T08:00:00Z"),
            of(3, "Camión Ñandú", 153, false, "2026-01-02T08:00:00Z"));

    private static List<Match<String>> whose(String file, double fromMhz, double toMhz) {
        return Whose.of(SHOP, file, fromMhz * 1e6, toMhz * 1e6);
    }

    @ParameterizedTest
    @ValueSource(strings = {"FS-0012.s1p", "fs12 after lunch.s1p", "sweep_FS0012.s1p", "FS_12.csv"})
    void itsNumberIsSurest(String file) {
        assertThat(whose(file, 100, 101))
                .extracting(m -> m.candidate().name(), Match::by)
                .containsExactly(tuple("Tractor 7 with plough", By.NUMBER));
    }

    @Test
    void aNumberWithinAnotherWordOrNumberIsNone() {
        assertThat(Whose.numbersIn("offs12 xfs-3 fs")).isEmpty();
        assertThat(Whose.numbersIn("fs-120")).containsExactly(120L);
    }

    @Test
    void theLongestTitleThatFitsIsMeantInAnyLettersAndOrder() {
        assertThat(whose("plough_with_TRACTOR-7.s1p", 100, 101))
                .extracting(m -> m.candidate().name())
                .containsExactly("Tractor 7 with plough", "Tractor 7");
        assertThat(whose("tractor 77.s1p", 100, 101)).isEmpty();
        // It is signed off: it is told all the same, or the file would be given to another one.
        assertThat(whose("camion nandu 2.s1p", 140, 170))
                .extracting(m -> m.candidate().name(), Match::by)
                .startsWith(tuple("Camión Ñandú", By.TITLE));
    }

    @Test
    void byItsBandAloneOnlyWhatIsOpenIsToldTheOneTouchedLastFirst() {
        assertThat(whose("yard.s1p", 140, 170))
                .extracting(m -> m.candidate().name(), Match::by)
                .containsExactly(tuple("Tractor 7", By.BAND), tuple("Tractor 7 with plough", By.BAND));
        assertThat(whose("yard.s1p", 140, 156)).isEmpty();
    }
}
