package dorada.core.cutsheet.kind;

import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.CutWord;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Drawing.Style;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Input.Option;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Procedure.Metal;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Shortening;
import dorada.core.cutsheet.Sketch;
import dorada.core.line.Feedline;
import dorada.core.line.Line;
import dorada.core.line.Network;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.rf.Impedance;
import dorada.core.safety.Caution;
import dorada.core.wire.Point;
import java.util.ArrayList;
import java.util.List;

/** A quarter-wave of coaxial line, open or shorted at its end. */
public final class CoaxStub implements CutKind {

    private static final String LENGTH = "length";

    @Override
    public String id() {
        return "coax-stub";
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
        return 1.3e9;
    }

    @Override
    public double doubt() {
        return 0.02;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        List<Input> all = new ArrayList<>();
        all.add(Input.choice(
                "line",
                Say.LINE.of(),
                Feedline.ALL.stream().map(f -> new Option(f.id(), f.words())).toList()));
        all.add(Input.choice(
                "end", Say.FAR_END.of(), new Option("shorted", Say.SHORTED.of()), new Option("open", Say.OPEN.of())));
        all.addAll(Shortening.inputs(0.66, Say.A_QUARTER_WAVE_OF_IT.of(), frequencyHz));
        return all;
    }

    private static Feedline line(Inputs in) {
        return Feedline.byId(in.choice("line")).orElseThrow();
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        double factor = Math.min(1, Shortening.factor(in, line(in).velocityFactor(), 0.25));
        return List.of(Dimension.tuned(
                LENGTH, "A", Say.STUB.of(), factor * in.waveM() / 4, Say.BY_VELOCITY_FACTOR.of(factor)));
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        return List.of(Piece.of(1, Say.PIECE_STUB.of(), 1, shape.get(LENGTH), line(in).words())
                .tunedBy(LENGTH)
                .extra(in.has("end", "shorted") ? 0.02 : 0.012, CutWord.FOR_STRIPPED_ENDS.of()));
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        return List.of(Say.T_ADAPTER_OR_A_SOLDERED_BRANCH.of(), CutWord.SHRINK_TUBE.of());
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.COAX)
                .soldered()
                .tune("first-sweep", Say.AT_THE_ANALYSER.of(), Caution.RADIO_OFF_THE_LINE)
                .tune("trim", Say.TOO_LOW.of())
                .finish("seal", Say.SEAL_THE_FAR_END_WITH_SHRINK.of());
    }

    @Override
    public List<Outcome> notes(Inputs in, Shape shape) {
        Feedline f = line(in);
        Line line = f.line(shape.get(LENGTH));
        boolean shorted = in.has("end", "shorted");
        Impedance seen = new Network.Stub(line, shorted).seen(new Impedance(1e9, 0), in.frequencyHz());
        return List.of(
                shorted ? Say.NEXT_TO_NOTHING.of(seen.resistanceOhm()) : Say.ALL_BUT_A_SHORT.of(seen.resistanceOhm()));
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        double a = shape.get(LENGTH);
        double d = line(in).diameterM();
        Point joint = new Point(0, 0, 0);
        Point end = new Point(a, 0, 0);
        Sketch side = new Sketch(Say.AS_IT_LIES.of(), Sketch.From.FRONT)
                .stroke(joint, end, d, Style.COAX)
                .stroke(new Point(0, 0, -0.15 * a), new Point(0, 0, 0.15 * a), d, Style.COAX)
                .measure(joint, end, 1, "A")
                .piece(joint.toward(end, 0.5), 1);
        double seen = 4 * d;
        Sketch detail = new Sketch(Say.FAR_END_ENLARGED.of(), Sketch.From.FRONT)
                .stroke(joint, end.plus(new Point(-d, 0, 0)), d, Style.COAX)
                .stroke(joint, end, d / 5, Style.METAL)
                .words(
                        end.plus(new Point(-3.5 * d, 0, 2 * d)),
                        in.has("end", "shorted") ? Say.CENTRE_AND_SHIELD_JOINED.of() : Say.NOTHING_JOINED.of());
        if (in.has("end", "shorted")) {
            detail.stroke(end, end.plus(new Point(-d, 0, d / 2)), d / 8, Style.METAL);
        }
        return new Drawing(List.of(side.view(), detail.enlarged(end, seen)));
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        LINE,
        BY_VELOCITY_FACTOR("velocityFactor"),
        NEXT_TO_NOTHING("shownOhm"),
        ALL_BUT_A_SHORT("shownFineOhm"),
        TITLE,
        ABOUT,
        FAR_END,
        SHORTED,
        OPEN,
        A_QUARTER_WAVE_OF_IT,
        STUB,
        PIECE_STUB,
        T_ADAPTER_OR_A_SOLDERED_BRANCH,
        AT_THE_ANALYSER,
        TOO_LOW,
        SEAL_THE_FAR_END_WITH_SHRINK,
        AS_IT_LIES,
        FAR_END_ENLARGED,
        CENTRE_AND_SHIELD_JOINED,
        NOTHING_JOINED;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.coaxStub";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
