package dorada.core.cutsheet.kind;

import dorada.core.antenna.AirbandWhip;
import dorada.core.antenna.Assembly;
import dorada.core.antenna.Plate;
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
import dorada.core.cutsheet.Quantity;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Sketch;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.safety.Caution;
import dorada.core.wire.Point;
import dorada.core.wire.Wire;
import java.util.List;
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
    public Outcome title() {
        return Say.TITLE.of();
    }

    @Override
    public Outcome about() {
        return Say.ABOUT.of();
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
                        CutWord.COUNTERPOISE.of(),
                        new Option("4", Say.FOUR_RADIALS.of()),
                        new Option("3", Say.THREE_RADIALS.of()),
                        new Option("2", Say.TWO_RADIALS.of()),
                        new Option("mesh", Say.MESH.of())),
                Input.number(SLOPE, Say.LEAN_FROM_THE_VERTICAL.of(), Quantity.ANGLE, 0, 60, 20, Say.MORE.of()),
                Input.length(
                        "radialM",
                        Say.EACH_RADIAL.of(),
                        0.3 * quarter,
                        1.5 * quarter,
                        quarter,
                        Say.SHORTER_IS_A_TAB.of()),
                Common.metal(),
                Common.diameter(Say.ELEMENT.of(), 0.005, frequencyHz),
                Input.length(
                        "depthM",
                        Say.ELEMENT_INSIDE_ITS_FOOT.of(),
                        0,
                        0.05,
                        0.015,
                        CutWord.DOWN_TO_WHERE_THE_SCREW_STILL.of()));
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        return List.of(
                Dimension.tuned(
                        ELEMENT, "A", Say.MEASURE_ELEMENT.of(), Common.quarterM(in.frequencyHz()), Common.RULE_234),
                Dimension.given(RADIAL, "B", Say.EACH_RADIAL_OR.of(), in.get("radialM")),
                Dimension.given(SLOPE, "C", Say.LEAN.of(), in.get(SLOPE)).as(Quantity.ANGLE));
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
        Piece element = Piece.of(1, Say.MEASURE_ELEMENT.of(), 1, shape.get(ELEMENT), Common.rod(in))
                .tunedBy(ELEMENT)
                .extra(in.get("depthM"), Say.IN_THE_FOOT.of());
        double b = shape.get(RADIAL);
        if (!in.has("ground", "mesh")) {
            int n = Integer.parseInt(in.choice("ground"));
            return List.of(
                    element,
                    Piece.of(2, CutWord.RADIAL.of(), n, b, Say.COPPER_STRIP_OR_WIRE.of())
                            .extra(0.02, Say.FOR_THE_LUG.of()));
        }
        int lines = 2 * (int) Math.max(1, Math.round(b / (OPENING_WAVES * in.waveM()))) + 1;
        return List.of(
                element,
                Piece.of(2, Say.WIRE_OF_THE_MESH.of(), 2 * lines, 2 * b, Say.COPPER_WIRE.of())
                        .extra(0.01, Say.FOR_THE_ENDS.of()));
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        return List.of(
                Say.INSULATED_FOOT_WITH_ITS_CONNECTOR.of(), Say.LUGS.of(), Say.DOUBLER_PLATE_AS_THE_PAPERS_SAY.of());
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.ROD)
                .join("lugs", Say.LUG.of())
                .mount("fit", Say.FIT_THE_FOOT_WITH_ITS_DOUBLER.of(), Caution.AIRWORTHINESS)
                .clamped()
                .swept(Say.OUTSIDE_THE_HANGAR.of())
                .tune("span", Say.READ_SWR_AT_BOTH_ENDS_OF.of())
                .trimmed(Say.THE_ELEMENT.of())
                .tune("radials", Say.TRIM_ALL_RADIALS_ALIKE.of())
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
        Sketch side = new Sketch(CutWord.FROM_THE_SIDE.of(), Sketch.From.FRONT)
                .of(a)
                .measure(foot, tip, -1, "A")
                .words(
                        foot.toward(tip, 0.3).plus(new Point(0.07 * shape.get(ELEMENT), 0, 0)),
                        CutWord.MARKED_ANGLE.of("C", shape.get(SLOPE)))
                .piece(foot.toward(tip, 0.65), 1);
        Sketch above = new Sketch(Say.FROM_ABOVE.of(), Sketch.From.ABOVE)
                .of(a)
                .measure(foot.plus(aside), out.plus(aside), 1, "B")
                .piece(foot.toward(out, 0.8), 2);
        return new Drawing(List.of(side.view(), above.view()));
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        TITLE,
        ABOUT,
        FOUR_RADIALS,
        THREE_RADIALS,
        TWO_RADIALS,
        MESH,
        LEAN_FROM_THE_VERTICAL,
        MORE,
        EACH_RADIAL,
        SHORTER_IS_A_TAB,
        ELEMENT,
        ELEMENT_INSIDE_ITS_FOOT,
        MEASURE_ELEMENT,
        EACH_RADIAL_OR,
        LEAN,
        IN_THE_FOOT,
        COPPER_STRIP_OR_WIRE,
        FOR_THE_LUG,
        WIRE_OF_THE_MESH,
        COPPER_WIRE,
        FOR_THE_ENDS,
        INSULATED_FOOT_WITH_ITS_CONNECTOR,
        LUGS,
        DOUBLER_PLATE_AS_THE_PAPERS_SAY,
        LUG,
        FIT_THE_FOOT_WITH_ITS_DOUBLER,
        OUTSIDE_THE_HANGAR,
        READ_SWR_AT_BOTH_ENDS_OF,
        THE_ELEMENT,
        TRIM_ALL_RADIALS_ALIKE,
        FROM_ABOVE;

        @Override
        public String area() {
            return "cut.airbandQuarterWave";
        }
    }
}
