package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.WireLoop;
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
import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Sheath;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A full-wave loop of wire with a 4:1 balun. */
public final class FullWaveLoop implements CutKind {

    private static final String AROUND = "around";
    private static final String WIDTH = "width";
    /** 1005/f in feet: common practice, no source. */
    private static final double FEET = 1005 * 0.3048;

    @Override
    public String id() {
        return "full-wave-loop";
    }

    @Override
    public String title() {
        return "full-wave loop";
    }

    @Override
    public String about() {
        return "A wavelength of wire in a frame: a little gain, quiet; 100 to 200 Ω, hence a balun.";
    }

    @Override
    public double lowestHz() {
        return 3e6;
    }

    @Override
    public double highestHz() {
        return 1e9;
    }

    @Override
    public double doubt() {
        return 0.05;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        double around = FEET / (frequencyHz / Common.MHZ);
        List<Input> all = new ArrayList<>();
        all.add(Input.length(
                "widthM",
                "Width",
                0.08 * around,
                0.42 * around,
                around / 4,
                "narrower or flatter it is a folded dipole"));
        all.add(Input.choice("balun", "Balun", "4", "4:1", "2", "2:1", "1", "1:1"));
        all.add(Common.diameter("Wire, thickness", 0.0016, frequencyHz));
        all.add(Common.insulation());
        all.addAll(Shortening.inputs(FEET / 299.792458, "once around", frequencyHz));
        return all;
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        return List.of(
                Dimension.tuned(
                        AROUND,
                        "A",
                        "once around",
                        Shortening.factor(in, FEET / 299.792458, 1) * in.waveM(),
                        Shortening.source(in, "1005/f in feet; common practice, no source")),
                Dimension.given(WIDTH, "B", "width", in.get("widthM")));
    }

    @Override
    public Goal goal(Inputs in) {
        return new Goal.Resonance(AROUND);
    }

    @Override
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        double width = shape.get(WIDTH);
        double height = heightM(shape);
        Assembly a = new WireLoop(
                        width, height, 1, Double.parseDouble(in.choice("balun")), Common.radiusM(in), Conductor.COPPER)
                .assemble();
        double thick = in.get(Common.INSULATION);
        List<Wire> wires = a.structure().wires().stream()
                .map(w -> thick > 0 ? w.in(Sheath.insulation(w.radiusM(), thick, Common.PLASTIC)) : w)
                .toList();
        return Optional.of(a.in(Structure.inFreeSpace(wires)));
    }

    private static double heightM(Shape shape) {
        return Math.max(0.02 * shape.get(AROUND), shape.get(AROUND) / 2 - shape.get(WIDTH));
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        return List.of(Piece.of(1, "loop", 1, shape.get(AROUND), Common.wire(in))
                .tunedBy(AROUND)
                .extra(0.04, "for two crimps at the balun")
                .spliceable());
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        return List.of("balun " + in.choice("balun") + ":1", "frame or four cords with insulators", "two crimps");
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.WIRE)
                .join(
                        "corners",
                        String.format(
                                Locale.ROOT,
                                "Mark the corners from one end: at %s, then after %s, %s and %s.",
                                Inputs.words(Quantity.LENGTH, shape.get(WIDTH) / 2),
                                Inputs.words(Quantity.LENGTH, heightM(shape)),
                                Inputs.words(Quantity.LENGTH, shape.get(WIDTH)),
                                Inputs.words(Quantity.LENGTH, heightM(shape))))
                .soldered()
                .raised()
                .swept("in its final place, away from metal")
                .trimmed("the loop at the balun, both ends alike")
                .tune("shape", "Resistance too high: make it flatter; too low: squarer. Then trim again.")
                .weatherproofed();
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        List<Wire> w = a.structure().wires();
        double h = heightM(shape);
        Point low = w.get(0).from();
        Sketch front = new Sketch("From the front", Sketch.From.FRONT)
                .of(a)
                .measure(w.get(2).from(), w.get(2).to(), 1, "B")
                .measure(low, w.get(3).from(), -1, "h", h)
                .piece(w.get(1).from().toward(w.get(1).to(), 0.5), 1);
        Point feed = Sketch.feedOf(a);
        double seen = 0.05;
        Sketch detail = new Sketch("Feed, enlarged", Sketch.From.FRONT)
                .stroke(
                        feed.plus(new Point(-1, 0, 0)),
                        feed.plus(new Point(-0.008, 0, 0)),
                        in.get(Common.DIAMETER),
                        Style.METAL)
                .stroke(
                        feed.plus(new Point(0.008, 0, 0)),
                        feed.plus(new Point(1, 0, 0)),
                        in.get(Common.DIAMETER),
                        Style.METAL)
                .stroke(feed.plus(new Point(0, 0, -0.01)), feed.plus(new Point(0, 0, 0.01)), 0.03, Style.INSULATOR)
                .stroke(feed.plus(new Point(0, 0, -0.01)), feed.plus(new Point(0, 0, -1)), 0.005, Style.COAX)
                .words(feed.plus(new Point(-0.045, 0, 0.03)), "balun " + in.choice("balun") + ":1, a crimp each side");
        return new Drawing(List.of(front.view(), detail.enlarged(feed, seen)));
    }
}
