package dorada.core.rf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SwrTest {

    /** SWR against return loss and reflected share, as in the conversion table of any radio handbook. */
    @ParameterizedTest
    @CsvSource({"1.5, 13.98, 4.0", "2.0, 9.54, 11.1", "2.5, 7.36, 18.4", "3.0, 6.02, 25.0", "5.0, 3.52, 44.4"})
    void swrReturnLossAndReflectedShareBelongTogether(double swr, double returnLossDb, double percent) {
        assertThat(Swr.returnLossDb(Swr.magnitude(swr))).isCloseTo(returnLossDb, within(0.005));
        assertThat(Swr.reflectedShare(swr) * 100).isCloseTo(percent, within(0.06));
        assertThat(Swr.ofMagnitude(Swr.magnitudeOfReturnLoss(returnLossDb))).isCloseTo(swr, within(0.005));
    }

    @Test
    void oneWattBackOfNineIsAnSwrOfTwo() {
        assertThat(Swr.ofMagnitude(Swr.magnitudeOfWatts(9, 1))).isCloseTo(2.0, within(1e-12));
    }

    @Test
    void nothingBackIsAPerfectMatch() {
        assertThat(Swr.ofMagnitude(Swr.magnitudeOfWatts(50, 0))).isEqualTo(1);
        assertThat(Swr.returnLossDb(0)).isInfinite();
    }

    @Test
    void moreBackThanForthIsRefusedWithAHint() {
        assertThatThrownBy(() -> Swr.magnitudeOfWatts(5, 6)).hasMessageContaining("direction and range");
        assertThatThrownBy(() -> Swr.magnitudeOfWatts(0, 0)).hasMessageContaining("above 0 W");
        assertThatThrownBy(() -> Swr.magnitude(0.9)).isInstanceOf(IllegalArgumentException.class);
    }

    /** Trade formula P ≤ P_rated·ρ²(ceiling)/ρ²(measured); common practice, no source. */
    @Test
    void reducedPowerBringsNoMoreReflectedWattsThanFullPowerAtTheCeiling() {
        double reduced = Swr.reducedPowerW(50, 2, 3);
        assertThat(reduced * Swr.reflectedShare(3)).isCloseTo(50 * Swr.reflectedShare(2), within(1e-9));
        assertThat(Swr.reducedPowerW(50, 2, 1.3)).isEqualTo(50);
    }

    @Test
    void mismatchLossOfTwoToOneIsHalfADecibel() {
        assertThat(Swr.mismatchLossDb(2)).isCloseTo(0.51, within(0.005));
    }
}
