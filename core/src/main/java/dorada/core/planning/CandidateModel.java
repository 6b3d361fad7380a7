package dorada.core.planning;

import dorada.core.antenna.AirbandWhip;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Beam;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.EndFedHalfWave;
import dorada.core.antenna.FoldedVertical;
import dorada.core.antenna.GroundPlane;
import dorada.core.antenna.HandheldRod;
import dorada.core.antenna.Plate;
import dorada.core.antenna.RibbonJPole;
import dorada.core.antenna.RoofWhip;
import dorada.core.antenna.TubeJPole;
import dorada.core.antenna.WireDipole;
import dorada.core.antenna.WireLoop;
import dorada.core.line.Network;
import dorada.core.planning.Need.Neighbour;
import dorada.core.planning.Need.Polarisation;
import dorada.core.planning.Need.Surface;
import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** One candidate where it will stand: from what is adjusted to wires. */
final class CandidateModel {

    /** Below, the ground is part of the antenna; above, it is many wavelengths away. */
    static final double LOW_BAND_HZ = 60e6;

    /** Sheet metal as a grid: a tenth of a wavelength stands for closed metal. */
    private static final double GRID_WAVES = 0.1;

    private static final double FINEST_GRID_M = 0.35;

    private static final double TAB_M = 0.06;
    private static final double COIL_Q = 200;
    private static final double BASE_M = 0.05;
    private static final double LOADED_BASE_M = 0.15;
    /** Of an end-fed half-wave's transformer, whose turns are chosen to suit; 9 to 64 are usual. */
    private static final double USUAL_RATIO = 56;

    private static final double LEAST_HEIGHT_M = 0.3;
    private static final double DROOP_DEG = 40;
    private static final double WHIP_RADIUS_M = 0.0012;
    private static final double ROD_RADIUS_M = 0.0025;
    private static final double TUBE_RADIUS_M = 0.008;
    private static final double WIRE_RADIUS_M = 0.0008;
    private static final double WIRE_INSULATION_M = 0.0006;
    private static final double RIBBON_APART_M = 0.019;
    private static final double RIBBON_WIRE_M = 0.0005;
    private static final double FOLD_APART_M = 0.15;
    /** Kept free at a room's walls, floor and ridge. */
    private static final double WALL_M = 0.1;
    /** A handheld as a conductor: common practice, no source. */
    private static final double SET_M = 0.13;

    private static final double SET_RADIUS_M = 0.02;
    /** For which the coils below are given. */
    private static final double GIVEN_AT_HZ = 156e6;

    /** Of a beam, in wavelengths: P. P. Viezbicke, NBS Technical Note 688 (1976), three elements; from memory. */
    private static final double SPACING_WAVES = 0.2;

    private static final double REFLECTOR_WAVES = 0.482;
    private static final double DIRECTOR_WAVES = 0.442;

    private final Candidate candidate;
    private final Need need;
    private final double wave;

    CandidateModel(Candidate candidate, Need need) {
        this.candidate = candidate;
        this.need = need;
        this.wave = need.waveM();
    }

    static boolean isMadeOfWire(Candidate c) {
        return c == Candidate.DIPOLE
                || c == Candidate.LOOP
                || c == Candidate.FOLDED_VERTICAL
                || c == Candidate.RIBBON_J_POLE;
    }

    /** What is adjusted by cutting or sliding, in metres: usual values, length first. Empty where nothing is. */
    double[] usualShape() {
        return switch (candidate) {
            case QUARTER_WAVE, RADIALS -> new double[] {0.235 * wave};
            case HANDHELD_ROD, HANDHELD_COUNTERPOISE -> new double[] {0.235 * wave};
            case FIVE_EIGHTHS -> new double[] {0.58 * wave};
            case HALF_WAVE, LOADED_WHIP -> new double[0];
            case J_POLE -> new double[] {0.48 * wave, 0.035 * wave};
            case RIBBON_J_POLE -> new double[] {0.45 * wave, 0.03 * wave};
            case DIPOLE -> new double[] {isLevelWire() ? 0.225 * wave : 0.47 * wave};
            case LOOP -> new double[] {1.02 * wave};
            case FOLDED_VERTICAL -> new double[] {Math.max(0.05 * wave, 0.3 * wave - uprightM())};
            case BEAM -> new double[] {0.455 * wave};
        };
    }

