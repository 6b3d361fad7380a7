package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.GroundPlane;
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
import dorada.core.cutsheet.Shortening;
import dorada.core.cutsheet.Sketch;
import dorada.core.safety.Caution;
import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Sheath;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
    public String title() {
        return isRod ? "rod ground plane on a chassis connector" : "wire ground plane";
    }

    @Override
    public String about() {
        return isRod
                ? "Rods soldered to a chassis connector: an evening's work for a mast, a pole or a window."
                : "A quarter-wave of wire over hanging radials: light, hung from a branch or a pole.";
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
        all.add(Input.choice("radials", "Radials", "4", "four", "3", "three", "2", "two"));
        all.add(Input.number(
                DROOP, "Droop below the level", Quantity.ANGLE, 0, 70, 45, "steeper, they are part of the line"));
        if (isRod) {
            all.add(Common.metal());
            all.add(Common.diameter("Rods, thickness", 0.003, frequencyHz));
            all.add(Input.length("pinM", "Rod inside the connector's pin", 0, 0.02, 0.005, "the depth of the cup"));
        } else {
            all.add(Common.diameter("Wire, thickness", 0.0015, frequencyHz));
            all.add(Common.insulation());
            all.addAll(Shortening.inputs(Shortening.INSULATED, "a quarter-wave", frequencyHz));
        }
        return all;
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        double quarter = isRod ? Common.quarterM(in.frequencyHz()) : Common.wireFactor(in, 0.25) * in.waveM() / 4;
        String source = isRod ? Common.RULE_234 : Common.wireSource(in, Common.RULE_234);
        return List.of(
                Dimension.tuned(ELEMENT, "A", "upright element", quarter, source),
                Dimension.byRule(
                        RADIAL, "B", "each radial", LONGER * quarter, "5 % longer; common practice, no source"),
                Dimension.given(DROOP, "C", "droop", in.get(DROOP)).as(Quantity.ANGLE));
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
        String stock = isRod ? Common.rod(in) : Common.wire(in);
        Piece element =
                Piece.of(1, "upright element", 1, shape.get(ELEMENT), stock).tunedBy(ELEMENT);
        Piece radial = Piece.of(2, "radial", count(in), shape.get(RADIAL), stock);
        return isRod
                ? List.of(
                        element.extra(in.get("pinM"), "in the pin"),
                        radial.extra(hookM(in), "for a hook round the flange's screw"))
                : List.of(
                        element.extra(0.05, "for an eye at the top and solder at the bottom")
                                .spliceable(),
                        radial.extra(0.02, "for the solder joint").spliceable());
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        return isRod
                ? List.of(
                        "chassis connector with four flange holes",
                        "four screws or solder",
                        "pipe or bracket for the mast")
                : List.of(
                        "chassis connector or a soldered line end",
                        "cord and an insulator for the top",
                        "thin spreaders");
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        Procedure p = Procedure.of(isRod ? Metal.ROD : Metal.WIRE)
                .soldered()
                .join(
                        "bend",
                        String.format(
                                Locale.ROOT,
                                "Bend all radials alike, %.0f° below the level, evenly round the element.",
                                shape.get(DROOP)))
                .swept("clear of everything by a wavelength, the line straight down")
                .tune("droop", "Resistance too low: bend the radials further down; too high: further up. All alike.")
                .trimmed("the upright element")
                .raised();
        return p.finish("cap", "Cap the rods' ends.", Caution.ROD_ENDS).weatherproofed();
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        List<Wire> wires = a.structure().wires();
        Point foot = wires.get(0).from();
        Sketch side = new Sketch("From the side", Sketch.From.FRONT)
                .of(a)
                .measure(foot, wires.get(0).to(), -1, "A")
                .measure(foot, wires.get(1).to(), -1, "B", shape.get(RADIAL))
                .words(
                        foot.plus(new Point(-0.75 * shape.get(ELEMENT), 0, -0.15 * shape.get(ELEMENT))),
                        String.format(Locale.ROOT, "C %.0f°", shape.get(DROOP)))
                .piece(foot.toward(wires.get(0).to(), 0.7), 1)
                .piece(foot.toward(wires.get(1).to(), 0.8), 2);
        Sketch above = new Sketch("From above", Sketch.From.ABOVE).of(a);
        double seen = 0.03;
        Sketch detail = new Sketch("Feed, enlarged", Sketch.From.FRONT)
                .of(a)
                .stroke(
                        foot.plus(new Point(-0.012, 0, -0.002)),
                        foot.plus(new Point(0.012, 0, -0.002)),
                        0.002,
                        Style.METAL)
                .stroke(foot.plus(new Point(0, 0, -0.004)), foot.plus(new Point(0, 0, -3 * seen)), 0.01, Style.COAX)
                .words(foot.plus(new Point(0.004, 0, 0.02)), "centre to the element")
                .words(foot.plus(new Point(0.004, 0, 0.008)), "shield to the radials");
        return new Drawing(List.of(side.view(), above.view(), detail.enlarged(foot, seen)));
    }
}
