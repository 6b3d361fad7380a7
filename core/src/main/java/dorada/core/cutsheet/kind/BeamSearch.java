package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.cutsheet.InputException;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.SheetSolver;
import dorada.core.cutsheet.Solved;
import dorada.core.outcome.Outcome;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import dorada.core.wire.FarField;
import dorada.core.wire.Solution;
import dorada.core.wire.Solver;
import dorada.core.wire.Watch;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.SimpleValueChecker;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.NelderMeadSimplex;
import org.hipparchus.optim.nonlinear.scalar.noderiv.SimplexOptimizer;

/** Looks for a beam's dimensions: elements without a table for gain, the driven one for its match. */
final class BeamSearch {

    private static final int TRIALS = 160;
    private static final double STEP = 0.015;
    private static final double SURE_DB = 0.002;
    /** What a reflection costs in the search: 10 dB times |Γ|², so that a match is worth half a decibel of gain. */
    private static final double MATCH_DB = 10;

    /** What a hairpin or gamma match can still bring to 50 Ω, and what an ohm beyond costs in the search. */
    private static final double LEAST_OHM = 15;

    private static final double MOST_OHM = 45;
    private static final double ODD_DB = 0.2;

    private static final double SHORTEST = 0.85;
    private static final double LONGEST = 1.15;

    private final ParallelBeam kind;
    private final Inputs in;
    /** The same elements, the driven one split: a folded one and its balun show the same, and a gamma starts from it. */
    private final Inputs split;

    BeamSearch(ParallelBeam kind, Inputs in) {
        this.kind = kind;
        this.in = in;
        split = in.choosing("drive", "direct");
    }

    Solved solve(Watch watch) {
        Shape start = Shape.start(kind.dimensions(in));
        Shape shape = found(start, watch);
        Solved s = SheetSolver.at(kind, in, shape);
        List<Outcome> notes = new ArrayList<>();
        double[] gains = gainsDbi(shape);
        notes.add(ParallelBeam.Say.COMPUTED.of(gains[0], gains[0] - 2.15, gains[0] - gains[1]));
        double[] free = ParallelBeam.spacings(in.with("boomM", 0).with("holesM", 0), false);
        double[] real = ParallelBeam.spacings(in, true);
        if (!Arrays.equals(free, real)) {
            // Where a table knows the usual one, that is what it is held against.
            Shape wide = kind.hasTable(in)
                    ? Shape.start(kind.dimensions(in.with("boomM", 0).with("holesM", 0)))
                    : shape;
            for (int i = 0; i < free.length; i++) {
                wide = wide.with(ParallelBeam.spacing(i), free[i]);
            }
            double cost = gainsDbi(wide)[0] - gains[0];
            notes.add((cost >= 0 ? ParallelBeam.Say.BOOM_COSTS : ParallelBeam.Say.BOOM_GAINS).of(Math.abs(cost)));
        }
        return new Solved(shape, s.atFeed(), s.atConnector(), notes);
    }

    private Shape found(Shape start, Watch watch) {
        int n = ParallelBeam.elements(in);
        Watch first = watch.part(0, 0.7);
        if (ParallelBeam.isFedWithout(in)) {
            Shape near = optimised(start, lengths(n, true), true, first);
            return SheetSolver.resonant(kind, in, near, ParallelBeam.DRIVEN, 0.8, 1.1, watch.part(0.7, 1));
        }
        Shape shape = kind.isTabled(in) ? start : optimised(start, lengths(n, false), false, first);
        if (in.has("drive", "gamma")) {
            shape = SheetSolver.resonant(kind, split, shape, ParallelBeam.DRIVEN, 0.85, 1.1, first);
        }
        List<String> controls = in.has("drive", "gamma")
                ? List.of(ParallelBeam.TAP, ParallelBeam.SERIES)
                : List.of(ParallelBeam.DRIVEN, ParallelBeam.HAIRPIN);
        return SheetSolver.matched(kind, in, shape, controls, watch.part(0.7, 1));
    }

