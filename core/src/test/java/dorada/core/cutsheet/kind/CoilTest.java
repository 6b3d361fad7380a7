package dorada.core.cutsheet.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class CoilTest {

    /**
     * Against the current sheet of H. Nagaoka (1909): µ₀·n²·πr²/l · K with K = 0.6884 for diameter = length (tables, from
     * memory). Wheeler's formula is within a per cent of it.
     */
    @Test
    void inductanceOfACoilAsLongAsWide() {
        double sheet = 4e-7 * Math.PI * 100 * Math.PI * 0.01 * 0.01 / 0.02 * 0.6884;
        assertThat(Coil.henry(10, 0.02, 0.02)).isCloseTo(sheet, within(0.01 * sheet));
    }

    @Test
    void turnsAndInductanceAreEachOthersInverse() {
        for (double turns = 2; turns < 40; turns += 3.7) {
            double henry = Coil.henry(turns, 0.018, turns * 0.002);
            assertThat(Coil.turns(henry, 0.018, 0.002)).isCloseTo(turns, within(1e-9));
        }
    }

    @Test
    void wireOfACoilIsItsTurnsUnrolled() {
        assertThat(Coil.wireM(10, 0.02, 0)).isCloseTo(10 * Math.PI * 0.02, within(1e-12));
        assertThat(Coil.wireM(10, 0.02, 0.01)).isGreaterThan(10 * Math.PI * 0.02);
    }

    /** L and C in parallel: |X| is greatest where the choke resonates and capacitive above. */
    @Test
    void aChokeIsACoilBelowItsResonanceAndACapacitorAbove() {
        double own = CoaxChoke.choking(6, 0.1, 0.005, 20e6)[1];
        assertThat(own).isBetween(20e6, 60e6);
        assertThat(CoaxChoke.choking(6, 0.1, 0.005, 0.5 * own)[0]).isPositive();
        assertThat(CoaxChoke.choking(6, 0.1, 0.005, 2 * own)[0]).isNegative();
        double low = CoaxChoke.choking(6, 0.1, 0.005, 0.1 * own)[0];
        assertThat(low).isCloseTo(2 * Math.PI * 0.1 * own * Coil.henry(6, 0.1, 0.03) / 0.99, within(0.01));
    }

    @Test
    void aThinnerElementMustBeLongerToShowTheSame() {
        assertThat(ParallelBeam.ofThickness(0.442, 0.0085)).isCloseTo(0.442, within(1e-12));
        assertThat(ParallelBeam.ofThickness(0.442, 0.002)).isGreaterThan(0.45);
        assertThat(ParallelBeam.ofThickness(0.442, 0.02)).isLessThan(0.44);
    }
}
