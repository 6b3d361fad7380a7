package dorada.core.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.rf.Impedance;
import java.util.List;
import org.junit.jupiter.api.Test;

class MaterialsTest {

    /** Skin depth of copper 66 µm/√MHz, and R = 1/(σ·2πa·δ): handbook value, from memory. */
    @Test
    void copperHasItsSkinDepth() {
        double depth = 66.1e-6 / Math.sqrt(100);
        double wanted = 1 / (5.8e7 * 2 * Math.PI * 1e-3 * depth);
        assertThat(Conductor.COPPER.ohmPerMetre(100e6, 1e-3)).isCloseTo(wanted, within(0.01 * wanted));
        assertThat(Conductor.COPPER.ohmPerMetre(400e6, 1e-3)).isCloseTo(2 * wanted, within(0.02 * wanted));
        assertThat(Conductor.PERFECT.ohmPerMetre(100e6, 1e-3)).isZero();
        // Iron's permeability makes its skin thin; nothing falls below its steady resistance.
        assertThat(Conductor.STEEL.ohmPerMetre(27e6, 1e-3))
                .isGreaterThan(20 * Conductor.COPPER.ohmPerMetre(27e6, 1e-3));
        assertThat(Conductor.COPPER.ohmPerMetre(1, 1e-3)).isCloseTo(1 / (5.8e7 * Math.PI * 1e-6), within(1e-9));
        assertThatThrownBy(() -> new Conductor(0, 1)).hasMessageContaining("CONDUCTIVITY");
    }

    @Test
    void seriesElementsAreSums() {
        double hz = 1e6 / (2 * Math.PI);
        Impedance z = new Lumped.Series(3, 50e-6, 20e-9, 25).impedanceAt(hz);
        // ωL = 50 Ω, 1/ωC = 50 Ω; 50 Ω over a quality of 25 is 2 Ω.
        assertThat(z.resistanceOhm()).isCloseTo(5, within(1e-9));
        assertThat(z.reactanceOhm()).isCloseTo(0, within(1e-9));
        assertThat(Lumped.Series.resistor(7).impedanceAt(hz)).isEqualTo(new Impedance(7, 0));
        assertThat(Lumped.Series.capacitor(20e-9).impedanceAt(hz).reactanceOhm())
                .isCloseTo(-50, within(1e-9));
        assertThat(Lumped.Series.coil(50e-6, 50).impedanceAt(hz).resistanceOhm())
                .isCloseTo(1, within(1e-9));
    }

    @Test
    void aTrapIsHighWhereItResonates() {
        double hz = 1e6 / (2 * Math.PI);
        Lumped trap = new Lumped.Trap(50e-6, 20e-9, 100);
        // Q·ωL.
        assertThat(trap.impedanceAt(hz).resistanceOhm()).isCloseTo(5000, within(5.0));
        assertThat(trap.impedanceAt(hz / 2).reactanceOhm()).isPositive();
        assertThat(trap.impedanceAt(hz * 2).reactanceOhm()).isNegative();
    }

    /** Z₀·tan βl without loss. Source: D. M. Pozar, Microwave Engineering, section 2.3. */
    @Test
    void aShortedStubIsACoilBelowItsQuarterWave() {
        Lumped stub = new Lumped.ShortedStub(50, 0.1, 0.66, 0.001);
        double quarterHz = 299_792_458 * 0.66 / 0.4;
        assertThat(stub.impedanceAt(quarterHz / 2).reactanceOhm()).isCloseTo(50, within(0.01));
        assertThat(stub.impedanceAt(quarterHz).resistanceOhm()).isGreaterThan(1e5);
        assertThat(stub.impedanceAt(quarterHz * 1.5).reactanceOhm()).isCloseTo(-50, within(0.01));
    }

