package dorada.core.planning;

import dorada.core.antenna.AirbandWhip;
import dorada.core.antenna.AntennaSweep;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.EndFedHalfWave;
import dorada.core.antenna.GroundPlane;
import dorada.core.antenna.Plate;
import dorada.core.antenna.RoofWhip;
import dorada.core.antenna.TubeJPole;
import dorada.core.instrument.Span;
import dorada.core.rf.Reflection;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Bandwidth;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.wire.Conductor;
import dorada.core.wire.FarField;
import dorada.core.wire.FastSweep;
import dorada.core.wire.Solver;
import dorada.core.wire.Watch;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hipparchus.analysis.MultivariateFunction;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.PointValuePair;
import org.hipparchus.optim.SimpleValueChecker;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.NelderMeadSimplex;
import org.hipparchus.optim.nonlinear.scalar.noderiv.SimplexOptimizer;

/**
 * Which antenna suits these channels on this surface: at once by rule and length, then each solved on the surface, tuned to
 * the middle of the band.
 */
public final class AntennaChoice {

    private static final int POINTS = 121;
    private static final int TRIALS = 90;
    private static final double WELL_TUNED = 1e-3;
    /** Sheet metal as a grid: a tenth of a wavelength stands for closed metal. */
    private static final double GRID_WAVES = 0.1;

    private static final double FINEST_GRID_M = 0.35;
    /** While an antenna is tuned, only so much of a large roof is solved; the last sweep has all of it. */
    private static final double ROOF_WAVES = 1.2;

    private static final double TAB_M = 0.06;
    private static final double COIL_Q = 200;
    private static final double BASE_M = 0.05;
    /** Of an end-fed half-wave's transformer, whose turns are chosen to suit; 9 to 64 are usual. */
    private static final double USUAL_RATIO = 56;

    private static final double LOADED_BASE_M = 0.15;
    private static final double LEAST_HEIGHT_M = 0.3;
    private static final double DROOP_DEG = 40;
    private static final double WHIP_RADIUS_M = 0.0012;
    private static final double ROD_RADIUS_M = 0.0025;
    private static final double TUBE_RADIUS_M = 0.008;
    private static final double LOW_BAND_HZ = 60e6;
    /** For which the coils below are given. */
    private static final double GIVEN_AT_HZ = 156e6;

    private static final double DB_PER_EFFORT = 0.7;
    private static final int AZIMUTHS = 12;
    private static final int ELEVATION_STEP_DEG = 3;

    private AntennaChoice() {}

    /**
     * What is wanted, and on what.
     *
     * @param carrier what it is fitted to
     * @param isMetal whether the surface at the mount conducts
     * @param roofLengthM size of that surface; counts where it is metal
     * @param roofWidthM across
     * @param alongM place of the mount from the surface's centre
     * @param acrossM and across
     * @param mountHeightM of the mount above the ground
     * @param clearanceM highest that the tip may reach; 0 for no limit
     * @param lowHz lowest wanted frequency
     * @param highHz highest
     * @param limitSwr over all of it
     */
    public record Need(
            Carrier carrier,
            boolean isMetal,
            double roofLengthM,
            double roofWidthM,
            double alongM,
            double acrossM,
            double mountHeightM,
            double clearanceM,
            double lowHz,
            double highHz,
            double limitSwr) {

        public Need {
            if (!(lowHz > 0) || !(highHz > lowHz)) {
                throw new IllegalArgumentException("The band needs a lower and a higher end, in Hz.");
            }
            if (!(limitSwr > 1)) {
                throw new IllegalArgumentException("An SWR limit is above 1, not " + limitSwr + ".");
            }
            if (isMetal && (!(roofLengthM > 0) || !(roofWidthM > 0))) {
                throw new IllegalArgumentException("A metal surface needs a length and a width.");
            }
            if (isMetal && (Math.abs(alongM) > roofLengthM / 2 || Math.abs(acrossM) > roofWidthM / 2)) {
                throw new IllegalArgumentException("The mount stands beside its surface.");
            }
            if (!(mountHeightM >= 0) || !(clearanceM >= 0)) {
                throw new IllegalArgumentException("Heights are 0 m or more.");
            }
        }

        double middleHz() {
            return (lowHz + highHz) / 2;
        }

        double waveM() {
            return Wavelength.ofHz(middleHz());
        }
    }

