package dorada.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.antenna.AirbandWhip.Radial;
import dorada.core.planning.GroundPlanner.Element;
import dorada.core.planning.GroundPlanner.Ground;
import dorada.core.planning.GroundPlanner.Mesh;
import dorada.core.planning.GroundPlanner.Metal;
import dorada.core.planning.GroundPlanner.Outcome;
import dorada.core.planning.GroundPlanner.RadialGround;
import dorada.core.planning.GroundPlanner.Sheet;
import dorada.core.planning.GroundPlanner.Tab;
import dorada.core.wire.Watch;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A sloped airband whip over what a fabric-covered aircraft can offer. */
class GroundPlannerTest {

    private static final double LOW = 118e6;
    private static final double HIGH = 136.975e6;
    private static final Element WHIP = new Element(0.56, 15, 0.004);

    private static Outcome solve(Ground ground) {
        return GroundPlanner.solve(WHIP, ground, LOW, HIGH, 2.5, Watch.NOBODY);
    }

    private static Ground radials(int count, double lengthM, double droopDeg) {
        return new RadialGround(
                IntStream.range(0, count)
                        .mapToObj(i -> new Radial(360.0 * i / count, lengthM, droopDeg, 0.0015))
                        .toList(),
                Metal.COPPER);
    }

    /** The trade: a bare tab does not do, a ground plane a quarter-wave out does; common practice, no source. */
    @Test
    void aGroundPlaneBringsTheBandUnderTheLimit() {
        Outcome tab = solve(new Tab());
        Outcome four = solve(radials(4, 0.57, 0));
        Outcome sheet = solve(new Sheet(1.2, 1.2, 0.0005, Metal.ALUMINIUM));
        assertThat(tab.holds()).isFalse();
        assertThat(tab.worstSwr()).isGreaterThan(5);
        assertThat(four.worstSwr()).isLessThan(tab.worstSwr() / 2);
        assertThat(sheet.worstSwr()).isLessThan(tab.worstSwr() / 2);
        assertThat(sheet.unknowns()).isGreaterThan(200);
        assertThat(four.solves()).isLessThan(20);
    }

    @Test
    void droopingRadialsRaiseTheResistanceAndSoWidenTheBand() {
        assertThat(solve(radials(4, 0.57, 40)).worstSwr())
                .isLessThan(solve(radials(4, 0.57, 0)).worstSwr());
    }

    @Test
    void trimmedTheDipLiesInMidBand() {
        double middle = (LOW + HIGH) / 2;
        Element shorter = new Element(0.5, 15, 0.004);
        Ground radials = radials(4, 0.57, 30);
        Outcome trimmed = trimmed(shorter, radials);
        assertThat(trimmed.dip().orElseThrow().frequencyHz()).isCloseTo(middle, within(0.01 * middle));
        assertThat(trimmed.worstSwr())
                .isLessThan(GroundPlanner.solve(shorter, radials, LOW, HIGH, 2.5, Watch.NOBODY)
                                .worstSwr()
                        - 0.5);
        Element same = new Element(trimmed.lengthM(), 15, 0.004);
        assertThat(GroundPlanner.solve(same, radials, LOW, HIGH, 2.5, Watch.NOBODY)
                        .worstSwr())
                .isCloseTo(trimmed.worstSwr(), within(1e-9));
        assertThat(trimmed.holds()).isEqualTo(trimmed.worstSwr() <= 2.5);
    }

    private static Outcome trimmed(Element whip, Ground ground) {
        return GroundPlanner.trimmed(whip, ground, LOW, HIGH, 2.5, Watch.NOBODY);
    }

    @Test
    void eachRadialCounts() {
        Outcome even = solve(radials(3, 0.57, 0));
        Outcome oneShort = solve(new RadialGround(
                List.of(
                        new Radial(0, 0.3, 0, 0.0015),
                        new Radial(120, 0.57, 0, 0.0015),
                        new Radial(240, 0.57, 0, 0.0015)),
                Metal.COPPER));
        assertThat(Math.abs(oneShort.worstSwr() - even.worstSwr())).isGreaterThan(0.02);
        assertThat(even.weakestDbi()).isLessThanOrEqualTo(even.horizonDbi());
        assertThat(even.horizonDbi()).isBetween(-2.0, 3.0);
    }

    /** A tenth of a wavelength of opening still is a ground: common practice, no source. */
    @Test
    void aMeshStandsForASheetAndTooWideAMeshIsRefused() {
        Outcome mesh = trimmed(WHIP, new Mesh(1.2, 1.2, 0.15, 0.001, Metal.ALUMINIUM));
        Outcome sheet = trimmed(WHIP, new Sheet(1.2, 1.2, 0.0005, Metal.ALUMINIUM));
        assertThat(mesh.worstSwr()).isCloseTo(sheet.worstSwr(), within(0.25 * sheet.worstSwr()));
        // Thin wires are a coil to the currents: the whip on a mesh wants to be shorter.
        assertThat(mesh.lengthM()).isLessThan(sheet.lengthM());
        assertThatThrownBy(() -> solve(new Mesh(1.2, 1.2, 0.4, 0.001, Metal.ALUMINIUM)))
                .hasMessageContaining("MESH_TOO_WIDE");
    }

    /** By hand: copper 8960 kg/m³; aluminium 2700 kg/m³. */
    @Test
    void massAndArea() {
        assertThat(GroundPlanner.massKg(radials(4, 0.5, 0)))
                .isCloseTo(4 * 0.5 * Math.PI * 2.25e-6 * 8960, within(1e-9));
        assertThat(GroundPlanner.areaM2(radials(4, 0.5, 0))).isCloseTo(1, within(1e-9));
        assertThat(GroundPlanner.areaM2(radials(4, 0.5, 60))).isCloseTo(0.25, within(1e-9));
        Sheet foil = new Sheet(1, 0.8, 0.0001, Metal.ALUMINIUM);
        assertThat(GroundPlanner.massKg(foil)).isCloseTo(0.216, within(1e-9));
        Mesh net = new Mesh(0.6, 0.6, 0.15, 0.001, Metal.ALUMINIUM);
        assertThat(GroundPlanner.massKg(net)).isCloseTo(6 * Math.PI * 1e-6 * 2700, within(1e-9));
        assertThat(GroundPlanner.areaM2(net)).isCloseTo(0.36, within(1e-9));
        assertThat(GroundPlanner.massKg(new Tab())).isZero();
    }

    @Test
    void nonsenseIsRefusedAndAlongSolveCanBeStopped() {
        assertThatThrownBy(() -> new RadialGround(List.of(), Metal.COPPER)).hasMessageContaining("NO_RADIALS");
        assertThatThrownBy(() -> new Element(0, 0, 0.004)).hasMessageContaining("NO_SUCH_WHIP");
        assertThatThrownBy(() -> GroundPlanner.solve(WHIP, new Tab(), 137e6, 118e6, 2.5, Watch.NOBODY))
                .hasMessageContaining("BAND_WITHOUT_ENDS");
        assertThatThrownBy(() -> GroundPlanner.solve(WHIP, new Tab(), 118e6, 137e6, 2.5, share -> share < 0.3))
                .isInstanceOf(CancellationException.class);
    }
}
