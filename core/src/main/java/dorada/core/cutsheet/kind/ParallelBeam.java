package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.Beam;
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
import dorada.core.cutsheet.Solved;
import dorada.core.rf.Wavelength;
import dorada.core.wire.Point;
import dorada.core.wire.Watch;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A beam of two to six parallel elements. Three, five and six by the tables of P. P. Viezbicke, Yagi Antenna Design, NBS
 * Technical Note 688 (1976), from memory; for two and four elements, and for 50 Ω without a matching part, there is no
 * table: the solver looks for them.
 */
public final class ParallelBeam implements CutKind {

    static final String DRIVEN = "driven";
    static final String REFLECTOR = "reflector";
    static final String HAIRPIN = "hairpin";
    static final String TAP = "tap";
    static final String SERIES = "series";
    private static final String BOOM = "boomM";
    private static final String HOLES = "holesM";
    private static final String THROUGH = "through";
    private static final String FOLD = "foldM";
    private static final double DRIVEN_FACTOR = 0.95;
    /** Elements nearer than this act as one. */
    private static final double LEAST_SPACING_WAVES = 0.07;

    /** Of the boom, beyond the outermost elements and for the mast clamp; less where the elements are small. */
    private static final double ENDS_M = 0.1;

    private static final double ENDS_WAVES = 0.08;

    private static final double ROD_RADIUS_M = 0.002;

    @Override
    public String id() {
        return "beam";
    }

    @Override
    public String title() {
        return "beam of parallel elements";
    }

    @Override
    public String about() {
        return "Two to six elements on a boom: gain toward one station, and quiet from behind.";
    }

    @Override
    public double lowestHz() {
        return 25e6;
    }

    @Override
    public double highestHz() {
        return 1.3e9;
    }

    @Override
    public double doubt() {
        return 0.15;
    }

    @Override
    public List<Input> inputs(double frequencyHz) {
        double wave = Wavelength.ofHz(frequencyHz);
        return List.of(
                Input.choice("elements", "Elements", "3", "three", "2", "two", "4", "four", "5", "five", "6", "six"),
                Input.choice(
                        "drive",
                        "Driven element",
                        HAIRPIN,
                        "split, with a hairpin",
                        "direct",
                        "split, 50 Ω direct",
                        "folded",
                        "folded dipole and 4:1",
                        "gamma",
                        "whole, with a gamma match"),
                Common.metal(),
                Common.diameter("Elements, thickness", 0.006, frequencyHz),
                Input.choice(
                        "boom",
                        "Boom",
                        "wood",
                        "wood or plastic",
                        THROUGH,
                        "metal, elements through it",
                        "above",
                        "metal, elements above it"),
                Input.length(
                                "thickM",
                                "Boom, thickness",
                                0.005,
                                0.05 * wave,
                                Math.min(0.02, 0.02 * wave),
                                "thicker, the correction for it is not known")
                        .onlyWith("boom", THROUGH),
                Input.length(BOOM, "Boom on hand, 0 = as long as it takes", 0, 30, 0, "what can be carried"),
                Input.length(
                        HOLES,
                        "Holes in it, hole to hole, 0 = none",
                        0,
                        0.3 * wave,
                        0,
                        "a wider pitch puts no element in its place"),
                Input.length(
                                FOLD,
                                "Folded dipole, between both sides",
                                0.004 * wave,
                                0.04 * wave,
                                0.015 * wave,
                                "wider it is a loop")
                        .onlyWith("drive", "folded"),
                Input.length(
                                "gammaM",
                                "Gamma rod, from the element",
                                0.005 * wave,
                                0.03 * wave,
                                0.012 * wave,
                                "axis to axis")
                        .onlyWith("drive", "gamma"));
    }

    static int elements(Inputs in) {
        return Integer.parseInt(in.choice("elements"));
    }

    @Override
    public void check(Inputs in) {
        double boom = in.get(BOOM);
        int gaps = elements(in) - 1;
        double least = gaps * LEAST_SPACING_WAVES * in.waveM() + endsM(in);
        if (boom > 0 && boom < least) {
            throw new InputException(
                    BOOM,
                    String.format(
                            Locale.ROOT,
                            "%d elements need a boom of at least %s: nearer than 0.07 of a wavelength they act as one. Take"
                                    + " fewer elements.",
                            elements(in),
                            Inputs.words(Quantity.LENGTH, least)));
        }
        if (in.get(HOLES) > 0 && boom > 0 && usableM(in) < gaps * in.get(HOLES)) {
            throw new InputException(HOLES, "So few holes fit on this boom that not every element has one.");
        }
    }

