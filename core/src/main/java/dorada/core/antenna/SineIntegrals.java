package dorada.core.antenna;

/**
 * Sine and cosine integrals Si(x) and Ci(x) by their power series, for 0 &lt; x ≤ {@value #LARGEST}, where the series
 * keeps some nine digits. Source: M. Abramowitz and I. Stegun, Handbook of Mathematical Functions, 5.2.14 and 5.2.16.
 */
final class SineIntegrals {

    /** Euler's constant. */
    static final double EULER = 0.577_215_664_901_532_9;

    static final double LARGEST = 20;

    private static final double SMALLEST_TERM = 1e-18;

    private SineIntegrals() {}

    static double si(double x) {
        requireInRange(x);
        double power = x;
        double sum = x;
        for (int n = 1; Math.abs(power) > SMALLEST_TERM; n++) {
            power *= -x * x / ((2.0 * n) * (2 * n + 1));
            sum += power / (2 * n + 1);
        }
        return sum;
    }

    static double ci(double x) {
        requireInRange(x);
        double power = 1;
        double sum = EULER + Math.log(x);
        for (int n = 1; Math.abs(power) > SMALLEST_TERM; n++) {
            power *= -x * x / ((2.0 * n - 1) * (2 * n));
            sum += power / (2 * n);
        }
        return sum;
    }

    private static void requireInRange(double x) {
        if (!(x > 0) || x > LARGEST) {
            throw new IllegalArgumentException("The series holds for 0 < x ≤ " + LARGEST + ", not for " + x + ".");
        }
    }
}