    /** Coils in henry and transformer ratios: usual values. Empty where there are none. */
    double[] usualCircuit() {
        double coils = GIVEN_AT_HZ / need.band().middleHz();
        return switch (candidate) {
            case FIVE_EIGHTHS -> new double[] {0.225e-6 * coils};
            case HALF_WAVE -> new double[] {2.2e-6 * coils, USUAL_RATIO};
            case LOADED_WHIP -> new double[] {2.1e-6 * 27.185e6 / need.band().middleHz(), 0.25};
            case LOOP -> new double[] {3};
            case BEAM -> new double[] {0.05e-6 * coils};
            case FOLDED_VERTICAL ->
                new double[] {50 / (2 * Math.PI * need.band().middleHz())};
            default -> new double[0];
        };
    }

    /** The circuit as it can be bought: a loop's balun is 1:1, 2:1 or 4:1. */
    double[] buyable(double[] circuit) {
        if (candidate != Candidate.LOOP) {
            return circuit;
        }
        return new double[] {circuit[0] < Math.sqrt(2) ? 1 : circuit[0] < Math.sqrt(8) ? 2 : 4};
    }

    /** Of what is cut, in metres, where {@code shape} is what it was adjusted to. */
    double lengthM(double[] shape) {
        return switch (candidate) {
            case HALF_WAVE -> 0.47 * wave;
            case LOADED_WHIP -> candidate.lengthM(wave);
            case DIPOLE -> isLevelWire() ? 2 * shape[0] : shape[0];
            case J_POLE, RIBBON_J_POLE -> shape[0] + stubM();
            case FOLDED_VERTICAL -> shape[0] + uprightM() + FOLD_APART_M;
            default -> shape[0];
        };
    }

    double usualLengthM() {
        return isMadeOfWire(candidate) ? lengthM(usualShape()) : candidate.lengthM(wave);
    }

    /** Height of its top above the ground, by rule. */
    double usualTopM() {
        return need.mountHeightM()
                + switch (candidate) {
                    case DIPOLE, LOOP -> need.carrier() == Carrier.INDOOR ? ridgeM() : isUpright() ? wave / 2 : 0;
                    case FOLDED_VERTICAL -> uprightM() + WALL_M;
                    case BEAM -> need.aim().polarisation() == Polarisation.VERTICAL ? wave / 4 : 0;
                    default -> candidate.lengthM(wave);
                };
    }

    /** Why it doesn't fit in its room. */
    Optional<String> tooBig() {
        double room = need.room().lengthM();
        double height = need.room().heightM();
        if (need.carrier() != Carrier.INDOOR || room == 0 && height == 0) {
            return Optional.empty();
        }
        double up = switch (candidate) {
            case DIPOLE -> isUpright() ? wave / 2 : hangM(usualShape()[0]) + WALL_M;
            case LOOP -> loopHeightM(usualShape()[0]);
            case FOLDED_VERTICAL -> 0;
            default -> usualLengthM();
        };
        if (height > 0 && up > height) {
            return Optional.of(String.format(
                    Locale.ROOT, "It needs %.2f m of height; under this roof there are %.2f m.", up, height));
        }
        return Optional.empty();
    }

    /** True where a dipole stands upright. */
    boolean isUpright() {
        double height = need.room().heightM();
        boolean hasHeight = need.carrier() != Carrier.INDOOR || height == 0 || height > 0.55 * wave;
        return need.aim().polarisation() == Polarisation.VERTICAL && hasHeight;
    }

    private boolean isLevelWire() {
        return candidate == Candidate.DIPOLE && !isUpright();
    }

    /** True where it is carried as a coil of wire. */
    boolean rollsUp() {
        return isMadeOfWire(candidate) && !(candidate == Candidate.DIPOLE && isUpright());
    }

