package dorada.core.planning;

import dorada.core.antenna.AntennaSweep;
import dorada.core.antenna.Assembly;
import dorada.core.instrument.Span;
import dorada.core.planning.Need.Polarisation;
import dorada.core.planning.Need.Target;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Bandwidth;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.wire.FarField;
import dorada.core.wire.FastSweep;
import dorada.core.wire.Load;
import dorada.core.wire.Port;
import dorada.core.wire.Solution;
import dorada.core.wire.Solver;
import dorada.core.wire.Structure;
import dorada.core.wire.Watch;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.analysis.MultivariateFunction;
import org.hipparchus.complex.Complex;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.SimpleValueChecker;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.NelderMeadSimplex;
import org.hipparchus.optim.nonlinear.scalar.noderiv.SimplexOptimizer;

/** A candidate, solved where it will stand and tuned to the middle of the band. */
public final class AntennaTrial {

    private static final int POINTS = 121;
    /** About as many solves as tuning a length takes. */
    private static final int TRIALS = 24;

    private static final int MOST_TRIALS = 400;
    private static final double WELL_TUNED = 1e-3;
    private static final double WELL_MATCHED = 1e-7;
    private static final double STEP = 0.04;
    private static final double LEAST_SHARE = 0.5;
    private static final double MOST_SHARE = 2;
    private static final double CIRCUIT_REACH = 12;

    private static final double DB_PER_EFFORT = 0.7;
    private static final int AZIMUTHS = 12;
    private static final int FINE_AZIMUTHS = 72;
    private static final int ELEVATION_STEP_DEG = 3;
    /** Over perfect ground, where a real one is lossy, the horizon is read a little above it. */
    private static final int LOW_ANGLE_DEG = 10;

    private static final int[] SKIP_DEG = {5, 10, 15, 20, 25, 30};
    /** With less than this between strongest and weakest direction, an antenna has none. */
    private static final double DIRECTIVE_DB = 3;

    private static final double ROLL_M = 0.2;

    private AntennaTrial() {}

    /**
     * Solved on this surface and tuned to mid band.
     *
     * @param sweep at the connector
     * @param worstSwr within the band
     * @param holds true where all of it is under the limit
     * @param bandwidth at the limit
     * @param wantedDbi gain toward what is to be reached, in the polarisation that is asked for
     * @param maxGainDbi greatest, any direction and polarisation
     * @param takeOffDeg elevation where the wanted polarisation is strongest on the mean
     * @param beamwidthDeg between the half-power directions on the horizon; empty where it has no direction
     * @param lengthM of what is cut, as tuned
     * @param massKg of the antenna's own metal, without brackets and boom
     * @param parts that metal, piece by piece
     * @param packedM longest piece when taken apart; wire is rolled up
     * @param unknowns solved for
     * @param choices what its sheet must be told of the transformer or balun that was found
     */
    public record Computed(
            Candidate candidate,
            Sweep sweep,
            double worstSwr,
            boolean holds,
            Optional<Bandwidth> bandwidth,
            double wantedDbi,
            double maxGainDbi,
            double takeOffDeg,
            Optional<Double> beamwidthDeg,
            double lengthM,
            double massKg,
            List<Part> parts,
            double packedM,
            int unknowns,
            Map<String, String> choices) {

        /** What it brings for its trouble, in dB: a decibel is not worth a second control to tune. A choice of ours. */
        public double gainLessEffortDb() {
            return wantedDbi - DB_PER_EFFORT * candidate.effort();
        }
    }

