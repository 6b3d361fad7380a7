package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.TubeJPole;
import dorada.core.cutsheet.CutKind;
import dorada.core.cutsheet.CutWord;
import dorada.core.cutsheet.Dimension;
import dorada.core.cutsheet.Drawing;
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
import dorada.core.cutsheet.Shortening;
import dorada.core.cutsheet.Sketch;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.rf.Wavelength;
import dorada.core.safety.Caution;
import dorada.core.wire.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** A J-pole of tube. */
public final class TubeJPoleSheet implements CutKind {

    private static final String STUB = "stub";
    private static final String WHOLE = "whole";
    private static final String TAP = "tap";
    private static final String APART = "apart";
    /** Copper tube, of 300/f: common practice, no source. */
    private static final double TUBE_FACTOR = 0.96;

    private static final double TRADE_WAVE_MHZ_M = 300;
    private static final double TAP_SHARE = 0.12;

    private static final String FITTING = "fittingM";

    /** Of a soldered elbow, in diameters of its tube; common practice, no source. */
    private static final double FITTING_DIAMETERS = 0.8;

    @Override
    public String id() {
        return "tube-j-pole";
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
        return 45e6;
    }

    @Override
    public double highestHz() {
        return 520e6;
    }

    @Override
    public double doubt() {
        return 0.06;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        double wave = Wavelength.ofHz(frequencyHz);
        List<Input> all = new ArrayList<>();
        all.add(Input.choice(
                Common.METAL,
                Say.TUBE.of(),
                new Option("copper", Say.COPPER.of()),
                new Option("aluminium", Say.ALUMINIUM.of()),
                new Option("brass", Say.BRASS.of()),
                new Option("stainless", Say.STAINLESS_STEEL.of())));
        all.add(Common.diameter(Say.TUBE_THICKNESS.of(), 0.015, frequencyHz));
        all.add(Input.length(
                "apartM",
                Say.BETWEEN_BOTH_TUBES.of(),
                0.008 * wave,
                0.05 * wave,
                Math.max(0.02 * wave, Math.min(0.045, 0.04 * wave)),
                Say.CLOSER.of()));
        all.add(Input.length(
                FITTING,
                Say.ELBOW_AND_TEE.of(),
                0,
                0.05,
                Math.min(FITTING_DIAMETERS * 0.015, 0.006 * wave),
                Say.MEASURE_IT_ON_THE_FITTING.of()));
        all.addAll(Shortening.inputs(TUBE_FACTOR, Say.THE_LONG_TUBE.of(), frequencyHz));
        return all;
    }

    @Override
    public void check(Inputs in) {
        if (in.get("apartM") < 2 * in.get(Common.DIAMETER)) {
            throw new InputException("apartM", Say.TOO_NEAR.of(2 * in.get(Common.DIAMETER)));
        }
        if (in.get("apartM") <= 2 * in.get(FITTING)) {
            throw new InputException(FITTING, Say.ELBOW_AND_TEE_ALONE_ARE_WIDER.of());
        }
    }

    /** The fittings take so much of what is measured from axis to axis. */
    private static double fittingM(Inputs in) {
        return in.get(FITTING);
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        double quarter =
                Shortening.factor(in, TUBE_FACTOR, 0.75) * TRADE_WAVE_MHZ_M / (in.frequencyHz() / Common.MHZ) / 4;
        Outcome source = Shortening.source(in, Say.RULE_288.of());
        return List.of(
                Dimension.byRule(STUB, "A", Say.SHORT_TUBE.of(), quarter, source),
                Dimension.tuned(WHOLE, "B", Say.LONG_TUBE.of(), 3 * quarter, source),
                new Dimension(
                        TAP,
                        "C",
                        Say.TAP_ABOVE_THE_BOTTOM.of(),
                        Quantity.LENGTH,
                        OptionalDouble.of(TAP_SHARE * quarter),
                        TAP_SHARE * quarter,
                        Say.ABOUT_AN_EIGHTH_OF_THE_STUB.of(),
                        0.02,
                        true),
                Dimension.given(APART, "D", Say.BETWEEN_BOTH_TUBES_AXIS.of(), in.get("apartM")));
    }

    @Override
    public Goal goal(Inputs in) {
        return new Goal.Match(WHOLE, TAP);
    }