    private double ridgeM() {
        return need.room().heightM() > 0 ? need.room().heightM() - WALL_M : wave / 2;
    }

    private double uprightM() {
        return need.room().heightM() > 0 ? Math.min(0.22 * wave, need.room().heightM() - 2 * WALL_M) : 0.22 * wave;
    }

    private double hangM(double armM) {
        double room = need.room().lengthM();
        return room > 0 ? Math.max(0, armM - (room / 2 - WALL_M)) : 0;
    }

    private double loopWidthM(double aroundM) {
        double room = need.room().lengthM();
        return room > 0 ? Math.min(aroundM / 4, room - 2 * WALL_M) : aroundM / 4;
    }

    private double loopHeightM(double aroundM) {
        return aroundM / 2 - loopWidthM(aroundM);
    }

    private double stubM() {
        return (candidate == Candidate.RIBBON_J_POLE ? 0.21 : 0.24) * wave;
    }

    private double rodM(double usualM) {
        return need.stock().rodRadiusM() > 0 ? need.stock().rodRadiusM() : usualM;
    }

    private double wireM() {
        return need.stock().wireRadiusM() > 0 ? need.stock().wireRadiusM() : WIRE_RADIUS_M;
    }

    private double insulationM() {
        return need.stock().insulationM() > 0
                ? need.stock().insulationM()
                : need.stock().wireRadiusM() > 0 ? 0 : WIRE_INSULATION_M;
    }

    /** Between a beam's elements: a whole number of holes where the boom has holes already. */
    double spacingM() {
        double holes = need.stock().holesM();
        double wanted = SPACING_WAVES * wave;
        return holes > 0 ? Math.max(1, Math.round(wanted / holes)) * holes : wanted;
    }

    /** The antenna's own wires come first among its wires: whip and base before a roof, all of it elsewhere. */
    List<Wire> own(Assembly assembly) {
        List<Wire> wires = assembly.structure().wires();
        return switch (candidate) {
            case QUARTER_WAVE ->
                need.hasGroundPlane()
                        ? List.of(new Wire(
                                wires.get(0).from(),
                                wires.get(1).to(),
                                wires.get(1).radiusM(),
                                wires.get(1).conductor(),
                                List.of()))
                        : wires.subList(0, 1);
            case FIVE_EIGHTHS, LOADED_WHIP -> need.hasGroundPlane() ? wires.subList(0, 2) : wires.subList(0, 1);
            case HALF_WAVE -> wires.subList(0, 2);
            case HANDHELD_ROD -> wires.subList(0, 1);
            case HANDHELD_COUNTERPOISE -> List.of(wires.get(0), wires.get(2));
            default -> wires.subList(0, wires.size() - need.neighbours().size());
        };
    }

    /** How much of a large roof is solved: metal a wavelength away hardly moves the impedance, but shapes the pattern. */
    enum Extent {
        TUNING(0.4),
        SWEEP(0.75),
        PATTERN(Double.POSITIVE_INFINITY);

        private final double waves;

        Extent(double waves) {
            this.waves = waves;
        }
    }

    Assembly assembly(double[] shape, double[] circuit, Extent extent) {
        Assembly clear = clear(shape, circuit, extent);
        if (need.band().middleHz() > LOW_BAND_HZ) {
            return withNeighbours(
                    clear.in(new Structure(
                            clear.structure().wires(),
                            false,
                            clear.structure().loads(),
                            clear.structure().links())),
                    extent);
        }
        if (clear.structure().overPerfectGround()) {
            return withNeighbours(clear, extent);
        }
        double lowest = lowest(clear);
        return withNeighbours(clear, extent).raisedOverGround(Math.max(need.mountHeightM(), LEAST_HEIGHT_M - lowest));
    }

    private static double lowest(Assembly a) {
        ToDoubleFunction<Wire> low = w -> Math.min(w.from().z(), w.to().z());
        return a.structure().wires().stream().mapToDouble(low).min().orElse(0);
    }

