package dorada.core.calibration;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.calibration.StandardLook.Says;
import dorada.core.calibration.StandardLook.Standard;
import dorada.core.outcome.Outcome;
import dorada.core.sweep.Sweep;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import org.hipparchus.complex.ComplexUtils;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Raw readings of analysers with directivity, source match, tracking and a lead, over usual spans. */
class StandardLookTest {

    private static final int POINTS = 201;

    /** An analyser with a lead of {@code lead} m whose own errors are of a usual size. */
    private record Raw(double lowHz, double highHz, double lead, double lossDb, double noise, long seed) {

        /** What it reads of a reflection: e00 + e10·e01·Γ/(1 − e11·Γ). */
        Sweep read(double gamma) {
            Random random = new Random(seed);
            Complex e00 = Complex.valueOf(0.08 * random.nextGaussian() * 0.6, 0.05 * random.nextGaussian());
            Complex e11 = Complex.valueOf(0.08 * random.nextGaussian() * 0.6, 0.05 * random.nextGaussian());
            double[] hz = new double[POINTS];
            double[] re = new double[POINTS];
            double[] im = new double[POINTS];
            for (int i = 0; i < POINTS; i++) {
                hz[i] = lowHz + (highHz - lowHz) * i / (POINTS - 1);
                double turn = -4 * Math.PI * lead / 0.66 * hz[i] / 299_792_458.0;
                Complex tracking = ComplexUtils.polar2Complex(0.95 * Math.pow(10, -2 * lossDb / 20), turn);
                Complex g = Complex.valueOf(gamma);
                Complex m = e00.add(tracking.multiply(g).divide(Complex.ONE.subtract(e11.multiply(g))));
                re[i] = m.getReal() + noise * random.nextGaussian();
                im[i] = m.getImaginary() + noise * random.nextGaussian();
            }
            return new Sweep(hz, re, im, 50);
        }
    }

    static Stream<Raw> analysers() {
        return Stream.of(
                        new double[] {140e6, 170e6},
                        new double[] {26e6, 28e6},
                        new double[] {400e6, 470e6},
                        new double[] {1e6, 500e6})
                .flatMap(span -> Stream.of(0.0, 0.3, 1.0, 5.0)
                        .flatMap(lead -> Stream.of(1L, 2L, 3L)
                                .map(seed -> new Raw(span[0], span[1], lead, 0.1 * lead, 0.001, seed))));
    }

    private static Map<Standard, Sweep> read(Raw raw, double open, double shorted, double load) {
        Map<Standard, Sweep> read = new EnumMap<>(Standard.class);
        read.put(Standard.OPEN, raw.read(open));
        read.put(Standard.SHORT, raw.read(shorted));
        read.put(Standard.LOAD, raw.read(load));
        return read;
    }

    private static List<Outcome> says(Map<Standard, Sweep> read, Standard of) {
        return StandardLook.of(read).get(of);
    }

    @ParameterizedTest
    @MethodSource("analysers")
    void rightOnesAreRight(Raw raw) {
        assertThat(StandardLook.of(read(raw, 1, -1, 0)).values())
                .hasSize(3)
                .allSatisfy(s -> assertThat(s).hasSize(1).allMatch(o -> o.is(Says.RIGHT)));
    }

    @ParameterizedTest
    @MethodSource("analysers")
    void whatWasForgottenOrWrongIsNoticed(Raw raw) {
        // Nothing screwed on reads as an open end.
        assertThat(says(read(raw, 1, 1, 0), Standard.SHORT)).anyMatch(o -> o.is(Says.SAME_AS));
        assertThat(says(read(raw, 1, -1, 1), Standard.LOAD)).anyMatch(o -> o.is(Says.SAME_AS));
        assertThat(says(read(raw, 1, -1, -1), Standard.LOAD)).anyMatch(o -> o.is(Says.NOT_A_LOAD));
        assertThat(says(read(raw, 0, -1, 0), Standard.OPEN)).anyMatch(o -> o.is(Says.LOOKS_LIKE_A_LOAD));
        assertThat(says(read(raw, 1, 0, 0), Standard.SHORT)).anyMatch(o -> o.is(Says.LOOKS_LIKE_A_LOAD));
        // Alone already, before the others.
        assertThat(says(Map.of(Standard.LOAD, raw.read(1)), Standard.LOAD)).anyMatch(o -> o.is(Says.NOT_A_LOAD));
    }

    /** Where the span leads back to 0 Hz with any certainty; a narrow one says nothing rather than something wrong. */
    static Stream<Arguments> ledBack() {
        return Stream.of(0.0, 0.3)
                .flatMap(lead -> Stream.of(1L, 2L, 3L)
                        .map(seed -> Arguments.of(new Raw(1e6, 500e6, lead, 0.1 * lead, 0.001, seed))));
    }

    @ParameterizedTest
    @MethodSource("ledBack")
    void swappedIsNoticed(Raw raw) {
        assertThat(says(read(raw, -1, 1, 0), Standard.SHORT)).anyMatch(o -> o.is(Says.SWAPPED));
    }

    @Test
    void aLooseJointJumps() {
        Raw loose = new Raw(140e6, 170e6, 0.3, 0, 0.1, 4);
        assertThat(says(read(loose, 1, -1, 0), Standard.OPEN)).anyMatch(o -> o.is(Says.UNSTEADY));
    }
}
