package dorada.core.wire;

import static dorada.core.wire.Wires.ONE_METRE;
import static dorada.core.wire.Wires.dipole;
import static dorada.core.wire.Wires.impedance;
import static dorada.core.wire.Wires.solve;
import static dorada.core.wire.Wires.vertical;
import static dorada.core.wire.Wires.zero;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.rf.Impedance;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What must hold for any antenna: conservation, reciprocity, convergence; and materials and lumped elements. */
class PhysicsTest {

    private static final Port MIDDLE = new Port(0, 0.5);
    private static final Port BASE = new Port(0, 0);

    @Test
    void radiatedPowerEqualsInputPower() {
        List<Structure> many = List.of(
                Structure.inFreeSpace(List.of(dipole(0, 0.48, 0.01))),
                Wires.groundPlane(0.24, 0.25, 3, 30, 2e-3),
                Wires.folded(0.46, 0.03, 1e-3),
                Structure.overGround(List.of(
                        vertical(0, 0, 0.1, 4e-3),
                        new Wire(new Point(0, 0, 0.1), new Point(0.07, 0.05, 0.2), 1e-3),
                        new Wire(new Point(0, 0, 0.1), new Point(-0.1, 0, 0.1), 2e-3))));
        for (Structure s : many) {
            Port feed = s.overPerfectGround()
                            || s.wires().size() == 4 && s.wires().get(0).lengthM() < 0.3
                    ? BASE
                    : MIDDLE;
            assertThat(solve(s, feed, ONE_METRE).farField().averageGain()).isCloseTo(1, within(0.002));
        }
        double hz = 146.5e6;
        assertThat(solve(Wires.jPole(), new Port(5, 0.5), hz).farField().averageGain())
                .isCloseTo(1, within(0.01));
    }

    @Test
    void whatOneFeedDoesToTheOtherWorksBothWays() {
        Structure s = Structure.inFreeSpace(
                List.of(dipole(0, 0.4, 1e-3), new Wire(new Point(0.2, 0.1, 0), new Point(0.5, 0.2, 0.4), 3e-3)));
        Solution both = new Solver(s, List.of(MIDDLE, new Port(1, 0.3)), ONE_METRE).at(ONE_METRE, Watch.NOBODY);
        assertThat(both.admittance(0, 1).subtract(both.admittance(1, 0)).norm())
                .isLessThan(1e-12 * both.admittance(0, 0).norm());
    }

    @Test
    void moreSegmentsChangeLessAndLess() {
        Structure s = Wires.groundPlane(0.24, 0.26, 4, 45, 1e-3);
        double[] ohm = new double[4];
        for (int i = 0; i < 4; i++) {
            Impedance z = new Solver(s, List.of(BASE), ONE_METRE, 10 << i)
                    .at(ONE_METRE, Watch.NOBODY)
                    .impedance();
            ohm[i] = Math.hypot(z.resistanceOhm(), z.reactanceOhm());
        }
        assertThat(Math.abs(ohm[3] - ohm[2])).isLessThan(Math.abs(ohm[2] - ohm[1]) * 1.05);
        assertThat(Math.abs(ohm[3] - ohm[1]) / ohm[3]).isLessThan(0.03);
    }

    @Test
    void aWireCutInTwoIsTheSameWire() {
        Impedance one = impedance(Structure.inFreeSpace(List.of(dipole(0, 0.48, 1e-3))), MIDDLE, ONE_METRE);
        // Ends within a tenth of the radius are joined; the second wire runs the other way.
        Structure two = Structure.inFreeSpace(List.of(vertical(0, 0.00005, 0.24, 1e-3), vertical(0, 0, -0.24, 1e-3)));
        Impedance joined = impedance(two, BASE, ONE_METRE);
        assertThat(joined.resistanceOhm()).isCloseTo(one.resistanceOhm(), within(0.1));
        assertThat(joined.reactanceOhm()).isCloseTo(one.reactanceOhm(), within(0.3));
    }

    @Test
    void aCoilCancelsTheReactanceOfAShortWhip() {
        double hz = 27.2e6;
        Structure bare = Structure.overGround(List.of(vertical(0, 0, 1.3, 1.5e-3)));
        double henry = -impedance(bare, BASE, hz).reactanceOhm() / (2 * Math.PI * hz);
        Structure loaded = bare.with(new Load(BASE, Lumped.Series.coil(henry, 200)));
        Solution s = solve(loaded, BASE, hz);
        double coilOhm = 2 * Math.PI * hz * henry / 200;
        assertThat(s.impedance().reactanceOhm()).isCloseTo(0, within(1e-6));
        assertThat(s.impedance().resistanceOhm())
                .isCloseTo(impedance(bare, BASE, hz).resistanceOhm() + coilOhm, within(1e-6));
        double radiation = impedance(bare, BASE, hz).resistanceOhm();
        assertThat(s.efficiency()).isCloseTo(radiation / (radiation + coilOhm), within(1e-6));
        assertThat(s.farField().averageGain()).isCloseTo(1, within(0.001));
    }

