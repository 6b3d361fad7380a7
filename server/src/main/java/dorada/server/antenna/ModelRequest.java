package dorada.server.antenna;

import dorada.core.line.Line;
import dorada.core.outcome.Refusal;
import dorada.core.wire.Link;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import dorada.server.problem.UserProblem;
import dorada.server.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;

/**
 * A structure of wires and what is asked of it.
 *
 * @param wires straight wires; ends within a tenth of the thinner radius are joined
 * @param ground "none", or "perfect" for a plane at z = 0
 * @param lines transmission lines between two ports; absent for none
 * @param feed where the source is
 * @param frequenciesHz at least one, in Hz
 * @param pattern absent, or where gain is wanted
 */
record ModelRequest(
        @NotNull @Size(max = MOST_WIRES, message = "{wrong.MANY}")
        List<@Valid WireRequest> wires,

        String ground,

        @Size(max = 200, message = "{wrong.MANY}") List<LineRequest> lines,

        @NotNull FeedRequest feed,

        @NotNull @Size(max = MOST_FREQUENCIES, message = "{wrong.MANY}")
        double[] frequenciesHz,

        PatternRequest pattern) {

    static final int MOST_FREQUENCIES = 10_001;
    static final int MOST_WIRES = 3000;

    record WireRequest(
            @NotNull @Size(max = 3) double[] fromM,
            @NotNull @Size(max = 3) double[] toM,
            double radiusM) {}

    /** @param position 0 (the wire's beginning) to 1 (its end) */
    record FeedRequest(int wire, double position) {}

    /**
     * A line that does not radiate; in parallel with the source where both are at one port.
     *
     * @param lossDbPer100mSqrtMHz matched loss at 1 MHz, growing with the root of the frequency; 0 where absent
     * @param crossed with its conductors exchanged; not where absent
     */
    record LineRequest(
            @NotNull FeedRequest from,
            @NotNull FeedRequest to,
            double impedanceOhm,
            double lengthM,
            @Schema(defaultValue = "1") Double velocityFactor,
            Double lossDbPer100mSqrtMHz,
            Boolean crossed) {}

    record PatternRequest(double frequencyHz) {}

    Structure structure() {
        if (wires == null || wires.isEmpty()) {
            throw UserProblem.atField("wires", "There are no wires: give at least one.");
        }
        if (wires.size() > MOST_WIRES) {
            throw UserProblem.atField("wires", "At most " + MOST_WIRES + " wires can be solved.");
        }
        List<Wire> solid = new ArrayList<>();
        for (int i = 0; i < wires.size(); i++) {
            WireRequest w = wires.get(i);
            solid.add(new Wire(point(i, w == null ? null : w.fromM), point(i, w == null ? null : w.toM), w.radiusM));
        }
        Structure bare = switch (ground == null ? "none" : ground) {
            case "none" -> Structure.inFreeSpace(solid);
            case "perfect" -> Structure.overGround(solid);
            default ->
                throw UserProblem.atField("ground", "The ground is \"none\" or \"perfect\", not \"" + ground + "\".");
        };
        return bare.with(links());
    }

    private Link[] links() {
        List<Link> all = new ArrayList<>();
        for (LineRequest l : lines == null ? List.<LineRequest>of() : lines) {
            try {
                double velocityFactor = l.velocityFactor == null ? 1 : l.velocityFactor;
                double loss = l.lossDbPer100mSqrtMHz == null ? 0 : l.lossDbPer100mSqrtMHz;
                Line line = new Line(l.lengthM, velocityFactor, l.impedanceOhm, loss, 0);
                all.add(new Link(port("lines", l.from), port("lines", l.to), line, Boolean.TRUE.equals(l.crossed)));
            } catch (IllegalArgumentException e) {
                throw UserProblem.atField("lines", e);
            }
        }
        return all.toArray(Link[]::new);
    }

    Port port() {
        return port("feed", feed);
    }

    private Port port(String field, FeedRequest at) {
        if (at == null) {
            throw UserProblem.atField(
                    field,
                    field.equals("feed")
                            ? "Nothing is fed: name a wire and a position."
                            : "A line needs both ends: name a wire and a position for each.");
        }
        String what = field.equals("feed") ? "The feed" : "A line";
        if (at.wire < 0 || at.wire >= wires.size()) {
            throw UserProblem.atField(
                    field, what + " names wire " + at.wire + "; there are wires 0 to " + (wires.size() - 1) + ".");
        }
        if (!(at.position >= 0 && at.position <= 1)) {
            throw UserProblem.atField(field, "A position on a wire lies between 0 and 1, not " + at.position + ".");
        }
        return new Port(at.wire, at.position);
    }

    /** The highest frequency that is asked for; all of them are checked. */
    double topHz() {
        if (frequenciesHz == null || frequenciesHz.length == 0) {
            throw UserProblem.atField("frequenciesHz", "Name at least one frequency.");
        }
        if (frequenciesHz.length > MOST_FREQUENCIES) {
            throw UserProblem.atField("frequenciesHz", "At most " + MOST_FREQUENCIES + " frequencies in one request.");
        }
        double top = 0;
        for (double hz : frequenciesHz) {
            top = Math.max(top, sound("frequenciesHz", hz));
        }
        return pattern == null ? top : Math.max(top, sound("pattern", pattern.frequencyHz));
    }

    private static double sound(String field, double hz) {
        if (!(hz > 0) || Double.isInfinite(hz)) {
            throw UserProblem.atField(field, "A frequency must be above 0 Hz, not " + hz + ".");
        }
        return hz;
    }

    private static Point point(int wire, double[] xyz) {
        if (xyz == null || xyz.length != 3) {
            throw UserProblem.atWire(wire, "Wire " + wire + ": each end needs three numbers, x, y and z in metres.");
        }
        try {
            return new Point(xyz[0], xyz[1], xyz[2]);
        } catch (Refusal e) {
            throw UserProblem.atWire(wire, "Wire " + wire + ": " + Words.ENGLISH.sentence(e.outcome()));
        }
    }
}
