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

/** A 5/8-wave whip with a coil at its base. */
public final class FiveEighthsWhip implements CutKind {

    private static final String WHIP = "whip";
    private static final String COIL = "coil";
    private static final double COIL_Q = 200;
    /** The coil itself stands between mount and whip. */
    private static final double LOWER_WAVES = 0.02;

    /** Coil of a 5/8-wave at 156 MHz, to begin with. */
    private static final double BEGIN_OHM = 220;

    @Override
    public String id() {
        return "five-eighths-whip";
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
        return 512e6;
    }

    @Override
    public double doubt() {
        return 0.08;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        return List.of(
                Common.metal(),
                Common.diameter(CutWord.WHIP_THICKNESS.of(), 0.0024, frequencyHz),
                Coil.former(),
                Coil.pitch(),
                Input.length(
                        "depthM",
                        CutWord.WHIP_INSIDE_THE_BASE.of(),
                        0,
                        0.1,
                        0.015,
                        CutWord.DOWN_TO_WHERE_THE_SCREW_STILL.of()));
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        return List.of(
                Dimension.tuned(
                        WHIP,
                        "A",
                        Say.WHIP.of(),
                        2.5 * Common.quarterM(in.frequencyHz()),
                        Say.FIVE_TIMES_117_F_IN_FEET.of()),
                Dimension.solved(
                        COIL,
                        "L",
                        CutWord.COIL.of(),
                        Quantity.INDUCTANCE,
                        BEGIN_OHM / (2 * Math.PI * in.frequencyHz())));
    }

    @Override
    public Goal goal(Inputs in) {
        return new Goal.Resonance(COIL, 0.05, 4);
    }

    @Override
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        return Optional.of(Common.matched(
                new GroundedWhip(
                                LOWER_WAVES * in.waveM(),
                                shape.get(WHIP),
                                Common.radiusM(in),
                                shape.get(COIL),
                                COIL_Q,
                                Common.conductor(in))
                        .assemble(),
                in.frequencyHz()));
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        return List.of(
                Piece.of(1, CutWord.WHIP.of(), 1, shape.get(WHIP), Common.rod(in))
                        .tunedBy(WHIP)
                        .extra(in.get("depthM"), CutWord.IN_THE_BASE.of()),
                Coil.piece(2, in, shape.get(COIL)));
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        return List.of(
                Say.INSULATED_BASE_WITH_SET_SCREW.of(), Coil.part(in, shape.get(COIL)), CutWord.CAP_FOR_THE_TIP.of());
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.ROD)
                .join("wind", Say.WIND_A_TURN_MORE.of(Coil.winding(in, shape.get(COIL))))
                .soldered()
                .drilled()
                .clamped()
                .swept(CutWord.IN_ITS_FINAL_PLACE.of())
                .tune("coil", Say.DIP_FAR_TOO_LOW.of())
                .trimmed(CutWord.THE_WHIP_AT_ITS_LOWER_END.of())
                .finish("cap", Say.FIX_THE_TURNS_WITH_VARNISH.of(), Caution.BARE_TIP)
                .weatherproofed();
    }

    @Override
    public List<Outcome> notes(Inputs in, Shape shape) {
        return List.of(Say.A_TAP_ON_THE_COIL_BRINGS.of());
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        double lower = LOWER_WAVES * in.waveM();
        Point foot = new Point(0, 0, 0);
        Point coil = new Point(0, 0, lower);
        Point tip = new Point(0, 0, lower + shape.get(WHIP));
        double half = 0.15 * tip.z();
        Sketch side = new Sketch(CutWord.FROM_THE_SIDE.of(), Sketch.From.FRONT)
                .stroke(new Point(-half, 0, 0), new Point(half, 0, 0), 0, Style.GROUND)
                .of(a)
                .measure(coil, tip, -1, "A")
                .piece(coil.toward(tip, 0.6), 1)
                .piece(coil, 2);
        return new Drawing(List.of(side.view(), Coil.view(in, shape.get(COIL), coil)));
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        WIND_A_TURN_MORE("winding"),
        TITLE,
        ABOUT,
        WHIP,
        FIVE_TIMES_117_F_IN_FEET,
        INSULATED_BASE_WITH_SET_SCREW,
        DIP_FAR_TOO_LOW,
        FIX_THE_TURNS_WITH_VARNISH,
        A_TAP_ON_THE_COIL_BRINGS;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.fiveEighthsWhip";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
