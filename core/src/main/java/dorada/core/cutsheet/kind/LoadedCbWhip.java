package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.GroundedWhip;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.CutWord;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
import dorada.core.cutsheet.Drawing.Style;
import dorada.core.cutsheet.Goal;
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
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
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
    public Outcome title() {
        return Say.TITLE.of();
    }

    @Override
    public Outcome about() {
        return Say.ABOUT.of();
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
                Input.choice(
                        "have",
                        Say.THE_COIL.of(),
                        new Option("wound", Say.IS_WOUND_TO_FIT.of()),
                        new Option("given", Say.IS_THERE_ALREADY.of())),
                Input.choice(
                        "place",
                        Say.IT_SITS.of(),
                        new Option("base", Say.AT_THE_BASE.of()),
                        new Option("middle", Say.HALF_WAY_UP.of())),
                Input.length(
                                "lengthM",
                                Say.WHOLE_LENGTH.of(),
                                Math.min(SHORTEST_M, quarter / 4),
                                0.95 * quarter,
                                Math.min(1.5, 0.6 * quarter),
                                Say.LONGER_THAN_THAT_IT_NEEDS_NO.of())
                        .onlyWith("have", "wound"),
                Input.number(
                                GIVEN_COIL,
                                Say.ITS_INDUCTANCE.of(),
                                Quantity.INDUCTANCE,
                                0.1e-6,
                                20e-6,
                                1.7e-6,
                                Say.MORE_MAKES_TOO_SHORT_A_WHIP.of())
                        .onlyWith("have", "given"),
                Input.choice(
                        "match",
                        Say.ITS_BASE.of(),
                        new Option("matched", Say.MATCHES_TO_50_BY_A_TAP.of()),
                        new Option("bare", Say.IS_BARE.of())),
                Common.metal(),
                Common.diameter(CutWord.WHIP_THICKNESS.of(), 0.003, frequencyHz),
                Coil.former(),
                Coil.pitch(),
                Input.length(
                        "depthM",
                        Say.TIP_INSIDE_ITS_HOLDER.of(),
                        0,
                        0.15,
                        0.03,
                        CutWord.DOWN_TO_WHERE_THE_SCREW_STILL.of()));
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        double radius = Common.radiusM(in);
        Outcome source = Say.COIL_AGAINST_THE_REACTANCE_OF_A.of();
        boolean isAtBase = in.has("place", "base");
        if (in.has("have", "given")) {
            double rule = lengthM(in.get(GIVEN_COIL), radius, in);
            return List.of(
                    isAtBase
                            ? Dimension.tuned(WHIP, "A", CutWord.SHEET_TO_TIP.of(), rule, source)
                            : new Dimension(
                                    WHIP,
                                    "A",
                                    CutWord.SHEET_TO_TIP.of(),
                                    Quantity.LENGTH,
                                    OptionalDouble.empty(),
                                    rule,
                                    Say.NO_RULE_FOR_A_COIL_HALF.of(),
                                    0.0025,
                                    true),
                    Dimension.given(COIL, "L", CutWord.COIL.of(), in.get(GIVEN_COIL))
                            .as(Quantity.INDUCTANCE));
        }
        double h = in.get("lengthM");
        double henry = reactance(h, radius, in.waveM()) / (2 * Math.PI * in.frequencyHz());
        return List.of(
                Dimension.given(WHIP, "A", CutWord.SHEET_TO_TIP.of(), h),
                isAtBase
                        ? new Dimension(
                                COIL,
                                "L",
                                CutWord.COIL.of(),
                                Quantity.INDUCTANCE,
                                OptionalDouble.of(henry),
                                henry,
                                source,
                                0.01,
                                true)
                        : Dimension.solved(COIL, "L", CutWord.COIL.of(), Quantity.INDUCTANCE, 1.8 * henry));
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
            throw new InputException(GIVEN_COIL, Say.WITH_SO_LARGE_A_COIL_THE.of());
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
        Piece tip = Piece.of(1, Say.WHIP_ABOVE_THE_COIL.of(), 1, whole - lower, Common.rod(in))
                .tunedBy(WHIP)
                .extra(in.get("depthM"), Say.IN_ITS_HOLDER.of());
        Piece below = Piece.of(2, Say.BELOW_THE_COIL.of(), 1, lower, Common.rod(in));
        return in.has("have", "given") ? List.of(tip, below) : List.of(tip, below, Coil.piece(3, in, shape.get(COIL)));
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        return List.of(
                Say.BASE_WITH_SPRING_AND_CONNECTOR.of(),
                in.has("have", "given") ? Say.THE_COIL_THAT_IS_THERE.of() : Coil.part(in, shape.get(COIL)),
                Say.HOLDER_WITH_SET_SCREW_FOR_THE.of(),
                CutWord.CAP_FOR_THE_TIP.of());
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        Procedure p = Procedure.of(Metal.ROD);
        if (!in.has("have", "given")) {
            p.join("wind", Say.WIND_HALF_A_TURN_MORE.of(Coil.winding(in, shape.get(COIL))));
        }
        return p.soldered()
                .drilled()
                .clamped()
                .swept(Say.IN_ITS_FINAL_PLACE.of())
                .tune("ends", Say.READ_SWR_ON_THE_LOWEST_AND.of(), Caution.SET_THE_NEEDLE)
                .trimmed(Say.THE_TIP.of())
                .finish("cap", Say.MARK_THE_INSERTION_DEPTH.of(), Caution.RF_BURNS)
                .weatherproofed();
    }

    @Override
    public List<Outcome> notes(Inputs in, Shape shape) {
        return List.of(in.has("match", "bare") ? Say.THE_SHORTER_THE_WHIP.of() : Say.A_TAP_ON_THE_COIL_OR.of());
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        Point foot = new Point(0, 0, 0);
        Point coil = a.structure().wires().get(0).to();
        Point tip = a.structure().wires().get(1).to();
        double half = 0.2 * tip.z();
        Sketch side = new Sketch(CutWord.FROM_THE_SIDE.of(), Sketch.From.FRONT)
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

    /** What it says. */
    private enum Say implements OutcomeId {
        WIND_HALF_A_TURN_MORE("winding"),
        TITLE,
        ABOUT,
        THE_COIL,
        IS_WOUND_TO_FIT,
        IS_THERE_ALREADY,
        IT_SITS,
        AT_THE_BASE,
        HALF_WAY_UP,
        WHOLE_LENGTH,
        LONGER_THAN_THAT_IT_NEEDS_NO,
        ITS_INDUCTANCE,
        MORE_MAKES_TOO_SHORT_A_WHIP,
        ITS_BASE,
        MATCHES_TO_50_BY_A_TAP,
        IS_BARE,
        TIP_INSIDE_ITS_HOLDER,
        COIL_AGAINST_THE_REACTANCE_OF_A,
        NO_RULE_FOR_A_COIL_HALF,
        WITH_SO_LARGE_A_COIL_THE,
        WHIP_ABOVE_THE_COIL,
        IN_ITS_HOLDER,
        BELOW_THE_COIL,
        BASE_WITH_SPRING_AND_CONNECTOR,
        THE_COIL_THAT_IS_THERE,
        HOLDER_WITH_SET_SCREW_FOR_THE,
        IN_ITS_FINAL_PLACE,
        READ_SWR_ON_THE_LOWEST_AND,
        THE_TIP,
        MARK_THE_INSERTION_DEPTH,
        THE_SHORTER_THE_WHIP,
        A_TAP_ON_THE_COIL_OR;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.loadedCbWhip";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
