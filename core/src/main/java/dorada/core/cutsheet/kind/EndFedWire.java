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
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Procedure.Metal;
import dorada.core.cutsheet.Quantity;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.SheetSolver;
import dorada.core.cutsheet.Shortening;
import dorada.core.cutsheet.Sketch;
import dorada.core.cutsheet.Solved;
import dorada.core.rf.Impedance;
import dorada.core.safety.Caution;
import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Sheath;
import dorada.core.wire.Structure;
import dorada.core.wire.Watch;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;

/** A half-wave of wire, or a whip of one, fed at its end through a high-ratio transformer. */
public final class EndFedWire implements CutKind {

    private static final String WIRE = "wire";
    private static final String TAIL = "tail";
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

    private final boolean isWhip;

    /** @param isWhip a rod that stands on a mount, not a wire that hangs */
    public EndFedWire(boolean isWhip) {
        this.isWhip = isWhip;
    }

    @Override
    public String id() {
        return isWhip ? "half-wave-whip" : "end-fed-half-wave";
    }

    @Override
    public String title() {
        return isWhip ? "half-wave whip with a transformer" : "half-wave end-fed wire";
    }

    @Override
    public String about() {
        return isWhip
                ? "Stands on plastic as well as on metal; the transformer at its foot is tuned. No gain over a quarter-wave."
                : "Fed at its end through a transformer: no radials, one point to hang it from. No gain over a dipole.";
    }

    @Override
    public double lowestHz() {
        return isWhip ? 25e6 : 1.8e6;
    }

    @Override
    public double highestHz() {
        return 512e6;
    }

    @Override
    public double doubt() {
        return 0.12;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        double wave = 299.792458e6 / frequencyHz;
        List<Input> all = new ArrayList<>();
        if (isWhip) {
            all.add(Common.metal());
            all.add(Common.diameter("Whip, thickness", 0.0024, frequencyHz));
            all.add(Input.length(
                    "depthM", "Whip inside the base", 0, 0.1, 0.015, "down to where the screw still holds"));
        } else {
            all.add(Common.diameter("Wire, thickness", 0.0015, frequencyHz));
            all.add(Common.insulation());
        }
        all.add(Input.choice(
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
                "64:1"));
        all.add(Input.length(
                "tailM",
                isWhip ? "Bracket or short rod on the other side" : "Short wire on the other side",
                0.01 * wave,
                0.1 * wave,
                0.05 * wave,
                "some other half it must have; longer, it is a radial"));
        if (!isWhip) {
            all.addAll(Shortening.inputs(Shortening.INSULATED, "a half-wave", frequencyHz));
        }
        return all;
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        String rule = "468/f in feet; common practice, no source";
        return List.of(
                isWhip
                        ? Dimension.tuned(WIRE, "A", "whip", 2 * Common.quarterM(in.frequencyHz()), rule)
                        : Dimension.tuned(
                                WIRE,
                                "A",
                                "wire",
                                Common.wireFactor(in, 0.5) * in.waveM() / 2,
                                Common.wireSource(in, rule)),
                Dimension.given(
                        TAIL,
                        "B",
                        isWhip ? "bracket or short rod on the other side" : "short wire on the other side",
                        in.get("tailM")),
                Dimension.solved(
                        COIL,
                        "L",
                        "coil across the transformer's high side",
                        Quantity.INDUCTANCE,
                        BEGIN_OHM / (2 * Math.PI * in.frequencyHz())));
    }

    @Override
    public Goal goal(Inputs in) {
        return new Goal.Resonance(WIRE, LEAST, MOST);
    }

    /** A half-wave is resonant where its end shows most; what reactance is left there, the coil takes away. */
    @Override
    public Solved solve(Inputs in, Watch watch) {
        Shape start = Shape.start(dimensions(in)).with(COIL, NO_COIL_HENRY);
        int[] solves = {0};
        double share = new BrentOptimizer(SURE, SURE)
                .optimize(
                        new MaxEval(TRIALS),
                        new UnivariateObjectiveFunction(s -> {
                            watch.report(Math.min(1, (double) solves[0]++ / TRIALS));
                            Impedance z = end(in, start.with(WIRE, s * start.get(WIRE)));
                            return Math.hypot(z.resistanceOhm(), z.reactanceOhm());
                        }),
                        GoalType.MAXIMIZE,
                        new SearchInterval(LEAST, MOST, 1))
                .getPoint();
        Shape cut = start.with(WIRE, share * start.get(WIRE));
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
                        isWhip ? "whip's foot" : "wire's end",
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
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        return Optional.of(wires(in, shape));
    }

    private Assembly wires(Inputs in, Shape shape) {
        double r = Common.radiusM(in);
        Assembly a = new EndFedHalfWave(
                        shape.get(WIRE),
                        r,
                        shape.get(TAIL),
                        Double.parseDouble(in.choice("ratio")),
                        shape.get(COIL),
                        isWhip ? Common.conductor(in) : Conductor.COPPER)
                .assemble();
        double thick = isWhip ? 0 : in.get(Common.INSULATION);
        return thick == 0
                ? a
                : a.in(Structure.inFreeSpace(a.structure().wires().stream()
                        .map(w -> w.in(Sheath.insulation(r, thick, Common.PLASTIC)))
                        .toList()));
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        if (isWhip) {
            return List.of(
                    Piece.of(1, "whip", 1, shape.get(WIRE), Common.rod(in))
                            .tunedBy(WIRE)
                            .extra(in.get("depthM"), "in the base"),
                    Piece.of(2, "bracket or short rod", 1, shape.get(TAIL), Common.rod(in)));
        }
        return List.of(
                Piece.of(1, "half-wave wire", 1, shape.get(WIRE), Common.wire(in))
                        .tunedBy(WIRE)
                        .extra(0.1, "for an eye at the end and the joint at the transformer")
                        .spliceable(),
                Piece.of(2, "short wire", 1, shape.get(TAIL), Common.wire(in)).extra(0.02, "for the joint"));
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        if (isWhip) {
            return List.of(
                    "base with a transformer " + in.choice("ratio") + ":1 and its coil",
                    "mount with a connector and its line",
                    "choke on the line, a twentieth of a wavelength below",
                    "cap for the tip");
        }
        return List.of(
                "transformer " + in.choice("ratio") + ":1",
                "choke on the line, a twentieth of a wavelength below",
                "end insulator, cord");
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        if (isWhip) {
            return Procedure.of(Metal.ROD)
                    .drilled()
                    .clamped()
                    .swept("in its final place, doors and windows shut")
                    .trimmed("the whip at its lower end")
                    .tune("tail", "SWR stays high though the dip is right: the transformer is tuned, not the whip.")
                    .finish(
                            "cap",
                            "Tighten, put the cap on the tip, and keep hands off the base.",
                            Caution.HIGH_VOLTAGE_AT_BASE_AND_TIP,
                            Caution.BARE_TIP)
                    .weatherproofed();
        }
        return Procedure.of(Metal.WIRE)
                .soldered()
                .raised()
                .swept("hung as it will be used, the line led away at a right angle")
                .trimmed("the long wire at its far end")
                .tune(
                        "tail",
                        "SWR stays high though the dip is right: try the next transformer ratio, or move the choke.")
                .finish("volts", "Keep the feed out of reach.", Caution.HIGH_VOLTAGE_AT_THE_ENDS)
                .weatherproofed();
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
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
                .words(
                        new Point(0.006, 0, 0.045),
                        isWhip ? "transformer between whip and line" : "transformer between wire and line");
        return new Drawing(List.of(side.view(), detail.enlarged(feed, seen)));
    }
}
