package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Drawing.Style;
import dorada.core.cutsheet.Goal;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Procedure.Metal;
import dorada.core.cutsheet.Quantity;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Shortening;
import dorada.core.cutsheet.Sketch;
import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Sheath;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A dipole of wire, tube or telescopic whips: straight, round a corner, or with hanging ends. */
public final class HalfWaveDipole implements CutKind {

    private static final String ARM = "arm";
    private static final String HANG = "hang";
    private static final String ANGLE = "angleDeg";
    private static final String HEIGHT = "heightM";
    /** Below, the ground is part of the antenna. */
    private static final double LOW_BAND_HZ = 60e6;

    private static final double GAP_M = 0.01;

    @Override
    public String id() {
        return "dipole";
    }

    @Override
    public String title() {
        return "half-wave dipole";
    }

    @Override
    public String about() {
        return "Two arms of a quarter-wave: the measure of all gains. Bends where the room is too short.";
    }

    @Override
    public double lowestHz() {
        return 1.8e6;
    }

    @Override
    public double highestHz() {
        return 1e9;
    }

    @Override
    public double doubt() {
        return 0.06;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        double wave = 299.792458e6 / frequencyHz;
        List<Input> all = new ArrayList<>();
        all.add(Input.choice("of", "Made of", "wire", "wire", "tube", "tube", "telescope", "telescopic whips"));
        all.add(Input.choice(
                "bend", "Arms", "straight", "straight", "corner", "round a corner", "ends", "ends hang down"));
        all.add(Input.number(
                        ANGLE, "Angle between the arms", Quantity.ANGLE, 60, 180, 90, "sharper, they cancel each other")
                .onlyWith("bend", "corner"));
        all.add(Input.length(
                        "hangM",
                        "How much of each arm hangs",
                        0.001 * wave,
                        0.17 * wave,
                        0.07 * wave,
                        "more than two thirds of an arm hanging leaves no dipole")
                .onlyWith("bend", "ends"));
        all.add(Common.diameter("Thickness", 0.002, frequencyHz));
        all.add(Common.insulation().onlyWith("of", "wire"));
        all.add(Common.metal().onlyWith("of", "tube", "telescope"));
        all.add(Input.length(
                HEIGHT,
                "Height above ground",
                0.15 * wave,
                20 * wave,
                0.5 * wave,
                "lower, the soil decides more than the wire; above 60 MHz it is taken as free of the ground"));
        all.addAll(Shortening.inputs(Shortening.INSULATED, "one arm", frequencyHz));
        return all;
    }

    private static boolean isInsulated(Inputs in) {
        return in.has("of", "wire") && in.get(Common.INSULATION) > 0;
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        double usual = isInsulated(in) ? Shortening.INSULATED : Shortening.BARE;
        String source = isInsulated(in)
                ? "0.93 of a quarter-wave, insulated wire; common practice, no source"
                : Common.RULE_234;
        List<Dimension> all = new ArrayList<>();
        all.add(Dimension.tuned(
                ARM,
                "A",
                "each arm, with what hangs",
                Shortening.factor(in, usual, 0.25) * in.waveM() / 4,
                Shortening.source(in, source)));
        if (in.has("bend", "ends")) {
            all.add(Dimension.given(HANG, "B", "of it hangs down", in.get("hangM")));
        }
        if (in.has("bend", "corner")) {
            all.add(Dimension.given(ANGLE, "B", "angle between the arms", in.get(ANGLE))
                    .as(Quantity.ANGLE));
        }
        return all;
    }

    @Override
    public Goal goal(Inputs in) {
        return new Goal.Resonance(ARM);
    }

