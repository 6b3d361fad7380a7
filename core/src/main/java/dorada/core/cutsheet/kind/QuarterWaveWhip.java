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
import dorada.core.cutsheet.Inputs;
import dorada.core.cutsheet.Piece;
import dorada.core.cutsheet.Procedure;
import dorada.core.cutsheet.Procedure.Metal;
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Sketch;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.rf.Wavelength;
import dorada.core.safety.Caution;
import dorada.core.wire.Point;
import java.util.List;
import java.util.Optional;

/**
 * A whip on sheet metal of one quarter-wave or of three, held by a set screw, by a ring and spring, or telescopic.
 *
 * <p>Three quarter-waves in UHF are as long as one in VHF, and match as well; much of what they send goes upward.
 */
public final class QuarterWaveWhip implements CutKind {

    private static final String WHIP = "whip";
    private static final String BASE = "baseM";
    private static final String DEPTH = "depthM";

    private final int quarters;

    /** @param quarters 1 or 3 */
    public QuarterWaveWhip(int quarters) {
        this.quarters = quarters;
    }

    private boolean isLong() {
        return quarters > 1;
    }

    @Override
    public String id() {
        return isLong() ? "three-quarter-wave-whip" : "quarter-wave-whip";
    }

    @Override
    public Outcome title() {
        return isLong() ? Say.THREE_QUARTER_WAVE_WHIP.of() : Say.QUARTER_WAVE_WHIP.of();
    }

    @Override
    public Outcome about() {
        return isLong() ? Say.A_LONG_ROD_ON_A_METAL.of() : Say.ONE_ROD_ON_A_METAL_ROOF.of();
    }

    @Override
    public double lowestHz() {
        return isLong() ? 75e6 : 25e6;
    }

    @Override
    public double highestHz() {
        return 1e9;
    }

    @Override
    public double doubt() {
        return 0.03;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        double quarter = Common.quarterM(frequencyHz);
        return List.of(
                Input.choice(
                        "held",
                        Say.HELD_BY.of(),
                        new Option("screw", Say.SET_SCREW.of()),
                        new Option("spring", Say.RING_AND_SPRING.of()),
                        new Option("telescope", Say.TELESCOPIC.of())),
                Common.metal(),
                Common.diameter(CutWord.WHIP_THICKNESS.of(), 0.0024, frequencyHz),
                Input.length(
                        BASE,
                        Say.BASE.of(),
                        0,
                        quarter / 2,
                        Math.min(0.02, quarter / 6),
                        Say.THE_BASE_IS_PART_OF_THE.of()),
                Input.length(
                                DEPTH,
                                CutWord.WHIP_INSIDE_THE_BASE.of(),
                                0,
                                0.1,
                                0.015,
                                CutWord.DOWN_TO_WHERE_THE_SCREW_STILL.of())
                        .onlyWith("held", "screw", "spring"));
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        return List.of(
                isLong()
                        ? Dimension.tuned(
                                WHIP,
                                "A",
                                CutWord.SHEET_TO_TIP.of(),
                                Common.quarterM(in.frequencyHz()) + Wavelength.ofHz(in.frequencyHz()) / 2,
                                Say.HALF_A_WAVE_MORE.of(Common.RULE_234))
                        : Dimension.tuned(
                                WHIP,
                                "A",
                                CutWord.SHEET_TO_TIP.of(),
                                Common.quarterM(in.frequencyHz()),
                                Common.RULE_234));
    }

    @Override
    public Goal goal(Inputs in) {
        return new Goal.Resonance(WHIP);
    }

