package dorada.core.wire;

import dorada.core.rf.Impedance;
import dorada.core.rf.Wavelength;

/** Something small in series with a wire: a coil, a trap, a stub inside a tube. */
public sealed interface Lumped {

    /** Its series impedance at {@code frequencyHz}. */
    Impedance impedanceAt(double frequencyHz);

    /**
     * Resistance, coil and capacitor in series.
     *
     * @param ohm resistance, 0 or more
     * @param henry inductance; 0 for none
     * @param farad capacitance; 0 for none, which conducts
     * @param q quality of the coil; infinite for a perfect one
     */
    record Series(double ohm, double henry, double farad, double q) implements Lumped {

        /** A coil of {@code henry} and quality {@code q}. */
        public static Series coil(double henry, double q) {
            return new Series(0, henry, 0, q);
        }

        public static Series resistor(double ohm) {
            return new Series(ohm, 0, 0, Double.POSITIVE_INFINITY);
        }

        public static Series capacitor(double farad) {
            return new Series(0, 0, farad, Double.POSITIVE_INFINITY);
        }

        @Override
        public Impedance impedanceAt(double frequencyHz) {
            double omega = 2 * Math.PI * frequencyHz;
            double x = omega * henry;
            return new Impedance(ohm + x / q, x - (farad > 0 ? 1 / (omega * farad) : 0));
        }
    }

    /**
     * A trap: coil and capacitor in parallel.
     *
     * @param henry inductance, above 0
     * @param farad capacitance, above 0
     * @param q quality of the coil
     */
    record Trap(double henry, double farad, double q) implements Lumped {

        @Override
        public Impedance impedanceAt(double frequencyHz) {
            double omega = 2 * Math.PI * frequencyHz;
            Impedance coil = new Impedance(omega * henry / q, omega * henry);
            return coil.shuntedBy(-1 / (omega * farad));
        }
    }

    /**
     * A piece of line, shorted at its far end, in series with the wire: the quarter-wave coaxial stub that decouples
     * what lies beyond it.
     *
     * @param impedanceOhm of the line
     * @param lengthM as a rule measures it
     * @param velocityFactor 0 to 1
     * @param lossDbPerM matched loss at the frequencies of interest, above 0
     */
    record ShortedStub(double impedanceOhm, double lengthM, double velocityFactor, double lossDbPerM)
            implements Lumped {

        private static final double DB_PER_NEPER = 20 / Math.log(10);

        @Override
        public Impedance impedanceAt(double frequencyHz) {
            // Z₀·tanh((α + jβ)·l)
            double a = 2 * lossDbPerM / DB_PER_NEPER * lengthM;
            double b = 4 * Math.PI * lengthM / (Wavelength.ofHz(frequencyHz) * velocityFactor);
            double d = Math.cosh(a) + Math.cos(b);
            return new Impedance(impedanceOhm * Math.sinh(a) / d, impedanceOhm * Math.sin(b) / d);
        }
    }
}
