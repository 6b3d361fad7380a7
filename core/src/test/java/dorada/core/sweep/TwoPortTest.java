package dorada.core.sweep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.format.FormatException;
import dorada.core.format.TouchstoneReader;
import dorada.core.line.Line;
import dorada.core.line.ThroughLine;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;

class TwoPortTest {

    private static final double[] HZ = {140e6, 145e6, 150e6, 155e6, 160e6, 165e6};

    private static Sweep sweep(double[] hz, java.util.function.DoubleFunction<Complex> of) {
        double[] re = new double[hz.length];
        double[] im = new double[hz.length];
        for (int i = 0; i < hz.length; i++) {
            re[i] = of.apply(hz[i]).getReal();
            im[i] = of.apply(hz[i]).getImaginary();
        }
        return new Sweep(hz, re, im, 50);
    }

    /** A poor adapter: it reflects at both ends, loses half a dB and turns the phase. */
    private static final TwoPort ADAPTER = new TwoPort(
            sweep(HZ, hz -> new Complex(0.08, 0.05 * hz / 150e6)),
            sweep(HZ, hz -> new Complex(-0.06, 0.11)),
            sweep(HZ, hz -> new Complex(0, -2 * hz / 150e6 * 0.7).exp().multiply(0.89)));

    /** The reading by the signal flow of the general-purpose library's complex numbers, the load known. */
    @Test
    void whatIsSeenThroughAnAdapterIsFreedOfIt() {
        Sweep load = sweep(HZ, hz -> new Complex(0.4, -0.3).multiply(hz / 150e6));
        Sweep seen = sweep(HZ, hz -> {
            int i = java.util.Arrays.binarySearch(HZ, hz);
            Complex g = complex(load, i);
            return complex(ADAPTER.s11(), i)
                    .add(complex(ADAPTER.across(), i)
                            .multiply(g)
                            .divide(Complex.ONE.subtract(
                                    complex(ADAPTER.s22(), i).multiply(g))));
        });
        Sweep freed = ADAPTER.removedFrom(seen);
        for (int i = 0; i < HZ.length; i++) {
            assertThat(freed.re(i)).isCloseTo(load.re(i), within(1e-12));
            assertThat(freed.im(i)).isCloseTo(load.im(i), within(1e-12));
        }
    }

    private static Complex complex(Sweep s, int i) {
        return new Complex(s.re(i), s.im(i));
    }

    /** A matched line is the simplest adapter: the same as moving the plane along it. */
    @Test
    void aMatchedLineIsTheSameAsMovingThePlane() {
        Line line = new Line(0.07, 0.66, 50, 10, 0.1);
        TwoPort matched = new TwoPort(
                sweep(HZ, hz -> Complex.ZERO),
                sweep(HZ, hz -> Complex.ZERO),
                sweep(HZ, hz -> new Complex(-line.matchedLossDb(hz) * Math.log(10) / 10, -2 * line.phase(hz)).exp()));
        Sweep load = sweep(HZ, hz -> new Complex(-0.2, 0.5));
        Sweep freed = matched.removedFrom(ThroughLine.towardRadio(load, line));
        for (int i = 0; i < HZ.length; i++) {
            assertThat(freed.re(i)).isCloseTo(-0.2, within(1e-12));
            assertThat(freed.im(i)).isCloseTo(0.5, within(1e-12));
        }
    }

    @Test
    void beyondItsSpanWithoutPhaseOrWithNothingGoingThroughItRefuses() {
        assertThatThrownBy(() -> ADAPTER.removedFrom(sweep(new double[] {100e6, 150e6}, hz -> Complex.ONE)))
                .hasMessageContaining("BEYOND_THE_ADAPTER");
        assertThatThrownBy(() -> ADAPTER.removedFrom(Sweep.ofMagnitudes(HZ, new double[HZ.length])))
                .hasMessageContaining("refused.phase.");
        assertThatThrownBy(() -> new TwoPort(ADAPTER.s11(), ADAPTER.s22(), sweep(HZ, hz -> new Complex(1e-4))))
                .hasMessageContaining("NO_THROUGH");
        assertThatThrownBy(() ->
                        new TwoPort(ADAPTER.s11(), sweep(new double[] {1e6}, hz -> Complex.ONE), ADAPTER.across()))
                .hasMessageContaining("ALL_OF_AN_ADAPTERS_VALUES_BELONG");
    }

    /** Columns of a two-port file are S11, S21, S12, S22. */
    @Test
    void anAdapterIsReadFromATwoPortFile() throws Exception {
        String file = String.format(
                Locale.ROOT, "# MHz S RI R 50%n140 0.1 0 0.9 0.1 0.8 -0.2 0.05 0.02%n160 0.1 0.1 0.9 0 0.9 0 0 0.02%n");
        TwoPort read = TouchstoneReader.readTwoPort(file.getBytes(StandardCharsets.UTF_8));
        assertThat(read.s11().re(0)).isEqualTo(0.1);
        assertThat(read.s22().im(1)).isEqualTo(0.02);
        assertThat(read.across().re(0)).isCloseTo(0.9 * 0.8 + 0.1 * 0.2, within(1e-12));
        assertThat(read.across().im(0)).isCloseTo(0.1 * 0.8 - 0.9 * 0.2, within(1e-12));
        for (String other :
                new String[] {file.replace("R 50", "R 75"), file.replace(" S ", " Z "), "# MHz S RI R 50\n1 0 0\n"}) {
            assertThatThrownBy(() -> TouchstoneReader.readTwoPort(other.getBytes(StandardCharsets.UTF_8)))
                    .isInstanceOf(FormatException.class);
        }
    }
}