    @Override
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        double arm = shape.get(ARM);
        double hang = in.has("bend", "ends") ? Math.min(shape.get(HANG), 0.8 * arm) : 0;
        double half = Math.toRadians(in.has("bend", "corner") ? shape.get(ANGLE) / 2 : 90);
        boolean isLow = in.frequencyHz() < LOW_BAND_HZ;
        Point feed = new Point(0, 0, isLow ? in.get(HEIGHT) : 0);
        List<Wire> wires = new ArrayList<>();
        for (int side = 1; side >= -1; side -= 2) {
            Point end = feed.plus(new Point(side * (arm - hang) * Math.sin(half), (arm - hang) * Math.cos(half), 0));
            wires.add(wire(in, feed, end));
            if (hang > 0) {
                wires.add(wire(in, end, end.plus(new Point(0, 0, -hang))));
            }
        }
        return Optional.of(Assembly.of(new Structure(wires, isLow, List.of()), new Port(0, 0)));
    }

    private static Wire wire(Inputs in, Point from, Point to) {
        double r = Common.radiusM(in);
        Wire w = new Wire(from, to, r).of(in.has("of", "wire") ? Conductor.COPPER : Common.conductor(in));
        return isInsulated(in) ? w.in(Sheath.insulation(r, in.get(Common.INSULATION), Common.PLASTIC)) : w;
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        double arm = shape.get(ARM);
        return switch (in.choice("of")) {
            case "tube" ->
                List.of(Piece.of(1, "arm", 2, arm - GAP_M / 2, Common.tube(in)).tunedBy(ARM));
            case "telescope" ->
                List.of(Piece.of(1, "telescopic whip, drawn out to", 2, arm - GAP_M / 2, Common.rod(in)));
            default ->
                List.of(Piece.of(1, "arm", 2, arm, Common.wire(in))
                        .tunedBy(ARM)
                        .extra(0.12, "for an eye at the end and the joint at the feed")
                        .spliceable());
        };
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        return in.has("of", "wire")
                ? List.of("centre piece with connector", "1:1 balun or choke at the feed", "two end insulators, cord")
                : List.of("insulating centre piece", "1:1 balun or choke at the feed", "clamp for the mast");
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        Procedure p = in.has("of", "wire")
                ? Procedure.of(Metal.WIRE).soldered()
                : Procedure.of(in.has("of", "tube") ? Metal.TUBE : Metal.ROD).clamped();
        p.raised().swept("in its final place, away from rafters and gutters");
        if (in.has("of", "telescope")) {
            p.tune("slide", "Dip too low: push both whips in alike; too high: draw both out.");
        } else {
            p.trimmed("both arms alike")
                    .tune("fold", "Wire need not be cut: fold the end back and twist it on itself.");
        }
        return p.tune("jump", "Readings jump when the line is moved: the choke is missing or too small.")
                .weatherproofed();
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        boolean isCorner = in.has("bend", "corner");
        List<Wire> wires = a.structure().wires();
        Point feed = wires.get(0).from();
        Point end = wires.get(0).to();
        boolean hangs = in.has("bend", "ends");
        Sketch front = new Sketch(
                        isCorner ? "From above" : "From the front", isCorner ? Sketch.From.ABOVE : Sketch.From.FRONT)
                .of(a)
                .measure(feed, end, -1, hangs ? "A − B" : "A")
                .piece(feed.toward(end, 0.5), 1)
                .piece(feed.toward(wires.get(hangs ? 2 : 1).to(), 0.5), 1);
        if (hangs) {
            front.measure(end, wires.get(1).to(), -1, "B");
        }
        if (isCorner) {
            front.words(
                    feed.plus(new Point(0, 0.12 * shape.get(ARM), 0)),
                    String.format(Locale.ROOT, "B %.0f°", shape.get(ANGLE)));
        }
        double seen = 0.04;
        Point centre = new Point(0, 0, feed.z());
        Sketch detail = new Sketch("Feed, enlarged", Sketch.From.FRONT)
                .stroke(
                        centre.plus(new Point(-1, 0, 0)),
                        centre.plus(new Point(-GAP_M / 2, 0, 0)),
                        in.get(Common.DIAMETER),
                        Style.METAL)
                .stroke(
                        centre.plus(new Point(GAP_M / 2, 0, 0)),
                        centre.plus(new Point(1, 0, 0)),
                        in.get(Common.DIAMETER),
                        Style.METAL)
                .stroke(
                        centre.plus(new Point(-GAP_M, 0, 0)),
                        centre.plus(new Point(GAP_M, 0, 0)),
                        0.02,
                        Style.INSULATOR)
                .stroke(centre.plus(new Point(0, 0, -0.012)), centre.plus(new Point(0, 0, -1)), 0.005, Style.COAX)
                .words(centre.plus(new Point(-0.036, 0, 0.018)), "centre to one arm, shield to the other")
                .words(centre.plus(new Point(0.004, 0, -0.03)), "choke, then the line");
        return new Drawing(List.of(front.view(), detail.enlarged(centre, seen)));
    }
}