    /** What there is to choose from. Claims are what people say, common practice without a source. */
    public enum Candidate {
        QUARTER_WAVE("quarter-wave whip", 0.25, "what the others are held against", 1),
        FIVE_EIGHTHS("5/8-wave whip with a coil", 0.63, "3 dB over a quarter-wave, many say", 3),
        HALF_WAVE("half-wave whip with a transformer", 0.5, "needs no ground; no gain over a quarter-wave", 2),
        LOADED_WHIP("base-loaded whip, 1.3 m", 0, "shorter, narrower, some loss", 2),
        RADIALS("quarter-wave on four drooping radials", 0.25, "about 50 Ω by itself", 2),
        J_POLE("tube J-pole", 0.75, "a half-wave that needs no radials", 3);

        private final String title;
        private final double waves;
        private final String claim;
        private final int effort;

        Candidate(String title, double waves, String claim, int effort) {
            this.title = title;
            this.waves = waves;
            this.claim = claim;
            this.effort = effort;
        }

        public String title() {
            return title;
        }

        /** What the trade says of it. */
        public String claim() {
            return claim;
        }

        /** 1 (fit and cut once) to 3 (two controls to tune). */
        public int effort() {
            return effort;
        }

        double lengthM(double waveM) {
            return this == LOADED_WHIP ? 1.3 : waves * waveM * 0.96;
        }
    }

    /**
     * Said at once.
     *
     * @param lengthM about
     * @param tipM height of the tip above the ground
     * @param reasons for and against
     * @param excluded why it can't be; empty where it can
     */
    public record Assessment(
            Candidate candidate, double lengthM, double tipM, List<String> reasons, Optional<String> excluded) {}

    /**
     * Solved on this surface and tuned to mid band.
     *
     * @param sweep at the connector
     * @param worstSwr within the band
     * @param holds true where all of it is under the limit
     * @param bandwidth at the limit
     * @param horizonDbi vertical polarisation toward the horizon, mean over all directions; over perfect ground at 10°
     * @param maxGainDbi greatest, any direction
     * @param takeOffDeg elevation where vertical polarisation is strongest on the mean
     * @param lengthM of the whip as tuned
     * @param unknowns solved for
     */
    public record Computed(
            Candidate candidate,
            Sweep sweep,
            double worstSwr,
            boolean holds,
            Optional<Bandwidth> bandwidth,
            double horizonDbi,
            double maxGainDbi,
            double takeOffDeg,
            double lengthM,
            int unknowns) {

        /** What it brings for its trouble, in dB: a decibel is not worth a second control to tune. A choice of ours. */
        public double merit() {
            return horizonDbi - DB_PER_EFFORT * candidate.effort;
        }
    }

    /** Candidates for this need, the likeliest first, the excluded last with their reason. */
    public static List<Assessment> rank(Need need) {
        List<Assessment> all = new ArrayList<>();
        for (Candidate c : Candidate.values()) {
            assess(need, c).ifPresent(all::add);
        }
        all.sort(Comparator.comparing((Assessment a) -> a.excluded().isPresent())
                .thenComparing(a -> -suits(need, a.candidate()))
                .thenComparing(a -> a.candidate().effort()));
        return all;
    }

    private static int suits(Need need, Candidate c) {
        boolean wantsMetal = c == Candidate.QUARTER_WAVE || c == Candidate.FIVE_EIGHTHS || c == Candidate.LOADED_WHIP;
        return wantsMetal == (need.isMetal && stands(need)) ? 1 : 0;
    }

