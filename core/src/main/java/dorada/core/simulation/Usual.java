package dorada.core.simulation;

import static dorada.core.simulation.Condition.DOOR_OPEN;
import static dorada.core.simulation.Condition.DUMMY_LOAD;
import static dorada.core.simulation.Condition.INDOORS;
import static dorada.core.simulation.Condition.KINKED_LINE;
import static dorada.core.simulation.Condition.LOOSE_CONNECTOR;
import static dorada.core.simulation.Condition.NO_CHOKE;
import static dorada.core.simulation.Condition.ON_THE_GROUND;
import static dorada.core.simulation.Condition.PAINT_UNDER_GROUND;
import static dorada.core.simulation.Condition.PERSON_NEAR;
import static dorada.core.simulation.Condition.SLIPPED_SET_SCREW;
import static dorada.core.simulation.Condition.WET_LINE;

import dorada.core.line.Feedline;
import dorada.core.line.Line;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What virtual installations have in common: what can go wrong where they stand, and the lines that they hang on. */
public final class Usual {

    public static final Set<Condition> LINE = EnumSet.of(WET_LINE, KINKED_LINE, LOOSE_CONNECTOR, DUMMY_LOAD);
    public static final Set<Condition> ON_VEHICLE =
            with(LINE, DOOR_OPEN, PERSON_NEAR, PAINT_UNDER_GROUND, SLIPPED_SET_SCREW, INDOORS);
    public static final Set<Condition> ON_MAST = with(LINE, PERSON_NEAR, INDOORS, ON_THE_GROUND, NO_CHOKE);
    public static final Set<Condition> INSIDE = with(LINE, INDOORS, NO_CHOKE);

    /** Of a coil in a whip. */
    public static final double COIL_Q = 180;

    private Usual() {}

    public static Set<Condition> with(Set<Condition> some, Condition... more) {
        EnumSet<Condition> all = EnumSet.copyOf(some);
        all.addAll(List.of(more));
        return all;
    }

    public static Line thin(double lengthM) {
        return Feedline.byId("rg-58").orElseThrow().line(lengthM);
    }

    public static Line foam(double lengthM) {
        return Feedline.byId("foam-10").orElseThrow().line(lengthM);
    }
}
