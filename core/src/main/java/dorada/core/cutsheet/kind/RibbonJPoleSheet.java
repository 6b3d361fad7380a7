package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.RibbonJPole;
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
import dorada.core.cutsheet.SheetSolver;
import dorada.core.cutsheet.Shortening;
import dorada.core.cutsheet.Sketch;
import dorada.core.cutsheet.Solved;
import dorada.core.line.Feedline;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.rf.Wavelength;
import dorada.core.wire.Point;
import dorada.core.wire.Watch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** A J-pole of ribbon line or flat foil, for one band or two, in the open or inside a plastic tube. */
public final class RibbonJPoleSheet implements CutKind {

    private static final String STUB = "stub";
    private static final String TAP = "tap";
    private static final String RADIATOR = "radiator";
    private static final String DECOUPLING = "decoupling";
    private static final String UPPER = "upper";
    private static final String UPPER_HZ = "upperHz";
    private static final double RIBBON_PERMITTIVITY = 2.3;
    private static final double RADIATOR_FACTOR = 0.95;
    /** An inch and a quarter on 2 m: common practice, no source. */
    private static final double TAP_WAVES = 0.03175 / (299.792458 / 146);

    private static final double THIN_COAX_FACTOR = 0.66;
    /** |Γ| at SWR 2: what a compromise on two bands may be. */
    private static final double COMPROMISE = 1.0 / 3;

    private static final double NOTCH_M = 0.006;

