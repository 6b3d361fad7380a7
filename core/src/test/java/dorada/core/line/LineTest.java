package dorada.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import java.util.Random;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;

class LineTest {

    private static final double HZ = 150e6;

    /** Z₀(Z + Z₀ tanh γl)/(Z₀ + Z tanh γl) with the library's complex functions. Source: Pozar, equation 2.91. */
    @Test
    void transformsAsTheEquationSays() {
        Random random = new Random(3);
        for (int i = 0; i < 200; i++) {
            Line line = new Line(
                    random.nextDouble() * 20,
                    0.6 + 0.4 * random.nextDouble(),
                    40 + 60 * random.nextDouble(),
                    2 * random.nextDouble(),
                    0.02 * random.nextDouble());
            Impedance load = new Impedance(1 + 200 * random.nextDouble(), 300 * random.nextGaussian());
            double nepers = line.matchedLossDb(HZ) * Math.log(10) / 20;
            double radians = 2 * Math.PI * line.lengthM() * HZ / (299_792_458 * line.velocityFactor());
            Complex t = new Complex(nepers, radians).tanh();
            Complex z = new Complex(load.resistanceOhm(), load.reactanceOhm());
            double z0 = line.impedanceOhm();
            Complex wanted = z.add(t.multiply(z0)).divide(z.multiply(t).add(z0)).multiply(z0);
            Reflection seen = line.towardRadio(Reflection.of(load, 50), 50, HZ);
            Reflection judge = Reflection.of(new Impedance(wanted.getReal(), wanted.getImaginary()), 50);
            assertThat(Math.hypot(seen.re() - judge.re(), seen.im() - judge.im()))
                    .isLessThan(1e-10);
            Reflection back = line.towardAntenna(seen, 50, HZ);
            assertThat(back.re()).isCloseTo(Reflection.of(load, 50).re(), within(1e-8));
        }
    }

    /** Source: Pozar, sections 2.3 and 5.4: a quarter-wave of √(R₁R₂) matches, a quarter-wave stub is the opposite end. */
    @Test
    void networksDoWhatTheyAreNamedFor() {
        Line quarter = new Line(0.25 * 299.792458 / 150 * 0.66, 0.66, Math.sqrt(50 * 112.5), 0, 0);
        assertThat(new Network.Section(quarter)
                        .seen(new Impedance(112.5, 0), HZ)
                        .resistanceOhm())
                .isCloseTo(50, within(1e-6));
        Line stub = new Line(quarter.lengthM(), 0.66, 50, 0, 0);
        Impedance load = new Impedance(30, 20);
        assertThat(new Network.Stub(stub, true).seen(load, HZ).resistanceOhm()).isCloseTo(30, within(1e-6));
        assertThat(new Network.Stub(stub, false).seen(load, HZ).resistanceOhm()).isCloseTo(0, within(1e-6));
        assertThat(new Network.Transformer(4).seen(new Impedance(200, 40), HZ)).isEqualTo(new Impedance(50, 10));
        double farad = 1 / (2 * Math.PI * HZ * 20);
        assertThat(new Network.SeriesCapacitor(farad).seen(load, HZ).reactanceOhm())
                .isCloseTo(0, within(1e-9));
        assertThat(new Network.SeriesCoil(20 / (2 * Math.PI * HZ), 100)
                        .seen(load, HZ)
                        .reactanceOhm())
                .isCloseTo(40, within(1e-9));
        // 50 + j50 across −j100 is 100 Ω: 1/(0.01 − j0.01 + j0.01).
        assertThat(new Network.ShuntCapacitor(1 / (2 * Math.PI * HZ * 100))
                        .seen(new Impedance(50, 50), HZ)
                        .resistanceOhm())
                .isCloseTo(100, within(1e-9));
        assertThat(new Network.ShuntCoil(100 / (2 * Math.PI * HZ))
                        .seen(new Impedance(50, -50), HZ)
                        .reactanceOhm())
                .isCloseTo(0, within(1e-9));
    }

    @Test
    void refusesWhatNoLineHas() {
        assertThatThrownBy(() -> new Line(-1, 0.66, 50, 0, 0)).hasMessageContaining("LENGTH_BELOW_0");
        assertThatThrownBy(() -> new Line(1, 1.2, 50, 0, 0)).hasMessageContaining("VELOCITY_FACTOR");
        assertThatThrownBy(() -> new Line(1, 0.6, 0, 0, 0)).hasMessageContaining("A_LINE_NEEDS_AN_IMPEDANCE_ABOVE");
    }
}
