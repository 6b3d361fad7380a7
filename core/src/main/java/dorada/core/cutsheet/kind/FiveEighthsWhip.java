package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.GroundedWhip;
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
import dorada.core.safety.Caution;
import dorada.core.wire.Point;
import java.util.List;
import java.util.Optional;

/** A 5/8-wave whip with a coil at its base. */
public final class FiveEighthsWhip implements CutKind {

    private static final String WHIP = "whip";
    private static final String COIL = "coil";
    private static final double COIL_Q = 200;
    /** The coil itself stands between mount and whip. */
    private static final double LOWER_WAVES = 0.02;

    /** Coil of a 5/8-wave at 156 MHz, to begin with. */
    private static final double BEGIN_OHM = 220;

    @Override
    public String id() {
        return "five-eighths-whip";
    }

    @Override
    public String title() {
        return "5/8-wave whip with a coil";
    }

    @Override
    public String about() {
        return "Longer, with a coil at its base; 3 dB over a quarter-wave, many say. On a finite roof usually less.";
    }

    @Override
    public double lowestHz() {
        return 25e6;
    }

    @Override
    public double highestHz() {
        return 512e6;
    }

    @Override
    public double doubt() {
        return 0.08;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        return List.of(
                Common.metal(),
                Common.diameter("Whip, thickness", 0.0024, frequencyHz),
                Coil.former(),
                Coil.pitch(),
                Input.length("depthM", "Whip inside the base", 0, 0.1, 0.015, "down to where the screw still holds"));
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        return List.of(
                Dimension.tuned(
                        WHIP,
                        "A",
                        "whip, coil to tip",
                        2.5 * Common.quarterM(in.frequencyHz()),
                        "five times 117/f in feet; common practice, no source"),
                Dimension.solved(COIL, "L", "coil", Quantity.INDUCTANCE, BEGIN_OHM / (2 * Math.PI * in.frequencyHz())));
    }

    @Override
    public Goal goal(Inputs in) {
        return new Goal.Resonance(COIL, 0.05, 4);
    }

    @Override
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        return Optional.of(Common.matched(
                new GroundedWhip(
                                LOWER_WAVES * in.waveM(),
                                shape.get(WHIP),
                                Common.radiusM(in),
                                shape.get(COIL),
                                COIL_Q,
                                Common.conductor(in))
                        .assemble(),
                in.frequencyHz()));
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        return List.of(
                Piece.of(1, "whip", 1, shape.get(WHIP), Common.rod(in))
                        .tunedBy(WHIP)
                        .extra(in.get("depthM"), "in the base"),
                Coil.piece(2, in, shape.get(COIL)));
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        return List.of("insulated base with set screw", Coil.part(in, shape.get(COIL)), "cap for the tip");
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.ROD)
                .join("wind", Coil.sentence(in, shape.get(COIL)) + " Leave a turn more than that, it can be taken off.")
                .soldered()
                .drilled()
                .clamped()
                .swept("in its final place, doors and windows shut")
                .tune(
                        "coil",
                        "Dip far too low: take half a turn off, or draw the turns apart. Coil and whip pull on each other:"
                                + " set the coil first, the whip last.")
                .trimmed("the whip at its lower end")
                .finish("cap", "Fix the turns with varnish, cap the tip.", Caution.BARE_TIP)
                .weatherproofed();
    }

    @Override
    public List<String> notes(Inputs in, Shape shape) {
        return List.of("A tap on the coil brings its resistance to 50 Ω; the tap is taken as without loss.");
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        double lower = LOWER_WAVES * in.waveM();
        Point foot = new Point(0, 0, 0);
        Point coil = new Point(0, 0, lower);
        Point tip = new Point(0, 0, lower + shape.get(WHIP));
        double half = 0.15 * tip.z();
        Sketch side = new Sketch("From the side", Sketch.From.FRONT)
                .stroke(new Point(-half, 0, 0), new Point(half, 0, 0), 0, Style.GROUND)
                .of(a)
                .measure(coil, tip, -1, "A")
                .piece(coil.toward(tip, 0.6), 1)
                .piece(coil, 2);
        return new Drawing(List.of(side.view(), Coil.view(in, shape.get(COIL), coil)));
    }
}
