package dorada.core.wire;

import static dorada.core.wire.Wires.ONE_METRE;
import static dorada.core.wire.Wires.dipole;
import static dorada.core.wire.Wires.groundPlane;
import static dorada.core.wire.Wires.impedance;
import static dorada.core.wire.Wires.solve;
import static dorada.core.wire.Wires.vertical;
import static dorada.core.wire.Wires.zero;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The solver against published antennas and against formulas that were computed another way. */
class KnownAntennasTest {

    private static final Port MIDDLE = new Port(0, 0.5);
    private static final Port BASE = new Port(0, 0);
    private static final double ETA = 376.730_313_668;

    /** Two segments carry one mode: then Galerkin's method and the induced-EMF method are the same integral. */
    @ParameterizedTest
    @CsvSource({"0.1, 0", "0.3, 0", "0.5, 0", "1.0, 0", "0.2, 0.3", "0.7, 0.1"})
    void mutualImpedanceOfParallelDipolesIsThatOfTheInducedEmfMethod(double apart, double shift) {
        // Source: C. A. Balanis, Antenna Theory, 3rd ed., equation 8-68 (field of a sinusoidal current), integrated
        // here.
        double l = 0.39;
        double a = 1e-5;
        Structure two =
                Structure.inFreeSpace(List.of(dipole(0, l, a), vertical(apart, shift - l / 2, shift + l / 2, a)));
        Solution s = new Solver(two, List.of(MIDDLE, new Port(1, 0.5)), ONE_METRE, 5).at(ONE_METRE, Watch.NOBODY);
        Complex det = s.admittance(0, 0)
                .multiply(s.admittance(1, 1))
                .subtract(s.admittance(0, 1).multiply(s.admittance(1, 0)));
        Complex mutual = s.admittance(0, 1).negate().divide(det);
        Complex wanted = inducedEmf(l, apart, shift);
        assertThat(mutual.subtract(wanted).norm()).isLessThan(0.002 * wanted.norm() + 0.01);
    }

    /** One mode again: the self-impedance is the mutual one at the distance of the radius. */
    @ParameterizedTest
    @CsvSource({"0.39, 0.001", "0.39, 0.0002", "0.3, 0.003"})
    void selfImpedanceIsThatOfTheInducedEmfMethod(double l, double radius) {
        Impedance z = new Solver(Structure.inFreeSpace(List.of(dipole(0, l, radius))), List.of(MIDDLE), ONE_METRE, 5)
                .at(ONE_METRE, Watch.NOBODY)
                .impedance();
        Complex wanted = inducedEmf(l, radius, 0);
        assertThat(new Complex(z.resistanceOhm(), z.reactanceOhm())
                        .subtract(wanted)
                        .norm())
                .isLessThan(0.002 * wanted.norm());
    }

    /** Z₂₁ of two dipoles of length {@code l}, {@code apart} and shifted along their axes; lengths in wavelengths. */
    private static Complex inducedEmf(double l, double apart, double shift) {
        double k = 2 * Math.PI;
        double feed = Math.sin(k * l / 2);
        double[] parts = new double[2];
        for (int part = 0; part < 2; part++) {
            int wanted = part;
            UnivariateFunction voltage = z -> {
                double at = z + shift;
                double r0 = Math.hypot(apart, at);
                double r1 = Math.hypot(apart, at - l / 2);
                double r2 = Math.hypot(apart, at + l / 2);
                // E_z = −jη/4π [e^{−jkR1}/R1 + e^{−jkR2}/R2 − 2 cos(kl/2) e^{−jkr}/r] for a current maximum of 1 A.
                Complex sum = spherical(k, r1)
                        .add(spherical(k, r2))
                        .subtract(spherical(k, r0).multiply(2 * Math.cos(k * l / 2)));
                Complex e = sum.multiply(new Complex(0, -ETA / (4 * Math.PI)));
                double current = Math.sin(k * (l / 2 - Math.abs(z)));
                Complex v = e.multiply(-current / (feed * feed));
                return wanted == 0 ? v.getReal() : v.getImaginary();
            };
            // The current bends at the feed: each half by itself.
            var rule = new IterativeLegendreGaussIntegrator(32, 1e-6, 1e-7, 2, 400);
            parts[part] =
                    rule.integrate(10_000_000, voltage, -l / 2, 0) + rule.integrate(10_000_000, voltage, 0, l / 2);
        }
        return new Complex(parts[0], parts[1]);
    }

    private static Complex spherical(double k, double r) {
        return new Complex(Math.cos(k * r) / r, -Math.sin(k * r) / r);
    }