    @Override
    public String id() {
        return "ribbon-j-pole";
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
    public double[] bandsHz(Inputs in) {
        return in.has("bands", "two")
                ? new double[] {in.frequencyHz(), in.get(UPPER_HZ)}
                : new double[] {in.frequencyHz()};
    }

    @Override
    public double doubt() {
        return 0.08;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        List<Input> all = new ArrayList<>();
        all.add(Input.choice(
                "of",
                CutWord.MADE_OF.of(),
                new Option("300", Say.RIBBON_300.of()),
                new Option("450", Say.LADDER_450.of()),
                new Option("foil", Say.FLAT_FOIL.of())));
        all.add(Input.choice(
                "bands", Say.BANDS.of(), new Option("one", Say.ONE.of()), new Option("two", Say.TWO.of())));
        all.add(Input.number(
                        UPPER_HZ,
                        Say.UPPER_BAND.of(),
                        Quantity.FREQUENCY,
                        2.7 * frequencyHz,
                        3.3 * frequencyHz,
                        3.05 * frequencyHz,
                        Say.ONE_STUB_SERVES_BOTH_ONLY_ABOUT.of())
                .onlyWith("bands", "two"));
        all.add(Input.choice(
                "where",
                Say.IT_HANGS.of(),
                new Option("open", Say.IN_THE_OPEN.of()),
                new Option("tube", Say.INSIDE_A_PLASTIC_TUBE.of())));
        all.add(Input.length("tubeM", Say.TUBE.of(), 0.012, 0.1, 0.03, Say.THE_RIBBON_MUST_FIT_IN.of())
                .onlyWith("where", "tube"));
        all.add(Input.length("wallM", Say.TUBE_WALL.of(), 0.0005, 0.01, 0.002, Say.WHAT_IS_SOLD.of())
                .onlyWith("where", "tube"));
        all.add(Input.length("foilM", Say.FOIL.of(), 0.002, 0.02, 0.005, Say.WHAT_CAN_BE_CUT_BY_HAND.of())
                .onlyWith("of", "foil"));
        all.add(Input.length("apartM", Say.FOIL_BETWEEN.of(), 0.006, 0.05, 0.02, Say.WIDER.of())
                .onlyWith("of", "foil"));
        all.addAll(Shortening.inputs(0.82, Say.A_QUARTER_WAVE_OF_THE_RIBBON.of(), frequencyHz));
        return all;
    }

    @Override
    public void check(Inputs in) {
        if (in.has("of", "foil") && in.get("apartM") < 1.5 * in.get("foilM")) {
            throw new InputException("apartM", Say.THE_STRIPS_MUST_LIE_ONE_AND.of());
        }
        if (in.has("where", "tube") && in.get("tubeM") < apartM(in) + 2 * wireM(in)) {
            throw new InputException("tubeM", Say.TUBE_TOO_NARROW.of(apartM(in) + 2 * wireM(in)));
        }
        if (in.has("bands", "two") && in.frequencyHz() > 200e6) {
            throw new InputException(Inputs.FREQUENCY, Say.FOR_TWO_BANDS_THE_LOWER_ONE.of());
        }
    }

    /** Velocity factor along the ribbon. */
    private static double velocity(Inputs in) {
        double usual = switch (in.choice("of")) {
            case "450" -> Feedline.byId("ladder-450").orElseThrow().velocityFactor();
            case "foil" -> 0.97;
            default -> Feedline.byId("ribbon-300").orElseThrow().velocityFactor();
        };
        return Math.min(0.999, Shortening.factor(in, usual, 0.25));
    }

    private static double apartM(Inputs in) {
        return switch (in.choice("of")) {
            case "450" -> 0.0205;
            case "foil" -> in.get("apartM");
            default -> 0.0075;
        };
    }

    /** A flat strip acts as a wire of a quarter of its width: C. A. Balanis, Antenna Theory, table 9.3, from memory. */
    private static double wireM(Inputs in) {
        return switch (in.choice("of")) {
            case "450" -> 0.0005;
            case "foil" -> in.get("foilM") / 4;
            default -> 0.0004;
        };
    }

    /**
     * Thickness of an insulation that slows the pair to its velocity factor: v² = 1 − (1 − 1/ε)·ln(b/a)/ln(d/a), from
     * the potential of two line charges with a layer each.
     */
    private static double insulationM(Inputs in) {
        double v = velocity(in);
        double a = wireM(in);
        double log = (1 - v * v) * Math.log(apartM(in) / a) / (1 - 1 / RIBBON_PERMITTIVITY);
        return Math.min(a * Math.expm1(log), 0.49 * apartM(in) - a);
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        double quarter = in.waveM() / 4;
        boolean isTwo = in.has("bands", "two");
        double upperWave = isTwo ? Wavelength.ofHz(in.get(UPPER_HZ)) : 0;
        List<Dimension> all = new ArrayList<>();
        all.add(Dimension.byRule(
                STUB,
                "A",
                Say.STUB.of(),
                velocity(in) * quarter,
                in.has(Shortening.FROM, "usual") ? Say.FACTOR_FROM_THE_CATALOGUE.of() : Say.FACTOR_AS_GIVEN.of()));
        all.add(new Dimension(
                TAP,
                "B",
                Say.TAP_ABOVE_THE_CLOSED_END.of(),
                Quantity.LENGTH,
                OptionalDouble.of(TAP_WAVES * in.waveM()),
                TAP_WAVES * in.waveM(),
                Say.AN_INCH_AND_A_QUARTER_ON.of(),
                0.03,
                true));
        double half = RADIATOR_FACTOR * in.waveM() / 2;
        if (!isTwo) {
            all.add(Dimension.tuned(RADIATOR, "C", Say.RADIATOR.of(), half, CutWord.HALF_WAVE_RULE.of()));
            return all;
        }
        double lower = RADIATOR_FACTOR * upperWave / 2;
        all.add(Dimension.tuned(RADIATOR, "C", Say.RADIATOR_NOTCH.of(), lower, Say.UPPER_HALF_WAVE_RULE.of()));
        all.add(Dimension.byRule(
                DECOUPLING,
                "D",
                Say.DECOUPLING_STUB_OF_THIN_COAX.of(),
                THIN_COAX_FACTOR * upperWave / 4,
                Say.DECOUPLING_RULE.of()));
        all.add(new Dimension(
                UPPER,
                "E",
                Say.WIRE_ABOVE_THE_DECOUPLING_STUB.of(),
                Quantity.LENGTH,
                OptionalDouble.empty(),
                Math.max(0.1, 0.6 * (half - lower)),
                Say.NO_RULE.of(),
                0.005,
                true));
        return all;
    }

    @Override
    public Goal goal(Inputs in) {
        return new Goal.Match(RADIATOR, TAP);
    }

    @Override
    public Solved solve(Inputs in, Watch watch) {
        if (in.has("bands", "one")) {
            return SheetSolver.at(
                    this,
                    in,
                    SheetSolver.matched(this, in, Shape.start(dimensions(in)), List.of(RADIATOR, TAP), watch));
        }
        double[] hz = bandsHz(in);
        Shape shape = SheetSolver.matched(
                this, in, Shape.start(dimensions(in)), List.of(RADIATOR, UPPER, TAP), hz, COMPROMISE, watch);
        Solved low = SheetSolver.at(this, in, shape);
        Solved high = SheetSolver.at(this, in.with(Inputs.FREQUENCY, hz[1]), shape);
        return new Solved(
                shape,
                low.atFeed(),
                low.atConnector(),
                List.of(Say.COMPROMISE.of(swr(low.atConnector()), swr(high.atConnector()))));
    }

    private static double swr(Impedance z) {
        return Reflection.of(z, 50).swr();
    }

    @Override
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        boolean isTwo = in.has("bands", "two");
        boolean isTube = in.has("where", "tube");
        return Optional.of(new RibbonJPole(
                        shape.get(STUB),
                        Math.min(shape.get(TAP), 0.9 * shape.get(STUB)),
                        shape.get(RADIATOR),
                        isTwo ? shape.get(DECOUPLING) : 0,
                        isTwo ? shape.get(UPPER) : 0,
                        apartM(in),
                        wireM(in),
                        Math.max(1e-6, insulationM(in)),
                        isTube ? in.get("tubeM") / 2 : 0,
                        isTube ? in.get("wallM") : 0)
                .assemble());
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        Outcome stock = switch (in.choice("of")) {
            case "450" -> Say.LADDER_450.of();
            case "foil" -> Say.COPPER_FOIL.of(in.get("foilM"));
            default -> Say.RIBBON_300.of();
        };
        Piece ribbon = Piece.of(1, Say.RIBBON.of(), 1, shape.get(STUB) + shape.get(RADIATOR), stock)
                .tunedBy(RADIATOR)
                .extra(0.012, Say.FOR_THE_TWISTED_CLOSED_END.of());
        if (in.has("bands", "one")) {
            return List.of(ribbon);
        }
        return List.of(
                ribbon,
                Piece.of(2, Say.DECOUPLING_STUB.of(), 1, shape.get(DECOUPLING), Say.THIN_COAX.of())
                        .extra(0.016, CutWord.FOR_STRIPPED_ENDS.of()),
                Piece.of(3, Say.WIRE_ABOVE_THE_STUB.of(), 1, shape.get(UPPER), Say.ONE_CONDUCTOR_OF_THE_RIBBON.of())
                        .tunedBy(UPPER)
                        .extra(0.012, CutWord.FOR_THE_JOINT.of()));
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        List<Outcome> all = new ArrayList<>(List.of(
                Say.THIN_COAX_WITH_A_CONNECTOR.of(), Say.FERRITES_OR_A_COIL_OF_THE.of(), CutWord.SHRINK_TUBE.of()));
        all.add(in.has("where", "tube") ? Say.PLASTIC_TUBE_WITH_TWO_CAPS.of() : Say.CORD_FOR_THE_TOP.of());
        return all;
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        boolean isTwo = in.has("bands", "two");
        Procedure p = Procedure.of(Metal.WIRE)
                .join("short", Say.STRIP_THE_BOTTOM.of())
                .join("notch", Say.CUT_A_NOTCH.of(NOTCH_M))
                .join("tap", Say.BARE_BOTH_WIRES_AT_B.of())
                .soldered();
        if (isTwo) {
            p.join("stub", Say.DECOUPLING_STUB_AT.of());
        }
        p.swept(in.has("where", "tube") ? Say.INSIDE_ITS_TUBE.of() : Say.HUNG_AS_IT_WILL_BE_USED.of());
        if (isTwo) {
            p.tune("upper", Say.FIRST_THE_UPPER_BAND.of()).tune("lower", Say.THEN_THE_LOWER_BAND.of());
        } else {
            p.trimmed(Say.THE_RADIATOR_AT_ITS_TOP.of());
        }
        p.tune("slide", Say.SWR_AT_THE_DIP_TOO_HIGH.of());
        if (in.has("where", "tube")) {
            p.tune("tube", Say.OUTSIDE_THE_TUBE_IT_READS_HIGHER.of());
        }
        if (in.has("where", "open")) {
            p.finish("roll", Say.TO_CARRY_IT.of());
        }
        return p.finish("relief", Say.TIE_THE_LINE_TO_THE_RIBBON.of()).weatherproofed();
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        double apart = apartM(in);
        double stub = shape.get(STUB);
        Point bottom = new Point(0, 0, 0);
        Point notch = new Point(apart, 0, stub);
        Point top = new Point(0, 0, stub + shape.get(RADIATOR));
        boolean isTwo = in.has("bands", "two");
        Sketch side = new Sketch(CutWord.FROM_THE_FRONT.of(), Sketch.From.FRONT)
                .of(a)
                .measure(new Point(apart, 0, 0), notch, 1, "A")
                .measure(new Point(0, 0, stub), top, -1, "C")
                .piece(bottom.toward(top, 0.6), 1);
        if (isTwo) {
            Point end = top.plus(new Point(0, 0, shape.get(UPPER)));
            side.measure(top, end, -1, "E")
                    .stroke(top, top.plus(new Point(0, 0, shape.get(DECOUPLING))), 0.006, Style.COAX)
                    .measure(top, top.plus(new Point(0, 0, shape.get(DECOUPLING))), 1, "D")
                    .piece(top.plus(new Point(0, 0, shape.get(DECOUPLING) / 2)), 2)
                    .piece(end, 3);
        }
        if (in.has("where", "tube")) {
            double out = in.get("tubeM") / 2;
            double height = top.z() + (isTwo ? shape.get(UPPER) : 0);
            for (int s = -1; s <= 1; s += 2) {
                side.stroke(
                        new Point(apart / 2 + s * out, 0, 0),
                        new Point(apart / 2 + s * out, 0, height),
                        in.get("wallM"),
                        Style.ENCLOSURE);
            }
        }
        double tap = shape.get(TAP);
        double seen = Math.max(1.1 * tap, 1.5 * apart);
        Sketch detail = new Sketch(CutWord.TAP_ENLARGED.of(), Sketch.From.FRONT)
                .of(a)
                .measure(new Point(apart, 0, 0), new Point(apart, 0, tap), 1, "B")
                .words(new Point(apart / 2 - 0.95 * seen, 0, 1.25 * tap), CutWord.CENTRE.of())
                .words(new Point(apart + 0.1 * seen, 0, 1.25 * tap), CutWord.SHIELD.of());
        return new Drawing(List.of(side.view(), detail.enlarged(new Point(apart / 2, 0, 0.6 * tap), seen)));
    }

