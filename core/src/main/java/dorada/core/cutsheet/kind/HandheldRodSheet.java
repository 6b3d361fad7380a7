package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.HandheldRod;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.CutWord;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Goal;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Input.Option;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Procedure.Metal;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Sketch;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.safety.Caution;
import dorada.core.wire.Point;
import dorada.core.wire.Wire;
import java.util.List;
import java.util.Optional;

/** A rod for a handheld, alone or with a counterpoise that steadies it. */
public final class HandheldRodSheet implements CutKind {

    private static final String ROD = "rod";
    private static final String COUNTER = "counterpoise";
    private static final double SET_RADIUS_M = 0.012;
    private static final double BENT_DEG = 75;

    @Override
    public String id() {
        return "handheld-rod";
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
        return 65e6;
    }

    @Override
    public double highestHz() {
        return 900e6;
    }

    @Override
    public Outcome unsolved() {
        return Say.THE_RULE_DECIDES.of();
    }

    @Override
    public double doubt() {
        return 0.12;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        return List.of(
                Input.choice(
                        "with",
                        CutWord.COUNTERPOISE.of(),
                        new Option("bent", Say.BENT_DOWN.of()),
                        new Option("straight", Say.STRAIGHT_OUT.of()),
                        new Option("none", Say.NONE.of())),
                Common.metal(),
                Common.diameter(Say.ROD.of(), 0.0016, frequencyHz),
                Input.length("setM", Say.HEIGHT_OF_THE_SET.of(), 0.05, 0.3, 0.13, Say.THAT_IS_HOW_HIGH_THEY_ARE.of()),
                Input.length(
                        "depthM",
                        Say.ROD_INSIDE_ITS_CONNECTOR.of(),
                        0,
                        0.03,
                        0.008,
                        Say.THE_DEPTH_OF_THE_PINS_CUP.of()));
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        double quarter = Common.quarterM(in.frequencyHz());
        Dimension rod = Dimension.tuned(ROD, "A", Say.MEASURE_ROD.of(), quarter, Common.RULE_234);
        return in.has("with", "none")
                ? List.of(rod)
                : List.of(rod, Dimension.byRule(COUNTER, "B", Say.COUNTERPOISE.of(), quarter, Common.RULE_234));
    }

    @Override
    public Goal goal(Inputs in) {
        return in.has("with", "none") ? new Goal.None() : new Goal.Resonance(ROD, 0.6, 1.5);
    }

    @Override
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        boolean none = in.has("with", "none");
        return Optional.of(new HandheldRod(
                        shape.get(ROD),
                        Common.radiusM(in),
                        in.get("setM"),
                        SET_RADIUS_M,
                        none ? 0 : shape.get(COUNTER),
                        in.has("with", "bent") ? BENT_DEG : 0,
                        0)
                .assemble());
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        Piece rod = Piece.of(1, Say.MEASURE_ROD.of(), 1, shape.get(ROD), Common.rod(in))
                .tunedBy(ROD)
                .extra(in.get("depthM"), Say.IN_THE_CONNECTOR.of());
        return in.has("with", "none")
                ? List.of(rod)
                : List.of(
                        rod,
                        Piece.of(2, Say.COUNTERPOISE.of(), 1, shape.get(COUNTER), Say.STRANDED_WIRE_OR_THIN_ROD.of())
                                .extra(0.02, Say.FOR_AN_EYE_ROUND_THE_CONNECTORS.of()));
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        return List.of(
                Say.PLUG_THAT_FITS_THE_SET.of(), Say.SHRINK_TUBE_FOR_THE_RODS_FOOT.of(), CutWord.CAP_FOR_THE_TIP.of());
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.ROD)
                .soldered()
                .swept(Say.ON_THE_SET_AS_IT_IS.of())
                .tune("hand", Say.SWEEP_WITH_THE_HAND_ON_IT.of())
                .trimmed(Say.THE_ROD.of())
                .finish("body", Say.SLIP_THE_SHRINK_TUBE_ON.of(), Caution.HELD_AT_THE_BODY, Caution.BARE_TIP);
    }

    @Override
    public List<Outcome> notes(Inputs in, Shape shape) {
        Outcome law = Say.SOME_SERVICES_ALLOW_NO_ANTENNA_BUT.of();
        return in.has("with", "straight")
                ? List.of(law, Say.ONE_COUNTERPOISE_STRAIGHT_OUT_LEANS_THE.of())
                : List.of(law, Say.THE_SET_STANDS_FOR_THE_HAND.of());
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        List<Wire> w = a.structure().wires();
        Point ring = w.get(0).from();
        Sketch side = new Sketch(CutWord.FROM_THE_SIDE.of(), Sketch.From.FRONT)
                .of(a)
                .measure(ring, w.get(0).to(), 1, "A")
                .piece(ring.toward(w.get(0).to(), 0.6), 1);
        if (w.size() > 2) {
            side.measure(ring, w.get(2).to(), 1, "B").piece(ring.toward(w.get(2).to(), 0.6), 2);
        }
        return new Drawing(List.of(side.view()));
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        TITLE,
        ABOUT,
        THE_RULE_DECIDES,
        BENT_DOWN,
        STRAIGHT_OUT,
        NONE,
        ROD,
        HEIGHT_OF_THE_SET,
        THAT_IS_HOW_HIGH_THEY_ARE,
        ROD_INSIDE_ITS_CONNECTOR,
        THE_DEPTH_OF_THE_PINS_CUP,
        MEASURE_ROD,
        COUNTERPOISE,
        IN_THE_CONNECTOR,
        STRANDED_WIRE_OR_THIN_ROD,
        FOR_AN_EYE_ROUND_THE_CONNECTORS,
        PLUG_THAT_FITS_THE_SET,
        SHRINK_TUBE_FOR_THE_RODS_FOOT,
        ON_THE_SET_AS_IT_IS,
        SWEEP_WITH_THE_HAND_ON_IT,
        THE_ROD,
        SLIP_THE_SHRINK_TUBE_ON,
        SOME_SERVICES_ALLOW_NO_ANTENNA_BUT,
        ONE_COUNTERPOISE_STRAIGHT_OUT_LEANS_THE,
        THE_SET_STANDS_FOR_THE_HAND;

        @Override
        public String area() {
            return "cut.handheldRodSheet";
        }
    }
}
