package dorada.core.planning;

import static dorada.core.outcome.Numbers.number;
import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.design.FiveEighthsDesign;
import dorada.core.design.QuarterWaveDesign;
import dorada.core.planning.Choice.Advised;
import dorada.core.planning.Choice.Antenna;
import dorada.core.planning.Choice.Ground;
import dorada.core.planning.Choice.Said;
import dorada.core.planning.Choice.Solved;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is advised of what was looked at. */
class ChoiceTest {

    private static final Antenna QUARTER =
            new Antenna("quarter", QuarterWaveDesign.KIND.words(), 0.46, Optional.empty());
    private static final Antenna LONG = new Antenna("long", FiveEighthsDesign.KIND.words(), 1.18, Optional.empty());

    private static Antenna solved(
            Antenna a, boolean holds, double wantedDbi, double worstSwr, double gainLessEffortDb) {
        return new Antenna(
                a.id(),
                a.title(),
                a.lengthM(),
                Optional.of(new Solved(a.lengthM() - 0.01, worstSwr, holds, wantedDbi, gainLessEffortDb)));
    }

    private static Advised of(Antenna... open) {
        return Choice.antenna(List.of(open), 2).orElseThrow();
    }

    @Test
    void untilAllAreSolvedTheFirstByRuleIsNamed() {
        Advised byRule = of(QUARTER, solved(LONG, true, 3, 1.2, 3));
        assertThat(byRule)
                .isEqualTo(new Advised("quarter", Said.RULE_OF_THUMB.of(QuarterWaveDesign.KIND.words(), 0.46)));
        assertThat(Choice.antenna(List.of(), 2)).isEmpty();
    }

    @Test
    void ofThoseThatHoldTheBandTheOneThatBringsMostForItsTroubleIsFitted() {
        Advised simple = of(solved(QUARTER, true, -0.5, 1.8, -0.5), solved(LONG, true, 0.4, 1.8, -1));
        assertThat(simple)
                .isEqualTo(new Advised("quarter", Said.FIT.of(QuarterWaveDesign.KIND.words(), 0.45, 2.0, -0.5)));
        assertThat(of(solved(QUARTER, true, -0.5, 1.8, -0.5), solved(LONG, true, 2.2, 1.8, 1))
                        .id())
                .isEqualTo("long");
    }

    @Test
    void anAntennaThatReachesFarMoreIsNotHiddenBehindABetterMatch() {
        Advised deaf = of(solved(QUARTER, true, -14, 1.8, -14), solved(LONG, false, 5, 2.7, 4));
        assertThat(deaf.id()).isEqualTo("quarter");
        assertThat(deaf.outcome())
                .isEqualTo(
                        Said.LOUDER.of(QuarterWaveDesign.KIND.words(), 2.0, FiveEighthsDesign.KIND.words(), 19.0, 2.7));
        Advised little = of(solved(QUARTER, true, 0, 1.8, 0), solved(LONG, false, 5.9, 2.7, 5));
        assertThat(little.outcome().is(Said.FIT)).isTrue();
    }

    @Test
    void whereNoneHoldsTheBandTheNearestIsNamed() {
        Advised none = of(solved(QUARTER, false, 0, 2.9, 0), solved(LONG, false, 4, 4, 4));
        assertThat(none)
                .isEqualTo(new Advised("quarter", Said.NONE_HOLDS.of(QuarterWaveDesign.KIND.words(), 2.0, 2.9)));
    }

    @Test
    void theLightestGroundThatHoldsStandsBesideTheBest() {
        Ground tab = new Ground("tab", 5, 118e6, false, 0);
        Ground mesh = new Ground("mesh", 1.8, 118e6, true, 0.3);
        Ground sheet = new Ground("sheet", 1.5, 136e6, true, 1.4);
        assertThat(Choice.ground(List.of(), 2)).isEmpty();
        Advised all = Choice.ground(List.of(tab, mesh, sheet), 2).orElseThrow();
        assertThat(all.id()).isEqualTo("sheet");
        assertThat(all.outcome().is(Said.GROUND_AND_LIGHTER)).isTrue();
        assertThat(all.outcome().params()).containsEntry("lighter", "mesh");
        assertThat(number(all.outcome(), "massKg")).isEqualTo(0.3);
        assertThat(Choice.ground(List.of(tab, mesh), 2).orElseThrow().outcome())
                .isEqualTo(Said.GROUND_HOLDS.of("mesh", 2.0, 1.8, 118e6));
        assertThat(Choice.ground(List.of(tab), 2).orElseThrow().outcome())
                .isEqualTo(Said.NO_GROUND_HOLDS.of("tab", 2.0, 5.0, 118e6));
    }
}
