package dorada.core.rf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;

class ReflectionTest {

    @Test
    void hundredOhmsOnFiftyIsTwoToOne() {
        Reflection r = Reflection.of(new Impedance(100, 0), 50);
        assertThat(r.re()).isCloseTo(1 / 3.0, within(1e-12));
        assertThat(r.swr()).isCloseTo(2, within(1e-12));
    }

    /** The complex arithmetic of Hipparchus, a general-purpose library, computes the same from the definition. */
    @Test
    void agreesWithComplexArithmeticForRandomImpedances() {
        long seed = 20261123;
        Random random = new Random(seed);
        for (int i = 0; i < 500; i++) {
            Complex z = new Complex(random.nextDouble() * 300, random.nextGaussian() * 200);
            Complex expected = z.subtract(50).divide(z.add(50));
            Reflection r = Reflection.of(new Impedance(z.getReal(), z.getImaginary()), 50);
            assertThat(r.re()).as("seed %d", seed).isCloseTo(expected.getReal(), within(1e-12));
            assertThat(r.im()).as("seed %d", seed).isCloseTo(expected.getImaginary(), within(1e-12));
            Impedance back = r.impedance(50);
            assertThat(back.resistanceOhm()).isCloseTo(z.getReal(), within(1e-6));
            assertThat(back.reactanceOhm()).isCloseTo(z.getImaginary(), within(1e-6));
            Reflection on75 = Reflection.of(new Impedance(z.getReal(), z.getImaginary()), 75);
            assertThat(on75.renormalised(75, 50).re()).isCloseTo(r.re(), within(1e-12));
            assertThat(on75.renormalised(75, 50).im()).isCloseTo(r.im(), within(1e-12));
        }
    }

    @Test
    void shuntingAgreesWithComplexArithmetic() {
        Complex z = new Complex(20, -35);
        Complex expected = z.multiply(new Complex(0, 60)).divide(z.add(new Complex(0, 60)));
        Impedance shunted = new Impedance(20, -35).shuntedBy(60);
        assertThat(shunted.resistanceOhm()).isCloseTo(expected.getReal(), within(1e-12));
        assertThat(shunted.reactanceOhm()).isCloseTo(expected.getImaginary(), within(1e-12));
    }

    @Test
    void anOpenEndHasNoFiniteImpedanceAndInfiniteSwr() {
        Reflection open = new Reflection(1, 0);
        assertThat(open.impedance(50).resistanceOhm()).isInfinite();
        assertThat(open.swr()).isInfinite();
        assertThat(open.returnLossDb()).isZero();
    }

    @Test
    void polarFormGoesThereAndBack() {
        Reflection r = Reflection.polar(0.4, -120);
        assertThat(r.magnitude()).isCloseTo(0.4, within(1e-12));
        assertThat(r.angleDeg()).isCloseTo(-120, within(1e-9));
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> new Reflection(Double.NaN, 0)).hasMessageContaining("finite");
        assertThatThrownBy(() -> Reflection.NONE.impedance(0)).hasMessageContaining("above 0 Ω");
        assertThatThrownBy(() -> Wavelength.ofHz(0)).hasMessageContaining("above 0 Hz");
    }
}
