package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.RibbonJPole;
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
import dorada.core.cutsheet.SheetSolver;
import dorada.core.cutsheet.Shortening;
import dorada.core.cutsheet.Sketch;
import dorada.core.cutsheet.Solved;
import dorada.core.line.Feedline;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.rf.Wavelength;
import dorada.core.wire.Point;
import dorada.core.wire.Watch;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
    public String title() {
        return "ribbon J-pole";
    }

    @Override
    public String about() {
        return "Of ribbon line or foil: rolls up, hangs from a branch or stands in a plastic tube.";
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
                "of", "Made of", "300", "300 Ω ribbon", "450", "450 Ω ladder ribbon", "foil", "flat foil"));
        all.add(Input.choice("bands", "Bands", "one", "one", "two", "two, with a decoupling stub"));
        all.add(Input.number(
                        UPPER_HZ,
                        "Upper band",
                        Quantity.FREQUENCY,
                        2.7 * frequencyHz,
                        3.3 * frequencyHz,
                        3.05 * frequencyHz,
                        "one stub serves both only about three times the lower frequency")
                .onlyWith("bands", "two"));
        all.add(Input.choice("where", "It hangs", "open", "in the open", "tube", "inside a plastic tube"));
        all.add(Input.length("tubeM", "Tube, inside diameter", 0.012, 0.1, 0.03, "the ribbon must fit in")
                .onlyWith("where", "tube"));
        all.add(Input.length("wallM", "Tube, wall", 0.0005, 0.01, 0.002, "what is sold")
                .onlyWith("where", "tube"));
        all.add(Input.length("foilM", "Foil, width", 0.002, 0.02, 0.005, "what can be cut by hand")
                .onlyWith("of", "foil"));
        all.add(Input.length(
                        "apartM",
                        "Foil, between both strips, middle to middle",
                        0.006,
                        0.05,
                        0.02,
                        "wider, the stub" + " radiates")
                .onlyWith("of", "foil"));
        all.addAll(Shortening.inputs(0.82, "a quarter-wave of the ribbon, shorted at its end", frequencyHz));
        return all;
    }

    @Override
    public void check(Inputs in) {
        if (in.has("of", "foil") && in.get("apartM") < 1.5 * in.get("foilM")) {
            throw new InputException("apartM", "The strips must lie one and a half times their width apart, or more.");
        }
        if (in.has("where", "tube") && in.get("tubeM") < apartM(in) + 2 * wireM(in)) {
            throw new InputException(
                    "tubeM",
                    "The ribbon is " + Common.millimetres(apartM(in) + 2 * wireM(in))
                            + " wide: the tube must be wider.");
        }
        if (in.has("bands", "two") && in.frequencyHz() > 200e6) {
            throw new InputException(Inputs.FREQUENCY, "For two bands the lower one lies below 200 MHz.");
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
                "stub: closed end to notch",
                velocity(in) * quarter,
                "velocity factor × a quarter-wave: formula; factor "
                        + (in.has(Shortening.FROM, "usual") ? "from the catalogue" : "as given")));
        all.add(new Dimension(
                TAP,
                "B",
                "tap above the closed end",
                Quantity.LENGTH,
                OptionalDouble.of(TAP_WAVES * in.waveM()),
                TAP_WAVES * in.waveM(),
                "an inch and a quarter on 2 m; common practice, no source",
                0.03,
                true));
        double half = RADIATOR_FACTOR * in.waveM() / 2;
        if (!isTwo) {
            all.add(Dimension.tuned(
                    RADIATOR, "C", "radiator: notch to top", half, "0.95 of a half-wave; common practice, no source"));
            return all;
        }
        double lower = RADIATOR_FACTOR * upperWave / 2;
        all.add(Dimension.tuned(
                RADIATOR,
                "C",
                "radiator: notch to decoupling stub",
                lower,
                "0.95 of a half-wave of the upper band; common practice, no source"));
        all.add(Dimension.byRule(
                DECOUPLING,
                "D",
                "decoupling stub of thin coax, shorted at its top",
                THIN_COAX_FACTOR * upperWave / 4,
                "0.66 × a quarter-wave of the upper band: formula"));
        all.add(new Dimension(
                UPPER,
                "E",
                "wire above the decoupling stub",
                Quantity.LENGTH,
                OptionalDouble.empty(),
                Math.max(0.1, 0.6 * (half - lower)),
                "no rule: solved for on the lower band",
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
                List.of(String.format(
                        Locale.ROOT,
                        "One tap for two bands is a compromise: SWR %.1f on the lower, %.1f on the upper.",
                        swr(low.atConnector()),
                        swr(high.atConnector()))));
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
        String stock = switch (in.choice("of")) {
            case "450" -> "450 Ω ladder ribbon";
            case "foil" -> "copper foil, " + Common.millimetres(in.get("foilM"));
            default -> "300 Ω ribbon";
        };
        Piece ribbon = Piece.of(1, "ribbon, stub and radiator in one", 1, shape.get(STUB) + shape.get(RADIATOR), stock)
                .tunedBy(RADIATOR)
                .extra(0.012, "for the twisted closed end");
        if (in.has("bands", "one")) {
            return List.of(ribbon);
        }
        return List.of(
                ribbon,
                Piece.of(2, "decoupling stub", 1, shape.get(DECOUPLING), "thin coax, velocity factor 0.66")
                        .extra(0.016, "for stripped ends"),
                Piece.of(3, "wire above the stub", 1, shape.get(UPPER), "one conductor of the ribbon")
                        .tunedBy(UPPER)
                        .extra(0.012, "for the joint"));
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        List<String> all = new ArrayList<>(List.of(
                "thin coax with a connector", "ferrites or a coil of the line as choke below the tap", "shrink tube"));
        all.add(in.has("where", "tube") ? "plastic tube with two caps" : "cord for the top");
        return all;
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        boolean isTwo = in.has("bands", "two");
        Procedure p = Procedure.of(Metal.WIRE)
                .join("short", "Strip the bottom, twist both wires together and solder: the closed end.")
                .join(
                        "notch",
                        "Cut a notch of " + Common.millimetres(NOTCH_M)
                                + " into one wire at A; above it that wire is dead.")
                .join("tap", "Bare both wires at B; the line's centre to the long one, its shield to the short one.")
                .soldered();
        if (isTwo) {
            p.join(
                    "stub",
                    "Decoupling stub: at its foot its centre joins the radiator below and its shield the wire above; these two"
                            + " touch nowhere else. At its far end centre and shield are soldered together.");
        }
        p.swept(
                in.has("where", "tube")
                        ? "inside its tube, upright and clear"
                        : "hung as it will be used, clear of all");
        if (isTwo) {
            p.tune("upper", "First the upper band: trim the radiator below the decoupling stub.")
                    .tune("lower", "Then the lower band: trim the wire above the stub. The upper band hardly moves.");
        } else {
            p.trimmed("the radiator at its top");
        }
        p.tune("slide", "SWR at the dip too high: move the tap by a few millimetres; then the length again.");
        if (in.has("where", "tube")) {
            p.tune("tube", "Outside the tube it reads higher: never trim it there.");
        }
        if (in.has("where", "open")) {
            p.finish("roll", "To carry it: roll it up loosely, a hand wide, and tie it; kinks break wire and foil.");
        }
        return p.finish("relief", "Tie the line to the ribbon below the tap, so that no joint is pulled.")
                .weatherproofed();
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
        Sketch side = new Sketch("From the front", Sketch.From.FRONT)
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
        Sketch detail = new Sketch("Tap, enlarged", Sketch.From.FRONT)
                .of(a)
                .measure(new Point(apart, 0, 0), new Point(apart, 0, tap), 1, "B")
                .words(new Point(apart / 2 - 0.95 * seen, 0, 1.25 * tap), "centre")
                .words(new Point(apart + 0.1 * seen, 0, 1.25 * tap), "shield");
        return new Drawing(List.of(side.view(), detail.enlarged(new Point(apart / 2, 0, 0.6 * tap), seen)));
    }
}
