package dorada.core.cutsheet;

import dorada.core.antenna.Assembly;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import dorada.core.wire.Solver;
import dorada.core.wire.Watch;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer.Optimum;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/** Looks for the dimensions with which the wires do what is wanted, by solving them again and again. */
public final class SheetSolver {

    private static final int STEPS = 10;
    private static final double CLOSE = 1e-5;
    private static final int MOST = 60;
    private static final int USUAL = 12;
    private static final double DELTA = 1e-4;
    /** |Γ| that counts as matched: SWR 1.1. */
    private static final double MATCHED = 0.048;

    /** A compromise is found when another step brings less than this share. */
    private static final double STALE = 1e-3;

    /** Segments are made for this much above the frequency, as they are for the curve about it. */
    static final double ABOVE = 1.12;

    private static final double LEAST_SHARE = 0.15;
    private static final double MOST_SHARE = 4;

    private SheetSolver() {}

    static Solved solve(CutKind kind, Inputs in, Watch watch) {
        Shape start = Shape.start(kind.dimensions(in));
        Goal goal = kind.goal(in);
        if (goal instanceof Goal.Resonance r) {
            return at(kind, in, resonant(kind, in, start, r.dimension(), r.fromShare(), r.toShare(), watch));
        }
        if (goal instanceof Goal.Match m) {
            return at(kind, in, matched(kind, in, start, List.of(m.first(), m.second()), watch));
        }
        throw new IllegalStateException(kind.id() + " has nothing to solve.");
    }

    /** The impedance of a shape as it is. */
    public static Solved at(CutKind kind, Inputs in, Shape shape) {
        Assembly a = kind.assembly(in, shape).orElseThrow();
        Impedance z = atFeed(a, in.frequencyHz());
        return new Solved(shape, z, a.atConnector(z, in.frequencyHz()), List.of());
    }

    public static Impedance atFeed(Assembly a, double frequencyHz) {
        return new Solver(a.structure(), List.of(a.feed()), ABOVE * frequencyHz)
                .at(frequencyHz, Watch.NOBODY)
                .impedance();
    }

    /**
     * The shape in which the feed shows no reactance, at the low resistance of a quarter-wave, by changing one dimension.
     *
     * @throws InputException where there is none between both shares of the start
     */
    public static Shape resonant(
            CutKind kind, Inputs in, Shape start, String id, double fromShare, double toShare, Watch watch) {
        int[] solves = {0};
        DoubleUnaryOperator reactance = share -> {
            watch.report(Math.min(1, (double) solves[0]++ / USUAL));
            Shape shape = start.with(id, share * start.get(id));
            Impedance z = atFeed(kind.assembly(in, shape).orElseThrow(), in.frequencyHz());
            return z.reactanceOhm();
        };
        // From the middle outward: the resonance nearest to the rule is the one that is meant.
        double middle = Math.min(Math.max(1, fromShare), toShare);
        double atMiddle = reactance.applyAsDouble(middle);
        double[] below = {middle, atMiddle};
        double[] above = {middle, atMiddle};
        for (int i = 1; i <= STEPS; i++) {
            double up = middle + (toShare - middle) * i / STEPS;
            double down = middle - (middle - fromShare) * i / STEPS;
            // As a dimension grows, the reactance rises through 0.
            double[] higher = {up, up > above[0] ? reactance.applyAsDouble(up) : above[1]};
            if (above[1] <= 0 && higher[1] > 0) {
                return start.with(id, start.get(id) * root(reactance, above[0], higher[0]));
            }
            above = higher;
            double[] lower = {down, down < below[0] ? reactance.applyAsDouble(down) : below[1]};
            if (lower[1] < 0 && below[1] >= 0) {
                return start.with(id, start.get(id) * root(reactance, lower[0], below[0]));
            }
            below = lower;
        }
        throw new InputException(
                Inputs.FREQUENCY,
                Say.NO_RESONANCE.of(fromShare * start.get(id), toShare * start.get(id), titleOf(kind, in, id)));
    }

