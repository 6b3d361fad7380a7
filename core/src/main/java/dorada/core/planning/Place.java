package dorada.core.planning;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.Plate;
import dorada.core.outcome.Refusal;
import dorada.core.planning.Need.Neighbour;
import dorada.core.planning.Need.Polarisation;
import dorada.core.planning.Need.Surface;
import dorada.core.wire.Point;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/** Where an antenna will stand: the metal under it, the room about it, what stands near, and the material on hand. */
public final class Place {

    /** Kept free at a room's walls, floor and ridge. */
    public static final double WALL_M = 0.1;

    public static final double LEAST_HEIGHT_M = 0.3;

    /** Sheet metal as a grid: a tenth of a wavelength stands for closed metal. */
    private static final double GRID_WAVES = 0.1;

    private static final double FINEST_GRID_M = 0.35;

    private final Need need;
    private final double wave;

    public Place(Need need) {
        this.need = need;
        this.wave = need.waveM();
    }

    public Need need() {
        return need;
    }

    /** In mid band. */
    public double waveM() {
        return wave;
    }

    public double middleHz() {
        return need.band().middleHz();
    }

    /** Rods and tubes on hand, as a sheet asks for them. */
    public Map<String, Double> rod() {
        return given(Map.of("diameterM", 2 * need.stock().rodRadiusM()));
    }

    /** Wire on hand, as a sheet asks for it. */
    public Map<String, Double> wire() {
        Map<String, Double> all = given(Map.of("diameterM", 2 * need.stock().wireRadiusM()));
        if (need.stock().wireRadiusM() > 0) {
            all.put("insulationM", need.stock().insulationM());
        }
        return all;
    }

    private static Map<String, Double> given(Map<String, Double> numbers) {
        Map<String, Double> all = new HashMap<>(numbers);
        all.values().removeIf(v -> v == 0);
        return all;
    }

    /** True where a dipole stands upright. */
    public boolean isUpright() {
        double height = need.room().heightM();
        boolean hasHeight = need.carrier() != Carrier.INDOOR || height == 0 || height > 0.55 * wave;
        return need.aim().polarisation() == Polarisation.VERTICAL && hasHeight;
    }

    /** Of a wire under the ridge, above the floor; 0 in the open. */
    public double ridgeM() {
        return need.carrier() != Carrier.INDOOR
                ? 0
                : need.room().heightM() > 0 ? need.room().heightM() - WALL_M : wave / 2;
    }

    /** What is free from wall to wall; endless in the open. */
    public double freeLengthM() {
        double room = need.room().lengthM();
        return room > 0 ? Math.max(0.1, room - 2 * WALL_M) : Double.POSITIVE_INFINITY;
    }

    /** What is free from floor to ridge; endless in the open. */
    public double freeHeightM() {
        double room = need.room().heightM();
        return room > 0 ? Math.max(0.1, room - 2 * WALL_M) : Double.POSITIVE_INFINITY;
    }

    /** The sheet, or a piece of it about the mount, and the mount's place on it. */
    public record Roof(Plate plate, double alongM, double acrossM) {}

    public Roof roof(Extent extent) {
        Surface s = need.surface();
        double grid = Math.min(GRID_WAVES * wave, FINEST_GRID_M);
        double most = extent.waves() * wave;
        double front = Math.min(s.lengthM() / 2, s.alongM() + most);
        double back = Math.max(-s.lengthM() / 2, s.alongM() - most);
        double left = Math.min(s.widthM() / 2, s.acrossM() + most);
        double right = Math.max(-s.widthM() / 2, s.acrossM() - most);
        return new Roof(
                Plate.sheet(front - back, left - right, grid),
                s.alongM() - (front + back) / 2,
                s.acrossM() - (left + right) / 2);
    }

    /** {@code clear} over its ground, with what stands near. */
    Assembly placed(Assembly clear, Extent extent) {
        if (middleHz() > Candidate.LOW_BAND_HZ) {
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

    /** Over ground, its lowest point at this height. */
    public static Assembly standingAt(Assembly a, double heightM) {
        return a.raisedOverGround(heightM - lowest(a));
    }

    private static double lowest(Assembly a) {
        ToDoubleFunction<Wire> low = w -> Math.min(w.from().z(), w.to().z());
        return a.structure().wires().stream().mapToDouble(low).min().orElse(0);
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
                    throw new Refusal(Refused.NEARER_THAN_THE_GRID.of(n.name(), GRID_WAVES * wave));
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