    @Override
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        double stub = shape.get(STUB);
        return Optional.of(new TubeJPole(
                        Math.max(0.2 * stub, shape.get(WHOLE) - stub),
                        stub,
                        shape.get(APART),
                        Math.min(shape.get(TAP), 0.9 * stub),
                        Common.radiusM(in),
                        Common.conductor(in))
                .assemble());
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        return List.of(
                Piece.of(1, Say.LONG_TUBE_FROM.of(), 1, shape.get(WHOLE) - fittingM(in), Common.tube(in))
                        .tunedBy(WHOLE),
                Piece.of(2, Say.SHORT_TUBE_FROM.of(), 1, shape.get(STUB) - fittingM(in), Common.tube(in))
                        .tunedBy(STUB),
                Piece.of(3, Say.CROSS_PIECE.of(), 1, shape.get(APART) - 2 * fittingM(in), Common.tube(in)));
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        return List.of(
                Say.ELBOW_AND_TEE_FOR_THE_BOTTOM.of(),
                Say.TWO_CLAMPS_FOR_THE_TAP.of(),
                Say.CHOKE_BELOW_THE_TAP.of(),
                Say.POLE.of());
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.TUBE)
                .join("solder", Say.CLEAN.of(), Caution.OPEN_FLAME)
                .clamped()
                .join("tap", Say.CENTRE_OF_THE_LINE_TO_THE.of())
                .swept(Say.UPRIGHT.of())
                .tune("height", Say.DIP_TOO_LOW.of())
                .tune("slide", Say.SWR_AT_THE_DIP_TOO_HIGH.of())
                .tune("again", Say.LENGTH_AND_TAP_PULL_ON_EACH.of())
                .raised()
                .weatherproofed();
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        double apart = shape.get(APART);
        Point bottom = new Point(0, 0, 0);
        Point top = new Point(0, 0, shape.get(WHOLE));
        Point shortTop = new Point(apart, 0, shape.get(STUB));
        Point shortBottom = new Point(apart, 0, 0);
        Sketch side = new Sketch(CutWord.FROM_THE_SIDE.of(), Sketch.From.FRONT)
                .of(a)
                .measure(bottom, top, -1, "B")
                .measure(shortBottom, shortTop, 1, "A")
                .piece(bottom.toward(top, 0.7), 1)
                .piece(shortBottom.toward(shortTop, 0.8), 2);
        double tap = shape.get(TAP);
        double seen = Math.max(1.6 * tap, apart);
        Sketch detail = new Sketch(CutWord.TAP_ENLARGED.of(), Sketch.From.FRONT)
                .of(a)
                .measure(shortBottom, new Point(apart, 0, tap), 1, "C")
                .measure(bottom, shortBottom, 1, "D")
                .words(new Point(-0.9 * seen + apart / 2, 0, 1.05 * tap), CutWord.CENTRE.of())
                .words(
                        // Beside the tube, which is as thick as it is drawn.
                        new Point(apart + 0.5 * in.get(Common.DIAMETER) + 0.08 * seen, 0, 1.05 * tap),
                        CutWord.SHIELD.of());
        return new Drawing(List.of(side.view(), detail.enlarged(new Point(apart / 2, 0, 0.6 * tap), seen)));
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        TOO_NEAR("leastSizeM"),
        TITLE,
        ABOUT,
        TUBE,
        COPPER,
        ALUMINIUM,
        BRASS,
        STAINLESS_STEEL,
        TUBE_THICKNESS,
        BETWEEN_BOTH_TUBES,
        CLOSER,
        ELBOW_AND_TEE,
        MEASURE_IT_ON_THE_FITTING,
        THE_LONG_TUBE,
        ELBOW_AND_TEE_ALONE_ARE_WIDER,
        RULE_288,
        SHORT_TUBE,
        LONG_TUBE,
        TAP_ABOVE_THE_BOTTOM,
        ABOUT_AN_EIGHTH_OF_THE_STUB,
        BETWEEN_BOTH_TUBES_AXIS,
        LONG_TUBE_FROM,
        SHORT_TUBE_FROM,
        CROSS_PIECE,
        ELBOW_AND_TEE_FOR_THE_BOTTOM,
        TWO_CLAMPS_FOR_THE_TAP,
        CHOKE_BELOW_THE_TAP,
        POLE,
        CLEAN,
        CENTRE_OF_THE_LINE_TO_THE,
        UPRIGHT,
        DIP_TOO_LOW,
        SWR_AT_THE_DIP_TOO_HIGH,
        LENGTH_AND_TAP_PULL_ON_EACH;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.tubeJPoleSheet";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
