package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.GroundPlane;
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
import dorada.core.safety.Caution;
import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Sheath;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A quarter-wave over two, three or four radials: of wire, or of rods on a chassis connector. */
public final class GroundPlaneOnRadials implements CutKind {

    private static final String ELEMENT = "element";
    private static final String RADIAL = "radial";
    private static final String DROOP = "droopDeg";
    /** The screws of a chassis connector's flange, and what pliers hold; common practice, no source. */
    private static final double SCREW_M = 0.003;

    private static final double HELD_M = 0.005;

    /** Radials are cut a little longer than the element: common practice, no source. */
    private static final double LONGER = 1.05;

    private final boolean isRod;

    /** @param isRod true for rods on a chassis connector, false for wire */
    public GroundPlaneOnRadials(boolean isRod) {
        this.isRod = isRod;
    }

    @Override
    public String id() {
        return isRod ? "rod-ground-plane" : "wire-ground-plane";
    }

    @Override
    public Outcome title() {
        return isRod ? Say.ROD_GROUND_PLANE_ON_A_CHASSIS.of() : Say.WIRE_GROUND_PLANE.of();
    }

    @Override
    public Outcome about() {
        return isRod ? Say.RODS_SOLDERED_TO_A_CHASSIS_CONNECTOR.of() : Say.A_QUARTER_WAVE_OF_WIRE_OVER.of();
    }

    @Override
    public double lowestHz() {
        return 25e6;
    }

    @Override
    public double highestHz() {
        return 1e9;
    }

    @Override
    public double doubt() {
        return isRod ? 0.06 : 0.08;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        List<Input> all = new ArrayList<>();
        all.add(Input.choice(
                "radials",
                Say.RADIALS.of(),
                new Option("4", CutWord.FOUR.of()),
                new Option("3", CutWord.THREE.of()),
                new Option("2", CutWord.TWO.of())));
        all.add(Input.number(DROOP, Say.DROOP_BELOW_THE_LEVEL.of(), Quantity.ANGLE, 0, 70, 45, Say.STEEPER.of()));
        if (isRod) {
            all.add(Common.metal());
            all.add(Common.diameter(Say.RODS.of(), 0.003, frequencyHz));
            all.add(Input.length(
                    "pinM", Say.ROD_INSIDE_THE_CONNECTORS_PIN.of(), 0, 0.02, 0.005, Say.THE_DEPTH_OF_THE_CUP.of()));
        } else {
            all.add(Common.diameter(CutWord.WIRE_THICKNESS.of(), 0.0015, frequencyHz));
            all.add(Common.insulation());
            all.addAll(Shortening.inputs(Shortening.INSULATED, Say.A_QUARTER_WAVE.of(), frequencyHz));
        }
        return all;
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        double quarter = isRod ? Common.quarterM(in.frequencyHz()) : Common.wireFactor(in, 0.25) * in.waveM() / 4;
        Outcome source = isRod ? Common.RULE_234 : Common.wireSource(in, Common.RULE_234);
        return List.of(
                Dimension.tuned(ELEMENT, "A", Say.UPRIGHT_ELEMENT.of(), quarter, source),
                Dimension.byRule(RADIAL, "B", Say.EACH_RADIAL.of(), LONGER * quarter, Say.FIVE_PER_CENT_LONGER.of()),
                Dimension.given(DROOP, "C", Say.DROOP.of(), in.get(DROOP)).as(Quantity.ANGLE));
    }

    @Override
    public Goal goal(Inputs in) {
        return new Goal.Resonance(ELEMENT);
    }

