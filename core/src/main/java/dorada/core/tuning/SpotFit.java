package dorada.core.tuning;

import dorada.core.instrument.ReadingKind;
import dorada.core.rf.Swr;
import dorada.core.sweep.Reading;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * How well series circuits explain the readings of one pass: a logarithm of likelihood for each quality and resistance of a
 * grid, over the frequency of the dip.
 */
final class SpotFit {

    private static final double[] QS = {1.4, 2.1, 3, 4.5, 6.5, 9.5, 14, 20, 30, 45, 70};

    /** From nearly a short to nearly an open: a poor match is an explanation like any other. */
    private static final double[] RS = {3, 6, 10, 15, 22, 29, 37, 44, 51, 60, 74, 95, 130, 200, 340};

    /** How many circuits there are. */
    static final int CIRCUITS = QS.length * RS.length;

    /** Deviation of the logarithm of the resistance: within a factor of 1.5. */
    private static final double SPREAD_R = Math.log(1.5);

    /** One in so many has a quality or a resistance that is anything but usual; common practice, no source. */
    private static final double UNUSUAL = 0.04;

    private static final double LOG_RANGE_Q = Math.log(QS[QS.length - 1] / QS[0]);
    private static final double LOG_RANGE_R = Math.log(RS[RS.length - 1] / RS[0]);

    /** The errors of one meter belong together: more readings than these say less than as many meters would. */
    private static final int INDEPENDENT = 5;

    private static final int MOST_READINGS = 9;

    /** What another reading of the same adds, of what it would add if it erred by itself. */
    private static final double NEW_WHEN_READ_AGAIN = 0.3;

    /** No reading is better than this in |Γ|. */
    private static final double LEAST_DEVIATION = 0.015;

    /** The likelihood falls with this power of the misfit. */
    private static final double POWER = 2.5;

    private final double[] hz;
    private final double[] magnitude;
    private final double[] deviation;
    private final boolean[] atLeast;
    private final double tempered;

    SpotFit(List<Reading> readings) {
        this(readings, 1);
    }

    /** @param again how often the same state was read: a needle that is read again errs again */
    SpotFit(List<Reading> all, int again) {
        List<Reading> readings = condensed(all);
        int n = readings.size();
        hz = new double[n];
        magnitude = new double[n];
        deviation = new double[n];
        atLeast = new boolean[n];
        for (int i = 0; i < n; i++) {
            Reading r = readings.get(i);
            hz[i] = r.frequencyHz();
            magnitude[i] = r.reflection().magnitude();
            deviation[i] = deviation(r);
            // A needle at the end of its scale says "at least".
            atLeast[i] = Double.isInfinite(r.highSwr());
        }
        int read = all.size();
        double channels = read <= INDEPENDENT ? 1 : (INDEPENDENT + (read - INDEPENDENT) / 2.0) / n;
        tempered = channels * (1 + (again - 1) * NEW_WHEN_READ_AGAIN) / again;
    }

    /** Neighbours of very many readings are taken together: a curve has no more to tell than a few of them. */
    private static List<Reading> condensed(List<Reading> all) {
        if (all.size() <= MOST_READINGS) {
            return all;
        }
        List<Reading> few = new ArrayList<>();
        for (int i = 0; i < MOST_READINGS; i++) {
            List<Reading> near = all.subList(i * all.size() / MOST_READINGS, (i + 1) * all.size() / MOST_READINGS);
            few.add(Reading.ofSwr(
                    mean(near, Reading::frequencyHz),
                    Swr.ofMagnitude(mean(near, r -> r.reflection().magnitude())),
                    Swr.ofMagnitude(mean(near, r -> Swr.magnitude(r.lowSwr()))),
                    near.stream().anyMatch(r -> Double.isInfinite(r.highSwr()))
                            ? Double.POSITIVE_INFINITY
                            : Swr.ofMagnitude(mean(near, r -> Swr.magnitude(r.highSwr())))));
        }
        return few;
    }

    private static double mean(List<Reading> of, ToDoubleFunction<Reading> what) {
        return of.stream().mapToDouble(what).average().orElseThrow();
    }

    private static double deviation(Reading r) {
        double high = Double.isInfinite(r.highSwr()) ? 1 : Swr.magnitude(r.highSwr());
        double doubt = (high - Swr.magnitude(r.lowSwr())) / 4;
        return Math.max(
                LEAST_DEVIATION,
                doubt == 0 ? ReadingKind.INLINE_METER.doubt(r.reflection().magnitude()) / 2 : doubt);
    }

    static double quality(int circuit) {
        return QS[circuit / RS.length];
    }

    static double resistanceOhm(int circuit) {
        return RS[circuit % RS.length];
    }

    /** Logarithms of how usual each circuit is, before anything was read; the shares of all add up to 1. */
    static double[] usual(TrimPrior.Circuit kind) {
        double[] share = new double[CIRCUITS];
        double sum = 0;
        for (int c = 0; c < CIRCUITS; c++) {
            share[c] = density(quality(c), kind.q(), Math.log(kind.spreadQ()), LOG_RANGE_Q)
                    * density(resistanceOhm(c), kind.ohm(), SPREAD_R, LOG_RANGE_R)
                    * width(QS, c / RS.length)
                    * width(RS, c % RS.length);
            sum += share[c];
        }
        for (int c = 0; c < CIRCUITS; c++) {
            share[c] = Math.log(share[c] / sum);
        }
        return share;
    }