    private Assembly clear(double[] shape, double[] circuit, Extent extent) {
        return switch (candidate) {
            case QUARTER_WAVE -> onRoof(BASE_M, shape[0] - BASE_M, 0, 1, extent);
            case FIVE_EIGHTHS -> onRoof(BASE_M, shape[0], circuit[0], 1, extent);
            case LOADED_WHIP -> onRoof(LOADED_BASE_M, lengthM(shape), circuit[0], circuit[1], extent);
            case HALF_WAVE -> halfWave(circuit, extent);
            case RADIALS ->
                new GroundPlane(shape[0], rodM(ROD_RADIUS_M), 4, 0.26 * wave, DROOP_DEG, Conductor.ALUMINIUM)
                        .assemble();
            case J_POLE ->
                new TubeJPole(
                                shape[0],
                                stubM(),
                                0.025 * wave,
                                shape[1],
                                Math.min(rodM(TUBE_RADIUS_M), 0.004 * wave),
                                Conductor.COPPER)
                        .assemble();
            case RIBBON_J_POLE ->
                new RibbonJPole(stubM(), shape[1], shape[0], 0, 0, RIBBON_APART_M, RIBBON_WIRE_M, RIBBON_WIRE_M, 0, 0)
                        .assemble();
            case DIPOLE -> dipole(shape[0]);
            case LOOP ->
                new WireLoop(
                                loopWidthM(shape[0]),
                                loopHeightM(shape[0]),
                                Math.max(LEAST_HEIGHT_M, need.mountHeightM() + ridgeM() - loopHeightM(shape[0])),
                                circuit[0],
                                wireM(),
                                Conductor.COPPER)
                        .assemble();
            case FOLDED_VERTICAL ->
                new FoldedVertical(
                                uprightM(),
                                shape[0],
                                FOLD_APART_M,
                                counterpoiseM(),
                                Math.max(LEAST_HEIGHT_M, need.mountHeightM() + WALL_M),
                                wireM(),
                                Conductor.COPPER)
                        .assemble()
                        .through(new Network.ShuntCoil(circuit[0]));
            case BEAM -> beam(shape[0], circuit[0]);
            case HANDHELD_ROD -> handheld(shape[0], 0);
            case HANDHELD_COUNTERPOISE -> handheld(shape[0], 0.25 * wave);
        };
    }

    private double counterpoiseM() {
        double room = need.room().lengthM();
        return room > 0 ? Math.min(0.24 * wave, room / 2 - WALL_M) : 0.24 * wave;
    }

    private Assembly handheld(double rodM, double counterpoiseM) {
        return new HandheldRod(rodM, WHIP_RADIUS_M, SET_M, SET_RADIUS_M, counterpoiseM, 80, 0).assemble();
    }

    private Assembly dipole(double lengthM) {
        if (isLevelWire()) {
            return new WireDipole(
                            lengthM,
                            hangM(lengthM),
                            Math.max(need.mountHeightM() + (need.carrier() == Carrier.INDOOR ? ridgeM() : 0), 1),
                            wireM(),
                            insulationM(),
                            Conductor.COPPER)
                    .assemble();
        }
        return new Beam(lengthM, List.of(), rodM(ROD_RADIUS_M), new Beam.Split(0), Conductor.ALUMINIUM).assemble();
    }

    private Assembly beam(double drivenM, double hairpinHenry) {
        double apart = spacingM();
        Assembly upright = new Beam(
                        drivenM,
                        List.of(
                                new Beam.Element(-apart, REFLECTOR_WAVES * wave),
                                new Beam.Element(apart, DIRECTOR_WAVES * wave)),
                        rodM(Math.min(TUBE_RADIUS_M, 0.00425 * wave)),
                        new Beam.Split(hairpinHenry),
                        Conductor.ALUMINIUM)
                .assemble();
        if (need.aim().polarisation() == Polarisation.VERTICAL) {
            return upright;
        }
        List<Wire> level = upright.structure().wires().stream()
                .map(w -> new Wire(level(w.from()), level(w.to()), w.radiusM(), w.conductor(), w.sheaths()))
                .toList();
        return upright.in(Structure.inFreeSpace(level));
    }

    private static Point level(Point p) {
        return new Point(p.x(), p.z(), -p.y());
    }