    /** Spacings from the reflector forward, as the table has them, in wavelengths. */
    private static double[] tableSpacings(int elements) {
        double[] all = new double[elements - 1];
        java.util.Arrays.fill(all, elements == 6 ? 0.25 : 0.2);
        all[0] = elements == 2 ? 0.15 : 0.2;
        return all;
    }

    /** Reflector, then directors, in wavelengths, for elements 0.0085 wavelengths thick. */
    private static double[] tableLengths(int elements) {
        return switch (elements) {
            case 2 -> new double[] {0.49};
            case 3 -> new double[] {0.482, 0.442};
            case 4 -> new double[] {0.482, 0.432, 0.428};
            case 5 -> new double[] {0.482, 0.428, 0.424, 0.428};
            default -> new double[] {0.482, 0.428, 0.420, 0.420, 0.428};
        };
    }

    /** True where the tables know such a beam. */
    boolean hasTable(Inputs in) {
        int n = elements(in);
        return (n == 3 || n == 5 || n == 6) && !isFedWithout(in);
    }

    /** True where its lengths are the table's: a boom that moves the elements makes another beam of it. */
    boolean isTabled(Inputs in) {
        return hasTable(in) && in.get(HOLES) == 0 && in.get(BOOM) == 0;
    }

    /** True where nothing but the elements themselves can bring 50 Ω. */
    static boolean isFedWithout(Inputs in) {
        return in.has("drive", "direct") || in.has("drive", "folded");
    }

    /** Spacings as this boom allows them, in metres: pressed together where it is short, then moved to its holes. */
    static double[] spacings(Inputs in, boolean isOnHoles) {
        double[] s = tableSpacings(elements(in));
        double whole = java.util.Arrays.stream(s).sum() * in.waveM();
        double usable = usableM(in);
        double share = Math.min(1, usable / whole);
        double holes = in.get(HOLES);
        double at = 0;
        double last = 0;
        for (int i = 0; i < s.length; i++) {
            at += s[i] * in.waveM() * share;
            double place = isOnHoles && holes > 0 ? hole(at, last, holes, usable, s.length - 1 - i) : at;
            s[i] = place - last;
            last = place;
        }
        return s;
    }

    /** The hole nearest to {@code at} that leaves one for each of {@code after} elements farther on. */
    private static double hole(double at, double last, double holes, double usable, int after) {
        double farthest = (Math.floor(usable / holes + 1e-9) - after) * holes;
        return Math.min(Math.max(last + holes, Math.round(at / holes) * holes), farthest);
    }

    /** From the first element to the last, at most: what is on hand less both ends and the clamp; infinite where any will do. */
    static double usableM(Inputs in) {
        return in.get(BOOM) > 0 ? in.get(BOOM) - endsM(in) : Double.POSITIVE_INFINITY;
    }

    private static double endsM(Inputs in) {
        return Math.min(ENDS_M, ENDS_WAVES * in.waveM());
    }

    static String director(int i) {
        return "director" + i;
    }

    static String spacing(int i) {
        return "spacing" + i;
    }

    @Override
    public List<Dimension> dimensions(Inputs in) {
        int n = elements(in);
        double wave = in.waveM();
        double[] lengths = tableLengths(n);
        String table = isTabled(in)
                ? "NBS Technical Note 688, from memory, moved to this thickness"
                : "no table for this one: a start for the solver";
        List<Dimension> all = new ArrayList<>();
        all.add(element(REFLECTOR, "A", "reflector", lengths[0], in, table));
        all.add(Dimension.tuned(
                DRIVEN,
                "B",
                "driven element, end to end",
                DRIVEN_FACTOR * wave / 2,
                "0.95 of a half-wave; common practice, no source"));
        for (int i = 1; i < lengths.length; i++) {
            all.add(element(director(i), String.valueOf((char) ('B' + i)), "director " + i, lengths[i], in, table));
        }
        double[] spacings = spacings(in, true);
        boolean isMoved = in.get(HOLES) > 0 || in.get(BOOM) > 0;
        for (int i = 0; i < spacings.length; i++) {
            String from = i == 0
                    ? "reflector to driven"
                    : i == 1 ? "driven to director 1" : "director " + (i - 1) + " to " + i;
            all.add(Dimension.byRule(
                    spacing(i), "S" + (i + 1), from, spacings[i], isMoved ? "moved to this boom" : table));
        }
        double ohm = 50 / (2 * Math.PI * in.frequencyHz());
        switch (in.choice("drive")) {
            case HAIRPIN ->
                all.add(Dimension.solved(HAIRPIN, "L", "hairpin across the feed", Quantity.INDUCTANCE, ohm));
            case "gamma" -> {
                all.add(Dimension.solved(TAP, "T", "gamma: middle to strap", Quantity.LENGTH, 0.05 * wave));
                all.add(Dimension.solved(
                        SERIES,
                        "C",
                        "gamma: capacitor in series",
                        Quantity.CAPACITANCE,
                        1 / (2 * Math.PI * in.frequencyHz() * 60)));
            }
            default -> {}
        }
        return all;
    }