    @Test
    void aLayerLowersThePotentialOfACharge() {
        Sheath pvc = Sheath.insulation(0.5e-3, 1e-3, 3);
        // ln 3/(2πε₀)·(1/3 − 1).
        assertThat(pvc.potentialChange()).isCloseTo(-Math.log(3) / (2 * Math.PI * 8.854187e-12) * 2 / 3, within(1e5));
        assertThat(new Sheath("", 1, 2, 1).potentialChange()).isZero();
        assertThat(pvc.isShared()).isFalse();
        assertThat(new Sheath("tube", 1, 2, 3).isShared()).isTrue();
        assertThatThrownBy(() -> new Sheath("", 2, 1, 3)).hasMessageContaining("A_LAYER_NEEDS_AN_OUTER_RADIUS");
        assertThatThrownBy(() -> new Sheath("", 1, 2, 0.5)).hasMessageContaining("A_LAYER_NEEDS_AN_OUTER_RADIUS");
    }

    @Test
    void placesAreVectors() {
        Point a = new Point(1, 2, 2);
        assertThat(a.length()).isEqualTo(3);
        assertThat(a.plus(a).minus(a)).isEqualTo(a);
        assertThat(a.times(2).dot(new Point(1, 0, 0))).isEqualTo(2);
        assertThat(a.toward(new Point(3, 2, 2), 0.25)).isEqualTo(new Point(1.5, 2, 2));
        assertThat(a.distanceTo(new Point(1, 2, 7))).isEqualTo(5);
        assertThatThrownBy(() -> new Point(Double.NaN, 0, 0))
                .hasMessageContaining("A_POINT_NEEDS_THREE_FINITE_NUMBERS");
        Wire wire = new Wire(a, new Point(1, 2, 7), 1e-3).of(Conductor.COPPER).in(Sheath.insulation(1e-3, 1e-3, 2));
        assertThat(wire.lengthM()).isEqualTo(5);
        assertThat(wire.conductor()).isEqualTo(Conductor.COPPER);
        assertThat(wire.sheaths()).hasSize(1);
    }

    /** Distances of lines in space, each seen by eye. */
    @Test
    void distancesBetweenWires() {
        Wire up = new Wire(new Point(0, 0, 0), new Point(0, 0, 1), 1e-3);
        assertThat(Clearances.distance(up, new Wire(new Point(-1, 0.2, 0.5), new Point(1, 0.2, 0.5), 1e-3)))
                .isCloseTo(0.2, within(1e-12));
        assertThat(Clearances.distance(up, new Wire(new Point(0.3, 0, 0.2), new Point(0.3, 0, 0.9), 1e-3)))
                .isCloseTo(0.3, within(1e-12));
        assertThat(Clearances.distance(up, new Wire(new Point(0, 0, 1.5), new Point(0, 0, 3), 1e-3)))
                .isCloseTo(0.5, within(1e-12));
        assertThat(Clearances.distance(up, new Wire(new Point(0.3, 0, 1.4), new Point(2, 0, 1.4), 1e-3)))
                .isCloseTo(0.5, within(1e-12));
    }

    @Test
    void currentsEndAtOpenEndsAndAreLargestInTheMiddle() {
        Solution s = Wires.solve(
                Structure.inFreeSpace(List.of(Wires.dipole(0, 0.48, 1e-3))), new Port(0, 0.5), Wires.ONE_METRE);
        Solution.SegmentCurrent[] all = s.segmentCurrents();
        assertThat(all[0].fromAmpere()).isZero();
        assertThat(all[all.length - 1].toAmpere()).isZero();
        assertThat(all[all.length / 2].fromAmpere())
                .isCloseTo(s.admittance(0, 0).norm(), within(1e-12));
        for (int i = 1; i < all.length / 2; i++) {
            assertThat(all[i].fromAmpere()).isGreaterThan(all[i - 1].fromAmpere());
        }
        assertThat(s.currentAt(new Port(0, 0.5)).norm())
                .isCloseTo(s.admittance(0, 0).norm(), within(1e-12));
        assertThat(s.inputW()).isCloseTo(s.admittance(0, 0).getReal() / 2, within(1e-12));
        assertThat(s.lostW()).isZero();
    }
}