    private Assembly halfWave(double[] circuit, Extent extent) {
        EndFedHalfWave whip = new EndFedHalfWave(
                0.47 * wave, rodM(WHIP_RADIUS_M), 0.0624 * wave, circuit[1], circuit[0], Conductor.STAINLESS_STEEL);
        if (!need.hasGroundPlane()) {
            return whip.assemble();
        }
        Roof roof = roof(extent);
        return whip.assembleOn(roof.plate, roof.alongM, roof.acrossM);
    }

    private Assembly onRoof(double baseM, double upperM, double henry, double ratio, Extent extent) {
        if (!need.hasGroundPlane()) {
            return new AirbandWhip(
                            baseM + upperM,
                            0,
                            rodM(WHIP_RADIUS_M),
                            AirbandWhip.Radials.even(4, TAB_M, 0.002),
                            Conductor.STAINLESS_STEEL)
                    .assemble();
        }
        Roof roof = roof(extent);
        // The base must stand clear of the thick wires that stand for the sheet.
        double lowerM = Math.max(baseM, 0.4 * roof.plate.spacingM());
        return new RoofWhip(
                        lowerM,
                        henry > 0 ? upperM : upperM + baseM - lowerM,
                        rodM(WHIP_RADIUS_M),
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

    /** The sheet, or a piece of it about the mount, and the mount's place on it. */
    private record Roof(Plate plate, double alongM, double acrossM) {}

    private Roof roof(Extent extent) {
        Surface s = need.surface();
        double grid = Math.min(GRID_WAVES * wave, FINEST_GRID_M);
        double most = extent.waves * wave;
        double front = Math.min(s.lengthM() / 2, s.alongM() + most);
        double back = Math.max(-s.lengthM() / 2, s.alongM() - most);
        double left = Math.min(s.widthM() / 2, s.acrossM() + most);
        double right = Math.max(-s.widthM() / 2, s.acrossM() - most);
        return new Roof(
                Plate.sheet(front - back, left - right, grid),
                s.alongM() - (front + back) / 2,
                s.acrossM() - (left + right) / 2);
    }

    private Assembly withNeighbours(Assembly antenna, Extent extent) {
        if (need.neighbours().isEmpty()) {
            return antenna;
        }
        List<Wire> wires = new ArrayList<>(antenna.structure().wires());
        Roof roof = need.hasGroundPlane() ? roof(extent) : null;
        // Antennas that are modelled at their height above the ground have their mount there.
        double mount = antenna.structure().overPerfectGround() ? need.mountHeightM() : 0;
        for (Neighbour n : need.neighbours()) {
            Point foot = new Point(n.alongM(), n.acrossM(), mount);
            double from = n.fromM();
            if (roof != null) {
                double x = roof.alongM + n.alongM();
                double y = roof.acrossM + n.acrossM();
                boolean isOnMetal = Math.abs(x) <= roof.plate.lengthM() / 2 && Math.abs(y) <= roof.plate.widthM() / 2;
                foot = isOnMetal ? roof.plate.crossingNearest(roof.alongM, roof.acrossM, x, y) : new Point(x, y, 0);
                if (isOnMetal && Math.hypot(foot.x() - roof.alongM, foot.y() - roof.acrossM) < FINEST_GRID_M / 100) {
                    throw new IllegalArgumentException("The " + n.name() + " is nearer to the whip than the roof's grid"
                            + " can show: place it " + Math.round(100 * GRID_WAVES * wave) + " cm away or more.");
                }
                // What stands on the metal is joined to it; what hangs free is clear of the wires that stand for it.
                from = isOnMetal && n.fromM() <= 0 ? 0 : isOnMetal ? Math.max(n.fromM(), WALL_M) : n.fromM();
            }
            wires.add(new Wire(foot.plus(new Point(0, 0, from)), foot.plus(new Point(0, 0, n.toM())), n.radiusM()));
        }
        return antenna.in(new Structure(
                wires,
                antenna.structure().overPerfectGround(),
                antenna.structure().loads(),
                antenna.structure().links()));
    }
}