    private Dimension element(String id, String mark, String title, double waves, Inputs in, String source) {
        // As it is cut: what goes through a metal boom is longer than what is solved without one.
        double length = ofThickness(waves, in.get(Common.DIAMETER) / in.waveM()) * in.waveM() + correctionM(in);
        Dimension d = Dimension.byRule(id, mark, title, length, source).within(0.003);
        return isTabled(in)
                ? d
                : new Dimension(id, mark, title, Quantity.LENGTH, OptionalDouble.empty(), length, source, 0.003, false);
    }

    /**
     * Length in wavelengths at a thickness, of the same reactance as {@code waves} at 0.0085: X = (430.3·log(2/d) − 320)·(2l
     * − 1) + 40 Ω. Source: G. Hoch, VHF Communications (1977), from memory.
     */
    static double ofThickness(double waves, double thicknessWaves) {
        double slope = 430.3 * Math.log10(2 / 0.0085) - 320;
        double here = 430.3 * Math.log10(2 / thicknessWaves) - 320;
        return (1 + slope * (2 * waves - 1) / here) / 2;
    }

    /**
     * How much longer an element must be where it goes through a metal boom, in metres: (25.195·b − 229·b²)·B with b = B/λ.
     * Source: G. Hoch, VHF Communications (1982), from memory; the trade says 3 to 7 mm on 2 m.
     */
    static double boomCorrectionM(double boomM, double waveM) {
        double b = boomM / waveM;
        return (25.195 * b - 229 * b * b) * boomM;
    }

    private static double correctionM(Inputs in) {
        return in.has("boom", THROUGH) ? boomCorrectionM(in.get("thickM"), in.waveM()) : 0;
    }

    @Override
    public Goal goal(Inputs in) {
        return new Goal.Resonance(DRIVEN);
    }

    @Override
    public Solved solve(Inputs in, Watch watch) {
        return new BeamSearch(this, in).solve(watch);
    }

    @Override
    public Optional<Assembly> assembly(Inputs in, Shape shape) {
        List<Beam.Element> others = new ArrayList<>();
        double boom = correctionM(in);
        others.add(new Beam.Element(-shape.get(spacing(0)), shape.get(REFLECTOR) - boom));
        double at = 0;
        for (int i = 1; i <= elements(in) - 2; i++) {
            at += shape.get(spacing(i));
            others.add(new Beam.Element(at, shape.get(director(i)) - boom));
        }
        Beam.Drive drive = switch (in.choice("drive")) {
            case HAIRPIN -> new Beam.Split(shape.get(HAIRPIN));
            case "folded" -> new Beam.Folded(in.get(FOLD), 4);
            case "gamma" ->
                new Beam.Gamma(
                        Math.min(shape.get(TAP), 0.45 * shape.get(DRIVEN)),
                        in.get("gammaM"),
                        Math.min(ROD_RADIUS_M, Common.radiusM(in)),
                        shape.get(SERIES));
            default -> new Beam.Split(0);
        };
        return Optional.of(
                new Beam(shape.get(DRIVEN), others, Common.radiusM(in), drive, Common.conductor(in)).assemble());
    }

    @Override
    public List<Piece> pieces(Inputs in, Shape shape) {
        String stock = Common.tube(in);
        List<Piece> all = new ArrayList<>();
        all.add(Piece.of(1, "reflector", 1, shape.get(REFLECTOR), stock));
        Piece driven = driven(in, shape, stock);
        all.add(in.has("drive", "folded") ? driven : driven.tunedBy(DRIVEN));
        for (int i = 1; i <= elements(in) - 2; i++) {
            all.add(Piece.of(2 + i, "director " + i, 1, shape.get(director(i)), stock));
        }
        double boom = 0;
        for (int i = 0; i < elements(in) - 1; i++) {
            boom += shape.get(spacing(i));
        }
        all.add(Piece.of(elements(in) + 1, "boom", 1, boom, "boom")
                .extra(endsM(in), "for both ends and the mast clamp"));
        return all;
    }

    private static Piece driven(Inputs in, Shape shape, String stock) {
        double b = shape.get(DRIVEN);
        return switch (in.choice("drive")) {
            case "folded" ->
                Piece.of(2, "driven element, once around", 1, 2 * (b + in.get(FOLD)), stock)
                        .extra(0.04, "for trimming at the feed, both ends alike");
            case "gamma" -> Piece.of(2, "driven element", 1, b, stock);
            default -> Piece.of(2, "half of the driven element", 2, b / 2, stock);
        };
    }