    /** The closed form of the induced-EMF method, 73.1 + j42.5 Ω at half a wave, is the limit of the thin wire. */
    @Test
    void veryThinHalfWaveDipoleApproachesTheTextbook() {
        // Source: Balanis, section 8.5; from memory. The approach goes with the logarithm of the thickness.
        Impedance thin = impedance(Structure.inFreeSpace(List.of(dipole(0, 0.5, 1e-8))), MIDDLE, ONE_METRE);
        assertThat(thin.resistanceOhm()).isBetween(73.1, 77.0);
        assertThat(thin.reactanceOhm()).isBetween(41.5, 44.0);
    }

    @Test
    void quarterWaveOverPerfectGroundIsHalfADipole() {
        Impedance whole = impedance(Structure.inFreeSpace(List.of(dipole(0, 0.48, 1e-3))), MIDDLE, ONE_METRE);
        Impedance half = impedance(Structure.overGround(List.of(vertical(0, 0, 0.24, 1e-3))), BASE, ONE_METRE);
        assertThat(half.resistanceOhm()).isCloseTo(whole.resistanceOhm() / 2, within(1e-6));
        assertThat(half.reactanceOhm()).isCloseTo(whole.reactanceOhm() / 2, within(1e-6));
    }

    /** "About 36 Ω": common practice, no source. */
    @Test
    void resonantQuarterWaveOverGroundHasAbout36Ohm() {
        double length = zero(
                l -> impedance(Structure.overGround(List.of(vertical(0, 0, l, 1e-3))), BASE, ONE_METRE)
                        .reactanceOhm(),
                0.2,
                0.26);
        Impedance z = impedance(Structure.overGround(List.of(vertical(0, 0, length, 1e-3))), BASE, ONE_METRE);
        assertThat(z.resistanceOhm()).isBetween(34.5, 37.5);
    }

    @ParameterizedTest
    @CsvSource({"5000, 0.49", "50, 0.475"})
    void resonantLengthShrinksWithThickness(double lengthOverDiameter, double waves) {
        // Source: W. L. Stutzman, G. A. Thiele, Antenna Theory and Design, table of resonant half-wave dipoles; from
        // memory.
        double resonant = zero(
                l -> impedance(
                                Structure.inFreeSpace(List.of(dipole(0, l, l / lengthOverDiameter / 2))),
                                MIDDLE,
                                ONE_METRE)
                        .reactanceOhm(),
                0.42,
                0.5);
        assertThat(resonant).isCloseTo(waves, within(0.008));
    }

    @Test
    void directivityOfHalfWaveAndShortDipole() {
        // 1.643 and 1.5: Balanis, sections 4.6 and 4.3.
        FarField half = solve(Structure.inFreeSpace(List.of(dipole(0, 0.5, 1e-6))), MIDDLE, ONE_METRE)
                .farField();
        assertThat(half.maxGainDbi()).isCloseTo(2.15, within(0.03));
        assertThat(half.gainDbi(77, 0)).isCloseTo(half.maxGainDbi(), within(0.01));
        assertThat(half.gainDbi(0, 89.9)).isLessThan(-30);
        FarField little = solve(Structure.inFreeSpace(List.of(dipole(0, 0.02, 1e-6))), MIDDLE, ONE_METRE)
                .farField();
        assertThat(little.maxGainDbi()).isCloseTo(10 * Math.log10(1.5), within(0.01));
        assertThat(little.verticalGain(10, 20)).isCloseTo(little.gain(10, 20), within(1e-9));
    }

    @Test
    void foldedDipoleHasFourTimesTheResistance() {
        // Source: Balanis, section 9.5, equal conductors. At resonance of each.
        double plain = resonantResistance(l -> Structure.inFreeSpace(List.of(dipole(0, l, 1e-3))));
        double folded = resonantResistance(l -> Wires.folded(l, 0.012, 1e-3));
        assertThat(folded / plain).isCloseTo(4, within(0.12));
    }

    private static double resonantResistance(java.util.function.DoubleFunction<Structure> of) {
        double length = zero(l -> impedance(of.apply(l), MIDDLE, ONE_METRE).reactanceOhm(), 0.44, 0.5);
        return impedance(of.apply(length), MIDDLE, ONE_METRE).resistanceOhm();
    }

