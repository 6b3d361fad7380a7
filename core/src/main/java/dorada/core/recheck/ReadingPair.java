package dorada.core.recheck;

import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.rf.Swr;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.Pass;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Two readings of one antenna at the frequencies that both say something of, and how well an {@link Explanation} turns the
 * first into the second.
 */
final class ReadingPair {

    private static final int POINTS = 60;

    /** Two calibrations of a good analyser and their noise, in |Γ|. */
    private static final double SWEPT_DOUBT = 0.008;

    /** Nobody puts an antenna back better than this, as a share of its frequency. */
    private static final double REPEATS = 0.001;

    /** A sweep's errors go along together: it says as much as so many independent points. */
    private static final double INDEPENDENT = 6;

    /** Curves that differ by so many doubts at each point are not of the same antenna. */
    private static final double ANOTHER = 9;

    /** No change is quite what an explanation says: so much of it is left open. */
    private static final double LIKENESS = 0.15;

    private static final double SLOPE_SHARE = 0.002;

    private final Pass then;
    private final List<Point> points;
    private final boolean isSwept;
    private final boolean hasPhase;

    private record Point(double hz, double then, double now, double doubt) {}

    /**
     * @param phaseIsTheAntennas true where resistance in series is what it says: a line between turns it
     */
    ReadingPair(Pass then, Pass now, boolean phaseIsTheAntennas) {
        this.then = then;
        hasPhase = phaseIsTheAntennas && then.isSwept() && then.sweep().hasPhase();
        isSwept = then.isSwept() && now.isSwept();
        points = new ArrayList<>();
        if (isSwept) {
            double low = Math.max(then.sweep().startHz(), now.sweep().startHz());
            double high = Math.min(then.sweep().stopHz(), now.sweep().stopHz());
            for (int i = 0; i < POINTS && high > low; i++) {
                double hz = low + (high - low) * i / (POINTS - 1);
                add(hz, at(then.sweep(), hz), at(now.sweep(), hz), SWEPT_DOUBT);
            }
        } else if (now.isSwept()) {
            then.spots().forEach(r -> add(r, now.sweep(), false));
        } else if (then.isSwept()) {
            now.spots().forEach(r -> add(r, then.sweep(), true));
        } else {
            for (Reading r : now.spots()) {
                then.spots().stream()
                        .filter(b -> Math.abs(b.frequencyHz() - r.frequencyHz()) < 1000)
                        .findFirst()
                        .ifPresent(b -> add(r.frequencyHz(), rho(b), rho(r), Math.hypot(doubt(b), doubt(r))));
            }
        }
    }

    private void add(Reading spot, Sweep other, boolean isNow) {
        if (other.covers(spot.frequencyHz())) {
            double swept = at(other, spot.frequencyHz());
            add(
                    spot.frequencyHz(),
                    isNow ? swept : rho(spot),
                    isNow ? rho(spot) : swept,
                    Math.hypot(doubt(spot), SWEPT_DOUBT));
        }
    }

    private void add(double hz, double before, double after, double doubt) {
        Sweep curve = then.sweep();
        double d = SLOPE_SHARE * hz;
        double slope = curve.covers(hz - d) && curve.covers(hz + d)
                ? Math.abs(at(curve, hz + d) - at(curve, hz - d)) / (2 * SLOPE_SHARE)
                : 0;
        points.add(new Point(hz, before, after, Math.hypot(doubt, slope * REPEATS)));
    }

    private static double at(Sweep sweep, double hz) {
        return sweep.at(hz).orElseThrow().magnitude();
    }

    private static double rho(Reading r) {
        return r.reflection().magnitude();
    }

    private static double doubt(Reading r) {
        double high = Double.isInfinite(r.highSwr()) ? 1 : Swr.magnitude(r.highSwr());
        return Math.max(SWEPT_DOUBT, (high - Swr.magnitude(r.lowSwr())) / 2);
    }

    /** Whether there is anything to compare. */
    boolean isEmpty() {
        return points.isEmpty();
    }

