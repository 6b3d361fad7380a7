package dorada.core.antenna;

import dorada.core.line.Network;
import dorada.core.rf.Impedance;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * An antenna as wires, ready to be solved.
 *
 * @param structure its wires, loads and ground
 * @param feed where the source is
 * @param networks between the feed and the connector, in that order
 * @param shield the feedline's outer conductor, which radiates where there is no choke; empty where the ground plane hides it
 * @param hinge where a door hangs; empty where there is none
 */
public record Assembly(
        Structure structure, Port feed, List<Network> networks, Optional<Wire> shield, Optional<Point> hinge) {

    public Assembly {
        networks = List.copyOf(networks);
    }

    public static Assembly of(Structure structure, Port feed, Network... networks) {
        return new Assembly(structure, feed, List.of(networks), Optional.empty(), Optional.empty());
    }

    Assembly withShield(Wire wire) {
        return new Assembly(structure, feed, networks, Optional.of(wire), hinge);
    }

    Assembly withHinge(Point at) {
        return new Assembly(structure, feed, networks, shield, Optional.of(at));
    }

    /** The same antenna with another structure, in which the feed keeps its place. */
    public Assembly in(Structure other) {
        return new Assembly(other, feed, networks, shield, hinge);
    }

    /** The same antenna with one more part before its connector. */
    public Assembly through(Network more) {
        List<Network> all = new ArrayList<>(networks);
        all.add(more);
        return new Assembly(structure, feed, all, shield, hinge);
    }

    /** The same wires behind what is between feed and connector of {@code other}: a transformer stays as it was wound. */
    public Assembly behindNetworksOf(Assembly other) {
        return new Assembly(structure, feed, other.networks, shield, hinge);
    }

    /** The same antenna, raised by {@code metres} above a perfect ground. */
    public Assembly raisedOverGround(double metres) {
        List<Wire> wires = structure.wires().stream()
                .map(w -> w.movedBy(new Point(0, 0, metres)))
                .toList();
        return in(new Structure(wires, true, structure.loads(), structure.links()));
    }

    /** What the connector shows of an impedance at the feed. */
    public Impedance atConnector(Impedance atFeed, double frequencyHz) {
        Impedance z = atFeed;
        for (Network n : networks) {
            z = n.seen(z, frequencyHz);
        }
        return z;
    }
}