    /** Of the logarithm of a value: most are usual, the rest may be anything. */
    private static double density(double value, double usual, double deviation, double logRange) {
        double z = Math.log(value / usual) / deviation;
        return (1 - UNUSUAL) * Math.exp(-z * z / 2) / (deviation * Math.sqrt(2 * Math.PI)) + UNUSUAL / logRange;
    }

    /** Of the grid's interval about value {@code i}, as a logarithm. */
    private static double width(double[] values, int i) {
        double low = values[Math.max(0, i - 1)];
        double high = values[Math.min(values.length - 1, i + 1)];
        return Math.log(high / low) / (i == 0 || i == values.length - 1 ? 1 : 2);
    }

    /** How badly each circuit explains the readings for a dip at {@code dipHz}: 1 where it does exactly, more where it does not. */
    double[] misfits(double dipHz) {
        double[] all = new double[CIRCUITS];
        double[] magnitudes = new double[CIRCUITS];
        Arrays.fill(all, 1);
        for (int i = 0; i < hz.length; i++) {
            CircuitCurves.fill(magnitudes, hz[i], dipHz);
            multiply(all, i, magnitudes);
        }
        return all;
    }

    private void multiply(double[] all, int reading, double[] magnitudes) {
        double read = magnitude[reading];
        double times = 0.5 / deviation[reading];
        // Plain loops over all circuits, which the compiler works on several at once.
        if (atLeast[reading]) {
            for (int c = 0; c < CIRCUITS; c++) {
                double off = Math.min(0, magnitudes[c] - read) * times;
                all[c] *= 1 + off * off;
            }
        } else {
            for (int c = 0; c < CIRCUITS; c++) {
                double off = (magnitudes[c] - read) * times;
                all[c] *= 1 + off * off;
            }
        }
    }

    /**
     * How likely what has {@code misfit} is, as a logarithm: heavier tails than a bell, as a meter is now and then read quite wrong,
     * and curves are not quite circuits.
     */
    double log(double misfit) {
        return -POWER * tempered * Math.log(misfit);
    }

    /** The misfit of what is so likely: to compare many misfits with, of which no logarithms are needed then. */
    double misfitOfLog(double log) {
        return Math.exp(log / (-POWER * tempered));
    }

    /** Readings that belong together say less: this power of a misfit is what they tell. */
    double tempered(double misfit) {
        return tempered == 1 ? misfit : Math.pow(misfit, tempered);
    }

    /** How likely what has this misfit is, against what has none: the power of {@link #POWER}, which a root gives faster. */
    static double likelihood(double misfit) {
        return 1 / (misfit * misfit * Math.sqrt(misfit));
    }

    /** The misfit of what is so likely. */
    static double misfit(double likelihood) {
        return Math.pow(likelihood, -1 / POWER);
    }

    /** A table of what circuits are likely with their dips in its rows, about the middle of {@code curves}. */
    Table table(CircuitCurves curves) {
        return new Table(Arrays.stream(hz).mapToObj(curves::detuned).toArray(double[][]::new));
    }

    /** Logarithms of likelihood, worked out when they are asked for: of most circuits most never are. */
    final class Table {
        private final double[][] detuned;
        /** Of each circuit side by side; 0 where nobody asked yet. */
        private final double[] logs = new double[CIRCUITS * CircuitCurves.ROWS];

        private Table(double[][] detuned) {
            this.detuned = detuned;
        }

        /** @param row where the dip lies, as {@link CircuitCurves#within} leaves it */
        double log(int circuit, double row) {
            int low = (int) row;
            int at = circuit * CircuitCurves.ROWS + low;
            double here = logs[at] == 0 ? taken(circuit, low) : logs[at];
            double next = logs[at + 1] == 0 ? taken(circuit, low + 1) : logs[at + 1];
            return here + (row - low) * (next - here);
        }

        private double taken(int circuit, int row) {
            double misfit = 1;
            for (int r = 0; r < hz.length; r++) {
                double more = CircuitCurves.magnitude(circuit, detuned[r][row]) - magnitude[r];
                double off = (atLeast[r] ? Math.min(0, more) : more) * (0.5 / deviation[r]);
                misfit *= 1 + off * off;
            }
            double log = SpotFit.this.log(misfit);
            logs[circuit * CircuitCurves.ROWS + row] = log;
            return log;
        }
    }

    /** The same for readings that are {@code magnitude} on every channel, as of a load, an open line or a needle that sticks. */
    double logLikelihoodOfConstant(double constant) {
        double product = 1;
        for (int i = 0; i < hz.length; i++) {
            double off = (constant - magnitude[i]) / deviation[i];
            product *= off > 0 && atLeast[i] ? 1 : 1 + off * off / 4;
        }
        return log(product);
    }

    /** As many readings as would say as much if each erred by itself. */
    double independent() {
        return tempered * hz.length;
    }
}