    /** True where the surface is what the antenna works against. */
    private static boolean stands(Need need) {
        return need.carrier == Carrier.VEHICLE || need.carrier == Carrier.AIRCRAFT;
    }

    private static Optional<Assessment> assess(Need need, Candidate c) {
        if (c == Candidate.LOADED_WHIP && need.middleHz() > LOW_BAND_HZ
                || c == Candidate.FIVE_EIGHTHS && need.middleHz() < LOW_BAND_HZ
                || c == Candidate.J_POLE && stands(need)) {
            return Optional.empty();
        }
        double length = c.lengthM(need.waveM());
        double tip = need.mountHeightM + length;
        List<String> reasons = new ArrayList<>();
        Optional<String> excluded = Optional.empty();
        double shortfall = need.isMetal
                ? need.waveM() / 4
                        - Math.min(
                                need.roofLengthM / 2 - Math.abs(need.alongM),
                                need.roofWidthM / 2 - Math.abs(need.acrossM))
                : need.waveM() / 4;
        boolean wantsMetal = c == Candidate.QUARTER_WAVE || c == Candidate.FIVE_EIGHTHS || c == Candidate.LOADED_WHIP;
        if (need.carrier == Carrier.HANDHELD) {
            excluded = Optional.of("A handheld has no surface to stand on: plan a rod and a counterpoise for it.");
        } else if (wantsMetal && !(need.isMetal && stands(need))) {
            excluded = Optional.of(
                    "Needs metal under it, a quarter-wave out in every direction: make a ground plane first.");
        } else if (c == Candidate.RADIALS && need.isMetal && stands(need)) {
            excluded = Optional.of("The metal below is the ground plane already: radials would only be in the way.");
        } else if (need.clearanceM > 0 && tip > need.clearanceM) {
            excluded = Optional.of(String.format(
                    Locale.ROOT,
                    "Its tip would be at %.2f m (%.1f ft), above the clearance of %.2f m (%.1f ft).",
                    tip,
                    tip / 0.3048,
                    need.clearanceM,
                    need.clearanceM / 0.3048));
        }
        if (wantsMetal && need.isMetal && shortfall > 0.02 * need.waveM()) {
            reasons.add(String.format(
                    Locale.ROOT,
                    "The metal ends %.0f cm short of a quarter-wave on its nearest side.",
                    shortfall * 100));
        }
        if (c == Candidate.HALF_WAVE) {
            reasons.add("Needs no metal roof; twice as long as a quarter-wave; its transformer must be tuned.");
        }
        if (c == Candidate.FIVE_EIGHTHS) {
            reasons.add("Two and a half times as long as a quarter-wave; length and coil are both tuned.");
        }
        if (c == Candidate.RADIALS && stands(need)) {
            reasons.add("Brings its own ground plane: wide, but independent of the surface.");
        }
        if (c == Candidate.J_POLE) {
            reasons.add("Two controls, length and tap; no radials in the way.");
        }
        if (tip >= 3) {
            reasons.add(String.format(
                    Locale.ROOT, "Tip at %.2f m (%.1f ft): mind bridges, doors and branches.", tip, tip / 0.3048));
        }
        return Optional.of(new Assessment(c, length, tip, reasons, excluded));
    }

