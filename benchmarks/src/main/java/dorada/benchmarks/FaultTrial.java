package dorada.benchmarks;

import dorada.core.line.FaultLocator;
import dorada.core.line.FaultReport;
import dorada.core.line.FaultReport.Finding;
import dorada.core.line.FaultReport.What;
import dorada.core.line.Feedline;
import dorada.core.line.Line;
import dorada.core.line.Window;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.rf.Swr;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Sweep;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/**
 * Random lossy lines with an antenna at the end and none, one or two faults, swept over spans that people really use, and what
 * the locator makes of them. The locator is told the type of line and its length within two per cent.
 */
final class FaultTrial {

    private static final double[][] SPANS_MHZ = {
        {26, 30, 201}, {20, 60, 401}, {136, 174, 401}, {100, 200, 401}, {400, 470, 401}, {10, 500, 801}, {1, 1000, 1001}
    };
    private static final String[] LINES = {"rg-58", "rg-8x", "rg-213", "foam-10", "foam-15"};
    private static final double NOISE = 0.0008;
    private static final double RESIDUE = 0.004;

    /** A fault weaker than this at its place is no fault that a reflection could show. */
    private static final double SHOWS_DB = 24;

    private static final double MOST_LOSS_DB = 25;

    private FaultTrial() {}

    private enum Kind {
        KINK,
        CRUSHED,
        BAD_JOINT,
        WATER,
        BREAK,
        SHORTED
    }

    private record Fault(Kind kind, double atM, double strength) {

        /** What {@code load} looks like with the fault before it. */
        Impedance before(Impedance load, Line line, double hz) {
            return switch (kind) {
                case KINK -> through(load, new Line(0.02 + 0.04 * strength, line.velocityFactor(), 22, 0, 0), hz);
                case CRUSHED -> load.parallel(new Impedance(40 + 160 * strength, 0));
                case BAD_JOINT -> load.plus(new Impedance(12 + 50 * strength, 0));
                case WATER ->
                    through(
                            load,
                            new Line(
                                    0.2 + 1.2 * strength,
                                    line.velocityFactor() * 0.8,
                                    line.impedanceOhm() * 0.7,
                                    line.k1DbPer100mSqrtMHz() * 8,
                                    line.k2DbPer100mMHz() * 8),
                            hz);
                case BREAK -> new Impedance(1e7, 0);
                case SHORTED -> new Impedance(0.4, 0);
            };
        }

        boolean total() {
            return kind == Kind.BREAK || kind == Kind.SHORTED;
        }

        /** Its own return loss in the middle of the span, as a matched line would show it. */
        double returnLossDb(Line line, double hz) {
            return Swr.returnLossDb(Math.min(
                    1, Reflection.of(before(new Impedance(50, 0), line, hz), 50).magnitude()));
        }
    }

    private static Impedance through(Impedance load, Line line, double hz) {
        return line.towardRadio(Reflection.of(load, 50), 50, hz).impedance(50);
    }

    private static final class Tally {
        int lines;
        int faultless;
        int faultlessAlarmed;
        int faults;
        int visible;
        int found;
        int foundOfHidden;
        int falseAlarms;
        int cannotTell;
        final List<Double> errorsM = new ArrayList<>();
        final List<Double> errorsOfResolution = new ArrayList<>();
    }

    static void print(PrintStream out, long seed, int trials) {
        Random random = new Random(seed);
        Tally all = new Tally();
        out.printf("Faults on lines, seed %d, %d lines for each span%n", seed, trials);
        out.printf(
                "%-22s %9s %7s %8s %8s %9s %12s %12s %14s%n",
                "span, points",
                "resolves",
                "faults",
                "visible",
                "found",
                "hidden f.",
                "false alarms",
                "cannot tell",
                "median error");
        for (double[] span : SPANS_MHZ) {
            Tally here = new Tally();
            double resolution = 0;
            for (int i = 0; i < trials; i++) {
                resolution = one(random, span, here, all);
            }
            out.printf(
                    Locale.ROOT,
                    "%-22s %7.1f m %7d %8d %7.1f%% %9d %12d %12d %12.2f m%n",
                    String.format(Locale.ROOT, "%.0f–%.0f MHz, %.0f", span[0], span[1], span[2]),
                    resolution,
                    here.faults,
                    here.visible,
                    share(here.found, here.visible),
                    here.foundOfHidden,
                    here.falseAlarms,
                    here.cannotTell,
                    quantile(here.errorsM, 0.5));
        }
        out.printf(
                Locale.ROOT,
                "Of %d visible faults %.1f %% found; distance off by %.2f m (median), %.2f m (95th percentile), that is %.2f and "
                        + "%.2f resolutions.%n",
                all.visible,
                share(all.found, all.visible),
                quantile(all.errorsM, 0.5),
                quantile(all.errorsM, 0.95),
                quantile(all.errorsOfResolution, 0.5),
                quantile(all.errorsOfResolution, 0.95));
        out.printf(
                Locale.ROOT,
                "False alarms: %d on %d lines; %d of %d lines without a fault were suspected (%.1f %%).%n",
                all.falseAlarms,
                all.lines,
                all.faultlessAlarmed,
                all.faultless,
                share(all.faultlessAlarmed, all.faultless));
        out.println("Visible: return loss at its place below " + (int) SHOWS_DB
                + " dB, at least two resolutions from either end "
                + "and from the other fault, not behind a break or short, line loss there and back below "
                + (int) MOST_LOSS_DB
                + " dB.");
    }