    private static Outcome titleOf(CutKind kind, Inputs in, String id) {
        return kind.dimensions(in).stream()
                .filter(d -> d.id().equals(id))
                .map(Dimension::title)
                .findFirst()
                .orElseThrow();
    }

    private static double root(DoubleUnaryOperator f, double from, double to) {
        return new BracketingNthOrderBrentSolver(CLOSE, 5).solve(MOST, f::applyAsDouble, from, to);
    }

    /** Matched at the wanted frequency. */
    public static Shape matched(CutKind kind, Inputs in, Shape start, List<String> ids, Watch watch) {
        return matched(kind, in, start, ids, new double[] {in.frequencyHz()}, MATCHED, watch);
    }

    /**
     * The shape nearest to 50 Ω at the connector, by changing some dimensions: method of K. Levenberg (1944) and D. W.
     * Marquardt (1963), of the library, on the real and imaginary parts of the reflection at one frequency or several.
     *
     * @param enough magnitude of the reflection that will do at each
     * @throws InputException where no match is found
     */
    public static Shape matched(
            CutKind kind, Inputs in, Shape start, List<String> ids, double[] hz, double enough, Watch watch) {
        int[] solves = {0};
        int n = ids.size();
        LeastSquaresBuilder problem = new LeastSquaresBuilder()
                .start(new ArrayRealVector(n, 1.0))
                .target(new double[2 * hz.length])
                .maxEvaluations(MOST)
                .maxIterations(MOST)
                .checker((i, a, b) -> b.getRMS() < CLOSE || a.getRMS() - b.getRMS() < STALE * b.getRMS())
                .parameterValidator(p -> p.map(s -> Math.max(LEAST_SHARE, Math.min(MOST_SHARE, s))))
                .model(point -> {
                    watch.report(Math.min(1, (double) solves[0] / (USUAL * n)));
                    double[] here = reflections(kind, in, shaped(start, ids, point), hz);
                    RealMatrix slopes = new Array2DRowRealMatrix(2 * hz.length, n);
                    for (int j = 0; j < n; j++) {
                        RealVector aside = point.copy();
                        aside.addToEntry(j, DELTA);
                        double[] there = reflections(kind, in, shaped(start, ids, aside), hz);
                        for (int i = 0; i < here.length; i++) {
                            slopes.setEntry(i, j, (there[i] - here[i]) / DELTA);
                        }
                        solves[0]++;
                    }
                    solves[0]++;
                    return new Pair<>(new ArrayRealVector(here), slopes);
                });
        try {
            Optimum best = new LevenbergMarquardtOptimizer().optimize(problem.build());
            if (worst(best.getResiduals()) < enough) {
                return shaped(start, ids, best.getPoint());
            }
        } catch (MathIllegalStateException e) {
            // Said below.
        }
        throw new InputException(Inputs.FREQUENCY, Say.WITH_THESE_DIMENSIONS_NO_MATCH_TO.of());
    }

    private static Shape shaped(Shape start, List<String> ids, RealVector shares) {
        Shape shape = start;
        for (int i = 0; i < ids.size(); i++) {
            shape = shape.with(ids.get(i), start.get(ids.get(i)) * shares.getEntry(i));
        }
        return shape;
    }

    private static double worst(RealVector residuals) {
        double worst = 0;
        for (int i = 0; i < residuals.getDimension(); i += 2) {
            worst = Math.max(worst, Math.hypot(residuals.getEntry(i), residuals.getEntry(i + 1)));
        }
        return worst;
    }

    private static double[] reflections(CutKind kind, Inputs in, Shape shape, double[] hz) {
        Assembly a = kind.assembly(in, shape).orElseThrow();
        double[] all = new double[2 * hz.length];
        for (int i = 0; i < hz.length; i++) {
            Impedance z = a.atConnector(atFeed(a, hz[i]), hz[i]);
            Reflection r = Reflection.of(z, Sweep.STANDARD_REFERENCE_OHM);
            all[2 * i] = r.re();
            all[2 * i + 1] = r.im();
        }
        return all;
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        NO_RESONANCE("fromSizeM", "toSizeM", "dimension"),
        WITH_THESE_DIMENSIONS_NO_MATCH_TO;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.sheetSolver";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
