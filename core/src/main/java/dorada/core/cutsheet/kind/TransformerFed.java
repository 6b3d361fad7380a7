package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.EndFedHalfWave;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Drawing.Style;
import dorada.core.cutsheet.Goal;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Quantity;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.SheetSolver;
import dorada.core.cutsheet.Sketch;
import dorada.core.cutsheet.Solved;
import dorada.core.rf.Impedance;
import dorada.core.rf.Wavelength;
import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Watch;
import java.util.List;
import java.util.Locale;
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

    /** Transformers that are sold. */
    public static final List<Integer> RATIOS = List.of(9, 16, 25, 36, 49, 64);

    /** By rule, in free space. */
    static final String RULE = "468/f in feet; common practice, no source";

    @Override
    public final double highestHz() {
        return 512e6;
    }

    @Override
    public final double doubt() {
        return 0.12;
    }

    /** Where the transformer's high side meets it: "wire's end". */
    abstract String foot();

    /** The half-wave by rule. */
    abstract Dimension longPiece(Inputs in);

    /** What the other half is called. */
    abstract String tail();

    /** The choice of a transformer, and the length of the other half. */
    static List<Input> feed(double frequencyHz, String tailTitle) {
        double wave = Wavelength.ofHz(frequencyHz);
        return List.of(
                Input.choice(
                        "ratio",
                        "Transformer",
                        "49",
                        "49:1",
                        "9",
                        "9:1",
                        "16",
                        "16:1",
                        "25",
                        "25:1",
                        "36",
                        "36:1",
                        "64",
                        "64:1"),
                Input.length(
                        "tailM",
                        tailTitle,
                        0.01 * wave,
                        0.1 * wave,
                        0.05 * wave,
                        "some other half it must have; longer, it is a radial"));
    }

    @Override
    public final List<Dimension> dimensions(Inputs in) {
        return List.of(
                longPiece(in),
                Dimension.given(TAIL, "B", tail(), in.get("tailM")),
                Dimension.solved(
                        COIL,
                        "L",
                        "coil across the transformer's high side",
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
                s.shape(),
                s.atFeed(),
                s.atConnector(),
                List.of(String.format(
                        Locale.ROOT,
                        "The %s shows %.0f Ω: the nearest usual transformer is %d:1.",
                        foot(),
                        ohm,
                        fitting(ohm))));
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
    abstract String shortName();

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
        Sketch side = new Sketch("From the side", Sketch.From.FRONT)
                .of(a)
                .measure(feed, top, -1, "A")
                .measure(low, feed, 1, "B")
                .piece(feed.toward(top, 0.6), 1)
                .piece(low, 2);
        double seen = 0.06;
        Sketch detail = new Sketch("Feed, enlarged", Sketch.From.FRONT)
                .of(a)
                .stroke(new Point(0, 0, -0.02), new Point(0, 0, 0.02), 0.04, Style.INSULATOR)
                .stroke(new Point(0.02, 0, 0), new Point(1, 0, 0), 0.005, Style.COAX)
                .words(new Point(0.006, 0, 0.045), "transformer between " + shortName() + " and line");
        return new Drawing(List.of(side.view(), detail.enlarged(feed, seen)));
    }
}
