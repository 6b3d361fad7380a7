package dorada.core.wire;

import static dorada.core.wire.Wires.ONE_METRE;
import static dorada.core.wire.Wires.dipole;
import static dorada.core.wire.Wires.solve;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.line.Line;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import java.util.List;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;

/** Lines between ports of one structure. One wavelength is one metre. */
class LinkTest {

    private static final Port FIRST = new Port(0, 0.5);
    private static final Port SECOND = new Port(1, 0.5);

    private static Line line(double lengthM, double ohm) {
        return new Line(lengthM, 1, ohm, 0, 0);
    }

    /** A dipole, and far from it a tiny piece of wire that hardly loads what is connected to it. */
    private static Structure withRemoteFeed(double lengthM) {
        return Structure.inFreeSpace(
                List.of(new Wire(new Point(40, 0, 0), new Point(40, 0, 0.004), 1e-5), dipole(0, lengthM, 1e-3)));
    }

    /** Source: D. M. Pozar, Microwave Engineering, equation 2.44 (line) and section 5.4 (quarter wave), by core.line. */
    @Test
    void aLineShowsItsFarEndTransformed() {
        Structure apart = withRemoteFeed(0.44);
        Impedance alone = solve(Structure.inFreeSpace(List.of(dipole(0, 0.44, 1e-3))), FIRST, ONE_METRE)
                .impedance();
        for (double l : new double[] {0.1, 0.25, 0.5, 0.83}) {
            Line line = line(l, 75);
            Impedance seen = solve(apart.with(new Link(FIRST, SECOND, line, false)), FIRST, ONE_METRE)
                    .impedance();
            Reflection expected = line.towardRadio(Reflection.of(alone, 50), 50, ONE_METRE);
            assertThat(Reflection.of(seen, 50).re()).as("at %s", l).isCloseTo(expected.re(), within(0.003));
            assertThat(Reflection.of(seen, 50).im()).as("at %s", l).isCloseTo(expected.im(), within(0.003));
        }
    }

    @Test
    void aHalfWaveWithItsConductorsExchangedTurnsTheNeighbourRound() {
        Structure two = Structure.inFreeSpace(List.of(dipole(0, 0.47, 1e-3), dipole(0.3, 0.47, 1e-3)));
        Solution free = new Solver(two, List.of(FIRST, SECOND), ONE_METRE).at(ONE_METRE, Watch.NOBODY);
        Complex sum = free.admittance(0, 0)
                .add(free.admittance(1, 1))
                .add(free.admittance(0, 1).multiply(2));
        Complex difference = free.admittance(0, 0)
                .add(free.admittance(1, 1))
                .subtract(free.admittance(0, 1).multiply(2));
        // A half wave turns the voltage round; exchanging the conductors turns it back.
        assertAdmittance(two.with(new Link(FIRST, SECOND, line(0.5, 300), true)), sum);
        assertAdmittance(two.with(new Link(FIRST, SECOND, line(0.5, 300), false)), difference);
    }

    private static void assertAdmittance(Structure s, Complex expected) {
        Complex y = solve(s, FIRST, ONE_METRE).admittance(0, 0);
        assertThat(y.subtract(expected).norm()).isLessThan(1e-6 * expected.norm());
    }

    @Test
    void powerIsKeptAndALossyLineTakesItsShare() {
        Structure two = Structure.inFreeSpace(List.of(dipole(0, 0.47, 1e-3), dipole(0.3, 0.47, 1e-3)));
        Solution lossless = solve(two.with(new Link(FIRST, SECOND, line(0.2, 100), false)), FIRST, ONE_METRE);
        assertThat(lossless.efficiency()).isCloseTo(1, within(1e-6));
        assertThat(lossless.farField().averageGain()).isCloseTo(1, within(0.003));
        Line lossy = new Line(0.2, 1, 100, 20, 0);
        Solution warm = solve(two.with(new Link(FIRST, SECOND, lossy, false)), FIRST, ONE_METRE);
        assertThat(warm.efficiency()).isBetween(0.3, 0.97);
        assertThat(warm.farField().averageGain()).isCloseTo(1, within(0.003));
    }

    @Test
    void noLineLeadsNowhere() {
        assertThatThrownBy(() -> new Link(FIRST, FIRST, line(1, 50), false))
                .hasMessageContaining("A_LINE_MUST_RUN_BETWEEN_TWO");
        assertThatThrownBy(() -> new Link(FIRST, SECOND, line(0, 50), false))
                .hasMessageContaining("A_LINE_BETWEEN_TWO_PORTS_NEEDS");
        Link beyond = new Link(FIRST, new Port(7, 0.5), line(1, 50), false);
        Structure one = Structure.inFreeSpace(List.of(dipole(0, 0.47, 1e-3))).with(beyond);
        assertThatThrownBy(() -> new Solver(one, List.of(FIRST), ONE_METRE)).hasMessageContaining("wire=7");
    }
}
