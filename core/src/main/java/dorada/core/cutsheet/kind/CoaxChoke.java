package dorada.core.cutsheet.kind;

import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Drawing.Style;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.InputException;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Procedure.Metal;
import dorada.core.cutsheet.Quantity;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Sketch;
import dorada.core.line.Feedline;
import dorada.core.wire.Point;
import java.util.List;
import java.util.Locale;

/**
 * A choke of a few turns of the line itself. Its own capacitance makes it resonate: below that it is a coil, above it is
 * a capacitor and chokes less and less.
 */
public final class CoaxChoke implements CutKind {

    private static final String TURNS = "turns";
    private static final String ACROSS = "acrossM";
    /** What a choke should show against the common mode, ten times the line: common practice, no source. */
    private static final double ENOUGH_OHM = 500;

    /**
     * Self-capacitance of a coil of one layer in picofarad per centimetre of its diameter, against length/diameter: R. G.
     * Medhurst, Wireless Engineer 24 (1947), from memory.
     */
    private static final double[][] MEDHURST = {
        {0.1, 0.96},
        {0.15, 0.79},
        {0.2, 0.7},
        {0.3, 0.6},
        {0.4, 0.57},
        {0.5, 0.54},
        {0.7, 0.47},
        {1, 0.46},
        {2, 0.5},
        {5, 0.81}
    };

    @Override
    public String id() {
        return "coax-choke";
    }

    @Override
    public String title() {
        return "choke of coax turns";
    }

    @Override
    public String about() {
        return "Keeps the current off the line's outside: five or six turns help at CB and are doubtful at 2 m.";
    }

    @Override
    public double lowestHz() {
        return 1.8e6;
    }

    @Override
    public double highestHz() {
        return 520e6;
    }

    @Override
    public double doubt() {
        return 0.3;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        String[] lines = Feedline.ALL.stream()
                .filter(f -> !f.id().startsWith("ribbon") && !f.id().startsWith("ladder"))
                .flatMap(f -> List.of(f.id(), f.title()).stream())
                .toArray(String[]::new);
        return List.of(
                Input.choice("line", "Line", lines),
                Input.number(TURNS, "Turns", Quantity.COUNT, 2, 20, 6, "one turn is none; more than twenty is a roll"),
                Input.length(ACROSS, "Across the turns, mean", 0.03, 0.4, 0.1, "what the line bears without a kink"));
    }

    @Override
    public void check(Inputs in) {
        double d = line(in).diameterM();
        if (in.get(ACROSS) < 8 * d) {
            throw new InputException(
                    ACROSS,
                    "This line is " + Common.millimetres(d) + " thick: bend it no tighter than "
                            + Inputs.words(Quantity.LENGTH, 8 * d) + " across, or it kinks.");
        }
    }

    private static Feedline line(Inputs in) {
        return Feedline.byId(in.choice("line")).orElseThrow();
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        return List.of(
                Dimension.given(TURNS, "n", "turns", in.get(TURNS)).as(Quantity.COUNT),
                Dimension.given(ACROSS, "A", "across the turns, mean", in.get(ACROSS)),
                Dimension.byRule(
                        "line",
                        "B",
                        "line for it",
                        Coil.wireM(in.get(TURNS), in.get(ACROSS), line(in).diameterM()),
                        "length of the winding: formula"));
    }

    /** What it shows against the common mode, in ohms, inductive above 0, and where it resonates, in Hz. */
    static double[] choking(double turns, double acrossM, double thickM, double frequencyHz) {
        double length = turns * thickM;
        double henry = Coil.henry(turns, acrossM, length);
        double farad = medhurst(length / acrossM) * acrossM * 100 * 1e-12;
        double own = 1 / (2 * Math.PI * Math.sqrt(henry * farad));
        double omega = 2 * Math.PI * frequencyHz;
        double x = omega * henry / (1 - Math.pow(frequencyHz / own, 2));
        return new double[] {x, own};
    }

    private static double medhurst(double share) {
        int i = 0;
        while (i < MEDHURST.length - 2 && MEDHURST[i + 1][0] < share) {
            i++;
        }
        double t = (share - MEDHURST[i][0]) / (MEDHURST[i + 1][0] - MEDHURST[i][0]);
        double limited = Math.max(0, Math.min(1, t));
        return MEDHURST[i][1] + limited * (MEDHURST[i + 1][1] - MEDHURST[i][1]);
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        return List.of(Piece.of(1, "line for the choke", 1, shape.get("line"), line(in).title())
                .extra(0.3, "for both tails"));
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        return List.of("cable ties or a piece of pipe to wind on", "ferrite cores instead, where the sheet says so");
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.COAX)
                .join(
                        "wind",
                        String.format(
                                Locale.ROOT,
                                "Wind %.0f turns side by side, in one layer and not as a bundle, and tie them.",
                                shape.get(TURNS)))
                .mount("place", "Fit it right below the feed, its ends apart from each other.")
                .tune("hand", "Grip the line below it: readings must not move.");
    }

    @Override
    public List<String> notes(Inputs in, Shape shape) {
        double[] z = choking(shape.get(TURNS), shape.get(ACROSS), line(in).diameterM(), in.frequencyHz());
        String own = String.format(Locale.ROOT, "By itself it resonates at %.0f MHz.", z[1] / 1e6);
        double near = in.frequencyHz() / z[1];
        String verdict;
        if (near > 1.5) {
            verdict = String.format(
                    Locale.ROOT,
                    "Here it is a capacitor of %.0f Ω: doubtful. Ferrite cores are surer on this band.",
                    -z[0]);
        } else if (Math.abs(z[0]) >= ENOUGH_OHM) {
            verdict = String.format(
                    Locale.ROOT,
                    "It shows %s Ω against the current on the line's outside: enough (%.0f wanted).",
                    Math.abs(z[0]) > 5000 ? "more than 5000" : String.format(Locale.ROOT, "%.0f", Math.abs(z[0])),
                    ENOUGH_OHM);
        } else {
            verdict = String.format(
                    Locale.ROOT,
                    "It shows only %.0f Ω; %.0f are wanted: more turns, or wider ones.",
                    Math.abs(z[0]),
                    ENOUGH_OHM);
        }
        return List.of(verdict, own + " The capacitance is an estimate: a third more or less is possible.");
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        double d = line(in).diameterM();
        double r = shape.get(ACROSS) / 2;
        int n = (int) Math.round(shape.get(TURNS));
        Sketch side = new Sketch("From the side", Sketch.From.FRONT);
        for (int i = 0; i < n; i++) {
            double z = i * d * 1.05;
            side.stroke(new Point(-r, 0, z), new Point(r, 0, z + d / 2), d * 0.9, Style.COAX);
        }
        double top = n * d * 1.05;
        side.stroke(new Point(r, 0, top), new Point(r, 0, top + r), d * 0.9, Style.COAX)
                .stroke(new Point(-r, 0, 0), new Point(-r, 0, -r), d * 0.9, Style.COAX)
                .measure(new Point(-r, 0, 0), new Point(r, 0, 0), 2, "A")
                .piece(new Point(r, 0, top + r), 1);
        return new Drawing(List.of(side.view()));
    }
}
