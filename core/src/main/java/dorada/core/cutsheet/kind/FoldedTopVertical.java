package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.FoldedVertical;
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
import dorada.core.cutsheet.Sketch;
import dorada.core.line.Network;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.safety.Caution;
import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
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
    public Outcome title() {
        return Say.TITLE.of();
    }

    @Override
    public Outcome about() {
        return Say.ABOUT.of();
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
                        Say.UPRIGHT_PART.of(),
                        0.4 * quarter,
                        0.97 * quarter,
                        0.8 * quarter,
                        Say.LESS_THAN_TWO_FIFTHS_RADIATES_TOO.of()),
                Input.length("apartM", Say.FOLD.of(), 0.01 * quarter, 0.3 * quarter, 0.06 * quarter, Say.CLOSE.of()),
                Input.length(
                        "counterpoiseM",
                        Say.EACH_OF_TWO_LEVEL_WIRES.of(),
                        0.5 * quarter,
                        1.3 * quarter,
                        quarter,
                        Say.ITS_OTHER_HALF.of()),
                Common.diameter(CutWord.WIRE_THICKNESS.of(), 0.0016, frequencyHz),
                Input.choice(
                        "match",
                        Say.AT_THE_FEED.of(),
                        new Option("coil", Say.A_COIL_ACROSS_IT.of()),
                        new Option("bare", Say.NOTHING.of())),
                Coil.former().onlyWith("match", "coil"),
                Coil.pitch().onlyWith("match", "coil"));
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        double quarter = Common.quarterM(in.frequencyHz());
        double missing = Math.max(0.01 * quarter, quarter - in.get("uprightM"));
        List<Dimension> all = new ArrayList<>(List.of(
                Dimension.given(UP, "A", Say.UPRIGHT.of(), in.get("uprightM")),
                Dimension.tuned(
                        FOLD,
                        "B",
                        Say.FOLDED_BACK_DOWN.of(),
                        Math.min(FOLDED_FACTOR * missing, 0.95 * in.get("uprightM")),
                        Say.THREE_TIMES_WHAT_IS_MISSING_OF.of()),
                Dimension.given(APART, "C", Say.APART.of(), in.get("apartM")),
                Dimension.given(COUNTER, "D", Say.EACH_LEVEL_WIRE.of(), in.get("counterpoiseM"))));
        if (in.has("match", "coil")) {
            all.add(Dimension.solved(
                    COIL,
                    "L",
                    Say.COIL_ACROSS_THE_FEED.of(),
                    Quantity.INDUCTANCE,
                    50 / (2 * Math.PI * in.frequencyHz())));
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
                                Say.UPRIGHT_ACROSS.of(),
                                1,
                                shape.get(UP) + shape.get(APART) + shape.get(FOLD),
                                Common.wire(in))
                        .tunedBy(FOLD)
                        .extra(0.05, Say.FOR_THE_JOINT_AND_THE_END.of())
                        .spliceable(),
                Piece.of(2, Say.LEVEL_WIRE.of(), 2, shape.get(COUNTER), Common.wire(in))
                        .extra(0.05, CutWord.FOR_THE_JOINT.of())
                        .spliceable());
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        List<Outcome> all = new ArrayList<>(List.of(
                Say.CONNECTOR_BLOCK.of(),
                Say.CHOKE_AT_THE_FEED.of(),
                Say.TWO_STAND_OFF_INSULATORS_FOR_THE.of(),
                Say.CORD.of()));
        if (in.has("match", "coil")) {
            all.add(Say.COIL_PART.of(Coil.winding(in, shape.get(COIL))));
        }
        return all;
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.WIRE)
                .soldered()
                .mount("hang", Say.HANG_THE_UPRIGHT_FROM_THE_RIDGE.of(), Caution.ROOF_WIRING, Caution.JOISTS_ONLY)
                .swept(Say.IN_ITS_FINAL_PLACE.of())
                .trimmed(Say.THE_FOLD_AT_ITS_FREE_END.of())
                .tune("resistance", Say.SWR_STAYS_HIGH_AT_ITS_DIP.of());
    }

    @Override
    public List<Outcome> notes(Inputs in, Shape shape) {
        double missing = Common.quarterM(in.frequencyHz()) - shape.get(UP);
        List<Outcome> all = new ArrayList<>();
        if (missing > 0) {
            all.add(Say.FOLD_AGAINST_MISSING.of(shape.get(FOLD) / missing));
        }
        all.add(Say.THE_GROUND_BELOW_IS_TAKEN_AS.of());
        return all;
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        List<Wire> w = a.structure().wires();
        Point feed = w.get(0).from();
        Point top = w.get(0).to();
        Point corner = w.get(1).to();
        Sketch front = new Sketch(CutWord.FROM_THE_FRONT.of(), Sketch.From.FRONT)
                .of(a)
                .stroke(new Point(-0.4 * top.z(), 0, 0), new Point(0.5 * top.z(), 0, 0), 0, Style.GROUND)
                .measure(feed, top, -1, "A")
                .measure(top, corner, -1, "C")
                .measure(corner, w.get(2).to(), -1, "B")
                .piece(feed.toward(top, 0.6), 1);
        Sketch above = new Sketch(CutWord.FROM_ABOVE.of(), Sketch.From.ABOVE)
                .of(a)
                .measure(w.get(3).from(), w.get(3).to(), 1, "D")
                .piece(w.get(3).from().toward(w.get(3).to(), 0.4), 2)
                .piece(w.get(4).from().toward(w.get(4).to(), 0.4), 2);
        return new Drawing(List.of(front.view(), above.view()));
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        COIL_PART("winding"),
        FOLD_AGAINST_MISSING("shareTimes"),
        TITLE,
        ABOUT,
        UPRIGHT_PART,
        LESS_THAN_TWO_FIFTHS_RADIATES_TOO,
        FOLD,
        CLOSE,
        EACH_OF_TWO_LEVEL_WIRES,
        ITS_OTHER_HALF,
        AT_THE_FEED,
        A_COIL_ACROSS_IT,
        NOTHING,
        UPRIGHT,
        FOLDED_BACK_DOWN,
        THREE_TIMES_WHAT_IS_MISSING_OF,
        APART,
        EACH_LEVEL_WIRE,
        COIL_ACROSS_THE_FEED,
        UPRIGHT_ACROSS,
        FOR_THE_JOINT_AND_THE_END,
        LEVEL_WIRE,
        CONNECTOR_BLOCK,
        CHOKE_AT_THE_FEED,
        TWO_STAND_OFF_INSULATORS_FOR_THE,
        CORD,
        HANG_THE_UPRIGHT_FROM_THE_RIDGE,
        IN_ITS_FINAL_PLACE,
        THE_FOLD_AT_ITS_FREE_END,
        SWR_STAYS_HIGH_AT_ITS_DIP,
        THE_GROUND_BELOW_IS_TAKEN_AS;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.foldedTopVertical";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
