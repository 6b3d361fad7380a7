package dorada.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;

/** Touchstone files of made-up antennas, for the browser tests. */
final class Traces {

    private Traces() {}

    /**
     * A series circuit of 42 Ω and Q 9; behind {@code lineM} of 50 Ω line with 30 Ω in series at 7.5 m where that is above 0.
     */
    static Path antenna(Path file, double f0MHz, double startMHz, double stopMHz, int points, double lineM)
            throws IOException {
        return Files.writeString(file, text(f0MHz, startMHz, stopMHz, points, lineM));
    }

    /** What is in such a file. */
    static String text(double f0MHz, double startMHz, double stopMHz, int points, double lineM) {
        StringBuilder text = new StringBuilder("# MHz S RI R 50\n");
        for (int i = 0; i < points; i++) {
            double f = startMHz + (stopMHz - startMHz) * i / (points - 1);
            double[] g = reflection(42, 42 * 9 * (f / f0MHz - f0MHz / f));
            if (lineM > 0) {
                double[] z = impedance(turned(g, lineM - 7.5, f));
                g = turned(reflection(z[0] + 30, z[1]), 7.5, f);
            }
            text.append(String.format(Locale.ROOT, "%.6f %.8f %.8f%n", f, g[0], g[1]));
        }
        return text.toString();
    }

    private static double[] reflection(double r, double x) {
        double d = (r + 50) * (r + 50) + x * x;
        return new double[] {((r - 50) * (r + 50) + x * x) / d, 100 * x / d};
    }

    private static double[] impedance(double[] g) {
        double d = (1 - g[0]) * (1 - g[0]) + g[1] * g[1];
        return new double[] {50 * (1 - g[0] * g[0] - g[1] * g[1]) / d, 100 * g[1] / d};
    }

    /** Through a line of velocity factor 0.66 without loss. */
    private static double[] turned(double[] g, double lengthM, double mhz) {
        double a = -4 * Math.PI * mhz * 1e6 * lengthM / (299_792_458 * 0.66);
        return new double[] {g[0] * Math.cos(a) - g[1] * Math.sin(a), g[0] * Math.sin(a) + g[1] * Math.cos(a)};
    }
}