    @Test
    void lossOfAShortWireIsAThirdOfItsResistance() {
        // Triangular current: R = r·l/3. Source: Balanis, section 4.3 with example 2.13's loss resistance.
        double a = 0.5e-3;
        double l = 0.02;
        Wire steel = dipole(0, l, a).of(Conductor.STAINLESS_STEEL);
        Solution s = solve(Structure.inFreeSpace(List.of(steel)), MIDDLE, ONE_METRE);
        double lossOhm = (1 - s.efficiency()) * s.impedance().resistanceOhm();
        double perMetre = Math.sqrt(Math.PI * ONE_METRE * 4e-7 * Math.PI / 1.4e6) / (2 * Math.PI * a);
        assertThat(lossOhm).isCloseTo(perMetre * l / 3, within(0.02 * perMetre * l / 3));
    }

    /** Bare two-wire line as a shorted stub: X = Z₀·tan βl, and insulation slows and lowers it. */
    @Test
    void shortedPairOfWiresIsATransmissionLine() {
        double a = 0.5e-3;
        double apart = 0.01;
        double bare = stubReactance(a, apart, List.of(), 0.11);
        double z0 = 119.9 * Math.log(apart / a);
        assertThat(bare).isCloseTo(z0 * Math.tan(2 * Math.PI * (0.11 + apart / 2)), within(0.05 * bare));
        Sheath pvc = Sheath.insulation(a, 1e-3, 2.3);
        double quarter = zero(l -> -1 / stubReactance(a, apart, List.of(pvc), l), 0.1, 0.26);
        double bareQuarter = zero(l -> -1 / stubReactance(a, apart, List.of(), l), 0.1, 0.26);
        // C rises by this factor when ln(b/a)(1 − 1/ε) of ln(d/a) is taken away.
        double slower = Math.sqrt(1 - Math.log(3) * (1 - 1 / 2.3) / Math.log(apart / a));
        assertThat(quarter / bareQuarter).isCloseTo(slower, within(0.02));
        // A tube about both wires carries no field of a balanced line.
        Sheath tube = new Sheath("pipe", 0.02, 0.023, 3);
        assertThat(stubReactance(a, apart, List.of(tube), 0.11)).isCloseTo(bare, within(0.002 * bare));
        // Each in a pipe of its own that size would be another matter.
        assertThat(stubReactance(a, apart, List.of(new Sheath("", 0.002, 0.005, 3)), 0.11))
                .isGreaterThan(1.02 * bare);
    }

    private static double stubReactance(double a, double apart, List<Sheath> sheaths, double length) {
        Wire one = vertical(0, 0, length, a);
        Wire other = vertical(apart, 0, length, a);
        for (Sheath s : sheaths) {
            one = one.in(s);
            other = other.in(s);
        }
        Wire shorted = new Wire(new Point(0, 0, length), new Point(apart, 0, length), a);
        Wire fed = new Wire(new Point(0, 0, 0), new Point(apart, 0, 0), a);
        return impedance(Structure.inFreeSpace(List.of(fed, one, other, shorted)), MIDDLE, ONE_METRE)
                .reactanceOhm();
    }

    /** Insulated wire resonates a few per cent lower (0.93 to 0.98 of bare): common practice, no source. */
    @Test
    void insulationAndATubeLowerTheResonance() {
        double hz = 27e6;
        Wire bare = dipole(0, 5, 0.8e-3);
        double plain = resonance(bare, hz);
        double insulated = resonance(bare.in(Sheath.insulation(0.8e-3, 0.8e-3, 3)), hz);
        double piped = resonance(bare.in(new Sheath("", 0.012, 0.015, 3)), hz);
        assertThat(insulated / plain).isBetween(0.93, 0.985);
        assertThat(piped / plain).isBetween(insulated / plain, 0.999);
    }

    private static double resonance(Wire wire, double near) {
        Solver solver = new Solver(Structure.inFreeSpace(List.of(wire)), List.of(MIDDLE), near * 1.3);
        return zero(f -> solver.at(f, Watch.NOBODY).impedance().reactanceOhm(), near * 0.8, near * 1.3);
    }

    /** A trap is an open circuit where it resonates: what is beyond it no longer matters. */
    @Test
    void aTrapCutsOffWhatIsBeyondIt() {
        double henry = 0.1e-6;
        double farad = 1 / (Math.pow(2 * Math.PI * ONE_METRE, 2) * henry);
        Load trap = new Load(new Port(1, 0), new Lumped.Trap(henry, farad, 1e5));
        Wire lower = vertical(0, 0, 0.24, 1e-3);
        Impedance alone = impedance(Structure.overGround(List.of(lower)), BASE, ONE_METRE);
        Structure longer = Structure.overGround(List.of(lower, vertical(0, 0.24, 0.4, 1e-3)));
        Impedance with = impedance(longer.with(trap), BASE, ONE_METRE);
        Impedance without = impedance(longer, BASE, ONE_METRE);
        assertThat(distance(alone, with)).isLessThan(0.25 * distance(alone, without));
        // A quarter-wave shorted stub does the same.
        Load stub = new Load(new Port(1, 0), new Lumped.ShortedStub(50, 0.25 * 0.66, 0.66, 0.01));
        assertThat(distance(alone, impedance(longer.with(stub), BASE, ONE_METRE)))
                .isCloseTo(distance(alone, with), within(2.0));
    }

    private static double distance(Impedance a, Impedance b) {
        return Math.hypot(a.resistanceOhm() - b.resistanceOhm(), a.reactanceOhm() - b.reactanceOhm());
    }
}
