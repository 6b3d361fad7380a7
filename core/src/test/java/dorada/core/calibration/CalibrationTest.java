package dorada.core.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.instrument.Span;
import dorada.core.outcome.Refusal;
import dorada.core.sweep.Curves;
import dorada.core.sweep.Sweep;
import java.util.Random;
import java.util.function.DoubleFunction;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;

/**
 * Against an analyser made of three known error terms, M = D + T·Γ/(1 − S·Γ) (D. Rytting, Network analyzer error models and
 * calibration methods, 1998; from memory), computed here by Hipparchus' complex numbers.
 */
class CalibrationTest {

    private static final Standards KIT = new Standards(0.004, 8e-14, 0.005, 2e-11, 49.7);

    /** What an imperfect analyser reads of {@code truth}. */
    private static Sweep read(double[] hz, DoubleFunction<Complex> truth) {
        double[] re = new double[hz.length];
        double[] im = new double[hz.length];
        for (int i = 0; i < hz.length; i++) {
            double mhz = hz[i] / 1e6;
            Complex g = truth.apply(hz[i]);
            Complex d = polar(0.08 + 1e-4 * mhz, -0.7 * mhz);
            Complex t = polar(0.9 - 2e-4 * mhz, -0.5 * mhz);
            Complex s = polar(0.15, 30 - 0.4 * mhz);
            Complex m = d.add(t.multiply(g).divide(Complex.ONE.subtract(s.multiply(g))));
            re[i] = m.getReal();
            im[i] = m.getImaginary();
        }
        return new Sweep(hz, re, im, 50);
    }

    private static Complex polar(double size, double deg) {
        return new Complex(size * Math.cos(Math.toRadians(deg)), size * Math.sin(Math.toRadians(deg)));
    }

    private static Complex c(dorada.core.rf.Reflection r) {
        return new Complex(r.re(), r.im());
    }

    private static Standards.Truth standards(double[] hz) {
        return new Standards.Truth(
                read(hz, f -> c(KIT.open(f))), read(hz, f -> c(KIT.shorted(f))), read(hz, f -> c(KIT.load())));
    }

    private static final DoubleFunction<Complex> ANTENNA = hz -> {
        Sweep s = Curves.of(hz, hz + 1, 2, f -> Curves.seriesResonance(f, 156e6, 42, 11));
        return new Complex(s.re(0), s.im(0));
    };

    @Test
    void correctionGivesTheTruthBack() {
        double[] hz = new Span(136e6, 174e6).points(401);
        Sweep found =
                Calibration.of(standards(hz), KIT).correct(read(hz, ANTENNA)).sweep();
        for (int i = 0; i < hz.length; i++) {
            Complex truth = ANTENNA.apply(hz[i]);
            assertThat(found.re(i)).isCloseTo(truth.getReal(), within(1e-9));
            assertThat(found.im(i)).isCloseTo(truth.getImaginary(), within(1e-9));
        }
    }

    @Test
    void randomLoadsAndStandardsComeBackToo() {
        Random random = new Random(3);
        double[] hz = {50e6, 150e6, 450e6};
        for (int run = 0; run < 100; run++) {
            Complex truth = polar(random.nextDouble(), 360 * random.nextDouble());
            Sweep found = Calibration.of(standards(hz), KIT)
                    .correct(read(hz, f -> truth))
                    .sweep();
            assertThat(found.re(1)).isCloseTo(truth.getReal(), within(1e-9));
            assertThat(found.im(1)).isCloseTo(truth.getImaginary(), within(1e-9));
        }
    }

    /** 20 MHz apart a terms' phase turns by some 15 degrees; the cubic between four of them is good to 1e-4. */
    @Test
    void betweenCalibratedPointsTheTermsAreInterpolated() {
        double[] coarse = new Span(100e6, 500e6).points(41);
        double[] fine = new Span(140e6, 170e6).points(301);
        Sweep found = Calibration.of(standards(coarse), KIT)
                .correct(read(fine, ANTENNA))
                .sweep();
        for (int i = 0; i < fine.length; i++) {
            assertThat(found.re(i)).isCloseTo(ANTENNA.apply(fine[i]).getReal(), within(1e-4));
        }
    }