    /** What it says. */
    private enum Say implements OutcomeId {
        TUBE_TOO_NARROW("ribbonFineM"),
        FACTOR_FROM_THE_CATALOGUE,
        FACTOR_AS_GIVEN,
        COMPROMISE("lowerSwr", "upperSwr"),
        COPPER_FOIL("widthFineM"),
        CUT_A_NOTCH("notchFineM"),
        TITLE,
        ABOUT,
        RIBBON_300,
        LADDER_450,
        FLAT_FOIL,
        BANDS,
        ONE,
        TWO,
        UPPER_BAND,
        ONE_STUB_SERVES_BOTH_ONLY_ABOUT,
        IT_HANGS,
        IN_THE_OPEN,
        INSIDE_A_PLASTIC_TUBE,
        TUBE,
        THE_RIBBON_MUST_FIT_IN,
        TUBE_WALL,
        WHAT_IS_SOLD,
        FOIL,
        WHAT_CAN_BE_CUT_BY_HAND,
        FOIL_BETWEEN,
        WIDER,
        A_QUARTER_WAVE_OF_THE_RIBBON,
        THE_STRIPS_MUST_LIE_ONE_AND,
        FOR_TWO_BANDS_THE_LOWER_ONE,
        STUB,
        TAP_ABOVE_THE_CLOSED_END,
        AN_INCH_AND_A_QUARTER_ON,
        RADIATOR,
        RADIATOR_NOTCH,
        UPPER_HALF_WAVE_RULE,
        DECOUPLING_STUB_OF_THIN_COAX,
        DECOUPLING_RULE,
        WIRE_ABOVE_THE_DECOUPLING_STUB,
        NO_RULE,
        RIBBON,
        FOR_THE_TWISTED_CLOSED_END,
        DECOUPLING_STUB,
        THIN_COAX,
        WIRE_ABOVE_THE_STUB,
        ONE_CONDUCTOR_OF_THE_RIBBON,
        THIN_COAX_WITH_A_CONNECTOR,
        FERRITES_OR_A_COIL_OF_THE,
        PLASTIC_TUBE_WITH_TWO_CAPS,
        CORD_FOR_THE_TOP,
        STRIP_THE_BOTTOM,
        BARE_BOTH_WIRES_AT_B,
        DECOUPLING_STUB_AT,
        INSIDE_ITS_TUBE,
        HUNG_AS_IT_WILL_BE_USED,
        FIRST_THE_UPPER_BAND,
        THEN_THE_LOWER_BAND,
        THE_RADIATOR_AT_ITS_TOP,
        SWR_AT_THE_DIP_TOO_HIGH,
        OUTSIDE_THE_TUBE_IT_READS_HIGHER,
        TO_CARRY_IT,
        TIE_THE_LINE_TO_THE_RIBBON;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.ribbonJPoleSheet";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