    @Override
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        double a = shape.get(WHIP);
        double base = Math.max(0.1 * a, Math.min(in.get(BASE), 0.9 * a));
        return Optional.of(new GroundedWhip(base, a - base, Common.radiusM(in), 0, 1, Common.conductor(in)).assemble());
    }

    private static boolean isTelescopic(Inputs in) {
        return in.has("held", "telescope");
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        double free = shape.get(WHIP) - in.get(BASE);
        Piece whip = Piece.of(
                1, isTelescopic(in) ? CutWord.TELESCOPIC_WHIP.of() : CutWord.WHIP.of(), 1, free, Common.rod(in));
        return List.of(isTelescopic(in) ? whip : whip.tunedBy(WHIP).extra(in.get(DEPTH), CutWord.IN_THE_BASE.of()));
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        return List.of(
                switch (in.choice("held")) {
                    case "spring" -> Say.BASE_WITH_RING_AND_SPRING.of();
                    case "telescope" -> Say.BASE_FOR_A_TELESCOPIC_WHIP.of();
                    default -> Say.BASE_WITH_SET_SCREW.of();
                },
                CutWord.MOUNT_WITH_A_CONNECTOR_AND_ITS.of(),
                CutWord.CAP_FOR_THE_TIP.of());
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        Procedure p = Procedure.of(Metal.ROD).drilled().clamped().swept(CutWord.IN_ITS_FINAL_PLACE.of());
        if (isTelescopic(in)) {
            p.tune("slide", Say.DIP_TOO_LOW.of());
        } else {
            p.join("depth", Say.PUSH_THE_WHIP_IN_AS_FAR.of());
            p.tune("slide", Say.DIP_A_LITTLE_TOO_LOW.of()).trimmed(CutWord.THE_WHIP_AT_ITS_LOWER_END.of());
        }
        return p.finish("cap", Say.TIGHTEN.of(), Caution.BARE_TIP, Caution.OVERALL_HEIGHT)
                .weatherproofed();
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        double a = shape.get(WHIP);
        double base = Math.min(in.get(BASE), 0.9 * a);
        Point foot = new Point(0, 0, 0);
        Point rim = new Point(0, 0, base);
        Point tip = new Point(0, 0, a);
        double half = 0.3 * a;
        Sketch side = new Sketch(CutWord.FROM_THE_SIDE.of(), Sketch.From.FRONT)
                .stroke(new Point(-half, 0, 0), new Point(half, 0, 0), 0, Style.GROUND)
                .stroke(foot, rim, 4 * in.get(Common.DIAMETER), Style.METAL)
                .stroke(rim, tip, in.get(Common.DIAMETER), Style.METAL)
                .measure(foot, tip, -1, "A")
                .feed(foot)
                .piece(foot.toward(tip, 0.6), 1);
        double depth = isTelescopic(in) ? 0 : Math.min(in.get(DEPTH), base);
        double seen = Math.max(0.03, 1.3 * base);
        Point bottom = rim.plus(new Point(0, 0, -depth));
        Sketch detail = new Sketch(Say.BASE_ENLARGED.of(), Sketch.From.FRONT)
                .stroke(new Point(-3 * seen, 0, 0), new Point(3 * seen, 0, 0), 0, Style.GROUND)
                .stroke(foot, rim, 5 * in.get(Common.DIAMETER), Style.INSULATOR)
                .stroke(bottom, new Point(0, 0, 4 * seen), in.get(Common.DIAMETER), Style.METAL)
                .stroke(foot, new Point(0, 0, -4 * seen), 0.005, Style.COAX)
                .words(new Point(seen * 0.15, 0, -seen * 0.5), Say.SHIELD_TO_THE_SHEET.of());
        if (depth > 0) {
            detail.measure(bottom, rim, 1, "t", in.get(DEPTH))
                    .words(rim.plus(new Point(seen * 0.15, 0, -0.35 * base)), Say.DEPTH_IN_THE_BASE.of());
        }
        return new Drawing(List.of(side.view(), detail.enlarged(rim, seen)));
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        HALF_A_WAVE_MORE("rule"),
        DEPTH_IN_THE_BASE,
        THREE_QUARTER_WAVE_WHIP,
        QUARTER_WAVE_WHIP,
        A_LONG_ROD_ON_A_METAL,
        ONE_ROD_ON_A_METAL_ROOF,
        HELD_BY,
        SET_SCREW,
        RING_AND_SPRING,
        TELESCOPIC,
        BASE,
        THE_BASE_IS_PART_OF_THE,
        BASE_WITH_RING_AND_SPRING,
        BASE_FOR_A_TELESCOPIC_WHIP,
        BASE_WITH_SET_SCREW,
        DIP_TOO_LOW,
        PUSH_THE_WHIP_IN_AS_FAR,
        DIP_A_LITTLE_TOO_LOW,
        TIGHTEN,
        BASE_ENLARGED,
        SHIELD_TO_THE_SHEET;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.quarterWaveWhip";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
