package dorada.core.cutsheet.kind;

import dorada.core.antenna.AirbandWhip;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Plate;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
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
import dorada.core.wire.Wire;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A sloped quarter-wave for the airband on radials or mesh, where skin of fabric or composite offers no ground. */
public final class AirbandQuarterWave implements CutKind {

    private static final String ELEMENT = "element";
    private static final String RADIAL = "radial";
    private static final String SLOPE = "slopeDeg";
    /** Openings of up to a tenth of a wavelength: common practice, no source. */
    private static final double OPENING_WAVES = 0.1;

    private static final double MESH_WIRE_M = 0.001;

    @Override
    public String id() {
        return "airband-quarter-wave";
    }

    @Override
    public String title() {
        return "sloped airband quarter-wave";
    }

    @Override
    public String about() {
        return "For 118 to 137 MHz on fabric, composite or tubes, with a counterpoise of its own.";
    }

    @Override
    public double lowestHz() {
        return 108e6;
    }

    @Override
    public double highestHz() {
        return 150e6;
    }

    @Override
    public double doubt() {
        return 0.12;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        double quarter = Common.quarterM(frequencyHz);
        return List.of(
                Input.choice(
                        "ground",
                        "Counterpoise",
                        "4",
                        "four radials",
                        "3",
                        "three radials",
                        "2",
                        "two radials",
                        "mesh",
                        "mesh"),
                Input.number(
                        SLOPE, "Lean from the vertical", Quantity.ANGLE, 0, 60, 20, "more, it is no vertical any more"),
                Input.length(
                        "radialM",
                        "Each radial, or the mesh to each side",
                        0.3 * quarter,
                        1.5 * quarter,
                        quarter,
                        "shorter is a tab; longer only weighs"),
                Common.metal(),
                Common.diameter("Element, thickness", 0.005, frequencyHz),
                Input.length(
                        "depthM", "Element inside its foot", 0, 0.05, 0.015, "down to where the screw still holds"));
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        return List.of(
                Dimension.tuned(ELEMENT, "A", "element", Common.quarterM(in.frequencyHz()), Common.RULE_234),
                Dimension.given(RADIAL, "B", "each radial, or to each side", in.get("radialM")),
                Dimension.given(SLOPE, "C", "lean", in.get(SLOPE)).as(Quantity.ANGLE));
    }

    @Override
    public Goal goal(Inputs in) {
        return new Goal.Resonance(ELEMENT, 0.7, 1.3);
    }

    @Override
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        double b = shape.get(RADIAL);
        AirbandWhip.Counterpoise ground = in.has("ground", "mesh")
                ? new AirbandWhip.Skin(new Plate(2 * b, 2 * b, OPENING_WAVES * in.waveM(), MESH_WIRE_M))
                : AirbandWhip.Radials.even(Integer.parseInt(in.choice("ground")), b, 0.002);
        return Optional.of(
                new AirbandWhip(shape.get(ELEMENT), shape.get(SLOPE), Common.radiusM(in), ground, Common.conductor(in))
                        .assemble());
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        Piece element = Piece.of(1, "element", 1, shape.get(ELEMENT), Common.rod(in))
                .tunedBy(ELEMENT)
                .extra(in.get("depthM"), "in the foot");
        double b = shape.get(RADIAL);
        if (!in.has("ground", "mesh")) {
            int n = Integer.parseInt(in.choice("ground"));
            return List.of(
                    element,
                    Piece.of(2, "radial", n, b, "copper strip or wire, 4 mm").extra(0.02, "for the lug"));
        }
        int lines = 2 * (int) Math.max(1, Math.round(b / (OPENING_WAVES * in.waveM()))) + 1;
        return List.of(
                element,
                Piece.of(2, "wire of the mesh", 2 * lines, 2 * b, "copper wire, 2 mm")
                        .extra(0.01, "for the ends"));
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        return List.of("insulated foot with its connector", "lugs, a bonding strap", "doubler plate as the papers say");
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.ROD)
                .join("lugs", "Lug, solder and bond every radial to the foot's ring; all of one length.")
                .mount(
                        "fit",
                        "Fit the foot with its doubler, the counterpoise flat against the skin.",
                        Caution.AIRWORTHINESS)
                .clamped()
                .swept("outside the hangar, doors shut, nobody near")
                .tune(
                        "span",
                        "Read SWR at both ends of the band and at 121.5 MHz: even ends first, then the worst of them.")
                .trimmed("the element")
                .tune("radials", "Trim all radials alike, and only after the element.")
                .weatherproofed();
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        List<Wire> w = a.structure().wires();
        Point foot = w.get(0).from();
        Point tip = w.get(0).to();
        Point out = new Point(shape.get(RADIAL), 0, 0);
        // Below the mesh, where its wires do not cross the figures.
        Point aside = in.has("ground", "mesh") ? new Point(0, -shape.get(RADIAL), 0) : new Point(0, 0, 0);
        Sketch side = new Sketch("From the side", Sketch.From.FRONT)
                .of(a)
                .measure(foot, tip, -1, "A")
                .words(
                        foot.toward(tip, 0.3).plus(new Point(0.07 * shape.get(ELEMENT), 0, 0)),
                        String.format(Locale.ROOT, "C %.0f°", shape.get(SLOPE)))
                .piece(foot.toward(tip, 0.65), 1);
        Sketch above = new Sketch("From above, leaning to the right", Sketch.From.ABOVE)
                .of(a)
                .measure(foot.plus(aside), out.plus(aside), 1, "B")
                .piece(foot.toward(out, 0.8), 2);
        return new Drawing(List.of(side.view(), above.view()));
    }
}