    private static double share(int part, int whole) {
        return whole == 0 ? Double.NaN : 100.0 * part / whole;
    }

    private static double quantile(List<Double> values, double q) {
        double[] sorted =
                values.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        return sorted.length == 0 ? Double.NaN : sorted[(int) Math.min(sorted.length - 1, q * sorted.length)];
    }

    private static double one(Random random, double[] span, Tally here, Tally all) {
        Feedline type = Feedline.byId(LINES[random.nextInt(LINES.length)]).orElseThrow();
        double length = 3 + 37 * random.nextDouble();
        Line line = type.line(length);
        List<Fault> faults = new ArrayList<>();
        int count = random.nextInt(3);
        for (int i = 0; i < count; i++) {
            faults.add(new Fault(
                    Kind.values()[random.nextInt(Kind.values().length)],
                    length * (0.08 + 0.84 * random.nextDouble()),
                    random.nextDouble()));
        }
        faults.sort((a, b) -> Double.compare(b.atM, a.atM));
        double middle = (span[0] + span[1]) / 2 * 1e6;
        double resonance = span[0] * 1e6 + (span[1] - span[0]) * 1e6 * random.nextDouble();
        double r = 25 + 50 * random.nextDouble();
        double q = 4 + 10 * random.nextDouble();
        int n = (int) span[2];
        double[] hz = new double[n];
        double[] re = new double[n];
        double[] im = new double[n];
        double turn = 2 * Math.PI * random.nextDouble();
        for (int i = 0; i < n; i++) {
            hz[i] = (span[0] + (span[1] - span[0]) * i / (n - 1)) * 1e6;
            Impedance z = new Impedance(r, r * q * (hz[i] / resonance - resonance / hz[i]));
            double from = length;
            for (Fault f : faults) {
                z = f.before(through(z, type.line(from - f.atM), hz[i]), line, hz[i]);
                from = f.atM;
            }
            Reflection seen = type.line(from).towardRadio(Reflection.of(z, 50), 50, hz[i]);
            re[i] = seen.re() + RESIDUE * Math.cos(turn) + NOISE * random.nextGaussian();
            im[i] = seen.im() + RESIDUE * Math.sin(turn) + NOISE * random.nextGaussian();
        }
        Line told = type.line(length * (1 + 0.02 * (2 * random.nextDouble() - 1)));
        FaultReport report =
                new FaultLocator(told, Window.KAISER).locate(new Sweep(hz, re, im, Sweep.STANDARD_REFERENCE_OHM));
        double resolution = Wavelength.SPEED_OF_LIGHT_M_PER_S * type.velocityFactor() / 2 / ((span[1] - span[0]) * 1e6);
        for (Tally t : Arrays.asList(here, all)) {
            judge(t, report, faults, line, length, middle, resolution);
        }
        return resolution;
    }

    private static void judge(
            Tally t,
            FaultReport report,
            List<Fault> faults,
            Line line,
            double length,
            double middle,
            double resolution) {
        t.lines++;
        t.faults += faults.size();
        t.cannotTell += report.says().is(Finding.TOO_COARSE) || report.says().is(Finding.REPEATS) ? 1 : 0;
        List<FaultReport.Event> events = new ArrayList<>(
                report.events().stream().filter(e -> e.what() != What.END).toList());
        if (faults.isEmpty()) {
            t.faultless++;
            t.faultlessAlarmed += events.isEmpty() ? 0 : 1;
        }
        boolean behindTotal = false;
        for (int i = faults.size() - 1; i >= 0; i--) {
            Fault f = faults.get(i);
            double apart = Math.min(f.atM, length - f.atM);
            for (Fault other : faults) {
                apart = other == f ? apart : Math.min(apart, Math.abs(other.atM - f.atM));
            }
            double loss = 2 * line.matchedLossDb(middle) * f.atM / length;
            boolean visible = !behindTotal
                    && apart >= 2 * resolution
                    && loss < MOST_LOSS_DB
                    && f.returnLossDb(line, middle) < SHOWS_DB;
            behindTotal |= f.total();
            // Water is as long as it is: anywhere in it is a hit.
            double room = f.kind == Kind.WATER ? 1.5 : 0;
            FaultReport.Event hit = events.stream()
                    .filter(e -> Math.abs(e.distanceM() - f.atM) < Math.max(resolution, 0.03 * length) + room)
                    .min((a, b) -> Double.compare(Math.abs(a.distanceM() - f.atM), Math.abs(b.distanceM() - f.atM)))
                    .orElse(null);
            t.visible += visible ? 1 : 0;
            if (hit != null) {
                events.remove(hit);
                if (visible) {
                    t.found++;
                    t.errorsM.add(Math.abs(hit.distanceM() - f.atM));
                    t.errorsOfResolution.add(Math.abs(hit.distanceM() - f.atM) / resolution);
                } else {
                    t.foundOfHidden++;
                }
            }
        }
        // The far side of a wet stretch sends back as well.
        events.removeIf(e -> faults.stream()
                .anyMatch(
                        f -> f.kind == Kind.WATER && e.distanceM() > f.atM && e.distanceM() < f.atM + 2 + resolution));
        t.falseAlarms += events.size();
    }
}
