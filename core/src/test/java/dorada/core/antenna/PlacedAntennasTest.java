package dorada.core.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.rf.Impedance;
import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Solver;
import dorada.core.wire.Watch;
import dorada.core.wire.Wire;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Antennas put somewhere: raised over ground, on a sheet, with radials of their own. */
class PlacedAntennasTest {

    private static final double HZ = 150e6;
    private static final double WAVE_M = 299.792458 / 150;

    private static Impedance feed(Assembly a) {
        return new Solver(a.structure(), List.of(a.feed()), HZ)
                .at(HZ, Watch.NOBODY)
                .impedance();
    }

    private static GroundPlane plane() {
        return new GroundPlane(0.24 * WAVE_M, 0.002, 4, 0.26 * WAVE_M, 40, Conductor.ALUMINIUM);
    }

    @Test
    void farAboveTheGroundItIsAsInFreeSpaceAndNearItIsNot() {
        Impedance free = feed(plane().assemble());
        Impedance high = feed(plane().assemble().raisedOverGround(15 * WAVE_M));
        Impedance low = feed(plane().assemble().raisedOverGround(0.22 * WAVE_M));
        assertThat(high.resistanceOhm()).isCloseTo(free.resistanceOhm(), within(0.02 * free.resistanceOhm()));
        assertThat(Math.hypot(low.resistanceOhm() - free.resistanceOhm(), low.reactanceOhm() - free.reactanceOhm()))
                .isGreaterThan(1);
    }

    @Test
    void raisingKeepsWiresConductorsAndFeed() {
        Assembly before = plane().assemble();
        Assembly after = before.raisedOverGround(3);
        assertThat(after.structure().overPerfectGround()).isTrue();
        assertThat(after.feed()).isEqualTo(before.feed());
        for (int i = 0; i < before.structure().wires().size(); i++) {
            Wire a = before.structure().wires().get(i);
            Wire b = after.structure().wires().get(i);
            assertThat(b.from().z()).isCloseTo(a.from().z() + 3, within(1e-12));
            assertThat(b.lengthM()).isCloseTo(a.lengthM(), within(1e-12));
            assertThat(b.conductor()).isEqualTo(a.conductor());
        }
    }

    @Test
    void aHalfWaveOnARoofStandsAtItsPlaceAndFeelsTheRoof() {
        EndFedHalfWave whip = new EndFedHalfWave(0.95, 0.0012, 0.12, 56, 2.2e-6, Conductor.STAINLESS_STEEL);
        Assembly onRoof = EndFedHalfWave.on(whip.assemble(), 0.12, Plate.sheet(1.4, 1.2, 0.2), 0.3, -0.2);
        Wire element = onRoof.structure().wires().get(0);
        assertThat(element.from()).isEqualTo(new Point(0.3, -0.2, 0.12));
        assertThat(onRoof.networks()).hasSize(2);
        Impedance clear = feed(whip.assemble());
        Impedance roof = feed(onRoof);
        assertThat(Math.abs(roof.resistanceOhm() - clear.resistanceOhm())).isGreaterThan(0.05 * clear.resistanceOhm());
        assertThatThrownBy(() -> EndFedHalfWave.on(whip.assemble(), 0.12, Plate.sheet(1.4, 1.2, 0.2), 0.9, 0))
                .hasMessageContaining("beside its plate");
    }

    private static Impedance whipOn(AirbandWhip.Radials radials) {
        return feed(new AirbandWhip(0.48, 0, 0.003, radials, Conductor.STAINLESS_STEEL).assemble());
    }

    @Test
    void evenRadialsAreThoseOfAGroundPlane() {
        Impedance even = whipOn(AirbandWhip.Radials.even(4, 0.5, 0.003));
        Impedance plane = feed(new GroundPlane(0.48, 0.003, 4, 0.5, 0, Conductor.PERFECT).assemble());
        assertThat(even.resistanceOhm()).isCloseTo(plane.resistanceOhm(), within(0.6));
        assertThat(even.reactanceOhm()).isCloseTo(plane.reactanceOhm(), within(1.5));
    }

    /** Flat radials 20 to 25 Ω, drooping ones toward 50 Ω: common practice, no source. */
    @Test
    void droopOfEachRadialRaisesTheResistance() {
        double last = 0;
        for (double droop : new double[] {0, 20, 45}) {
            AirbandWhip.Radials radials = new AirbandWhip.Radials(
                    List.of(
                            new AirbandWhip.Radial(0, 0.5, droop, 0.002),
                            new AirbandWhip.Radial(120, 0.5, droop, 0.002),
                            new AirbandWhip.Radial(240, 0.5, droop, 0.002)),
                    Conductor.COPPER);
            double ohm = whipOn(radials).resistanceOhm();
            assertThat(ohm).isGreaterThan(last);
            last = ohm;
        }
        // This whip is a little longer than resonant, which adds some ohms.
        assertThat(last).isBetween(42.0, 62.0);
    }
}
