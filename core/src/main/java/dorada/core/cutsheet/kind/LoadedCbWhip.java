package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.GroundedWhip;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Drawing.Style;
import dorada.core.cutsheet.Goal;
import dorada.core.cutsheet.Input;
import dorada.core.cutsheet.InputException;
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Procedure.Metal;
import dorada.core.cutsheet.Quantity;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Sketch;
import dorada.core.safety.Caution;
import dorada.core.wire.Point;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/** A CB whip that is shorter than a quarter-wave, with a coil and a tip that is cut or slid. */
public final class LoadedCbWhip implements CutKind {

    private static final String WHIP = "whip";
    private static final String COIL = "coil";
    private static final String GIVEN_COIL = "coilH";
    private static final double COIL_Q = 150;
    /** From the sheet to a coil at the base, as a share of the whole. */
    public static final double BASE_SHARE = 0.08;

    private static final double SHORTEST_M = 0.4;

    @Override
    public String id() {
        return "loaded-cb-whip";
    }

    @Override
    public String title() {
        return "loaded CB whip with tip";
    }

    @Override
    public String about() {
        return "Shorter than a quarter-wave, with a coil: narrower, with some loss, and tuned at its tip.";
    }

    @Override
    public double lowestHz() {
        return 25e6;
    }

    @Override
    public double highestHz() {
        return 90e6;
    }

    @Override
    public double doubt() {
        return 0.15;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        double quarter = Common.quarterM(frequencyHz);
        return List.of(
                Input.choice("have", "The coil", "wound", "is wound to fit", "given", "is there already"),
                Input.choice("place", "It sits", "base", "at the base", "middle", "half-way up"),
                Input.length(
                                "lengthM",
                                "Whole length, sheet to tip",
                                Math.min(SHORTEST_M, quarter / 4),
                                0.95 * quarter,
                                Math.min(1.5, 0.6 * quarter),
                                "longer than that it needs no coil")
                        .onlyWith("have", "wound"),
                Input.number(
                                GIVEN_COIL,
                                "Its inductance",
                                Quantity.INDUCTANCE,
                                0.1e-6,
                                20e-6,
                                1.7e-6,
                                "more makes too short a whip")
                        .onlyWith("have", "given"),
                Input.choice(
                        "match", "Its base", "matched", "matches to 50 Ω by a tap or transformer", "bare", "is bare"),
                Common.metal(),
                Common.diameter("Whip, thickness", 0.003, frequencyHz),
                Coil.former(),
                Coil.pitch(),
                Input.length("depthM", "Tip inside its holder", 0, 0.15, 0.03, "down to where the screw still holds"));
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        double radius = Common.radiusM(in);
        String source =
                "coil against the reactance of a short whip, 60·(ln(h/a) − 1)·cot(kh): C. A. Balanis, Antenna Theory,"
                        + " section 8.6, from memory";
        boolean isAtBase = in.has("place", "base");
        if (in.has("have", "given")) {
            double rule = lengthM(in.get(GIVEN_COIL), radius, in);
            return List.of(
                    isAtBase
                            ? Dimension.tuned(WHIP, "A", "sheet to tip", rule, source)
                            : new Dimension(
                                    WHIP,
                                    "A",
                                    "sheet to tip",
                                    Quantity.LENGTH,
                                    OptionalDouble.empty(),
                                    rule,
                                    "no rule for a coil half-way up: solved for",
                                    0.0025,
                                    true),
                    Dimension.given(COIL, "L", "coil", in.get(GIVEN_COIL)).as(Quantity.INDUCTANCE));
        }
        double h = in.get("lengthM");
        double henry = reactance(h, radius, in.waveM()) / (2 * Math.PI * in.frequencyHz());
        return List.of(
                Dimension.given(WHIP, "A", "sheet to tip", h),
                isAtBase
                        ? new Dimension(
                                COIL,
                                "L",
                                "coil",
                                Quantity.INDUCTANCE,
                                OptionalDouble.of(henry),
                                henry,
                                source,
                                0.01,
                                true)
                        : Dimension.solved(COIL, "L", "coil", Quantity.INDUCTANCE, 1.8 * henry));
    }

    /** Capacitive reactance in ohms of a whip of height h and radius a over ground, positive. */
    static double reactance(double heightM, double radiusM, double waveM) {
        return 60 * (Math.log(heightM / radiusM) - 1) / Math.tan(2 * Math.PI * heightM / waveM);
    }