    private List<String> lengths(int n, boolean withDriven) {
        List<String> all = new ArrayList<>();
        all.add(ParallelBeam.REFLECTOR);
        if (withDriven) {
            all.add(ParallelBeam.DRIVEN);
        }
        for (int i = 1; i <= n - 2; i++) {
            all.add(ParallelBeam.director(i));
        }
        if (withDriven && in.get("holesM") == 0) {
            all.add(ParallelBeam.spacing(0));
            if (n > 2) {
                all.add(ParallelBeam.spacing(1));
            }
        }
        return all;
    }

    /** Most gain, and where nothing else can match it, 50 Ω too: simplex method of J. A. Nelder and R. Mead (1965). */
    private Shape optimised(Shape start, List<String> ids, boolean mustMatch, Watch watch) {
        int[] trials = {0};
        double[] one = new double[ids.size()];
        Arrays.fill(one, 1);
        double usable = ParallelBeam.usableM(in);
        ObjectiveFunction f = new ObjectiveFunction(shares -> {
            watch.report(Math.min(1, (double) trials[0]++ / TRIALS));
            for (int i = 0; i < shares.length; i++) {
                boolean isSpacing = ids.get(i).startsWith("spacing");
                if (shares[i] < (isSpacing ? 0.4 : SHORTEST) || shares[i] > (isSpacing ? 1.6 : LONGEST)) {
                    return 100;
                }
            }
            Shape shape = shaped(start, ids, shares);
            if (length(shape) > usable + 1e-9) {
                return 100;
            }
            Solution solution = solved(shape);
            double gain = decibel(solution.farField().gain(0, 0));
            double ohm = solution.impedance().resistanceOhm();
            double odd = Math.max(0, LEAST_OHM - ohm) + Math.max(0, ohm - MOST_OHM);
            return (mustMatch ? MATCH_DB * reflected(solution.impedance()) : ODD_DB * odd) - gain;
        });
        try {
            double[] best = new SimplexOptimizer(new SimpleValueChecker(-1, SURE_DB))
                    .optimize(
                            new MaxEval(4 * TRIALS),
                            f,
                            GoalType.MINIMIZE,
                            new InitialGuess(one),
                            new NelderMeadSimplex(ids.size(), STEP))
                    .getPoint();
            return shaped(start, ids, best);
        } catch (MathIllegalStateException e) {
            throw new InputException(Inputs.FREQUENCY, ParallelBeam.Say.NO_BEAM_IS_FOUND_WITH_THESE.of());
        }
    }

    private static Shape shaped(Shape start, List<String> ids, double[] shares) {
        Shape shape = start;
        for (int i = 0; i < shares.length; i++) {
            shape = shape.with(ids.get(i), start.get(ids.get(i)) * shares[i]);
        }
        return shape;
    }

    private double length(Shape shape) {
        double sum = 0;
        for (int i = 0; i < ParallelBeam.elements(in) - 1; i++) {
            sum += shape.get(ParallelBeam.spacing(i));
        }
        return sum;
    }

    private static double reflected(Impedance z) {
        double size = Reflection.of(z, Sweep.STANDARD_REFERENCE_OHM).magnitude();
        return size * size;
    }

    private Solution solved(Shape shape) {
        Assembly a = kind.assembly(split, shape).orElseThrow();
        return new Solver(a.structure(), List.of(a.feed()), in.frequencyHz()).at(in.frequencyHz(), Watch.NOBODY);
    }

    /** Forward and backward. */
    private double[] gainsDbi(Shape shape) {
        FarField far = solved(shape).farField();
        return new double[] {decibel(far.gain(0, 0)), decibel(far.gain(180, 0))};
    }

    private static double decibel(double ratio) {
        return 10 * Math.log10(Math.max(1e-9, ratio));
    }
}
