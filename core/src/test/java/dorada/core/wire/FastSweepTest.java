package dorada.core.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dorada.core.rf.Reflection;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class FastSweepTest {

    static Stream<Arguments> antennas() {
        Port base = new Port(0, 0);
        Structure whip = Structure.overGround(List.of(Wires.vertical(0, 0, 1.3, 1e-3)))
                .with(new Load(base, Lumped.Series.coil(3.6e-6, 200)));
        return Stream.of(
                Arguments.of(Wires.groundPlane(0.49, 0.5, 4, 45, 2e-3), base, 136e6, 174e6),
                Arguments.of(Wires.groundPlane(0.49, 0.5, 4, 45, 2e-3), base, 60e6, 400e6),
                Arguments.of(whip, base, 26e6, 28.5e6),
                Arguments.of(Wires.jPole(), new Port(5, 0.5), 130e6, 160e6),
                Arguments.of(Wires.folded(1, 0.03, 2e-3), new Port(0, 0.5), 130e6, 160e6));
    }

    /** Every point solved is the judge. */
    @ParameterizedTest
    @MethodSource("antennas")
    void aDozenSolutionsGiveTheWholeSweep(Structure structure, Port feed, double low, double high) {
        Solver solver = new Solver(structure, List.of(feed), high);
        double[] hz = evenly(low, high, 201);
        DoubleFunction<Reflection> solve = f -> Wires.reflection(solver, f);
        FastSweep fast = FastSweep.of(hz, solve, Watch.NOBODY);
        assertThat(fast.solves()).isLessThanOrEqualTo(14);
        for (int i = 0; i < hz.length; i++) {
            Reflection exact = solve.apply(hz[i]);
            Reflection quick = fast.sweep().reflection(i);
            assertThat(Math.hypot(exact.re() - quick.re(), exact.im() - quick.im()))
                    .isLessThan(0.003);
        }
    }

    @Test
    void aCurveThatNoRationalFitsEasilyTakesMoreSolutions() {
        double[] hz = evenly(100e6, 200e6, 201);
        // Twenty ripples of a long line.
        DoubleFunction<Reflection> ripple = f -> Reflection.polar(0.5, f / 100e6 * 360 * 20);
        FastSweep fast = FastSweep.of(hz, ripple, Watch.NOBODY);
        assertThat(fast.solves()).isGreaterThan(20);
        for (int i = 0; i < hz.length; i++) {
            Reflection exact = ripple.apply(hz[i]);
            assertThat(Math.hypot(
                            exact.re() - fast.sweep().re(i),
                            exact.im() - fast.sweep().im(i)))
                    .isLessThan(0.003);
        }
    }

    @Test
    void aShortSweepIsSolvedPointByPointAndCanBeStopped() {
        FastSweep few = FastSweep.of(evenly(1e6, 2e6, 3), f -> Reflection.NONE, Watch.NOBODY);
        assertThat(few.solves()).isEqualTo(3);
        assertThat(few.errorEstimate()).isZero();
        assertThatThrownBy(() -> FastSweep.of(evenly(1e6, 2e6, 201), f -> Reflection.NONE, share -> false))
                .isInstanceOf(CancellationException.class);
    }

    private static double[] evenly(double low, double high, int points) {
        return IntStream.range(0, points)
                .mapToDouble(i -> low + (high - low) * i / (points - 1))
                .toArray();
    }
}