    private double lengthM(double henry, double radius, Inputs in) {
        double wanted = 2 * Math.PI * in.frequencyHz() * henry;
        double least = 0.1 * in.waveM() / 4;
        double most = 0.999 * in.waveM() / 4;
        if (reactance(least, radius, in.waveM()) < wanted) {
            throw new InputException(GIVEN_COIL, "With so large a coil the whip would be too short to radiate.");
        }
        return new BracketingNthOrderBrentSolver(1e-6, 5)
                .solve(60, h -> reactance(h, radius, in.waveM()) - wanted, least, most);
    }

    @Override
    public Goal goal(Inputs in) {
        return in.has("have", "given") ? new Goal.Resonance(WHIP, 0.5, 1.6) : new Goal.Resonance(COIL, 0.3, 3);
    }

    @Override
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        double whole = shape.get(WHIP);
        double lower = in.has("place", "base") ? BASE_SHARE * whole : whole / 2;
        Assembly bare = new GroundedWhip(
                        lower, whole - lower, Common.radiusM(in), shape.get(COIL), COIL_Q, Common.conductor(in))
                .assemble();
        if (in.has("match", "bare")) {
            return Optional.of(bare);
        }
        return Optional.of(Common.matched(bare, in.frequencyHz()));
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        double whole = shape.get(WHIP);
        boolean isAtBase = in.has("place", "base");
        double lower = isAtBase ? BASE_SHARE * whole : whole / 2;
        Piece tip = Piece.of(1, "whip above the coil", 1, whole - lower, Common.rod(in))
                .tunedBy(WHIP)
                .extra(in.get("depthM"), "in its holder");
        Piece below = Piece.of(2, "below the coil, with its base", 1, lower, Common.rod(in));
        return in.has("have", "given") ? List.of(tip, below) : List.of(tip, below, Coil.piece(3, in, shape.get(COIL)));
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        return List.of(
                "base with spring and connector",
                in.has("have", "given") ? "the coil that is there" : Coil.part(in, shape.get(COIL)),
                "holder with set screw for the tip",
                "cap for the tip");
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        Procedure p = Procedure.of(Metal.ROD);
        if (!in.has("have", "given")) {
            p.join("wind", Coil.sentence(in, shape.get(COIL)) + " Half a turn more than that can be taken off.");
        }
        return p.soldered()
                .drilled()
                .clamped()
                .swept("in its final place, doors shut, nobody near")
                .tune(
                        "ends",
                        "Read SWR on the lowest and the highest channel. Higher at the top: too long. Higher at the"
                                + " bottom: too short. Equal: centred.",
                        Caution.SET_THE_NEEDLE)
                .trimmed("the tip")
                .finish("cap", "Mark the insertion depth, tighten, cap the tip.", Caution.RF_BURNS)
                .weatherproofed();
    }

    @Override
    public List<String> notes(Inputs in, Shape shape) {
        return List.of(
                in.has("match", "bare")
                        ? "The shorter the whip, the lower its resistance: at resonance it is far from 50 Ω."
                        : "A tap on the coil or a small transformer in the base brings it to 50 Ω; it is taken as"
                                + " without loss.");
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        Point foot = new Point(0, 0, 0);
        Point coil = a.structure().wires().get(0).to();
        Point tip = a.structure().wires().get(1).to();
        double half = 0.2 * tip.z();
        Sketch side = new Sketch("From the side", Sketch.From.FRONT)
                .stroke(new Point(-half, 0, 0), new Point(half, 0, 0), 0, Style.GROUND)
                .of(a)
                .stroke(
                        coil.plus(new Point(0, 0, -0.012 * tip.z())),
                        coil.plus(new Point(0, 0, 0.012 * tip.z())),
                        0.03 * tip.z(),
                        Style.INSULATOR)
                .measure(foot, tip, -2, "A")
                .measure(foot, coil, -1, "")
                .piece(coil.toward(tip, 0.6), 1)
                .piece(foot.toward(coil, 0.5), 2);
        return in.has("have", "given")
                ? new Drawing(List.of(side.view()))
                : new Drawing(List.of(side.view(), Coil.view(in, shape.get(COIL), coil)));
    }
}
