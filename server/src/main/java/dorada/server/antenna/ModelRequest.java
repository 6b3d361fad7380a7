package dorada.server.antenna;

import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import dorada.server.problem.JobException;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;

/**
 * A structure of wires and what is asked of it.
 *
 * @param wires straight wires; ends within a tenth of the thinner radius are joined
 * @param ground "none", or "perfect" for a plane at z = 0
 * @param feed where the source is
 * @param frequenciesHz at least one, in Hz
 * @param pattern absent, or where gain is wanted
 */
record ModelRequest(
        @NotNull List<WireRequest> wires,
        String ground,
        @NotNull FeedRequest feed,
        @NotNull double[] frequenciesHz,
        PatternRequest pattern) {

    static final int MOST_FREQUENCIES = 10_001;
    static final int MOST_WIRES = 3000;

    record WireRequest(@NotNull double[] fromM, @NotNull double[] toM, double radiusM) {}

    /** @param position 0 (the wire's beginning) to 1 (its end) */
    record FeedRequest(int wire, double position) {}

    record PatternRequest(double frequencyHz) {}

    Structure structure() {
        if (wires == null || wires.isEmpty()) {
            throw JobException.atField("wires", "There are no wires: give at least one.");
        }
        if (wires.size() > MOST_WIRES) {
            throw JobException.atField("wires", "At most " + MOST_WIRES + " wires can be solved.");
        }
        List<Wire> solid = new ArrayList<>();
        for (int i = 0; i < wires.size(); i++) {
            WireRequest w = wires.get(i);
            solid.add(new Wire(point(i, w == null ? null : w.fromM), point(i, w == null ? null : w.toM), w.radiusM));
        }
        return switch (ground == null ? "none" : ground) {
            case "none" -> Structure.inFreeSpace(solid);
            case "perfect" -> Structure.overGround(solid);
            default ->
                throw JobException.atField("ground", "The ground is \"none\" or \"perfect\", not \"" + ground + "\".");
        };
    }

    Port port() {
        if (feed == null) {
            throw JobException.atField("feed", "Nothing is fed: name a wire and a position.");
        }
        if (feed.wire < 0 || feed.wire >= wires.size()) {
            throw JobException.atField(
                    "feed", "The feed names wire " + feed.wire + "; there are wires 0 to " + (wires.size() - 1) + ".");
        }
        if (!(feed.position >= 0 && feed.position <= 1)) {
            throw JobException.atField("feed", "A position on a wire lies between 0 and 1, not " + feed.position + ".");
        }
        return new Port(feed.wire, feed.position);
    }

    /** The highest frequency that is asked for; all of them are checked. */
    double topHz() {
        if (frequenciesHz == null || frequenciesHz.length == 0) {
            throw JobException.atField("frequenciesHz", "Name at least one frequency.");
        }
        if (frequenciesHz.length > MOST_FREQUENCIES) {
            throw JobException.atField("frequenciesHz", "At most " + MOST_FREQUENCIES + " frequencies in one request.");
        }
        double top = 0;
        for (double hz : frequenciesHz) {
            top = Math.max(top, sound("frequenciesHz", hz));
        }
        return pattern == null ? top : Math.max(top, sound("pattern", pattern.frequencyHz));
    }

    private static double sound(String field, double hz) {
        if (!(hz > 0) || Double.isInfinite(hz)) {
            throw JobException.atField(field, "A frequency must be above 0 Hz, not " + hz + ".");
        }
        return hz;
    }

    private static Point point(int wire, double[] xyz) {
        if (xyz == null || xyz.length != 3) {
            throw JobException.atWire(wire, "Wire " + wire + ": each end needs three numbers, x, y and z in metres.");
        }
        try {
            return new Point(xyz[0], xyz[1], xyz[2]);
        } catch (IllegalArgumentException e) {
            throw JobException.atWire(wire, "Wire " + wire + ": " + e.getMessage());
        }
    }
}
