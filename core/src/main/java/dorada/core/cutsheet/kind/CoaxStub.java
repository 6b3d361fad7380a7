package dorada.core.cutsheet.kind;

import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Drawing.Style;
import dorada.core.cutsheet.Input;
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
import dorada.core.rf.Impedance;
import dorada.core.safety.Caution;
import dorada.core.wire.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A quarter-wave of coaxial line, open or shorted at its end. */
public final class CoaxStub implements CutKind {

    private static final String LENGTH = "length";

    @Override
    public String id() {
        return "coax-stub";
    }

    @Override
    public String title() {
        return "quarter-wave coaxial stub";
    }

    @Override
    public String about() {
        return "Across a line: open it shorts one frequency, shorted it lets one through. Also a matching section.";
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
        String[] lines = Feedline.ALL.stream()
                .flatMap(f -> List.of(f.id(), f.title()).stream())
                .toArray(String[]::new);
        all.add(Input.choice("line", "Line", lines));
        all.add(Input.choice("end", "Far end", "shorted", "shorted", "open", "open"));
        all.addAll(Shortening.inputs(0.66, "a quarter-wave of it", frequencyHz));
        return all;
    }

    private static Feedline line(Inputs in) {
        return Feedline.byId(in.choice("line")).orElseThrow();
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        double factor = Math.min(1, Shortening.factor(in, line(in).velocityFactor(), 0.25));
        return List.of(Dimension.tuned(
                LENGTH,
                "A",
                "stub, from the joint to its end",
                factor * in.waveM() / 4,
                String.format(Locale.ROOT, "velocity factor %.3f × c/4f: formula", factor)));
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        return List.of(Piece.of(1, "stub", 1, shape.get(LENGTH), line(in).title())
                .tunedBy(LENGTH)
                .extra(in.has("end", "shorted") ? 0.02 : 0.012, "for stripped ends"));
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        return List.of("T-adapter or a soldered branch", "shrink tube");
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.COAX)
                .soldered()
                .tune(
                        "first-sweep",
                        "At the analyser: shorted, a quarter-wave shows its highest resistance; open, its lowest. Read that"
                                + " frequency.",
                        Caution.RADIO_OFF_THE_LINE)
                .tune(
                        "trim",
                        "Too low: shorten a little at the far end, and for a shorted one join centre and shield anew each time.")
                .finish("seal", "Seal the far end with shrink tube; do not bend it sharply.");
    }

    @Override
    public List<String> notes(Inputs in, Shape shape) {
        Feedline f = line(in);
        Line line = f.line(shape.get(LENGTH));
        boolean shorted = in.has("end", "shorted");
        Impedance seen = new Network.Stub(line, shorted).seen(new Impedance(1e9, 0), in.frequencyHz());
        return List.of(String.format(
                Locale.ROOT,
                shorted
                        ? "At its joint it shows %.0f Ω: next to nothing across a line of 50 Ω."
                        : "At its joint it shows %.2f Ω: all but a short across the line.",
                seen.resistanceOhm()));
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        double a = shape.get(LENGTH);
        double d = line(in).diameterM();
        Point joint = new Point(0, 0, 0);
        Point end = new Point(a, 0, 0);
        Sketch side = new Sketch("As it lies", Sketch.From.FRONT)
                .stroke(joint, end, d, Style.COAX)
                .stroke(new Point(0, 0, -0.15 * a), new Point(0, 0, 0.15 * a), d, Style.COAX)
                .measure(joint, end, 1, "A")
                .piece(joint.toward(end, 0.5), 1);
        double seen = 4 * d;
        Sketch detail = new Sketch("Far end, enlarged", Sketch.From.FRONT)
                .stroke(joint, end.plus(new Point(-d, 0, 0)), d, Style.COAX)
                .stroke(joint, end, d / 5, Style.METAL)
                .words(
                        end.plus(new Point(-3.5 * d, 0, 2 * d)),
                        in.has("end", "shorted") ? "centre and shield joined" : "nothing joined");
        if (in.has("end", "shorted")) {
            detail.stroke(end, end.plus(new Point(-d, 0, d / 2)), d / 8, Style.METAL);
        }
        return new Drawing(List.of(side.view(), detail.enlarged(end, seen)));
    }
}