    /** Greatest change of |Γ| at any point, in its doubts. */
    double largestInDoubts() {
        return points.stream()
                .mapToDouble(p -> Math.abs(p.now - p.then) / p.doubt)
                .max()
                .orElse(0);
    }

    /** Mean change of |Γ|, negative where less comes back. */
    double meanChange() {
        return points.stream().mapToDouble(p -> p.now - p.then).average().orElse(0);
    }

    /**
     * How well one explanation can do.
     *
     * @param evidence natural logarithm of the mean likelihood over all that it leaves open
     * @param shift share by which the dip moved in its best case; likewise the others
     */
    record Fit(double evidence, double shift, double resistanceOhm, double lossDb) {}

    /** Empty where these readings can't tell of it. */
    Optional<Fit> fit(Explanation e) {
        if (e == Explanation.SOMETHING_ELSE) {
            return Optional.of(new Fit(-0.5 * independent() * ANOTHER, 0, 0, 0));
        }
        double[] resistances = e.resistancesOhm();
        if (resistances[0] != 0 && !hasPhase) {
            // Without the phase resistance is told by nothing but a curve that moves: ice and things beside it still
            // are.
            resistances = e == Explanation.CORROSION ? new double[0] : new double[] {0};
        }
        double best = Double.NEGATIVE_INFINITY;
        Fit fit = null;
        List<Double> all = new ArrayList<>();
        for (double shift : e.shifts()) {
            Reflection[] moved = moved(shift);
            for (double ohm : resistances) {
                for (double loss : e.lossesDb()) {
                    double l = logLikelihood(moved, ohm, loss);
                    all.add(l);
                    if (l > best) {
                        best = l;
                        fit = new Fit(0, shift, ohm, loss);
                    }
                }
            }
        }
        if (fit == null) {
            return Optional.empty();
        }
        double most = best;
        double mean =
                all.stream().mapToDouble(l -> Math.exp(l - most)).average().orElseThrow();
        return Optional.of(new Fit(most + Math.log(mean), fit.shift, fit.resistanceOhm, fit.lossDb));
    }

    private double independent() {
        return isSwept ? Math.min(INDEPENDENT, points.size()) : points.size();
    }

    /** What the first reading would be at each point with its whole curve moved; null beyond it. */
    private Reflection[] moved(double shift) {
        Reflection[] moved = new Reflection[points.size()];
        for (int i = 0; i < moved.length; i++) {
            Point p = points.get(i);
            double from = p.hz / (1 + shift);
            if (then.isSwept()) {
                moved[i] = then.sweep().at(from).orElse(null);
            } else if (then.sweep().covers(from) && then.sweep().covers(p.hz)) {
                // The curve that explains a few readings is a guess: only how it changes is taken from it.
                double rho = p.then + at(then.sweep(), from) - at(then.sweep(), p.hz);
                moved[i] = new Reflection(Math.max(0, Math.min(1, rho)), 0);
            } else if (shift == 0) {
                moved[i] = new Reflection(p.then, 0);
            }
        }
        return moved;
    }

    private double logLikelihood(Reflection[] moved, double ohm, double lossDb) {
        double sum = 0;
        int n = 0;
        double there = Math.pow(10, -2 * lossDb / 20);
        for (int i = 0; i < moved.length; i++) {
            if (moved[i] == null) {
                continue;
            }
            Point p = points.get(i);
            double rho = (ohm == 0 ? moved[i].magnitude() : inSeries(moved[i], ohm)) * there;
            double doubt = Math.hypot(p.doubt, LIKENESS * (rho - p.then));
            double miss = (p.now - rho) / doubt;
            sum += miss * miss + 2 * Math.log(doubt / p.doubt);
            n++;
        }
        return n == 0 ? Double.NEGATIVE_INFINITY : -0.5 * independent() * sum / n;
    }

    private static double inSeries(Reflection r, double ohm) {
        Impedance z = r.impedance(Sweep.STANDARD_REFERENCE_OHM);
        double resistance = Math.max(1, z.resistanceOhm() + ohm);
        return Reflection.of(new Impedance(resistance, z.reactanceOhm()), Sweep.STANDARD_REFERENCE_OHM)
                .magnitude();
    }
}
