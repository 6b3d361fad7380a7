package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.HandheldRod;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Goal;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Procedure.Metal;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Sketch;
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
    public String title() {
        return "handheld rod and counterpoise";
    }

    @Override
    public String about() {
        return "Better than the short one that came with it; the counterpoise is the half that hand and set only lend.";
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
    public String unsolved() {
        return "The rule decides: without a counterpoise, hand and body are the other half, and no model knows them.";
    }

    @Override
    public double doubt() {
        return 0.12;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        return List.of(
                Input.choice("with", "Counterpoise", "bent", "bent down", "straight", "straight out", "none", "none"),
                Common.metal(),
                Common.diameter("Rod, thickness", 0.0016, frequencyHz),
                Input.length("setM", "Height of the set", 0.05, 0.3, 0.13, "that is how high they are"),
                Input.length("depthM", "Rod inside its connector", 0, 0.03, 0.008, "the depth of the pin's cup"));
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        double quarter = Common.quarterM(in.frequencyHz());
        Dimension rod = Dimension.tuned(ROD, "A", "rod", quarter, Common.RULE_234);
        return in.has("with", "none")
                ? List.of(rod)
                : List.of(rod, Dimension.byRule(COUNTER, "B", "counterpoise", quarter, Common.RULE_234));
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
        Piece rod = Piece.of(1, "rod", 1, shape.get(ROD), Common.rod(in))
                .tunedBy(ROD)
                .extra(in.get("depthM"), "in the connector");
        return in.has("with", "none")
                ? List.of(rod)
                : List.of(
                        rod,
                        Piece.of(2, "counterpoise", 1, shape.get(COUNTER), "stranded wire or thin rod")
                                .extra(0.02, "for an eye round the connector's ring"));
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        return List.of("plug that fits the set", "shrink tube for the rod's foot", "cap for the tip");
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.ROD)
                .soldered()
                .swept("on the set as it is held, the hand where it always is")
                .tune(
                        "hand",
                        "Sweep with the hand on it and away: between both lies the truth. Tune for the hand on it.")
                .trimmed("the rod")
                .finish("body", "Slip the shrink tube on, cap the tip.", Caution.HELD_AT_THE_BODY, Caution.BARE_TIP);
    }

    @Override
    public List<String> notes(Inputs in, Shape shape) {
        String law = "Some services allow no antenna but the built-in one: check yours first.";
        return in.has("with", "straight")
                ? List.of(law, "One counterpoise straight out leans the signal its way: point it at the other station.")
                : List.of(
                        law,
                        "The set stands for the hand and body here, which no model knows: expect the dip to move.");
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        List<Wire> w = a.structure().wires();
        Point ring = w.get(0).from();
        Sketch side = new Sketch("From the side", Sketch.From.FRONT)
                .of(a)
                .measure(ring, w.get(0).to(), 1, "A")
                .piece(ring.toward(w.get(0).to(), 0.6), 1);
        if (w.size() > 2) {
            side.measure(ring, w.get(2).to(), 1, "B").piece(ring.toward(w.get(2).to(), 0.6), 2);
        }
        return new Drawing(List.of(side.view()));
    }
}