    @Override
    public List<String> parts(Inputs in, Shape shape) {
        List<String> all = new ArrayList<>();
        all.add("holders for " + elements(in) + " elements");
        all.add("boom-to-mast clamp");
        switch (in.choice("drive")) {
            case HAIRPIN -> all.add(hairpin(in, shape));
            case "folded" -> all.add("4:1 balun, for example a half-wave of coax");
            case "gamma" ->
                all.add("gamma rod, 4 mm, " + Inputs.words(Quantity.LENGTH, shape.get(TAP))
                        + "; a strap; a capacitor of " + Inputs.words(Quantity.CAPACITANCE, shape.get(SERIES)));
            default -> all.add("insulating centre piece");
        }
        all.add("1:1 choke at the feed");
        return all;
    }

    /** Two wires of 3 mm, 30 mm apart, shorted: Z₀ = 120·arcosh(D/d), X = Z₀·tan(2πl/λ); Pozar, table 2.1. */
    private static String hairpin(Inputs in, Shape shape) {
        double z0 = 120 * Math.log(10 + Math.sqrt(99));
        double x = 2 * Math.PI * in.frequencyHz() * shape.get(HAIRPIN);
        double length = in.waveM() / (2 * Math.PI) * Math.atan(x / z0);
        return "hairpin: two wires of 3 mm, 30 mm apart, " + Inputs.words(Quantity.LENGTH, length) + " to their short";
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        Procedure p = Procedure.of(Metal.TUBE)
                .join("middle", "Mark each element's middle and its number; find the middle by balancing it.")
                .join("places", "Mark the places on the boom from the reflector, adding up, not from one to the next.");
        if (in.has("boom", "above")) {
            p.join("above", "Hold the elements at least half the boom's thickness above the metal.");
        }
        p.clamped()
                .swept("pointing up, the reflector near the ground, or on a mast a wavelength clear")
                .trimmed("the driven element, both ends alike; never reflector or directors");
        switch (in.choice("drive")) {
            case HAIRPIN ->
                p.tune("hairpin", "SWR at the dip too high: slide the hairpin's short, then the length again.");
            case "gamma" ->
                p.tune("gamma", "Slide the strap for resistance, set the capacitor for reactance, in turn.");
            default -> p.tune("space", "SWR at the dip too high: move director 1, or the reflector, by a little.");
        }
        return p.raised()
                .mount("point", "Point it at the other station, and set its polarisation as the other station's.")
                .weatherproofed();
    }

    @Override
    public List<String> notes(Inputs in, Shape shape) {
        List<String> all = new ArrayList<>();
        if (in.has("boom", THROUGH)) {
            all.add("Reflector and directors are " + Inputs.words(Quantity.LENGTH, correctionM(in))
                    + " longer than in free space, for the metal boom through them.");
        }
        return all;
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        int n = elements(in);
        double x = -shape.get(spacing(0));
        double first = x;
        Sketch above = new Sketch("From above, forward to the right", Sketch.From.FRONT);
        double most = shape.get(REFLECTOR) / 2;
        double low = -most;
        List<double[]> places = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double half = shape.get(i == 0 ? REFLECTOR : i == 1 ? DRIVEN : director(i - 1)) / 2;
            places.add(new double[] {x, half});
            x += i < n - 1 ? shape.get(spacing(i)) : 0;
        }
        above.stroke(new Point(first, 0, 0), new Point(x, 0, 0), 0.02, Style.BOOM)
                .of(a);
        for (int i = 0; i < n; i++) {
            Point top = new Point(places.get(i)[0], 0, places.get(i)[1]);
            Point bottom = new Point(places.get(i)[0], 0, -places.get(i)[1]);
            above.measure(bottom, top, -1, String.valueOf((char) ('A' + i)));
            above.piece(new Point(places.get(i)[0], 0, 0.55 * places.get(i)[1]), i + 1);
            if (i < n - 1) {
                above.measure(
                        new Point(places.get(i)[0], 0, low), new Point(places.get(i + 1)[0], 0, low), 1, "S" + (i + 1));
            }
        }
        if (!in.has("drive", "gamma") && !in.has("drive", "folded")) {
            return new Drawing(List.of(above.view()));
        }
        Sketch side = new Sketch("Driven element, from behind", Sketch.From.SIDE).of(a);
        if (in.has("drive", "gamma")) {
            double apart = in.get("gammaM");
            side.measure(new Point(0, apart, 0), new Point(0, apart, shape.get(TAP)), 1, "T");
        }
        return new Drawing(List.of(above.view(), side.view()));
    }
}
