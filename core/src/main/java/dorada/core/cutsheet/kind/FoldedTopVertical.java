package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.FoldedVertical;
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
import dorada.core.cutsheet.Sketch;
import dorada.core.line.Network;
import dorada.core.safety.Caution;
import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A vertical under a roof that is too low: its top is folded back down. */
public final class FoldedTopVertical implements CutKind {

    private static final String UP = "upright";
    private static final String FOLD = "fold";
    private static final String APART = "apart";
    private static final String COUNTER = "counterpoise";
    private static final String COIL = "coil";
    private static final double FOLDED_FACTOR = 3;
    private static final double BASE_M = 0.1;

    @Override
    public String id() {
        return "folded-top-vertical";
    }

    @Override
    public String title() {
        return "attic vertical with folded top";
    }

    @Override
    public String about() {
        return "Where the ridge is too low: what is missing comes back down beside it. Low resistance, narrow.";
    }

    @Override
    public double lowestHz() {
        return 14e6;
    }

    @Override
    public double highestHz() {
        return 175e6;
    }

    @Override
    public double doubt() {
        return 0.75;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        double quarter = Common.quarterM(frequencyHz);
        return List.of(
                Input.length(
                        "uprightM",
                        "Upright part: height there is",
                        0.4 * quarter,
                        0.97 * quarter,
                        0.8 * quarter,
                        "less than two fifths radiates too little; with all of it nothing need be folded"),
                Input.length(
                        "apartM",
                        "Fold, distance from the upright",
                        0.01 * quarter,
                        0.3 * quarter,
                        0.06 * quarter,
                        "close, it cancels; far, it is another antenna"),
                Input.length(
                        "counterpoiseM",
                        "Each of two level wires",
                        0.5 * quarter,
                        1.3 * quarter,
                        quarter,
                        "its other half"),
                Common.diameter("Wire, thickness", 0.0016, frequencyHz),
                Input.choice("match", "At the feed", "coil", "a coil across it", "bare", "nothing"),
                Coil.former().onlyWith("match", "coil"),
                Coil.pitch().onlyWith("match", "coil"));
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        double quarter = Common.quarterM(in.frequencyHz());
        double missing = Math.max(0.01 * quarter, quarter - in.get("uprightM"));
        List<Dimension> all = new ArrayList<>(List.of(
                Dimension.given(UP, "A", "upright", in.get("uprightM")),
                Dimension.tuned(
                        FOLD,
                        "B",
                        "folded back down",
                        Math.min(FOLDED_FACTOR * missing, 0.95 * in.get("uprightM")),
                        "three times what is missing of 234/f; common practice, crude, no source"),
                Dimension.given(APART, "C", "apart", in.get("apartM")),
                Dimension.given(COUNTER, "D", "each level wire", in.get("counterpoiseM"))));
        if (in.has("match", "coil")) {
            all.add(Dimension.solved(
                    COIL, "L", "coil across the feed", Quantity.INDUCTANCE, 50 / (2 * Math.PI * in.frequencyHz())));
        }
        return all;
    }

    @Override
    public Goal goal(Inputs in) {
        return in.has("match", "coil") ? new Goal.Match(FOLD, COIL) : new Goal.Resonance(FOLD, 0.05, 2.5);
    }

    @Override
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        Assembly bare = new FoldedVertical(
                        shape.get(UP),
                        Math.min(shape.get(FOLD), 0.99 * shape.get(UP)),
                        shape.get(APART),
                        shape.get(COUNTER),
                        BASE_M + 0.02 * in.waveM(),
                        Common.radiusM(in),
                        Conductor.COPPER)
                .assemble();
        return Optional.of(in.has("match", "coil") ? bare.through(new Network.ShuntCoil(shape.get(COIL))) : bare);
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        return List.of(
                Piece.of(
                                1,
                                "upright, across and fold in one",
                                1,
                                shape.get(UP) + shape.get(APART) + shape.get(FOLD),
                                Common.wire(in))
                        .tunedBy(FOLD)
                        .extra(0.05, "for the joint and the end")
                        .spliceable(),
                Piece.of(2, "level wire", 2, shape.get(COUNTER), Common.wire(in))
                        .extra(0.05, "for the joint")
                        .spliceable());
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        String coil = in.has("match", "coil") ? Coil.sentence(in, shape.get(COIL)) : "";
        List<String> all = new ArrayList<>(
                List.of("connector block", "choke at the feed", "two stand-off insulators for the fold", "cord"));
        if (!coil.isEmpty()) {
            all.add("coil across the feed. " + coil);
        }
        return all;
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.WIRE)
                .soldered()
                .mount(
                        "hang",
                        "Hang the upright from the ridge, clear of pipes, gutters and mains; lead the fold down beside it.",
                        Caution.ROOF_WIRING,
                        Caution.JOISTS_ONLY)
                .swept("in its final place")
                .trimmed("the fold at its free end")
                .tune(
                        "resistance",
                        "SWR stays high at its dip: squeeze or spread the coil's turns, then trim again; without a coil a"
                                + " fold farther away lifts the resistance.");
    }

    @Override
    public List<String> notes(Inputs in, Shape shape) {
        double missing = Common.quarterM(in.frequencyHz()) - shape.get(UP);
        List<String> all = new ArrayList<>();
        if (missing > 0) {
            all.add(String.format(
                    Locale.ROOT,
                    "The fold is %.1f times what is missing; the trade says three. It goes with the distance between both.",
                    shape.get(FOLD) / missing));
        }
        all.add("The ground below is taken as perfect: with soil and house the resistance is higher than computed.");
        return all;
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        List<Wire> w = a.structure().wires();
        Point feed = w.get(0).from();
        Point top = w.get(0).to();
        Point corner = w.get(1).to();
        Sketch front = new Sketch("From the front", Sketch.From.FRONT)
                .of(a)
                .stroke(new Point(-0.4 * top.z(), 0, 0), new Point(0.5 * top.z(), 0, 0), 0, Style.GROUND)
                .measure(feed, top, -1, "A")
                .measure(top, corner, -1, "C")
                .measure(corner, w.get(2).to(), -1, "B")
                .piece(feed.toward(top, 0.6), 1);
        Sketch above = new Sketch("From above", Sketch.From.ABOVE)
                .of(a)
                .measure(w.get(3).from(), w.get(3).to(), 1, "D")
                .piece(w.get(3).from().toward(w.get(3).to(), 0.4), 2)
                .piece(w.get(4).from().toward(w.get(4).to(), 0.4), 2);
        return new Drawing(List.of(front.view(), above.view()));
    }
}