    /**
     * Tunes the candidate to mid band on this surface and sweeps it.
     *
     * @throws dorada.core.wire.WireException where the wires can't be solved honestly
     * @throws java.util.concurrent.CancellationException where the watch ends it
     */
    public static Computed compute(Candidate candidate, Need need, Watch watch) {
        double[] tuned = tune(candidate, need, watch.part(0, 0.6));
        double beyond = Math.max((need.highHz - need.lowHz) / 2, 0.03 * need.lowHz);
        Span seen = new Span(need.lowHz - Math.min(beyond, need.lowHz / 2), need.highHz + beyond);
        Assembly antenna = assembly(candidate, need, tuned, false);
        FastSweep fast = AntennaSweep.of(antenna, seen.points(POINTS), watch.part(0.6, 0.9));
        SweepAnalysis analysis = new SweepAnalysis(fast.sweep());
        double worst = Arrays.stream(new Span(need.lowHz, need.highHz).points(POINTS))
                .map(hz -> analysis.readingAt(hz).orElseThrow().swr())
                .max()
                .orElseThrow();
        Solver solver = new Solver(antenna.structure(), List.of(antenna.feed()), seen.stopHz());
        FarField far = solver.at(need.middleHz(), watch.part(0.9, 1)).farField();
        boolean grounded = antenna.structure().overPerfectGround();
        int best = grounded ? ELEVATION_STEP_DEG : 0;
        for (int e = grounded ? ELEVATION_STEP_DEG : -30; e <= 75; e += ELEVATION_STEP_DEG) {
            if (mean(far, e) > mean(far, best)) {
                best = e;
            }
        }
        return new Computed(
                candidate,
                fast.sweep(),
                worst,
                worst <= need.limitSwr,
                analysis.bandwidth(need.limitSwr),
                10 * Math.log10(mean(far, grounded ? 10 : 0)),
                far.maxGainDbi(),
                best,
                candidate == Candidate.LOADED_WHIP ? candidate.lengthM(need.waveM()) : tuned[0],
                solver.unknowns());
    }

    private static double mean(FarField far, double elevationDeg) {
        double sum = 0;
        for (int i = 0; i < AZIMUTHS; i++) {
            sum += far.verticalGain(360.0 * i / AZIMUTHS, elevationDeg);
        }
        return sum / AZIMUTHS;
    }

    /** What is adjusted, at its best in mid band: by the simplex method of J. A. Nelder and R. Mead (1965), of the library. */
    private static double[] tune(Candidate candidate, Need need, Watch watch) {
        double[] start = start(candidate, need);
        int[] trials = {0};
        MultivariateFunction reflected = share -> {
            watch.report(Math.min(1, (double) trials[0]++ / TRIALS));
            for (double s : share) {
                if (s < 0.5 || s > 2) {
                    return 1 + Math.abs(s - 1);
                }
            }
            Assembly a = assembly(candidate, need, product(start, share), true);
            double hz = need.middleHz();
            Solver solver = new Solver(a.structure(), List.of(a.feed()), hz);
            return Reflection.of(
                            a.atConnector(solver.at(hz, part -> watch.goOn(0)).impedance(), hz),
                            Sweep.STANDARD_REFERENCE_OHM)
                    .magnitude();
        };
        double[] one = new double[start.length];
        Arrays.fill(one, 1);
        PointValuePair found = new SimplexOptimizer(new SimpleValueChecker(-1, WELL_TUNED))
                .optimize(
                        new MaxEval(4 * TRIALS),
                        new ObjectiveFunction(reflected),
                        GoalType.MINIMIZE,
                        new InitialGuess(one),
                        new NelderMeadSimplex(start.length, 0.04));
        return product(start, found.getPoint());
    }

    private static double[] product(double[] a, double[] b) {
        double[] out = a.clone();
        for (int i = 0; i < out.length; i++) {
            out[i] *= b[i];
        }
        return out;
    }

    /** Usual values: length first, then what else is tuned. */
    private static double[] start(Candidate c, Need need) {
        double wave = need.waveM();
        double coils = GIVEN_AT_HZ / need.middleHz();
        return switch (c) {
            case QUARTER_WAVE, RADIALS -> new double[] {0.235 * wave};
            case FIVE_EIGHTHS -> new double[] {0.58 * wave, 0.225e-6 * coils};
            case HALF_WAVE -> new double[] {0.47 * wave, 2.2e-6 * coils, USUAL_RATIO};
            case LOADED_WHIP -> new double[] {2.1e-6 * 27.185e6 / need.middleHz(), 0.25};
            case J_POLE -> new double[] {0.48 * wave, 0.035 * wave};
        };
    }

