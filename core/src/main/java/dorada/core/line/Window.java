package dorada.core.line;

/**
 * How the ends of a span are faded before it becomes distances: the smoother, the cleaner between echoes and the wider each.
 *
 * <p>Source: F. J. Harris, Proc. IEEE 66 (1978) 51, from memory.
 */
public enum Window {
    RECTANGULAR(0, 1),
    /** Kaiser's with side lobes some 44 dB down. */
    KAISER(6, 1.7),
    /** Kaiser's with side lobes some 65 dB down. */
    CLEAN(9, 2.1);

    private final double beta;
    private final double widening;

    Window(double beta, double widening) {
        this.beta = beta;
        this.widening = widening;
    }

    /** How much wider than without a window an echo becomes. */
    public double widening() {
        return widening;
    }

    /** {@code n} weights of mean 1. */
    double[] weights(int n) {
        double[] w = new double[n];
        double sum = 0;
        for (int i = 0; i < n; i++) {
            double x = n == 1 ? 0 : 2.0 * i / (n - 1) - 1;
            w[i] = bessel(beta * Math.sqrt(Math.max(0, 1 - x * x)));
            sum += w[i];
        }
        for (int i = 0; i < n; i++) {
            w[i] *= n / sum;
        }
        return w;
    }

    /** Modified Bessel function of the first kind, order 0, by its power series. */
    private static double bessel(double x) {
        double term = 1;
        double sum = 1;
        double quarter = x * x / 4;
        for (int k = 1; term > 1e-12 * sum; k++) {
            term *= quarter / ((double) k * k);
            sum += term;
        }
        return sum;
    }
}