    /**
     * @throws IllegalArgumentException where its dimensions make no antenna, as a sentence
     * @throws dorada.core.wire.WireException where the wires can't be solved honestly
     * @throws java.util.concurrent.CancellationException where the watch ends it
     */
    public static Computed compute(Candidate candidate, Need need, Watch watch) {
        Place place = new Place(need);
        Placed model = new Placed(place, candidate.model(place));
        double middle = need.band().middleHz();
        double[] shape = tunedShape(model, middle, watch.part(0, 0.5));
        SolvedFeed swept = SolvedFeed.of(model, shape, Extent.SWEEP, middle, watch.part(0.5, 0.6));
        double[] circuit = model.of.buyable(swept.bestCircuit());
        Assembly antenna = model.assembly(shape, circuit, Extent.SWEEP);

        double low = need.band().lowHz();
        double high = need.band().highHz();
        double beyond = Math.max((high - low) / 2, 0.03 * low);
        Span seen = new Span(low - Math.min(beyond, low / 2), high + beyond);
        FastSweep fast = AntennaSweep.of(antenna, seen.points(POINTS), watch.part(0.6, 0.9));
        SweepAnalysis analysis = new SweepAnalysis(fast.sweep());
        double worst = Arrays.stream(new Span(low, high).points(POINTS))
                .map(hz -> analysis.readingAt(hz).orElseThrow().swr())
                .max()
                .orElseThrow();
        Assembly all = model.assembly(shape, circuit, Extent.PATTERN);
        Solver solver = new Solver(all.structure(), List.of(all.feed()), middle);
        boolean grounded = antenna.structure().overPerfectGround();
        Reached reached = new Reached(solver.at(middle, watch.part(0.9, 1)).farField(), need.aim(), grounded);
        List<Wire> own = model.of.own(antenna, need.neighbours().size());
        return new Computed(
                candidate,
                fast.sweep(),
                worst,
                worst <= need.band().limitSwr(),
                analysis.bandwidth(need.band().limitSwr()),
                reached.wantedDbi(),
                reached.far.maxGainDbi(),
                reached.takeOffDeg(),
                reached.beamwidthDeg(),
                model.of.lengthM(shape),
                Part.massKg(own),
                Part.of(own),
                model.of.rollsUp()
                        ? ROLL_M
                        : own.stream().mapToDouble(Wire::lengthM).max().orElse(0),
                solver.unknowns(),
                model.of.choices(circuit));
    }

    /** A candidate's wires with what stands near. */
    private record Placed(Place place, CandidateModel of) {
        Assembly assembly(double[] shape, double[] circuit, Extent extent) {
            return place.placed(of.clear(shape, circuit, extent), extent);
        }
    }

    /** What the pattern gives toward what is to be reached. */
    private record Reached(FarField far, Need.Aim aim, boolean grounded) {

        double wantedDbi() {
            return switch (aim.target()) {
                case ALL_ROUND -> decibel(mean(horizonDeg()));
                case SKIP ->
                    decibel(Arrays.stream(SKIP_DEG)
                            .mapToDouble(this::mean)
                            .average()
                            .orElseThrow());
                case ONE_STATION -> decibel(strongest());
            };
        }

        double takeOffDeg() {
            int best = grounded ? ELEVATION_STEP_DEG : 0;
            for (int e = grounded ? ELEVATION_STEP_DEG : -30; e <= 75; e += ELEVATION_STEP_DEG) {
                best = mean(e) > mean(best) ? e : best;
            }
            return best;
        }

        /** Half-power width about the strongest direction. */
        Optional<Double> beamwidthDeg() {
            double[] round = round();
            double most = strongest();
            double least = Arrays.stream(round).min().orElseThrow();
            if (decibel(most / least) < DIRECTIVE_DB) {
                return Optional.empty();
            }
            int at = 0;
            while (round[at] < most) {
                at++;
            }
            int width = 1;
            for (int side = -1; side <= 1; side += 2) {
                for (int i = 1; i < FINE_AZIMUTHS; i++) {
                    if (round[Math.floorMod(at + side * i, FINE_AZIMUTHS)] < most / 2) {
                        break;
                    }
                    width++;
                }
            }
            return Optional.of(Math.min(360, width * 360.0 / FINE_AZIMUTHS));
        }

        private int horizonDeg() {
            return grounded ? LOW_ANGLE_DEG : 0;
        }

        private double strongest() {
            return Arrays.stream(round()).max().orElseThrow();
        }

        private double[] round() {
            double[] all = new double[FINE_AZIMUTHS];
            for (int i = 0; i < all.length; i++) {
                all[i] = gain(360.0 * i / FINE_AZIMUTHS, horizonDeg());
            }
            return all;
        }

        private double mean(double elevationDeg) {
            double sum = 0;
            for (int i = 0; i < AZIMUTHS; i++) {
                sum += gain(360.0 * i / AZIMUTHS, elevationDeg);
            }
            return sum / AZIMUTHS;
        }

