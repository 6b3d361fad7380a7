package dorada.core.format;

import dorada.core.rf.Reflection;

/** How a Touchstone file writes a complex number: real and imaginary, magnitude and angle, or decibels and angle. */
public enum NumberFormat {
    RI {
        @Override
        Reflection read(double a, double b) {
            return new Reflection(a, b);
        }

        @Override
        double[] write(Reflection r) {
            return new double[] {r.re(), r.im()};
        }
    },
    MA {
        @Override
        Reflection read(double a, double b) {
            return Reflection.polar(a, b);
        }

        @Override
        double[] write(Reflection r) {
            return new double[] {r.magnitude(), r.angleDeg()};
        }
    },
    DB {
        @Override
        Reflection read(double a, double b) {
            return Reflection.polar(Math.pow(10, a / 20), b);
        }

        @Override
        double[] write(Reflection r) {
            // Zero has no logarithm; −400 dB reads back as nothing that could be measured.
            double magnitude = Math.max(r.magnitude(), 1e-20);
            return new double[] {20 * Math.log10(magnitude), r.angleDeg()};
        }
    };

    /** The complex number written as the pair {@code a b}; angles in degrees. */
    abstract Reflection read(double a, double b);

    /** The pair that stands for {@code r}; angles in degrees. */
    abstract double[] write(Reflection r);
}
