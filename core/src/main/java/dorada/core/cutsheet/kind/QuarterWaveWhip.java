package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.GroundedWhip;
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
import dorada.core.cutsheet.Shape;
import dorada.core.cutsheet.Sketch;
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
    public String title() {
        return isLong() ? "three-quarter-wave whip" : "quarter-wave whip";
    }

    @Override
    public String about() {
        return isLong()
                ? "A long rod on a metal roof, about 50 Ω; much of what it sends goes upward, over the heads of those near."
                : "One rod on a metal roof: nothing simpler, and about 36 Ω.";
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
                        "Held by",
                        "screw",
                        "set screw",
                        "spring",
                        "ring and spring",
                        "telescope",
                        "telescopic"),
                Common.metal(),
                Common.diameter("Whip, thickness", 0.0024, frequencyHz),
                Input.length(
                        BASE,
                        "Base: sheet to where the whip begins",
                        0,
                        quarter / 2,
                        Math.min(0.02, quarter / 6),
                        "the base is part of the quarter-wave"),
                Input.length(DEPTH, "Whip inside the base", 0, 0.1, 0.015, "down to where the screw still holds")
                        .onlyWith("held", "screw", "spring"));
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        return List.of(
                isLong()
                        ? Dimension.tuned(
                                WHIP,
                                "A",
                                "sheet to tip",
                                Common.quarterM(in.frequencyHz()) + Wavelength.ofHz(in.frequencyHz()) / 2,
                                "half a wavelength of free space and " + Common.RULE_234)
                        : Dimension.tuned(
                                WHIP, "A", "sheet to tip", Common.quarterM(in.frequencyHz()), Common.RULE_234));
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
        Piece whip = Piece.of(1, isTelescopic(in) ? "telescopic whip, drawn out to" : "whip", 1, free, Common.rod(in));
        return List.of(isTelescopic(in) ? whip : whip.tunedBy(WHIP).extra(in.get(DEPTH), "in the base"));
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        return List.of(
                switch (in.choice("held")) {
                    case "spring" -> "base with ring and spring";
                    case "telescope" -> "base for a telescopic whip";
                    default -> "base with set screw, and its key";
                },
                "mount with a connector and its line",
                "cap for the tip");
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        Procedure p = Procedure.of(Metal.ROD).drilled().clamped().swept("in its final place, doors and windows shut");
        if (isTelescopic(in)) {
            p.tune("slide", "Dip too low: push it in; too high: draw it out. A few millimetres at a time.");
        } else {
            p.join(
                    "depth",
                    "Push the whip in as far as the sheet says, tighten, and mark the depth with a scratch at the rim.");
            p.tune("slide", "Dip a little too low: first let the whip sink deeper into the base, as far as it goes.")
                    .trimmed("the whip at its lower end");
        }
        return p.finish("cap", "Tighten, put the cap on the tip.", Caution.BARE_TIP, Caution.OVERALL_HEIGHT)
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
        Sketch side = new Sketch("From the side", Sketch.From.FRONT)
                .stroke(new Point(-half, 0, 0), new Point(half, 0, 0), 0, Style.GROUND)
                .stroke(foot, rim, 4 * in.get(Common.DIAMETER), Style.METAL)
                .stroke(rim, tip, in.get(Common.DIAMETER), Style.METAL)
                .measure(foot, tip, -1, "A")
                .feed(foot)
                .piece(foot.toward(tip, 0.6), 1);
        double depth = isTelescopic(in) ? 0 : Math.min(in.get(DEPTH), base);
        double seen = Math.max(0.03, 1.3 * base);
        Point bottom = rim.plus(new Point(0, 0, -depth));
        Sketch detail = new Sketch("Base, enlarged", Sketch.From.FRONT)
                .stroke(new Point(-3 * seen, 0, 0), new Point(3 * seen, 0, 0), 0, Style.GROUND)
                .stroke(foot, rim, 5 * in.get(Common.DIAMETER), Style.INSULATOR)
                .stroke(bottom, new Point(0, 0, 4 * seen), in.get(Common.DIAMETER), Style.METAL)
                .stroke(foot, new Point(0, 0, -4 * seen), 0.005, Style.COAX)
                .words(new Point(seen * 0.15, 0, -seen * 0.5), "shield to the sheet, bare metal");
        if (depth > 0) {
            detail.measure(bottom, rim, 1, "in the base", in.get(DEPTH));
        }
        return new Drawing(List.of(side.view(), detail.enlarged(rim, seen)));
    }
}