    /** Flat 20 to 25 Ω, about 50 at 45°: common practice, no source. */
    @Test
    void droopingRadialsRaiseTheResistanceTowardFifty() {
        double before = 0;
        List<Double> ohm = new ArrayList<>();
        for (double droop : new double[] {0, 15, 30, 45}) {
            double length = zero(
                    l -> impedance(groundPlane(l, 0.25, 4, droop, 1e-3), BASE, ONE_METRE)
                            .reactanceOhm(),
                    0.19,
                    0.28);
            double here = impedance(groundPlane(length, 0.25, 4, droop, 1e-3), BASE, ONE_METRE)
                    .resistanceOhm();
            assertThat(here).isGreaterThan(before);
            before = here;
            ohm.add(here);
        }
        assertThat(ohm.get(0)).isBetween(20.0, 25.0);
        assertThat(ohm.get(3)).isBetween(45.0, 55.0);
    }

    @ParameterizedTest
    @CsvSource({"3, 7.1", "5, 9.2"})
    void beamsOfTheNationalBureauReachTheirGain(int elements, double gainDbd) {
        // Source: P. P. Viezbicke, Yagi Antenna Design, NBS Technical Note 688 (1976), table 1, d/λ = 0.0085; from
        // memory.
        double[] directors = elements == 3 ? new double[] {0.442} : new double[] {0.428, 0.424, 0.428};
        double a = 0.0085 / 2;
        List<Wire> wires = new ArrayList<>();
        wires.add(dipole(0, 0.455, a));
        wires.add(dipole(-0.2, 0.482, a));
        for (int i = 0; i < directors.length; i++) {
            wires.add(dipole(0.2 * (i + 1), directors[i], a));
        }
        FarField far = solve(Structure.inFreeSpace(wires), MIDDLE, ONE_METRE).farField();
        assertThat(far.gainDbi(0, 0)).isCloseTo(gainDbd + 2.15, within(0.5));
        assertThat(far.gainDbi(0, 0) - far.gainDbi(180, 0)).isGreaterThan(6);
    }

    /** 495 mm over 45° radials, 1.6, 25 and 76 mm thick: common practice, no source; order and trend only. */
    @Test
    void thickerElementIsWiderAndShorter() {
        double[] width = new double[3];
        double[] dip = new double[3];
        double[] thick = {0.0016, 0.025, 0.076};
        for (int t = 0; t < 3; t++) {
            Structure s = groundPlane(0.495, 0.495, 4, 45, 0.003);
            List<Wire> wires = new ArrayList<>(s.wires());
            wires.set(0, vertical(0, 0, 0.495, thick[t] / 2));
            Solver solver = new Solver(Structure.inFreeSpace(wires), List.of(BASE), 190e6);
            double best = 1;
            for (double hz = 110e6; hz <= 190e6; hz += 0.5e6) {
                Reflection r = Wires.reflection(solver, hz);
                width[t] += r.swr() < 2 ? 0.5 : 0;
                if (r.magnitude() < best) {
                    best = r.magnitude();
                    dip[t] = hz;
                }
            }
        }
        assertThat(width[0]).isBetween(9.0, 27.0);
        assertThat(width[1]).isBetween(width[0], 40.0);
        assertThat(width[2]).isGreaterThan(1.2 * width[1]);
        assertThat(dip[1]).isLessThan(dip[0]);
    }

    /** Against two wires that carry opposite currents: what the image method stands for. */
    @Test
    void horizontalDipoleOverGroundIsOneOfTwo() {
        Wire above = new Wire(new Point(-0.24, 0, 0.2), new Point(0.24, 0, 0.2), 1e-3);
        Wire below = new Wire(new Point(-0.24, 0, -0.2), new Point(0.24, 0, -0.2), 1e-3);
        Impedance over = impedance(Structure.overGround(List.of(above)), MIDDLE, ONE_METRE);
        Solution two = new Solver(
                        Structure.inFreeSpace(List.of(above, below)), List.of(MIDDLE, new Port(1, 0.5)), ONE_METRE)
                .at(ONE_METRE, Watch.NOBODY);
        // I₁ for V₂ = −V₁.
        Complex z = two.admittance(0, 0).subtract(two.admittance(0, 1)).reciprocal();
        assertThat(over.resistanceOhm()).isCloseTo(z.getReal(), within(1e-3));
        assertThat(over.reactanceOhm()).isCloseTo(z.getImaginary(), within(1e-3));
        FarField far =
                solve(Structure.overGround(List.of(above)), MIDDLE, ONE_METRE).farField();
        assertThat(far.averageGain()).isCloseTo(1, within(0.001));
        assertThat(far.gain(0, 0)).isLessThan(1e-9);
    }
}
