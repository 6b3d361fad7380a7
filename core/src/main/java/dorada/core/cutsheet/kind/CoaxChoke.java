package dorada.core.cutsheet.kind;

import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.CutWord;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Drawing.Style;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Input.Option;
import dorada.core.cutsheet.InputException;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Procedure.Metal;
import dorada.core.cutsheet.Quantity;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Sketch;
import dorada.core.line.Feedline;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.wire.Point;
import java.util.List;

/**
 * A choke of a few turns of the line itself. Its own capacitance makes it resonate: below that it is a coil, above it is
 * a capacitor and chokes less and less.
 */
public final class CoaxChoke implements CutKind {

    private static final String TURNS = "turns";
    private static final String ACROSS = "acrossM";
    /** What a choke should show against the common mode, ten times the line: common practice, no source. */
    private static final double ENOUGH_OHM = 500;

    /** Beyond, figures mean nothing: it resonates. */
    private static final double MUCH_OHM = 5000;

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
    public Outcome title() {
        return Say.TITLE.of();
    }

    @Override
    public Outcome about() {
        return Say.ABOUT.of();
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
        List<Option> lines = Feedline.ALL.stream()
                .filter(f -> !f.id().startsWith("ribbon") && !f.id().startsWith("ladder"))
                .map(f -> new Option(f.id(), f.words()))
                .toList();
        return List.of(
                Input.choice("line", Say.LINE.of(), lines),
                Input.number(TURNS, Say.TURNS.of(), Quantity.COUNT, 2, 20, 6, Say.ONE_TURN_IS_NONE.of()),
                Input.length(
                        ACROSS, Say.ACROSS_THE_TURNS.of(), 0.03, 0.4, 0.1, Say.WHAT_THE_LINE_BEARS_WITHOUT_A.of()));
    }

    @Override
    public void check(Inputs in) {
        double d = line(in).diameterM();
        if (in.get(ACROSS) < 8 * d) {
            throw new InputException(ACROSS, Say.TOO_TIGHT.of(d, 8 * d));
        }
    }

    private static Feedline line(Inputs in) {
        return Feedline.byId(in.choice("line")).orElseThrow();
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        return List.of(
                Dimension.given(TURNS, "n", Say.MEASURE_TURNS.of(), in.get(TURNS))
                        .as(Quantity.COUNT),
                Dimension.given(ACROSS, "A", Say.ACROSS_THE_TURNS_MEAN.of(), in.get(ACROSS)),
                Dimension.byRule(
                        "line",
                        "B",
                        Say.LINE_FOR_IT.of(),
                        Coil.wireM(in.get(TURNS), in.get(ACROSS), line(in).diameterM()),
                        Say.LENGTH_OF_THE_WINDING.of()));
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
        return List.of(Piece.of(1, Say.LINE_FOR_THE_CHOKE.of(), 1, shape.get("line"), line(in).words())
                .extra(0.3, Say.FOR_BOTH_TAILS.of()));
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        return List.of(Say.CABLE_TIES_OR_A_PIECE_OF.of(), Say.FERRITE_CORES_INSTEAD.of());
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.COAX)
                .join("wind", Say.WIND.of((int) Math.round(shape.get(TURNS))))
                .mount("place", Say.FIT_IT_RIGHT_BELOW_THE_FEED.of())
                .tune("hand", Say.GRIP_THE_LINE_BELOW_IT.of());
    }

    @Override
    public List<Outcome> notes(Inputs in, Shape shape) {
        double[] z = choking(shape.get(TURNS), shape.get(ACROSS), line(in).diameterM(), in.frequencyHz());
        Outcome own = Say.RESONATES_AT.of(z[1]);
        double near = in.frequencyHz() / z[1];
        Outcome verdict;
        if (near > 1.5) {
            verdict = Say.CAPACITOR.of(-z[0]);
        } else if (Math.abs(z[0]) >= ENOUGH_OHM) {
            verdict = Math.abs(z[0]) > MUCH_OHM
                    ? Say.MORE_THAN_ENOUGH.of(MUCH_OHM, ENOUGH_OHM)
                    : Say.ENOUGH.of(Math.abs(z[0]), ENOUGH_OHM);
        } else {
            verdict = Say.TOO_LITTLE.of(Math.abs(z[0]), ENOUGH_OHM);
        }
        return List.of(verdict, own);
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        double d = line(in).diameterM();
        double r = shape.get(ACROSS) / 2;
        int n = (int) Math.round(shape.get(TURNS));
        Sketch side = new Sketch(CutWord.FROM_THE_SIDE.of(), Sketch.From.FRONT);
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

    /** What it says. */
    private enum Say implements OutcomeId {
        LINE,
        TOO_TIGHT("lineFineM", "leastSizeM"),
        WIND("turnsCount"),
        RESONATES_AT("ownWholeHz"),
        CAPACITOR("reactanceOhm"),
        ENOUGH("impedanceOhm", "wantedOhm"),
        MORE_THAN_ENOUGH("impedanceOhm", "wantedOhm"),
        TOO_LITTLE("impedanceOhm", "wantedOhm"),
        TITLE,
        ABOUT,
        TURNS,
        ONE_TURN_IS_NONE,
        ACROSS_THE_TURNS,
        WHAT_THE_LINE_BEARS_WITHOUT_A,
        MEASURE_TURNS,
        ACROSS_THE_TURNS_MEAN,
        LINE_FOR_IT,
        LENGTH_OF_THE_WINDING,
        LINE_FOR_THE_CHOKE,
        FOR_BOTH_TAILS,
        CABLE_TIES_OR_A_PIECE_OF,
        FERRITE_CORES_INSTEAD,
        FIT_IT_RIGHT_BELOW_THE_FEED,
        GRIP_THE_LINE_BELOW_IT;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.coaxChoke";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
