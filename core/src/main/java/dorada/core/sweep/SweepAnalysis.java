package dorada.core.sweep;

import dorada.core.outcome.Refusal;
import dorada.core.rf.Reflection;
import dorada.core.rf.Swr;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;

/**
 * Reads a sweep as a technician does: every dip, every resonance, the bandwidth at an SWR, the values at a channel.
 *
 * <p>A dip is a local minimum at least {@value #LEAST_DEPTH_DB} dB deeper than its surroundings (its topographic
 * prominence on the return loss curve), or an edge toward which the curve falls by as much. A minimum from which the
 * curve rises toward the end of the sweep by less than {@value #LEAST_RISE_DB} dB is noise on a curve that still falls,
 * so it counts as that edge. Where a sweep has no dip of that depth, a falling edge is still reported, because it tells
 * on which side to look. A resonance is a zero of the
 * reactance, which is a zero of Im Γ.
 */
public final class SweepAnalysis {

    /** How much deeper than its surroundings a dip must be, in dB. */
    public static final double LEAST_DEPTH_DB = 1;

    /** A rise toward the end of the sweep that is less than this is within the noise of a good instrument, in dB. */
    public static final double LEAST_RISE_DB = 0.2;

    private static final double LOWEST_Q = 2.4;
    private static final double FLAT_SWR = 1.6;
    private static final double FLAT_SPAN = 0.08;

    /** Return loss is cut off here so that a perfect match does not make the depth infinite. */
    private static final double DEEPEST_DB = 120;

    /** Im Γ = 0 this close to Γ = 1 is an open circuit, not a resonance. */
    private static final double OPEN_CIRCUIT = 1e-9;

    private static final double RELATIVE_ACCURACY = 1e-11;
    private static final int MOST_STEPS = 200;

    private final Sweep sweep;
    private final List<Dip> dips;

    /** Analyses {@code sweep}, renormalised to 50 Ω where it is not already. */
    public SweepAnalysis(Sweep sweep) {
        this.sweep = sweep.renormalised(Sweep.STANDARD_REFERENCE_OHM);
        this.dips = findDips();
    }

    /** The sweep re 50 Ω. */
    public Sweep sweep() {
        return sweep;
    }

    /** All dips, deepest first. */
    public List<Dip> dips() {
        return dips;
    }

    public Optional<Dip> deepestDip() {
        return dips.stream().findFirst();
    }

    /** The values at {@code frequencyHz}; empty outside the sweep. */
    public Optional<Reading> readingAt(double frequencyHz) {
        return sweep.at(frequencyHz).map(r -> reading(frequencyHz, r));
    }

    private Reading reading(double frequencyHz, Reflection r) {
        return new Reading(frequencyHz, r, sweep.hasPhase());
    }

