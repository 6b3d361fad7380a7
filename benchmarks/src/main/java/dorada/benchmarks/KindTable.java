package dorada.benchmarks;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.GroundPlane;
import dorada.core.design.Designs;
import dorada.core.design.GroundPlaneDesign;
import dorada.core.rf.Wavelength;
import dorada.core.simulation.StandIn;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.wire.Conductor;
import dorada.core.wire.Watch;
import java.io.PrintStream;
import java.util.Locale;
import java.util.function.DoubleFunction;

/** Prints what each kind states of itself beside what the solver finds over its usual sizes. */
final class KindTable {

    private static final double CUT = 0.02;
    private static final int SEEDS = 3;

    private KindTable() {}

    static void print(PrintStream out) {
        out.println("Metres of set length for a metre of electrical length: stated, and solved over sizes and bands");
        for (AntennaKind kind : Designs.ALL.kinds()) {
            StringBuilder solved = new StringBuilder();
            for (double hz : bandsHz(kind)) {
                for (long seed = 1; seed <= SEEDS; seed++) {
                    double ratio = solved(Designs.ALL.of(kind).standIn(hz, seed), kind, hz);
                    // Another dip became the deepest: then it tells nothing.
                    solved.append(ratio > 0.3 && ratio < 4 ? String.format(Locale.ROOT, " %.2f", ratio) : " other dip");
                }
            }
            out.printf(
                    Locale.ROOT,
                    "%-18s stated %.2f within %2.0f %%, solved%s%n",
                    kind,
                    kind.lengthRatio(),
                    100 * kind.sensitivityDoubt(),
                    solved);
        }
        out.println("Ground plane of four radials, radiator alone and all alike (stated "
                + GroundPlaneDesign.KIND.lengthRatio() + " and "
                + GroundPlaneDesign.KIND.otherPiecesPerElectrical().orElseThrow() + "):");
        double wave = Wavelength.ofHz(146e6);
        for (double droop : new double[] {0, 30, 45}) {
            for (double radius : new double[] {0.0008, 0.003}) {
                double l = 0.245 * wave;
                double radial = 0.26 * wave;
                double before = dipOf(l, radial, radius, droop);
                out.printf(
                        Locale.ROOT,
                        "  droop %2.0f°, %.1f mm thick: %.2f alone, %.2f alike%n",
                        droop,
                        2000 * radius,
                        ratio(l, 0.25, before, dipOf(l * (1 - CUT), radial, radius, droop)),
                        ratio(l, 0.25, before, dipOf(l * (1 - CUT), radial - CUT * l, radius, droop)));
            }
        }
    }

    private static double[] bandsHz(AntennaKind kind) {
        return switch (kind.name()) {
            case "LOADED_CB_WHIP", "RINGED_CB_WHIP", "FOLDED_VERTICAL", "FULL_WAVE_LOOP" -> new double[] {27.2e6};
            case "AIRBAND_WHIP" -> new double[] {127e6};
            default -> new double[] {146e6, 446e6};
        };
    }

    private static double solved(StandIn a, AntennaKind kind, double hz) {
        double l = a.startLengthM();
        double before = dipHz(f -> a.sweep(l, about(f, 0.15), Watch.NOBODY), hz * 0.96);
        double after = dipHz(f -> a.sweep(l * (1 - CUT), about(f, 0.06), Watch.NOBODY), before);
        return ratio(l, kind.electricalWaves(), before, after);
    }

    private static double dipOf(double l, double radial, double radiusM, double droopDeg) {
        StandIn a =
                new StandIn((x, second) -> new GroundPlane(l, radiusM, 4, radial, droopDeg, Conductor.ALUMINIUM), l);
        return dipHz(f -> a.sweep(l, about(f, 0.12), Watch.NOBODY), 146e6);
    }

    private static double ratio(double lengthM, double waves, double beforeHz, double afterHz) {
        return CUT * lengthM / (Wavelength.SPEED_OF_LIGHT_M_PER_S * waves * (1 / beforeHz - 1 / afterHz));
    }

    private static double dipHz(DoubleFunction<Sweep> around, double hz) {
        return new SweepAnalysis(around.apply(hz)).deepestDip().orElseThrow().frequencyHz();
    }

    private static double[] about(double hz, double share) {
        double[] all = new double[161];
        for (int i = 0; i < all.length; i++) {
            all[i] = hz * (1 - share + 2 * share * i / (all.length - 1));
        }
        return all;
    }
}
