package dorada.core.wire;

import java.util.ArrayList;
import java.util.List;

/**
 * Wires, what is connected in them, and the ground.
 *
 * @param wires at least one; ends within a tenth of the thinner radius are joined
 * @param overPerfectGround true for a perfectly conducting plane at z = 0 to which ends at z = 0 are joined; false for
 *     free space
 * @param loads lumped elements in series with wires
 * @param links transmission lines between ports
 */
public record Structure(List<Wire> wires, boolean overPerfectGround, List<Load> loads, List<Link> links) {

    public Structure {
        wires = List.copyOf(wires);
        loads = List.copyOf(loads);
        links = List.copyOf(links);
    }

    public Structure(List<Wire> wires, boolean overPerfectGround, List<Load> loads) {
        this(wires, overPerfectGround, loads, List.of());
    }

    public static Structure inFreeSpace(List<Wire> wires) {
        return new Structure(wires, false, List.of());
    }

    public static Structure overGround(List<Wire> wires) {
        return new Structure(wires, true, List.of());
    }

    public Structure with(Load... more) {
        List<Load> all = new ArrayList<>(loads);
        all.addAll(List.of(more));
        return new Structure(wires, overPerfectGround, all, links);
    }

    public Structure with(Link... more) {
        List<Link> all = new ArrayList<>(links);
        all.addAll(List.of(more));
        return new Structure(wires, overPerfectGround, loads, all);
    }
}