    @Test
    void outsideItsSpanNothingIsShownAsCalibrated() {
        Calibration calibration = Calibration.of(standards(new Span(140e6, 170e6).points(101)), KIT);
        double[] wider = new Span(130e6, 170e6).points(41);
        Calibration.Corrected part = calibration.correct(read(wider, ANTENNA));
        assertThat(part.sweep().startHz()).isEqualTo(140e6);
        assertThat(part.warnings().get(0))
                .satisfies(w -> assertThat(w.params())
                        .containsEntry("pointsCount", 10)
                        .containsEntry("allCount", 41)
                        .containsEntry("startHz", 140e6)
                        .containsEntry("stopHz", 170e6));
        assertThat(calibration.covers(new Span(130e6, 150e6))).isFalse();
        assertThatThrownBy(() -> calibration.correct(read(new Span(400e6, 470e6).points(11), ANTENNA)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("calibration.OUTSIDE");
    }

    @Test
    void aStandardMeasuredTwiceIsNoticed() {
        double[] hz = {100e6, 200e6};
        Sweep open = read(hz, f -> c(KIT.open(f)));
        Sweep load = read(hz, f -> c(KIT.load()));
        assertThatThrownBy(() -> Calibration.of(new Standards.Truth(open, open, load), KIT))
                .hasMessageContaining("OPEN_AND_SHORT {frequencyHz=1.0E8}");
        assertThatThrownBy(() -> Calibration.of(new Standards.Truth(open, load, load), KIT))
                .hasMessageContaining("SHORT_AND_LOAD");
    }

    @Test
    void differentSweepsOfStandardsAreRefused() {
        Sweep open = read(new double[] {1e8, 2e8}, f -> c(KIT.open(f)));
        Sweep other = read(new double[] {1e8, 3e8}, f -> c(KIT.open(f)));
        assertThatThrownBy(() -> new Standards.Truth(open, other, open)).hasMessageContaining("OPEN");
        Sweep plain = Sweep.ofMagnitudes(new double[] {1e8, 2e8}, new double[] {1, 1});
        assertThatThrownBy(() -> new Standards.Truth(open, plain, open))
                .hasMessageContaining("A_CALIBRATION_NEEDS_COMPLEX_READINGS");
    }

    @Test
    void aLoadMeasuredAgainTellsDirectivityAndDrift() {
        double[] hz = new Span(136e6, 174e6).points(101);
        Calibration calibration = Calibration.of(standards(hz), KIT);
        assertThat(calibration.quality(read(hz, f -> c(KIT.load()))).sound()).isTrue();
        // A joint that changed by 0.02 is 34 dB.
        Calibration.Quality drifted =
                calibration.quality(read(hz, f -> c(KIT.load()).add(new Complex(0.02))));
        assertThat(drifted.sound()).isFalse();
        assertThat(drifted.directivityLeftDb()).isCloseTo(34, within(0.1));
        assertThat(drifted.says().id()).isEqualTo("calibration.UNSOUND");
        assertThat(calibration.rawDirectivityDb()).isBetween(20.0, 22.0);
    }

    /** Closed forms: an open with C reflects (1 − jωCZ)/(1 + jωCZ), behind e^(−j4πd/λ). */
    @Test
    void standardsAreWhatTheirDescriptionSays() {
        double hz = 450e6;
        Complex y = new Complex(0, 2 * Math.PI * hz * 8e-14 * 50);
        Complex open = Complex.ONE
                .subtract(y)
                .divide(Complex.ONE.add(y))
                .multiply(polar(1, -Math.toDegrees(4 * Math.PI * 0.004 * hz / 299792458)));
        assertThat(KIT.open(hz).re()).isCloseTo(open.getReal(), within(1e-12));
        assertThat(KIT.open(hz).im()).isCloseTo(open.getImaginary(), within(1e-12));
        assertThat(Standards.IDEAL.shorted(hz).re()).isCloseTo(-1, within(1e-12));
        assertThat(KIT.load().re()).isCloseTo(-0.3 / 99.7, within(1e-12));
        assertThatThrownBy(() -> new Standards(0, 0, 0, 0, 0)).hasMessageContaining("LOADS_RESISTANCE");
    }

    @Test
    void anExtendedPortLooksPastItsAdapter() {
        Sweep antenna = Curves.resonance(136e6, 174e6, 101, 156e6, 42, 11);
        PortExtension adapter = new PortExtension(0.045, 0.1);
        Sweep behind = new PortExtension(-0.045, 0.1).applied(antenna);
        assertThat(behind.re(20)).isNotCloseTo(antenna.re(20), within(0.01));
        Sweep back = adapter.applied(behind);
        for (int i = 0; i < antenna.size(); i++) {
            assertThat(back.re(i)).isCloseTo(antenna.re(i), within(1e-12));
        }
        // 45 mm of air at 150 MHz turn Γ by 16.2 degrees.
        assertThat(new PortExtension(-0.045, 0)
                        .applied(Curves.of(150e6, 151e6, 2, hz -> new dorada.core.rf.Impedance(150, 0)))
                        .reflection(0)
                        .angleDeg())
                .isCloseTo(-16.21, within(0.01));
        assertThatThrownBy(() -> new PortExtension(3, 0)).hasMessageContaining("A_PORT_EXTENSION_LIES_WITHIN_2");
    }
}