        /** Skip turns the polarisation on its way: both count there. */
        private double gain(double azimuthDeg, double elevationDeg) {
            if (aim.target() == Target.SKIP) {
                return far.gain(azimuthDeg, elevationDeg);
            }
            return aim.polarisation() == Polarisation.VERTICAL
                    ? far.verticalGain(azimuthDeg, elevationDeg)
                    : far.horizontalGain(azimuthDeg, elevationDeg);
        }

        private static double decibel(double ratio) {
            return 10 * Math.log10(Math.max(ratio, 1e-9));
        }
    }

    /** Cut and slid until what reflects is least with the circuit at its best. */
    private static double[] tunedShape(Placed model, double middleHz, Watch watch) {
        double[] usual = model.of.usualShape();
        if (usual.length == 0) {
            return usual;
        }
        int[] trials = {0};
        Watch goOn = share -> watch.goOn(0);
        return found(usual, MOST_SHARE, WELL_TUNED, shape -> {
            watch.report(Math.min(1, (double) trials[0]++ / (TRIALS * usual.length)));
            SolvedFeed fed = SolvedFeed.of(model, shape, Extent.TUNING, middleHz, goOn);
            return fed.reflected(fed.bestCircuit());
        });
    }

    /** The least of {@code f} about {@code usual}: simplex method of J. A. Nelder and R. Mead (1965), of the library. */
    private static double[] found(double[] usual, double reach, double sure, MultivariateFunction f) {
        double[] one = new double[usual.length];
        Arrays.fill(one, 1);
        MultivariateFunction within = share -> {
            for (double s : share) {
                if (s < Math.min(LEAST_SHARE, 1 / reach) || s > reach) {
                    return 1 + Math.abs(s - 1);
                }
            }
            return f.value(product(usual, share));
        };
        double[] best = new SimplexOptimizer(new SimpleValueChecker(-1, sure))
                .optimize(
                        new MaxEval(MOST_TRIALS),
                        new ObjectiveFunction(within),
                        GoalType.MINIMIZE,
                        new InitialGuess(one),
                        new NelderMeadSimplex(usual.length, STEP))
                .getPoint();
        return product(usual, best);
    }

    private static double[] product(double[] a, double[] b) {
        double[] out = a.clone();
        for (int i = 0; i < out.length; i++) {
            out[i] *= b[i];
        }
        return out;
    }

    /**
     * The wires solved once, with what is lumped in them left out: coils and transformers are then tried without solving
     * again.
     */
    private record SolvedFeed(Placed model, double[] shape, Extent extent, Solution solution, double hz) {

        static SolvedFeed of(Placed model, double[] shape, Extent extent, double hz, Watch watch) {
            Assembly a = model.assembly(shape, model.of.usualCircuit(), extent);
            List<Port> ports = new ArrayList<>();
            ports.add(a.feed());
            a.structure().loads().forEach(l -> ports.add(l.at()));
            Structure bare = new Structure(a.structure().wires(), a.structure().overPerfectGround(), List.of());
            return new SolvedFeed(model, shape, extent, new Solver(bare, ports, hz).at(hz, watch), hz);
        }

        double[] bestCircuit() {
            double[] usual = model.of.usualCircuit();
            return usual.length == 0 ? usual : found(usual, CIRCUIT_REACH, WELL_MATCHED, this::reflected);
        }

        /** Magnitude of the reflection at the connector. */
        double reflected(double[] circuit) {
            Assembly a = model.assembly(shape, circuit, extent);
            return Reflection.of(a.atConnector(atFeed(a.structure().loads()), hz), Sweep.STANDARD_REFERENCE_OHM)
                    .magnitude();
        }

        /** With at most one load z at port 1: I₁ = −V₁/z, so Y = Y₀₀ − Y₀₁·Y₁₀·z/(1 + Y₁₁·z). */
        private Impedance atFeed(List<Load> loads) {
            Complex y = solution.admittance(0, 0);
            if (!loads.isEmpty()) {
                Impedance at = loads.get(0).element().impedanceAt(hz);
                Complex z = new Complex(at.resistanceOhm(), at.reactanceOhm());
                y = y.subtract(solution.admittance(0, 1)
                        .multiply(solution.admittance(1, 0))
                        .multiply(z)
                        .divide(solution.admittance(1, 1).multiply(z).add(1)));
            }
            Complex seen = y.reciprocal();
            return new Impedance(seen.getReal(), seen.getImaginary());
        }
    }
}
