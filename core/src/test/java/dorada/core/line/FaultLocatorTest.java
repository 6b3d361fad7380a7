package dorada.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.line.FaultReport.Finding;
import dorada.core.line.FaultReport.What;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Curves;
import dorada.core.sweep.Sweep;
import java.util.function.BiFunction;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;

class FaultLocatorTest {

    private static final Feedline CABLE = Feedline.byId("rg-213").orElseThrow();
    private static final double LENGTH_M = 20;

    /** An antenna for 156 MHz behind 20 m with {@code fault} at {@code atM}. */
    private static Sweep swept(
            double fromMHz, double toMHz, int points, double atM, BiFunction<Impedance, Double, Impedance> fault) {
        Sweep s = Curves.of(fromMHz * 1e6, toMHz * 1e6, points, hz -> {
            Impedance z = Curves.seriesResonance(hz, 156e6, 42, 9);
            z = fault.apply(seen(z, LENGTH_M - atM, hz), hz);
            return seen(z, atM, hz);
        });
        return ThroughLineTest.noisy(s, 8);
    }

    private static Impedance seen(Impedance z, double lengthM, double hz) {
        return CABLE.line(lengthM).towardRadio(Reflection.of(z, 50), 50, hz).impedance(50);
    }

    private static FaultReport locate(Sweep sweep) {
        return new FaultLocator(CABLE.line(LENGTH_M), Window.KAISER).locate(sweep);
    }

    @Test
    void aSoundLineHasNothingButItsEnd() {
        FaultReport report = locate(swept(10, 500, 801, 10, (z, hz) -> z));
        assertThat(report.events()).extracting(FaultReport.Event::what).containsExactly(What.END);
        assertThat(report.events().get(0).distanceM()).isCloseTo(20, within(0.5));
        assertThat(report.says().is(Finding.NOTHING_BEFORE_THE_END)).isTrue();
        assertThat(report.better()).isEmpty();
    }

    /** An end that sends everything back over half a decade is no antenna. */
    @Test
    void anEndWithNothingOnItSaysSo() {
        FaultReport open = locate(swept(10, 500, 801, LENGTH_M, (z, hz) -> new Impedance(1e7, 0)));
        assertThat(open.events().get(0).distanceM()).isCloseTo(LENGTH_M, within(0.3));
        assertThat(open.events().get(0).what()).isEqualTo(What.OPEN);
        assertThat(open.events().get(0).sure()).isFalse();
        assertThat(open.says().params()).containsEntry("what", What.OPEN.of());
    }

    @Test
    void aBadJointIsFoundWhereItIs() {
        FaultReport report = locate(swept(100, 200, 401, 7.5, (z, hz) -> z.plus(new Impedance(30, 0))));
        FaultReport.Event first = report.events().get(0);
        assertThat(first.distanceM()).isCloseTo(7.5, within(0.1));
        // 30 Ω in series with a matched line reflect 30/130, 12.7 dB.
        assertThat(first.returnLossDb()).isCloseTo(12.7, within(1.0));
        assertThat(first.what()).isEqualTo(What.DAMAGE);
        assertThat((double) report.says().params().get("placeMetresM")).isCloseTo(7.5, within(0.05));
    }

    @Test
    void anOpenAndAShortAreToldApartOverAWideSpan() {
        FaultReport open = locate(swept(10, 500, 801, 12, (z, hz) -> new Impedance(1e7, 0)));
        assertThat(open.events().get(0).what()).isEqualTo(What.OPEN);
        assertThat(open.events().get(0).distanceM()).isCloseTo(12, within(0.05));
        assertThat(open.events()).hasSize(1);
        FaultReport shorted = locate(swept(10, 500, 801, 12, (z, hz) -> new Impedance(0.1, 0)));
        assertThat(shorted.events().get(0).what()).isEqualTo(What.SHORT);
        assertThat(shorted.events().get(0).sure()).isTrue();
        FaultReport narrow = locate(swept(140, 170, 401, 12, (z, hz) -> new Impedance(0.1, 0)));
        assertThat(narrow.events().get(0).what()).isEqualTo(What.TOTAL);
        assertThat(narrow.events().get(0).sure()).isFalse();
    }

