package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.WireLoop;
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
import dorada.core.cutsheet.Shortening;
import dorada.core.cutsheet.Sketch;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.wire.Conductor;
import dorada.core.wire.Point;
import dorada.core.wire.Sheath;
import dorada.core.wire.Structure;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A full-wave loop of wire with a 4:1 balun. */
public final class FullWaveLoop implements CutKind {

    private static final String AROUND = "around";
    private static final String WIDTH = "width";
    /** 1005/f in feet: common practice, no source. */
    private static final double FEET = 1005 * 0.3048;

    @Override
    public String id() {
        return "full-wave-loop";
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
        return 3e6;
    }

    @Override
    public double highestHz() {
        return 1e9;
    }

    @Override
    public double doubt() {
        return 0.05;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        double around = FEET / (frequencyHz / Common.MHZ);
        List<Input> all = new ArrayList<>();
        all.add(Input.length(
                "widthM",
                Say.WIDTH.of(),
                0.08 * around,
                0.42 * around,
                around / 4,
                Say.NARROWER_OR_FLATTER_IT_IS_A.of()));
        all.add(Input.choice(
                "balun",
                Say.BALUN.of(),
                new Option("4", CutWord.RATIO.of(4)),
                new Option("2", CutWord.RATIO.of(2)),
                new Option("1", CutWord.RATIO.of(1))));
        all.add(Common.diameter(CutWord.WIRE_THICKNESS.of(), 0.0016, frequencyHz));
        all.add(Common.insulation());
        all.addAll(Shortening.inputs(FEET / 299.792458, Say.ONCE_AROUND.of(), frequencyHz));
        return all;
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        return List.of(
                Dimension.tuned(
                        AROUND,
                        "A",
                        Say.ONCE_AROUND.of(),
                        Shortening.factor(in, FEET / 299.792458, 1) * in.waveM(),
                        Shortening.source(in, Say.RULE_1005.of())),
                Dimension.given(WIDTH, "B", Say.MEASURE_WIDTH.of(), in.get("widthM")));
    }

    @Override
    public Goal goal(Inputs in) {
        return new Goal.Resonance(AROUND);
    }

    @Override
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        double width = shape.get(WIDTH);
        double height = heightM(shape);
        Assembly a = new WireLoop(
                        width, height, 1, Double.parseDouble(in.choice("balun")), Common.radiusM(in), Conductor.COPPER)
                .assemble();
        double thick = in.get(Common.INSULATION);
        List<Wire> wires = a.structure().wires().stream()
                .map(w -> thick > 0 ? w.in(Sheath.insulation(w.radiusM(), thick, Common.PLASTIC)) : w)
                .toList();
        return Optional.of(a.in(Structure.inFreeSpace(wires)));
    }

    private static double heightM(Shape shape) {
        return Math.max(0.02 * shape.get(AROUND), shape.get(AROUND) / 2 - shape.get(WIDTH));
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        return List.of(Piece.of(1, Say.LOOP.of(), 1, shape.get(AROUND), Common.wire(in))
                .tunedBy(AROUND)
                .extra(0.04, Say.FOR_TWO_CRIMPS_AT_THE_BALUN.of())
                .spliceable());
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        return List.of(
                Say.BALUN_PART.of(in.choice("balun")),
                Say.FRAME_OR_FOUR_CORDS_WITH_INSULATORS.of(),
                Say.TWO_CRIMPS.of());
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        return Procedure.of(Metal.WIRE)
                .join("corners", Say.MARK_THE_CORNERS.of(shape.get(WIDTH) / 2, heightM(shape), shape.get(WIDTH)))
                .soldered()
                .raised()
                .swept(Say.IN_ITS_FINAL_PLACE.of())
                .trimmed(Say.THE_LOOP_AT_THE_BALUN.of())
                .tune("shape", Say.RESISTANCE_TOO_HIGH.of())
                .weatherproofed();
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        List<Wire> w = a.structure().wires();
        double h = heightM(shape);
        Point low = w.get(0).from();
        Sketch front = new Sketch(CutWord.FROM_THE_FRONT.of(), Sketch.From.FRONT)
                .of(a)
                .measure(w.get(2).from(), w.get(2).to(), 1, "B")
                .measure(low, w.get(3).from(), -1, "h", h)
                .piece(w.get(1).from().toward(w.get(1).to(), 0.5), 1);
        Point feed = Sketch.feedOf(a);
        double seen = 0.05;
        Sketch detail = new Sketch(CutWord.FEED_ENLARGED.of(), Sketch.From.FRONT)
                .stroke(
                        feed.plus(new Point(-1, 0, 0)),
                        feed.plus(new Point(-0.008, 0, 0)),
                        in.get(Common.DIAMETER),
                        Style.METAL)
                .stroke(
                        feed.plus(new Point(0.008, 0, 0)),
                        feed.plus(new Point(1, 0, 0)),
                        in.get(Common.DIAMETER),
                        Style.METAL)
                .stroke(feed.plus(new Point(0, 0, -0.01)), feed.plus(new Point(0, 0, 0.01)), 0.03, Style.INSULATOR)
                .stroke(feed.plus(new Point(0, 0, -0.01)), feed.plus(new Point(0, 0, -1)), 0.005, Style.COAX)
                .words(feed.plus(new Point(-0.045, 0, 0.03)), Say.BALUN_AT_THE_FEED.of(in.choice("balun")));
        return new Drawing(List.of(front.view(), detail.enlarged(feed, seen)));
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        BALUN,
        BALUN_PART("ratio"),
        BALUN_AT_THE_FEED("ratio"),
        MARK_THE_CORNERS("firstSizeM", "sideSizeM", "topSizeM"),
        TITLE,
        ABOUT,
        WIDTH,
        NARROWER_OR_FLATTER_IT_IS_A,
        ONCE_AROUND,
        RULE_1005,
        MEASURE_WIDTH,
        LOOP,
        FOR_TWO_CRIMPS_AT_THE_BALUN,
        FRAME_OR_FOUR_CORDS_WITH_INSULATORS,
        TWO_CRIMPS,
        IN_ITS_FINAL_PLACE,
        THE_LOOP_AT_THE_BALUN,
        RESISTANCE_TOO_HIGH;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.fullWaveLoop";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