    @Override
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        Assembly a = new GroundPlane(
                        shape.get(ELEMENT),
                        Common.radiusM(in),
                        count(in),
                        shape.get(RADIAL),
                        shape.get(DROOP),
                        isRod ? Common.conductor(in) : Conductor.COPPER)
                .assemble();
        if (isRod || in.get(Common.INSULATION) == 0) {
            return Optional.of(a);
        }
        List<Wire> insulated = a.structure().wires().stream()
                .map(w -> w.in(Sheath.insulation(w.radiusM(), in.get(Common.INSULATION), Common.PLASTIC)))
                .toList();
        return Optional.of(a.in(Structure.inFreeSpace(insulated)));
    }

    /** Three quarters of a turn about a screw, along the middle of the rod, and a little to hold it by while it is bent. */
    private static double hookM(Inputs in) {
        return 0.75 * Math.PI * (SCREW_M + in.get(Common.DIAMETER)) + HELD_M;
    }

    private static int count(Inputs in) {
        return Integer.parseInt(in.choice("radials"));
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        Outcome stock = isRod ? Common.rod(in) : Common.wire(in);
        Piece element = Piece.of(1, Say.UPRIGHT_ELEMENT.of(), 1, shape.get(ELEMENT), stock)
                .tunedBy(ELEMENT);
        Piece radial = Piece.of(2, CutWord.RADIAL.of(), count(in), shape.get(RADIAL), stock);
        return isRod
                ? List.of(
                        element.extra(in.get("pinM"), Say.IN_THE_PIN.of()),
                        radial.extra(hookM(in), Say.FOR_A_HOOK_ROUND_THE_FLANGES.of()))
                : List.of(
                        element.extra(0.05, Say.FOR_AN_EYE_AT_THE_TOP.of()).spliceable(),
                        radial.extra(0.02, Say.FOR_THE_SOLDER_JOINT.of()).spliceable());
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        return isRod
                ? List.of(
                        Say.CHASSIS_CONNECTOR_WITH_FOUR_FLANGE_HOLES.of(),
                        Say.FOUR_SCREWS_OR_SOLDER.of(),
                        Say.PIPE_OR_BRACKET_FOR_THE_MAST.of())
                : List.of(
                        Say.CHASSIS_CONNECTOR_OR_A_SOLDERED_LINE.of(),
                        Say.CORD_AND_AN_INSULATOR_FOR_THE.of(),
                        Say.THIN_SPREADERS.of());
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        Procedure p = Procedure.of(isRod ? Metal.ROD : Metal.WIRE)
                .soldered()
                .join("bend", Say.BEND_ALL_RADIALS.of(shape.get(DROOP)))
                .swept(Say.CLEAR_OF_EVERYTHING_BY_A_WAVELENGTH.of())
                .tune("droop", Say.RESISTANCE_TOO_LOW.of())
                .trimmed(Say.THE_UPRIGHT_ELEMENT.of())
                .raised();
        return p.finish("cap", Say.CAP_THE_RODS_ENDS.of(), Caution.ROD_ENDS).weatherproofed();
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        List<Wire> wires = a.structure().wires();
        Point foot = wires.get(0).from();
        Sketch side = new Sketch(CutWord.FROM_THE_SIDE.of(), Sketch.From.FRONT)
                .of(a)
                .measure(foot, wires.get(0).to(), -1, "A")
                .measure(foot, wires.get(1).to(), -1, "B", shape.get(RADIAL))
                .words(
                        foot.plus(new Point(-0.75 * shape.get(ELEMENT), 0, -0.15 * shape.get(ELEMENT))),
                        CutWord.MARKED_ANGLE.of("C", shape.get(DROOP)))
                .piece(foot.toward(wires.get(0).to(), 0.7), 1)
                .piece(foot.toward(wires.get(1).to(), 0.8), 2);
        Sketch above = new Sketch(CutWord.FROM_ABOVE.of(), Sketch.From.ABOVE).of(a);
        double seen = 0.03;
        Sketch detail = new Sketch(CutWord.FEED_ENLARGED.of(), Sketch.From.FRONT)
                .of(a)
                .stroke(
                        foot.plus(new Point(-0.012, 0, -0.002)),
                        foot.plus(new Point(0.012, 0, -0.002)),
                        0.002,
                        Style.METAL)
                .stroke(foot.plus(new Point(0, 0, -0.004)), foot.plus(new Point(0, 0, -3 * seen)), 0.01, Style.COAX)
                .words(foot.plus(new Point(0.004, 0, 0.02)), Say.CENTRE_TO_THE_ELEMENT.of())
                .words(foot.plus(new Point(0.004, 0, 0.008)), Say.SHIELD_TO_THE_RADIALS.of());
        return new Drawing(List.of(side.view(), above.view(), detail.enlarged(foot, seen)));
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        BEND_ALL_RADIALS("droopDeg"),
        ROD_GROUND_PLANE_ON_A_CHASSIS,
        WIRE_GROUND_PLANE,
        RODS_SOLDERED_TO_A_CHASSIS_CONNECTOR,
        A_QUARTER_WAVE_OF_WIRE_OVER,
        RADIALS,
        DROOP_BELOW_THE_LEVEL,
        STEEPER,
        RODS,
        ROD_INSIDE_THE_CONNECTORS_PIN,
        THE_DEPTH_OF_THE_CUP,
        A_QUARTER_WAVE,
        UPRIGHT_ELEMENT,
        EACH_RADIAL,
        FIVE_PER_CENT_LONGER,
        DROOP,
        IN_THE_PIN,
        FOR_A_HOOK_ROUND_THE_FLANGES,
        FOR_AN_EYE_AT_THE_TOP,
        FOR_THE_SOLDER_JOINT,
        CHASSIS_CONNECTOR_WITH_FOUR_FLANGE_HOLES,
        FOUR_SCREWS_OR_SOLDER,
        PIPE_OR_BRACKET_FOR_THE_MAST,
        CHASSIS_CONNECTOR_OR_A_SOLDERED_LINE,
        CORD_AND_AN_INSULATOR_FOR_THE,
        THIN_SPREADERS,
        CLEAR_OF_EVERYTHING_BY_A_WAVELENGTH,
        RESISTANCE_TOO_LOW,
        THE_UPRIGHT_ELEMENT,
        CAP_THE_RODS_ENDS,
        CENTRE_TO_THE_ELEMENT,
        SHIELD_TO_THE_RADIALS;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.groundPlaneOnRadials";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