    /** Frequencies in Hz at which X = 0, ascending; none where the phase is not known. */
    public double[] resonancesHz() {
        if (!sweep.hasPhase()) {
            return new double[0];
        }
        List<Double> found = new ArrayList<>();
        for (int i = 0; i < sweep.size(); i++) {
            if (sweep.im(i) == 0 && Math.abs(1 - sweep.re(i)) > OPEN_CIRCUIT) {
                found.add(sweep.frequencyHz(i));
            } else if (i > 0 && sweep.im(i - 1) * sweep.im(i) < 0) {
                found.add(root(sweep::imaginaryAt, sweep.frequencyHz(i - 1), sweep.frequencyHz(i)));
            }
        }
        return found.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /**
     * The bandwidth at {@code swrLimit} (above 1) about the deepest dip; empty where even the dip lies above the limit or
     * the sweep has no dip.
     */
    public Optional<Bandwidth> bandwidth(double swrLimit) {
        if (!(swrLimit > 1) || Double.isInfinite(swrLimit)) {
            throw new Refusal(Refused.LIMIT_NOT_ABOVE_1);
        }
        double limit = Swr.magnitude(swrLimit);
        return deepestDip()
                .filter(dip -> dip.reading().reflection().magnitude() <= limit)
                .map(dip -> bandwidthAbout(dip.frequencyHz(), swrLimit, limit));
    }

    private Bandwidth bandwidthAbout(double dipHz, double swrLimit, double limit) {
        int below = 0;
        while (below + 1 < sweep.size() && sweep.frequencyHz(below + 1) <= dipHz) {
            below++;
        }
        double low = sweep.startHz();
        boolean lowOpen = true;
        double inner = dipHz;
        for (int i = below; i >= 0 && lowOpen; i--) {
            if (sweep.magnitude(i) > limit) {
                low = crossing(limit, sweep.frequencyHz(i), inner);
                lowOpen = false;
            }
            inner = sweep.frequencyHz(i);
        }
        double high = sweep.stopHz();
        boolean highOpen = true;
        inner = dipHz;
        for (int i = below + 1; i < sweep.size() && highOpen; i++) {
            if (sweep.magnitude(i) > limit) {
                high = crossing(limit, inner, sweep.frequencyHz(i));
                highOpen = false;
            }
            inner = sweep.frequencyHz(i);
        }
        return new Bandwidth(swrLimit, low, high, lowOpen, highOpen);
    }

    private double crossing(double limit, double fromHz, double toHz) {
        return root(hz -> sweep.magnitudeAt(hz) - limit, fromHz, toHz);
    }

    private double root(UnivariateFunction f, double fromHz, double toHz) {
        if (f.value(fromHz) == 0) {
            return fromHz;
        }
        return new BrentSolver(RELATIVE_ACCURACY, toHz * RELATIVE_ACCURACY).solve(MOST_STEPS, f, fromHz, toHz);
    }

    private List<Dip> findDips() {
        double[] depth = depthsDb();
        Surroundings.Map surroundings = Surroundings.of(depth);
        int last = depth.length - 1;
        List<Dip> found = new ArrayList<>();
        int deepest = 0;
        for (int i = 0; i <= last; i++) {
            int plateauEnd = i;
            while (plateauEnd < last && depth[plateauEnd + 1] == depth[i]) {
                plateauEnd++;
            }
            deepest = depth[i] > depth[deepest] ? i : deepest;
            boolean deeperThanLeft = i == 0 || depth[i] > depth[i - 1];
            boolean deeperThanRight = plateauEnd == last || depth[plateauEnd] > depth[plateauEnd + 1];
            if (deeperThanLeft && deeperThanRight) {
                Surroundings around = surroundings.about(i, plateauEnd);
                if (around.prominenceDb() >= LEAST_DEPTH_DB) {
                    found.add(dipAt((i + plateauEnd) / 2, around));
                }
            }
            i = plateauEnd;
        }
        if (found.isEmpty()) {
            Surroundings around = surroundings.about(deepest, deepest);
            if (around.prominenceDb() >= LEAST_RISE_DB && around.edge() != Surroundings.Edge.NONE) {
                found.add(dipAt(deepest, around));
            }
        }
        found.sort(Comparator.comparingDouble(d -> d.reading().reflection().magnitude()));
        return List.copyOf(found);
    }

    private double[] depthsDb() {
        double[] depth = new double[sweep.size()];
        for (int i = 0; i < depth.length; i++) {
            depth[i] = Math.min(DEEPEST_DB, Swr.returnLossDb(sweep.magnitude(i)));
        }
        return depth;
    }

    private Dip dipAt(int i, Surroundings around) {
        if (around.edge() != Surroundings.Edge.NONE) {
            int end = around.edge() == Surroundings.Edge.FIRST ? 0 : sweep.size() - 1;
            return new Dip(reading(sweep.frequencyHz(end), sweep.reflection(end)), true);
        }
        double best = new BrentOptimizer(1e-9, sweep.frequencyHz(i) * RELATIVE_ACCURACY)
                .optimize(
                        new MaxEval(MOST_STEPS),
                        GoalType.MINIMIZE,
                        new UnivariateObjectiveFunction(sweep::magnitudeAt),
                        new SearchInterval(sweep.frequencyHz(i - 1), sweep.frequencyHz(i + 1), sweep.frequencyHz(i)))
                .getPoint();
        return new Dip(reading(best, sweep.at(best).orElseThrow()), false);
    }

    /**
     * Too good to be true: so low over so wide a span as no antenna of quality {@value #LOWEST_Q} or more could be, which
     * leaves loss or a dummy load. A matched antenna stays under SWR n over (n − 1)/(Q√n) of its frequency. Source: A. D.
     * Yaghjian, S. R. Best, IEEE Trans. AP 53 (2005) 1298; the least span and the quality are common practice, no source.
     */
    public boolean isFlatAndLow() {
        double worst = 0;
        for (int i = 0; i < sweep.size(); i++) {
            worst = Math.max(worst, sweep.magnitude(i));
        }
        double swr = Swr.ofMagnitude(worst);
        double span = (sweep.stopHz() - sweep.startHz()) / sweep.stopHz();
        double widestAntenna = (swr - 1) / (LOWEST_Q * Math.sqrt(swr));
        return swr < FLAT_SWR && span >= Math.max(FLAT_SPAN, widestAntenna);
    }
}
