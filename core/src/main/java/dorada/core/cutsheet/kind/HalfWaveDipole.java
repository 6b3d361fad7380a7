package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.CutWord;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Drawing.Style;
import dorada.core.cutsheet.Goal;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Input.Option;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Procedure.Metal;
import dorada.core.cutsheet.Quantity;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Shortening;
import dorada.core.cutsheet.Sketch;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Sheath;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
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
    public Outcome title() {
        return Say.TITLE.of();
    }

    @Override
    public Outcome about() {
        return Say.ABOUT.of();
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
        all.add(Input.choice(
                "of",
                CutWord.MADE_OF.of(),
                new Option("wire", CutWord.WIRE.of()),
                new Option("tube", Say.TUBE.of()),
                new Option("telescope", Say.TELESCOPIC_WHIPS.of())));
        all.add(Input.choice(
                "bend",
                Say.ARMS.of(),
                new Option("straight", Say.STRAIGHT.of()),
                new Option("corner", Say.ROUND_A_CORNER.of()),
                new Option("ends", Say.ENDS_HANG_DOWN.of())));
        all.add(Input.number(ANGLE, Say.ANGLE_BETWEEN_THE_ARMS.of(), Quantity.ANGLE, 60, 180, 90, Say.SHARPER.of())
                .onlyWith("bend", "corner"));
        all.add(Input.length(
                        "hangM",
                        Say.HOW_MUCH_OF_EACH_ARM_HANGS.of(),
                        0.001 * wave,
                        0.17 * wave,
                        0.07 * wave,
                        Say.MORE_THAN_TWO_THIRDS_OF_AN.of())
                .onlyWith("bend", "ends"));
        all.add(Common.diameter(Say.THICKNESS.of(), 0.002, frequencyHz));
        all.add(Common.insulation().onlyWith("of", "wire"));
        all.add(Common.metal().onlyWith("of", "tube", "telescope"));
        all.add(Input.length(HEIGHT, Say.HEIGHT_ABOVE_GROUND.of(), 0.15 * wave, 20 * wave, 0.5 * wave, Say.LOWER.of()));
        all.addAll(Shortening.inputs(Shortening.INSULATED, Say.ONE_ARM.of(), frequencyHz));
        return all;
    }

    private static boolean isInsulated(Inputs in) {
        return in.has("of", "wire") && in.get(Common.INSULATION) > 0;
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        double usual = isInsulated(in) ? Shortening.INSULATED : Shortening.BARE;
        Outcome source = isInsulated(in) ? Say.INSULATED_RULE.of() : Common.RULE_234;
        List<Dimension> all = new ArrayList<>();
        all.add(Dimension.tuned(
                ARM,
                "A",
                Say.EACH_ARM.of(),
                Shortening.factor(in, usual, 0.25) * in.waveM() / 4,
                Shortening.source(in, source)));
        if (in.has("bend", "ends")) {
            all.add(Dimension.given(HANG, "B", Say.OF_IT_HANGS_DOWN.of(), in.get("hangM")));
        }
        if (in.has("bend", "corner")) {
            all.add(Dimension.given(ANGLE, "B", Say.MEASURE_ANGLE_BETWEEN_THE_ARMS.of(), in.get(ANGLE))
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
                List.of(Piece.of(1, Say.ARM.of(), 2, arm - GAP_M / 2, Common.tube(in))
                        .tunedBy(ARM));
            case "telescope" -> List.of(Piece.of(1, CutWord.TELESCOPIC_WHIP.of(), 2, arm - GAP_M / 2, Common.rod(in)));
            default ->
                List.of(Piece.of(1, Say.ARM.of(), 2, arm, Common.wire(in))
                        .tunedBy(ARM)
                        .extra(0.12, Say.FOR_AN_EYE_AT_THE_END.of())
                        .spliceable());
        };
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        return in.has("of", "wire")
                ? List.of(Say.CENTRE_PIECE_WITH_CONNECTOR.of(), Say.BALUN_OR_CHOKE.of(), Say.TWO_END_INSULATORS.of())
                : List.of(CutWord.INSULATING_CENTRE_PIECE.of(), Say.BALUN_OR_CHOKE.of(), Say.CLAMP_FOR_THE_MAST.of());
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        Procedure p = in.has("of", "wire")
                ? Procedure.of(Metal.WIRE).soldered()
                : Procedure.of(in.has("of", "tube") ? Metal.TUBE : Metal.ROD).clamped();
        p.raised().swept(Say.IN_ITS_FINAL_PLACE.of());
        if (in.has("of", "telescope")) {
            p.tune("slide", Say.DIP_TOO_LOW.of());
        } else {
            p.trimmed(Say.BOTH_ARMS_ALIKE.of()).tune("fold", Say.WIRE_NEED_NOT_BE_CUT.of());
        }
        return p.tune("jump", Say.READINGS_JUMP_WHEN_THE_LINE_IS.of()).weatherproofed();
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
                        isCorner ? CutWord.FROM_ABOVE.of() : CutWord.FROM_THE_FRONT.of(),
                        isCorner ? Sketch.From.ABOVE : Sketch.From.FRONT)
                .of(a)
                .measure(feed, end, -1, hangs ? "A − B" : "A")
                .piece(feed.toward(end, 0.5), 1)
                .piece(feed.toward(wires.get(hangs ? 2 : 1).to(), 0.5), 1);
        if (hangs) {
            front.measure(end, wires.get(1).to(), -1, "B");
        }
        if (isCorner) {
            front.words(
                    feed.plus(new Point(0, 0.12 * shape.get(ARM), 0)), CutWord.MARKED_ANGLE.of("B", shape.get(ANGLE)));
        }
        double seen = 0.04;
        Point centre = new Point(0, 0, feed.z());
        Sketch detail = new Sketch(CutWord.FEED_ENLARGED.of(), Sketch.From.FRONT)
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
                .words(centre.plus(new Point(-0.036, 0, 0.018)), Say.CENTRE_TO_ONE_ARM.of())
                .words(centre.plus(new Point(0.004, 0, -0.03)), Say.CHOKE.of());
        return new Drawing(List.of(front.view(), detail.enlarged(centre, seen)));
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        TITLE,
        ABOUT,
        TUBE,
        TELESCOPIC_WHIPS,
        ARMS,
        STRAIGHT,
        ROUND_A_CORNER,
        ENDS_HANG_DOWN,
        ANGLE_BETWEEN_THE_ARMS,
        SHARPER,
        HOW_MUCH_OF_EACH_ARM_HANGS,
        MORE_THAN_TWO_THIRDS_OF_AN,
        THICKNESS,
        HEIGHT_ABOVE_GROUND,
        LOWER,
        ONE_ARM,
        INSULATED_RULE,
        EACH_ARM,
        OF_IT_HANGS_DOWN,
        MEASURE_ANGLE_BETWEEN_THE_ARMS,
        ARM,
        FOR_AN_EYE_AT_THE_END,
        CENTRE_PIECE_WITH_CONNECTOR,
        BALUN_OR_CHOKE,
        TWO_END_INSULATORS,
        CLAMP_FOR_THE_MAST,
        IN_ITS_FINAL_PLACE,
        DIP_TOO_LOW,
        BOTH_ARMS_ALIKE,
        WIRE_NEED_NOT_BE_CUT,
        READINGS_JUMP_WHEN_THE_LINE_IS,
        CENTRE_TO_ONE_ARM,
        CHOKE;

        @Override
        public String area() {
            return "cut.halfWaveDipole";
        }
    }
}