    private static Assembly assembly(Candidate c, Need need, double[] p, boolean quick) {
        double wave = need.waveM();
        Assembly clear = switch (c) {
            case QUARTER_WAVE -> onRoof(need, p[0], 0, 1, quick);
            case FIVE_EIGHTHS -> onRoof(need, p[0], p[1], 1, quick);
            case LOADED_WHIP -> onRoof(need, c.lengthM(wave), p[0], p[1], quick);
            case HALF_WAVE -> halfWave(need, p, quick);
            case RADIALS ->
                new GroundPlane(p[0], ROD_RADIUS_M, 4, 0.26 * wave, DROOP_DEG, Conductor.ALUMINIUM).assemble();
            case J_POLE ->
                new TubeJPole(
                                p[0],
                                0.24 * wave,
                                0.025 * wave,
                                p[1],
                                Math.min(TUBE_RADIUS_M, 0.004 * wave),
                                Conductor.COPPER)
                        .assemble();
        };
        // On the low band the ground below is part of the antenna; higher up it is many wavelengths away.
        if (need.middleHz() > LOW_BAND_HZ) {
            return clear;
        }
        double lowest = clear.structure().wires().stream()
                .mapToDouble(w -> Math.min(w.from().z(), w.to().z()))
                .min()
                .orElse(0);
        return clear.raisedOverGround(Math.max(need.mountHeightM, LEAST_HEIGHT_M - lowest));
    }

    private static Assembly halfWave(Need need, double[] p, boolean quick) {
        EndFedHalfWave whip =
                new EndFedHalfWave(p[0], WHIP_RADIUS_M, 0.0624 * need.waveM(), p[2], p[1], Conductor.STAINLESS_STEEL);
        if (!need.isMetal) {
            return whip.assemble();
        }
        Roof roof = Roof.of(need, quick);
        return whip.assembleOn(roof.plate, roof.alongM, roof.acrossM);
    }

    private static Assembly onRoof(Need need, double lengthM, double henry, double ratio, boolean quick) {
        if (!need.isMetal) {
            return new AirbandWhip(
                            lengthM,
                            0,
                            WHIP_RADIUS_M,
                            AirbandWhip.Radials.even(4, TAB_M, 0.002),
                            Conductor.STAINLESS_STEEL)
                    .assemble();
        }
        Roof roof = Roof.of(need, quick);
        // The base must stand clear of the thick wires that stand for the sheet.
        double lowerM = Math.max(henry > 0 && ratio != 1 ? LOADED_BASE_M : BASE_M, 0.4 * roof.plate.spacingM());
        return new RoofWhip(
                        lowerM,
                        henry > 0 ? lengthM : lengthM - lowerM,
                        WHIP_RADIUS_M,
                        henry,
                        COIL_Q,
                        0,
                        roof.plate,
                        roof.alongM,
                        roof.acrossM,
                        0,
                        ratio,
                        Conductor.STAINLESS_STEEL)
                .assemble();
    }

    /** The sheet and the mount's place on it; while an antenna is tuned, at most a piece of it about the mount. */
    private record Roof(Plate plate, double alongM, double acrossM) {
        static Roof of(Need need, boolean quick) {
            double grid = Math.min(GRID_WAVES * need.waveM(), FINEST_GRID_M);
            double most = quick ? ROOF_WAVES * need.waveM() : Double.POSITIVE_INFINITY;
            boolean isWhole = need.roofLengthM <= most && need.roofWidthM <= most;
            return new Roof(
                    Plate.sheet(Math.min(need.roofLengthM, most), Math.min(need.roofWidthM, most), grid),
                    isWhole ? need.alongM : 0,
                    isWhole ? need.acrossM : 0);
        }
    }
}
