package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.EndFedHalfWave;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.CutWord;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Drawing.Style;
import dorada.core.cutsheet.Goal;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Input.Option;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Quantity;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.SheetSolver;
import dorada.core.cutsheet.Sketch;
import dorada.core.cutsheet.Solved;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.rf.Impedance;
import dorada.core.rf.Wavelength;
import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Watch;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;

/** A half-wave that is fed at its end through a high-ratio transformer: what a wire and a whip have in common. */
abstract sealed class TransformerFed implements CutKind permits EndFedWire, HalfWaveWhip {

    static final String LONG = "wire";
    static final String TAIL = "tail";
    private static final String COIL = "coil";
    private static final double BEGIN_OHM = 5000;
    private static final double LEAST = 0.8;
    private static final double MOST = 1.12;
    private static final double SURE = 1e-4;
    private static final int TRIALS = 40;
    /** So large a coil across does nothing. */
    private static final double NO_COIL_HENRY = 1;

    /** What suits most of them. */
    private static final String USUAL_RATIO = "49";

    /** Transformers that are sold. */
    public static final List<Integer> RATIOS = List.of(9, 16, 25, 36, 49, 64);

    /** By rule, in free space. */
    static final Outcome RULE = Say.RULE_468.of();

    @Override
    public final double highestHz() {
        return 512e6;
    }

    @Override
    public final double doubt() {
        return 0.12;
    }

    /** Where the transformer's high side meets it: "wire's end". */
    abstract Outcome foot();

    /** The half-wave by rule. */
    abstract Dimension longPiece(Inputs in);

    /** What the other half is called. */
    abstract Outcome tail();

    /** The choice of a transformer, and the length of the other half. */
    static List<Input> feed(double frequencyHz, Outcome tailTitle) {
        double wave = Wavelength.ofHz(frequencyHz);
        return List.of(
                Input.choice(
                        "ratio",
                        Say.TRANSFORMER.of(),
                        RATIOS.stream()
                                .map(r -> new Option(Integer.toString(r), CutWord.RATIO.of(r)))
                                .sorted(Comparator.comparing(o -> !o.id().equals(USUAL_RATIO)))
                                .toList()),
                Input.length(
                        "tailM",
                        tailTitle,
                        0.01 * wave,
                        0.1 * wave,
                        0.05 * wave,
                        Say.SOME_OTHER_HALF_IT_MUST_HAVE.of()));
    }

    @Override
    public final List<Dimension> dimensions(Inputs in) {
        return List.of(
                longPiece(in),
                Dimension.given(TAIL, "B", tail(), in.get("tailM")),
                Dimension.solved(
                        COIL,
                        "L",
                        Say.COIL_ACROSS_THE_TRANSFORMERS_HIGH_SIDE.of(),
                        Quantity.INDUCTANCE,
                        BEGIN_OHM / (2 * Math.PI * in.frequencyHz())));
    }

    @Override
    public final Goal goal(Inputs in) {
        return new Goal.Resonance(LONG, LEAST, MOST);
    }

    /** A half-wave is resonant where its end shows most; what reactance is left there, the coil takes away. */
    @Override
    public final Solved solve(Inputs in, Watch watch) {
        Shape start = Shape.start(dimensions(in)).with(COIL, NO_COIL_HENRY);
        int[] solves = {0};
        double share = new BrentOptimizer(SURE, SURE)
                .optimize(
                        new MaxEval(TRIALS),
                        new UnivariateObjectiveFunction(s -> {
                            watch.report(Math.min(1, (double) solves[0]++ / TRIALS));
                            Impedance z = end(in, start.with(LONG, s * start.get(LONG)));
                            return Math.hypot(z.resistanceOhm(), z.reactanceOhm());
                        }),
                        GoalType.MAXIMIZE,
                        new SearchInterval(LEAST, MOST, 1))
                .getPoint();
        Shape cut = start.with(LONG, share * start.get(LONG));
        Impedance z = end(in, cut);
        double square = z.resistanceOhm() * z.resistanceOhm() + z.reactanceOhm() * z.reactanceOhm();
        double susceptance = -z.reactanceOhm() / square;
        double henry = susceptance > 0 ? 1 / (2 * Math.PI * in.frequencyHz() * susceptance) : NO_COIL_HENRY;
        Solved s = SheetSolver.at(this, in, cut.with(COIL, henry));
        double ohm = square / z.resistanceOhm();
        return new Solved(
                s.shape(), s.atFeed(), s.atConnector(), List.of(Say.NEAREST_TRANSFORMER.of(foot(), ohm, fitting(ohm))));
    }

    private Impedance end(Inputs in, Shape shape) {
        return SheetSolver.atFeed(wires(in, shape), in.frequencyHz());
    }

    /** Nearest in ratio to what makes 50 Ω of it. */
    private static int fitting(double ohm) {
        int best = RATIOS.get(0);
        for (int r : RATIOS) {
            best = Math.abs(Math.log(r * 50 / ohm)) < Math.abs(Math.log(best * 50 / ohm)) ? r : best;
        }
        return best;
    }

    @Override
    public final Optional<Assembly> assembly(Inputs in, Shape shape) {
        return Optional.of(wires(in, shape));
    }

    /** "wire" or "whip". */
    abstract Outcome shortName();

    private Assembly wires(Inputs in, Shape shape) {
        return clad(
                in,
                new EndFedHalfWave(
                                shape.get(LONG),
                                Common.radiusM(in),
                                shape.get(TAIL),
                                Double.parseDouble(in.choice("ratio")),
                                shape.get(COIL),
                                conductor(in))
                        .assemble());
    }

    abstract Conductor conductor(Inputs in);

    /** With what is around its metal. */
    Assembly clad(Inputs in, Assembly bare) {
        return bare;
    }

    @Override
    public final Drawing drawing(Inputs in, Shape shape) {
        Assembly a = wires(in, shape);
        Point feed = new Point(0, 0, 0);
        Point top = a.structure().wires().get(0).to();
        Point low = a.structure().wires().get(1).to();
        Sketch side = new Sketch(CutWord.FROM_THE_SIDE.of(), Sketch.From.FRONT)
                .of(a)
                .measure(feed, top, -1, "A")
                .measure(low, feed, 1, "B")
                .piece(feed.toward(top, 0.6), 1)
                .piece(low, 2);
        double seen = 0.06;
        Sketch detail = new Sketch(CutWord.FEED_ENLARGED.of(), Sketch.From.FRONT)
                .of(a)
                .stroke(new Point(0, 0, -0.02), new Point(0, 0, 0.02), 0.04, Style.INSULATOR)
                .stroke(new Point(0.02, 0, 0), new Point(1, 0, 0), 0.005, Style.COAX)
                .words(new Point(0.006, 0, 0.045), Say.TRANSFORMER_BETWEEN.of(shortName()));
        return new Drawing(List.of(side.view(), detail.enlarged(feed, seen)));
    }

    /** What it says. */
    enum Say implements OutcomeId {
        TRANSFORMER,
        NEAREST_TRANSFORMER("foot", "shownOhm", "ratioCount"),
        TRANSFORMER_BETWEEN("long"),
        RULE_468,
        SOME_OTHER_HALF_IT_MUST_HAVE,
        COIL_ACROSS_THE_TRANSFORMERS_HIGH_SIDE;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.transformerFed";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
