package dorada.core.wire;

import static dorada.core.wire.Wires.ONE_METRE;
import static dorada.core.wire.Wires.dipole;
import static dorada.core.wire.Wires.vertical;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class RefusalTest {

    private static final Wire GOOD = dipole(0, 0.5, 1e-3);

    static Stream<Arguments> bad() {
        Point o = new Point(0, 0, 0);
        return Stream.of(
                Arguments.of(
                        "CROSSES",
                        1,
                        false,
                        List.of(GOOD, new Wire(new Point(-0.1, 0, 0.1), new Point(0.1, 0, 0.1), 1e-3))),
                Arguments.of(
                        "CROSSES",
                        1,
                        false,
                        List.of(GOOD, new Wire(new Point(0, 0, 0.1), new Point(0.1, 0, 0.1), 1e-3))),
                Arguments.of(
                        "LIES_ALONG",
                        1,
                        false,
                        List.of(GOOD, new Wire(new Point(0, 0, -0.25), new Point(0.005, 0, 0.2), 1e-3))),
                Arguments.of("IT_BEGINS_AND_ENDS_AT_THE", 1, false, List.of(GOOD, new Wire(o, o, 1e-3))),
                Arguments.of("IT_IS_SHORTER_THAN_IT_IS", 1, false, List.of(GOOD, vertical(1, 0, 0.01, 0.02))),
                Arguments.of("IT_IS_TOO_THICK_FOR_THIS", 1, false, List.of(GOOD, vertical(1, 0, 0.9, 0.1))),
                Arguments.of("RADIUS_NOT_ABOVE_0", 1, false, List.of(GOOD, vertical(1, 0, 0.9, 0))),
                Arguments.of("IT_REACHES_BELOW_THE_GROUND_PLANE", 0, true, List.of(GOOD)),
                Arguments.of("IT_LIES_IN_THE_GROUND_PLANE", 0, true, List.of(new Wire(o, new Point(0.5, 0, 0), 1e-3))),
                Arguments.of(
                        "IT_COMES_NEARER_TO_THE_GROUND",
                        0,
                        true,
                        List.of(new Wire(new Point(0, 0, 0.001), new Point(0.5, 0, 0.001), 1e-3))),
                Arguments.of("TOO_LARGE", 0, false, List.of(dipole(0, 400, 1e-3))),
                Arguments.of(
                        "A_LAYER_BEGINS_INSIDE_THE_WIRE", 0, false, List.of(GOOD.in(new Sheath("", 1e-4, 2e-3, 2)))));
    }

    @ParameterizedTest
    @MethodSource("bad")
    void saysWhichWireAndWhy(String words, int wire, boolean ground, List<Wire> wires) {
        Structure s = ground ? Structure.overGround(wires) : Structure.inFreeSpace(wires);
        assertThatThrownBy(() -> new Solver(s, List.of(new Port(0, 0.5)), ONE_METRE))
                .isInstanceOfSatisfying(
                        WireException.class, e -> assertThat(e.wire()).isEqualTo(wire))
                .hasMessageContaining(words);
    }

    @Test
    void aFeedNeedsCurrent() {
        Structure s = Structure.inFreeSpace(List.of(GOOD));
        assertThatThrownBy(() -> new Solver(s, List.of(new Port(0, 1)), ONE_METRE))
                .hasMessageContaining("PORT_ON_AN_OPEN_END");
        assertThatThrownBy(() -> new Solver(s, List.of(new Port(3, 0.5)), ONE_METRE))
                .hasMessageContaining("NO_SUCH_WIRE {wire=3, last=0}");
        assertThatThrownBy(() -> new Solver(s, List.of(), ONE_METRE)).hasMessageContaining("NOTHING_IS_FED");
        assertThatThrownBy(() -> new Port(0, 1.5)).hasMessageContaining("POSITION");
        assertThatThrownBy(() -> new Solver(s, List.of(new Port(0, 0.5)), 1e8).at(2e8, Watch.NOBODY))
                .hasMessageContaining("made for frequencies");
    }

    @Test
    void saysHowFarItIsAndStopsWhenAsked() {
        Structure s = Structure.inFreeSpace(List.of(dipole(0, 4, 1e-3), dipole(0.3, 4, 1e-3)));
        Solver solver = new Solver(s, List.of(new Port(0, 0.5)), ONE_METRE);
        AtomicInteger heard = new AtomicInteger();
        solver.at(ONE_METRE, share -> {
            assertThat(share).isBetween(0.0, 1.0);
            heard.incrementAndGet();
            return true;
        });
        assertThat(heard.get()).isGreaterThan(5);
        assertThatThrownBy(() -> solver.at(ONE_METRE, share -> share < 0.3)).isInstanceOf(CancellationException.class);
    }
}
