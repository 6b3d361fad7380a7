package dorada.core.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.acceptance.RunComparison.Run;
import dorada.core.acceptance.RunComparison.Says;
import dorada.core.acceptance.RunComparison.State;
import dorada.core.outcome.Outcome;
import dorada.core.sweep.Reading;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Builds of a ground plane for an airband antenna, read every megahertz. */
class RunComparisonTest {

    private static Run run(String name, double kg, double doubt, double... swr) {
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < swr.length; i++) {
            readings.add(Reading.ofSwr(118e6 + i * 1e6, swr[i], Math.max(1, swr[i] - doubt), swr[i] + doubt));
        }
        return new Run(name, kg > 0 ? OptionalDouble.of(kg) : OptionalDouble.empty(), readings);
    }

    /** Without the last digits, which an SWR loses on its way through |Γ|. */
    private static List<Outcome> rounded(List<Outcome> says) {
        return says.stream()
                .map(o -> {
                    Map<String, Object> params = new LinkedHashMap<>(o.params());
                    params.replaceAll((n, v) -> v instanceof Double d ? Math.rint(d * 1e6) / 1e6 : v);
                    return new Outcome(o.id(), params);
                })
                .toList();
    }

    private static RunComparison of(Run... runs) {
        return RunComparison.of(List.of(runs), 2);
    }

    @Test
    void theLightestThatHoldsIsNamed() {
        RunComparison c = of(
                run("no ground plane", 0.1, 0.1, 4, 3.2, 4.5),
                run("mesh", 2.4, 0.1, 1.4, 1.2, 1.5),
                run("plate and radials", 1.8, 0.1, 1.7, 1.5, 1.8));
        assertThat(c.runs())
                .extracting(RunComparison.Judged::state)
                .containsExactly(State.FAILS, State.HOLDS, State.HOLDS);
        assertThat(rounded(c.says())).containsExactly(Says.LIGHTEST_HOLDS.of("plate and radials", 1.8, 1.8, 2.0));
    }

    @Test
    void whatHoldsForCertainGoesBeforeWhatHoldsAsRead() {
        RunComparison c = of(run("thin", 0.9, 0.3, 1.9, 1.5), run("mesh", 2.4, 0.3, 1.4, 1.2));
        assertThat(c.runs().get(0).state()).isEqualTo(State.HOLDS_AS_READ);
        assertThat(c.says().get(0).is(Says.LIGHTEST_HOLDS)).isTrue();
        assertThat(c.says().get(0).params()).containsEntry("best", "mesh");
        // Alone it is named with what the meter leaves open.
        assertThat(rounded(of(run("thin", 0.9, 0.3, 1.9, 1.5)).says()))
                .containsExactly(Says.LIGHTEST_HOLDS_AS_READ.of("thin", 0.9, 1.9, 2.2, 2.0));
    }

    @Test
    void noneHoldsAndNobodyWeighed() {
        RunComparison none = of(run("a", 1, 0.1, 3, 2.5), run("b", 2, 0.1, 2.1, 2.6));
        assertThat(rounded(none.says())).containsExactly(Says.NONE_HOLDS.of("b", 2.6, 119e6, 2.0));
        RunComparison unweighed = of(run("a", 0, 0.1, 1.4), run("b", 0, 0.1, 1.2), run("c", 3, 0.1, 1.8));
        assertThat(rounded(unweighed.says()).get(0)).isEqualTo(Says.LIGHTEST_HOLDS.of("c", 3.0, 1.8, 2.0));
        assertThat(unweighed.says()).contains(Says.NOT_WEIGHED.of("a"), Says.NOT_WEIGHED.of("b"));
        assertThat(rounded(of(run("a", 0, 0.1, 1.4), run("b", 0, 0.1, 1.2)).says())
                        .get(0))
                .isEqualTo(Says.HOLDS.of("b", 1.2, 2.0));
    }

    @Test
    void oneThatWasNotReadEverywhereIsNotCalledGoodEverywhere() {
        RunComparison c = of(run("light", 0.5, 0.1, 1.4), run("mesh", 2, 0.1, 1.2, 1.3, 2.6));
        assertThat(c.says()).contains(Says.NOT_READ_EVERYWHERE.of("light", 2));
    }

    @Test
    void theLimitItselfIsWithinIt() {
        assertThat(of(run("mesh", 1, 0, 2.0, 1.5)).runs().get(0).state()).isEqualTo(State.HOLDS);
        assertThat(of(run("mesh", 1, 0, 2.01, 1.5)).runs().get(0).state()).isEqualTo(State.FAILS);
    }
}
