package dorada.core.wire;

import dorada.core.antenna.AntennaSweep;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Plate;
import dorada.core.antenna.RoofWhip;
import dorada.core.design.Designs;
import java.io.PrintStream;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.ejml.data.ZMatrixRMaj;
import org.ejml.dense.row.factory.DecompositionFactory_ZDRM;

/**
 * Times the wire solver: fill and factorise by size with the exponent of growth, against EJML's complex LU in the same run,
 * adaptive sweep against every point, memory, and what a slider waits for. In the solver's package to reach its parts.
 */
public final class SolverTrial {

    private static final int[] SIZES = {100, 200, 400, 800, 1200};
    private static final double HZ = 450e6;
    private static final int REPEATS = 3;
    private static final int POINTS = 201;

    private SolverTrial() {}

    private interface Work {
        void run();
    }

    private static double milliseconds(Work work) {
        double best = Double.MAX_VALUE;
        for (int i = 0; i < REPEATS; i++) {
            long begun = System.nanoTime();
            work.run();
            best = Math.min(best, (System.nanoTime() - begun) / 1e6);
        }
        return best;
    }

    /** Prints all figures to {@code out}. */
    public static void print(PrintStream out) {
        mesh(400);
        milliseconds(() -> solve(mesh(200)));
        out.printf(
                "%n%-32s %10s %10s %10s %10s%n",
                "Wire solver, ms (best of 3)", "unknowns", "fill", "factor", "EJML LU");
        double[] total = new double[SIZES.length];
        double[] real = new double[SIZES.length];
        for (int i = 0; i < SIZES.length; i++) {
            Mesh mesh = mesh(SIZES[i]);
            SymmetricMatrix z = MomentMatrix.of(mesh, HZ, Watch.NOBODY);
            double fill = milliseconds(() -> MomentMatrix.of(mesh, HZ, Watch.NOBODY));
            double factor = milliseconds(() -> new SymmetricFactor(z.copy(), Watch.NOBODY));
            double library = SIZES[i] > 800 ? Double.NaN : milliseconds(() -> library(z));
            total[i] = fill + factor;
            real[i] = mesh.modes();
            out.printf("%-32s %10d %10.1f %10.1f %10.1f%n", "", mesh.modes(), fill, factor, library);
            if (SIZES[i] == 400) {
                out.printf("%-32s %10.1f wanted > 2%n", "EJML over ours, 400", library / factor);
            }
        }
        int last = SIZES.length - 1;
        out.printf(
                "%-32s %10.2f%n",
                "exponent of growth, 400 to 1200", Math.log(total[last] / total[2]) / Math.log(real[last] / real[2]));
        sweep(out);
        memory(out);
        slider(out);
    }

    private static void solve(Mesh mesh) {
        new SymmetricFactor(MomentMatrix.of(mesh, HZ, Watch.NOBODY), Watch.NOBODY);
    }

    /** A whip on a grid of about so many unknowns: two per wire of the grid. */
    private static Mesh mesh(int unknowns) {
        int cells = (int) Math.round(Math.sqrt(unknowns / 2.9));
        Assembly a = new RoofWhip(
                        0.05,
                        0.11,
                        0.0012,
                        0,
                        100,
                        0,
                        Plate.sheet(cells * 0.06, cells * 0.06, 0.06),
                        0,
                        0,
                        0,
                        1,
                        Conductor.STAINLESS_STEEL)
                .assemble();
        return Mesh.of(a.structure(), List.of(a.feed()), HZ, Mesh.USUAL_SEGMENTS_PER_WAVE);
    }

    private static void library(SymmetricMatrix z) {
        int n = z.size();
        ZMatrixRMaj full = new ZMatrixRMaj(n, n);
        for (int i = 0; i < n; i++) {
            for (int j = i; j < n; j++) {
                full.set(i, j, z.re[i][j - i], z.im[i][j - i]);
                full.set(j, i, z.re[i][j - i], z.im[i][j - i]);
            }
        }
        if (!DecompositionFactory_ZDRM.lu(n, n).decompose(full)) {
            throw new IllegalStateException("The library could not factorise.");
        }
    }

    private static void sweep(PrintStream out) {
        Assembly roof = new RoofWhip(
                        0.05,
                        0.445,
                        0.0012,
                        0,
                        100,
                        0,
                        Plate.sheet(1.8, 1.5, 0.17),
                        0,
                        0,
                        0,
                        1,
                        Conductor.STAINLESS_STEEL)
                .assemble();
        double[] hz = IntStream.range(0, POINTS)
                .mapToDouble(i -> 140e6 + i * 32e6 / (POINTS - 1))
                .toArray();
        Solver solver = new Solver(roof.structure(), List.of(roof.feed()), hz[POINTS - 1]);
        long begun = System.nanoTime();
        FastSweep fast = AntennaSweep.of(roof, hz, Watch.NOBODY);
        double quick = (System.nanoTime() - begun) / 1e6;
        begun = System.nanoTime();
        double worst = 0;
        for (int i = 0; i < POINTS; i++) {
            var r = dorada.core.rf.Reflection.of(solver.at(hz[i], Watch.NOBODY).impedance(), 50);
            worst = Math.max(
                    worst,
                    Math.hypot(
                            r.re() - fast.sweep().re(i), r.im() - fast.sweep().im(i)));
        }
        double every = (System.nanoTime() - begun) / 1e6;
        out.printf(
                "%-32s %10.1f wanted > 10  (%d unknowns, %d solves, |ΔΓ| at most %.1e, wanted < 3e-3)%n",
                "201 points: each over adaptive", every / quick, solver.unknowns(), fast.solves(), worst);
    }

    private static void memory(PrintStream out) {
        Mesh mesh = mesh(800);
        Runtime runtime = Runtime.getRuntime();
        System.gc();
        long idle = runtime.totalMemory() - runtime.freeMemory();
        SymmetricMatrix z = MomentMatrix.of(mesh, HZ, Watch.NOBODY);
        SymmetricFactor factor = new SymmetricFactor(z.copy(), Watch.NOBODY);
        System.gc();
        long held = runtime.totalMemory() - runtime.freeMemory() - idle;
        out.printf(
                "%-32s %10.1f wanted < 64  (%d unknowns; matrix and factor held: %s)%n",
                "memory held, MB",
                held / 1e6,
                mesh.modes(),
                factor.solve(new ComplexVector(z.size())).size() == z.size());
    }

    private static void slider(PrintStream out) {
        var roof = Designs.ALL.installation("roof-quarter-wave").orElseThrow();
        double ms = milliseconds(() -> {
            Assembly a = roof.assembly(new double[] {0.44}, Set.of(), 160e6);
            new Solver(a.structure(), List.of(a.feed()), 160e6).at(156e6, Watch.NOBODY);
        });
        out.printf("%-32s %10.1f wanted < 150%n", "a whip on its roof, solved again", ms);
    }
}
