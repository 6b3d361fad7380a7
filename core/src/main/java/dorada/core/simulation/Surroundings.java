package dorada.core.simulation;

import dorada.core.antenna.Assembly;
import dorada.core.rf.Wavelength;
import dorada.core.wire.Conductor;
import dorada.core.wire.Load;
import dorada.core.wire.Lumped;
import dorada.core.wire.Point;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What conditions do to the wires of an antenna. */
final class Surroundings {

    /** Muscle between 27 and 450 MHz, some 0.7 S/m: C. Gabriel et al., Phys. Med. Biol. 41 (1996) 2231; from memory. */
    private static final Conductor PERSON = new Conductor(0.7, 1);

    private static final double PERSON_M = 1.7;
    private static final double PERSON_RADIUS_M = 0.12;
    private static final double PERSON_DISTANCE_M = 0.45;
    private static final double THICKEST_WAVES = 0.05;
    private static final double PAINT_FARAD = 30e-12;
    private static final double NEAR_GROUND_M = 0.3;
    private static final double POST_RADIUS_M = 0.01;

    private Surroundings() {}

    static Assembly of(Assembly antenna, Set<Condition> conditions, double topHz) {
        Structure s = antenna.structure();
        List<Wire> wires = new ArrayList<>(s.wires());
        List<Load> loads = new ArrayList<>(s.loads());
        boolean ground = s.overPerfectGround();
        if (conditions.contains(Condition.NO_CHOKE)) {
            antenna.shield().ifPresent(wires::add);
        }
        if (conditions.contains(Condition.DOOR_OPEN)) {
            antenna.hinge().ifPresent(h -> {
                Point edge = h.plus(new Point(0, 0.95, 0));
                wires.add(new Wire(h, edge, POST_RADIUS_M));
                wires.add(new Wire(edge, edge.plus(new Point(0.05, 0.1, -0.9)), POST_RADIUS_M));
            });
        }
        Box box = Box.about(s.wires());
        if (conditions.contains(Condition.PERSON_NEAR)) {
            double radius = Math.min(PERSON_RADIUS_M, THICKEST_WAVES * Wavelength.ofHz(topHz));
            double y = box.maxY + PERSON_DISTANCE_M;
            double foot =
                    ground && box.minZ < PERSON_M ? 0.05 + radius * 2 : (box.minZ + box.maxZ) / 2 - PERSON_M * 0.6;
            wires.add(new Wire(new Point(0.1, y, foot), new Point(0.1, y, foot + PERSON_M), radius).of(PERSON));
        }
        if (conditions.contains(Condition.INDOORS)) {
            double x = box.minX - 0.4;
            double low = ground ? Math.max(0.2, box.minZ - 0.3) : box.minZ - 0.3;
            wires.add(new Wire(new Point(x, 0.05, low), new Point(x, 0.05, box.maxZ + 0.35), POST_RADIUS_M));
            wires.add(new Wire(
                    new Point(x, 0.05, box.maxZ + 0.35),
                    new Point(box.maxX + 0.6, 0.15, box.maxZ + 0.35),
                    POST_RADIUS_M));
        }
        if (conditions.contains(Condition.PAINT_UNDER_GROUND)) {
            loads.add(new Load(antenna.feed(), Lumped.Series.capacitor(PAINT_FARAD)));
        }
        if (conditions.contains(Condition.ON_THE_GROUND) && !ground) {
            double up = NEAR_GROUND_M - Box.about(wires).minZ;
            wires.replaceAll(w -> w.movedBy(new Point(0, 0, up)));
            ground = true;
        }
        return antenna.in(new Structure(wires, ground, loads, s.links()));
    }

    private record Box(double minX, double maxX, double maxY, double minZ, double maxZ) {

        static Box about(List<Wire> wires) {
            double minX = Double.MAX_VALUE;
            double maxX = -Double.MAX_VALUE;
            double maxY = -Double.MAX_VALUE;
            double minZ = Double.MAX_VALUE;
            double maxZ = -Double.MAX_VALUE;
            for (Wire w : wires) {
                for (Point p : List.of(w.from(), w.to())) {
                    minX = Math.min(minX, p.x());
                    maxX = Math.max(maxX, p.x());
                    maxY = Math.max(maxY, p.y());
                    minZ = Math.min(minZ, p.z());
                    maxZ = Math.max(maxZ, p.z());
                }
            }
            return new Box(minX, maxX, maxY, minZ, maxZ);
        }
    }
}
