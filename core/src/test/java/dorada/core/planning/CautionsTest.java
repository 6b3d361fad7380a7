package dorada.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Cautions appear where they apply and only there. */
class CautionsTest {

    private static List<String> of(double heightM, double watts, double swr, double hz, boolean atBody) {
        return Cautions.of(heightM, watts, swr, hz, atBody);
    }

    @Test
    void aSmallHandheldNeedsNone() {
        assertThat(of(0, 4, 1.5, 460e6, true)).isEmpty();
    }

    /** One and a half times the total height: common practice, no source. */
    @ParameterizedTest
    @CsvSource({"3.2,4.8", "12,18", "0.6,0.9"})
    void powerLinesAreKeptAwayFromByTheHeight(double heightM, double metres) {
        assertThat(Cautions.powerLineDistanceM(heightM))
                .isCloseTo(metres, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(of(heightM, 5, 1.2, 155e6, false).get(0))
                .contains(String.format(java.util.Locale.ROOT, "%.1f m", metres));
    }

    @Test
    void lightningIsForWhatStandsUp() {
        assertThat(of(2.9, 5, 1.2, 155e6, false)).noneMatch(c -> c.contains("Lightning"));
        assertThat(of(3, 5, 1.2, 155e6, false)).anyMatch(c -> c.contains("Lightning"));
    }

    @Test
    void threeToOneIsNotTransmittedInto() {
        assertThat(of(0, 5, 2.99, 155e6, false)).isEmpty();
        assertThat(of(0, 5, 3, 155e6, false)).singleElement().asString().contains("SWR of 3 or more");
    }

    @Test
    void burnsAreForPowerAndAircraftForTheirBand() {
        assertThat(of(0, 25, 1.2, 155e6, false)).singleElement().asString().contains("RF burns");
        assertThat(of(0, 25, 1.2, 155e6, true)).isEmpty();
        assertThat(of(0, 5, 1.2, 121.5e6, false)).singleElement().asString().contains("licensed staff");
        assertThat(of(0, 5, 1.2, 137.1e6, false)).isEmpty();
    }
}
