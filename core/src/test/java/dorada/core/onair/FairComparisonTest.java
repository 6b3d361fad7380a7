package dorada.core.onair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.onair.FairComparison.Heard;
import dorada.core.onair.FairComparison.Pair;
import dorada.core.outcome.Refusal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FairComparisonTest {

    /** A wins {@code wins} of {@code rounds}, by {@code by}. */
    private static List<Heard> rounds(int wins, int rounds, double by) {
        List<Heard> all = new ArrayList<>();
        for (int r = 1; r <= rounds; r++) {
            all.add(new Heard(r, "A", 10 + (r <= wins ? by : 0)));
            all.add(new Heard(r, "B", 10 + (r <= wins ? 0 : by)));
        }
        return all;
    }

    private static Pair only(List<Heard> heard) {
        return FairComparison.of(heard, 0).pairs().get(0);
    }

    /**
     * Two-sided chances of the sign test, worked by hand from the binomial coefficients: 2·(1)/2⁵, 2·1/2⁶, 2·(1 + 6)/2⁶, 2·(1 + 8)/2⁸,
     * 2·(1 + 10 + 45)/2¹⁰; tables of critical values have 6 of 6, 8 of 9 and 9 of 10 as the least that are sure at 5 %.
     */
    @ParameterizedTest
    @CsvSource({
        "5, 5, 0.0625, false", "6, 6, 0.03125, true", "5, 6, 0.21875, false", "7, 8, 0.0703125, false",
        "8, 9, 0.0390625, true", "9, 10, 0.021484375, true", "8, 10, 0.109375, false", "3, 6, 1, false"
    })
    void howSureItIs(int wins, int rounds, double chance, boolean isSure) {
        Pair p = only(rounds(wins, rounds, 2));
        assertThat(p.luckChance()).isEqualTo(chance, within(1e-12));
        assertThat(p.isSure()).isEqualTo(isSure);
        assertThat(p.better()).isEqualTo("A");
    }

    @Test
    void threePairsShareTheRisk() {
        List<Heard> heard = new ArrayList<>(rounds(6, 6, 2));
        for (int r = 1; r <= 6; r++) {
            heard.add(new Heard(r, "C", 20));
        }
        FairComparison c = FairComparison.of(heard, 0);
        assertThat(c.pairs())
                .hasSize(3)
                .allSatisfy(p -> assertThat(p.luckChance()).isEqualTo(3 * 0.03125, within(1e-12)));
        assertThat(c.says()).allMatch(s -> s.is(ComparisonSays.BETTER_LIKELY));
    }

    @ParameterizedTest
    @CsvSource({"5, 5, 1", "5, 6, 6", "3, 6, 0", "6, 6, 0", "1, 1, 5", "4, 6, 36"})
    void whatWouldMakeItSurer(int wins, int rounds, int more) {
        assertThat(only(rounds(wins, rounds, 2)).moreRounds()).isEqualTo(more);
    }

    @Test
    void nothingIsSaidOfWhatIsAlike() {
        FairComparison alike = FairComparison.of(rounds(6, 6, 0.6), 1);
        assertThat(alike.pairs().get(0).rounds()).isZero();
        assertThat(alike.pairs().get(0).ties()).isEqualTo(6);
        assertThat(alike.says().get(0).is(ComparisonSays.NO_ROUND)).isTrue();
        assertThat(FairComparison.of(rounds(3, 6, 3), 1).says().get(0).is(ComparisonSays.NO_DIFFERENCE))
                .isTrue();
        assertThat(only(rounds(5, 6, 3)).medianGain().orElseThrow()).isEqualTo(3);
        // What was heard in one round alone is no pair.
        assertThat(only(List.of(new Heard(1, "A", 1), new Heard(2, "B", 2))).rounds())
                .isZero();
    }

    /** Of antennas that are alike, one in twenty is called better at the most. */
    @Test
    void luckIsSeldomCalledSure() {
        Random random = new Random(11);
        int wrong = 0;
        for (int i = 0; i < 2000; i++) {
            List<Heard> heard = new ArrayList<>();
            for (int r = 1; r <= 8; r++) {
                for (String a : List.of("A", "B", "C")) {
                    heard.add(new Heard(r, a, random.nextGaussian()));
                }
            }
            wrong += FairComparison.of(heard, 0).pairs().stream().anyMatch(Pair::isSure) ? 1 : 0;
        }
        assertThat(wrong).isLessThan(120);
    }

    @Test
    void theLotTakesEachOnceInEveryRoundAndInChangingOrder() {
        List<List<String>> lot = Lot.draw(List.of("A", "B", "C"), 12, new Random(4));
        assertThat(lot).hasSize(12).allSatisfy(r -> assertThat(r).containsExactlyInAnyOrder("A", "B", "C"));
        Set<List<String>> orders = new HashSet<>(lot);
        assertThat(orders).hasSizeGreaterThan(3);
        assertThatThrownBy(() -> Lot.draw(List.of("A", "A"), 3, new Random())).isInstanceOf(Refusal.class);
    }
}