    /** c·VF/(2·span): 4 MHz resolve 24.7 m of a cable with VF 0.66. */
    @Test
    void whatItsSpanCannotResolveItSays() {
        FaultReport report = locate(swept(26, 30, 201, 7, (z, hz) -> z.plus(new Impedance(40, 0))));
        assertThat(report.resolutionM()).isCloseTo(24.7, within(0.1));
        assertThat(report.says().is(Finding.TOO_COARSE)).isTrue();
        assertThat((double) report.says().params().get("resolvedMetresM")).isCloseTo(24.7, within(0.1));
        assertThat(report.events()).isEmpty();
        assertThat(report.better().orElseThrow().is(Finding.BETTER)).isTrue();
    }

    /** Points 2.5 MHz apart repeat every c·VF/(2·2.5 MHz) = 39.6 m. */
    @Test
    void tooFewPointsDoNotReachTheEnd() {
        Sweep few = swept(10, 510, 41, 7, (z, hz) -> z);
        FaultReport report = locate(few);
        assertThat(report.reachM()).isCloseTo(299.792458 * 0.66 / 2 / 12.5, within(0.01));
        assertThat(report.says().is(Finding.REPEATS)).isTrue();
    }

    @Test
    void waterAndACrushedPlaceAreSuspectedButNotCalledSure() {
        Line wet = new Line(0.8, 0.53, 36, 5, 0.05);
        FaultReport report = locate(swept(
                10,
                500,
                801,
                9,
                (z, hz) -> wet.towardRadio(Reflection.of(z, 50), 50, hz).impedance(50)));
        assertThat(report.events().get(0).distanceM()).isCloseTo(9, within(0.3));
        assertThat(report.events()).filteredOn(e -> e.what() != What.END).noneMatch(FaultReport.Event::sure);
    }

    /** Each bin is the sum of its definition, here by Hipparchus' complex numbers. */
    @Test
    void theProfileIsTheTransformOfTheDefinition() {
        Sweep s = swept(100, 200, 64, 7.5, (z, hz) -> z.plus(new Impedance(30, 0)));
        EchoProfile profile = EchoProfile.of(s, new Line(0, 0.66, 50, 0, 0), Window.RECTANGULAR);
        for (int bin = 0; bin < profile.size(); bin += 7) {
            Complex sum = Complex.ZERO;
            for (int i = 0; i < s.size(); i++) {
                double turn = 2 * Math.PI * i * bin / profile.size();
                sum = sum.add(new Complex(s.re(i), s.im(i)).multiply(new Complex(Math.cos(turn), Math.sin(turn))));
            }
            assertThat(profile.magnitude(bin)).isCloseTo(sum.norm() / s.size(), within(1e-9));
        }
    }

    @Test
    void windowsFadeTheEndsAndKeepTheHeight() {
        for (Window w : Window.values()) {
            double[] weights = w.weights(101);
            assertThat(java.util.Arrays.stream(weights).average().orElseThrow()).isCloseTo(1, within(1e-12));
            assertThat(weights[0]).isLessThanOrEqualTo(weights[50]);
        }
        assertThat(Window.CLEAN.weights(101)[0]).isLessThan(0.005);
    }

    @Test
    void unevenPointsAreMadeEvenAndFewAreRefused() {
        Sweep s = swept(100, 200, 401, 7.5, (z, hz) -> z.plus(new Impedance(30, 0)));
        double[] hz = s.frequenciesHz();
        for (int i = 1; i < hz.length - 1; i++) {
            hz[i] += (i % 3 - 1) * 3e4;
        }
        double[] none = new double[hz.length];
        FaultReport report = locate(s.atPointsOf(new Sweep(hz, none, none, 50)));
        assertThat(report.events().get(0).distanceM()).isCloseTo(7.5, within(0.1));
        assertThatThrownBy(() -> locate(s.part(0, 8))).hasMessageContaining("DISTANCES_TAKE_A_SWEEP_OF_AT");
    }
}
