package dorada.core.wire;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FactorTest {

    /** Sizes about the block, strip and tile of the method; the library's LU with exchanges is the judge. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 31, 32, 33, 100, 193, 225, 300})
    void solvesAsTheLibraryDoes(int n) {
        Random random = new Random(n);
        SymmetricMatrix a = new SymmetricMatrix(n);
        for (int i = 0; i < n; i++) {
            for (int j = i; j < n; j++) {
                a.add(i, j, random.nextGaussian() + (i == j ? 8 : 0), random.nextGaussian() + (i == j ? 2.0 * n : 0));
            }
        }
        ComplexVector b =
                new ComplexVector(random.doubles(n).toArray(), random.doubles(n).toArray());
        ComplexVector x = new SymmetricFactor(a.copy(), Watch.NOBODY).solve(b);
        ComplexVector judge = new PivotedFactor(a).solve(b);
        assertThat(x.minus(judge).norm()).isLessThan(1e-11 * judge.norm());
        assertThat(a.times(x).minus(b).norm()).isLessThan(1e-11 * b.norm());
    }

    /** The double integral itself, by the library's adaptive rule: self, neighbour, corner, side by side, far. */
    @ParameterizedTest
    @CsvSource({
        "0.001, 0, 0, 0.05, 0, 0, 0",
        "0.001, 0, 0, 0.05, 0, 0, 0.05",
        "0.01,  0, 0, 0.05, 0, 0, 0.05",
        "0.001, 0.04, 0.03, 0.05, 0, 0, 0.05",
        "0.001, 0, 0, 0.05, 0.01, 0, 0.01",
        "0.001, 0.03, 0, 0.08, 0.05, 0.02, -0.06",
        "0.001, 0.03, 0.02, 0.08, 0.5, 0.2, 0.1",
    })
    void integratesToFourDigits(double a, double dx, double dy, double dz, double x, double y, double z) {
        boolean joined = x == 0 && y == 0;
        Wire first = Wires.vertical(0, 0, 0.05, a);
        Point from = new Point(x, y, z);
        Wire second = new Wire(from, from.plus(new Point(dx, dy, dz)), a);
        boolean self = z == 0 && joined;
        Structure s = Structure.inFreeSpace(self ? java.util.List.of(first) : java.util.List.of(first, second));
        Mesh mesh = Mesh.of(s, java.util.List.of(), 60e6, 8);
        double k = 2 * Math.PI;
        int q = self ? 0 : mesh.segments() - 1;
        double[] out = new double[8];
        new SegmentPair(new SegmentPair.Table(mesh, k)).impedance(0, q, out);
        double lp = mesh.length[0];
        double lq = mesh.length[q];
        double dot = mesh.uz[q];
        double aa = joined ? a * a : 0;
        for (int part = 0; part < 2; part++) {
            int p = part;
            // Ends 1 and 0: f = sin kt/sin kl against sin k(l − t)/sin kl.
            double judge = rule(0).integrate(
                            10_000_000,
                            t -> rule(aa).integrate(
                                            10_000_000,
                                            u -> {
                                                double rx = mesh.x[q] + mesh.ux[q] * u - mesh.x[0] - mesh.ux[0] * t;
                                                double ry = mesh.y[q] + mesh.uy[q] * u - mesh.y[0] - mesh.uy[0] * t;
                                                double rz = mesh.z[q] + mesh.uz[q] * u - mesh.z[0] - mesh.uz[0] * t;
                                                double r = Math.sqrt(rx * rx + ry * ry + rz * rz + aa);
                                                double current = Math.sin(k * t) * Math.sin(k * (lq - u)) * dot;
                                                double charge = -Math.cos(k * t) * Math.cos(k * (lq - u));
                                                double amount =
                                                        (current - charge) / Math.sin(k * lp) / Math.sin(k * lq) / r;
                                                return amount * (p == 0 ? Math.sin(k * r) : Math.cos(k * r));
                                            },
                                            0,
                                            lq),
                            0,
                            lp);
            double wanted = judge * k * 376.730_313_668 / (4 * Math.PI);
            double size = Math.hypot(out[4], out[5]);
            assertThat(Math.abs(out[4 + part] - wanted) / size).isLessThan(2e-4);
        }
    }

    private static IterativeLegendreGaussIntegrator rule(double aa) {
        return new IterativeLegendreGaussIntegrator(aa > 0 ? 40 : 16, 1e-9, 1e-12, 2, 60);
    }
}
