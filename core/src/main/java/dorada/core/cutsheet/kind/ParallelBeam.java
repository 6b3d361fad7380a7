package dorada.core.cutsheet.kind;

import dorada.core.antenna.Assembly;
import dorada.core.antenna.Beam;
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
import dorada.core.cutsheet.Solved;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.rf.Wavelength;
import dorada.core.wire.Point;
import dorada.core.wire.Watch;
import java.util.ArrayList;
import java.util.List;
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
                Input.choice(
                        "elements",
                        Say.ELEMENTS.of(),
                        new Option("3", CutWord.THREE.of()),
                        new Option("2", CutWord.TWO.of()),
                        new Option("4", CutWord.FOUR.of()),
                        new Option("5", Say.FIVE.of()),
                        new Option("6", Say.SIX.of())),
                Input.choice(
                        "drive",
                        Say.DRIVEN_ELEMENT.of(),
                        new Option(HAIRPIN, Say.SPLIT.of()),
                        new Option("direct", Say.SPLIT_50.of()),
                        new Option("folded", Say.FOLDED_DIPOLE_AND_4.of()),
                        new Option("gamma", Say.WHOLE.of())),
                Common.metal(),
                Common.diameter(Say.ELEMENTS_THICKNESS.of(), 0.006, frequencyHz),
                Input.choice(
                        "boom",
                        Say.BOOM.of(),
                        new Option("wood", Say.WOOD_OR_PLASTIC.of()),
                        new Option(THROUGH, Say.METAL.of()),
                        new Option("above", Say.METAL_ELEMENTS.of())),
                Input.length(
                                "thickM",
                                Say.BOOM_THICKNESS.of(),
                                0.005,
                                0.05 * wave,
                                Math.min(0.02, 0.02 * wave),
                                Say.THICKER.of())
                        .onlyWith("boom", THROUGH),
                Input.length(BOOM, Say.BOOM_ON_HAND.of(), 0, 30, 0, Say.WHAT_CAN_BE_CARRIED.of()),
                Input.length(HOLES, Say.HOLES_IN_IT.of(), 0, 0.3 * wave, 0, Say.A_WIDER_PITCH_PUTS_NO_ELEMENT.of()),
                Input.length(
                                FOLD,
                                Say.FOLDED_DIPOLE.of(),
                                0.004 * wave,
                                0.04 * wave,
                                0.015 * wave,
                                Say.WIDER_IT_IS_A_LOOP.of())
                        .onlyWith("drive", "folded"),
                Input.length(
                                "gammaM",
                                Say.GAMMA_ROD.of(),
                                0.005 * wave,
                                0.03 * wave,
                                0.012 * wave,
                                Say.AXIS_TO_AXIS.of())
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
            throw new InputException(BOOM, Say.BOOM_TOO_SHORT.of(elements(in), least));
        }
        if (in.get(HOLES) > 0 && boom > 0 && usableM(in) < gaps * in.get(HOLES)) {
            throw new InputException(HOLES, Say.SO_FEW_HOLES_FIT_ON_THIS.of());
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
        Outcome table = isTabled(in) ? Say.NBS_TECHNICAL_NOTE_688.of() : Say.NO_TABLE_FOR_THIS_ONE.of();
        List<Dimension> all = new ArrayList<>();
        all.add(element(REFLECTOR, "A", Say.REFLECTOR.of(), lengths[0], in, table));
        all.add(Dimension.tuned(
                DRIVEN, "B", Say.DRIVEN_ELEMENT_END.of(), DRIVEN_FACTOR * wave / 2, CutWord.HALF_WAVE_RULE.of()));
        for (int i = 1; i < lengths.length; i++) {
            all.add(element(director(i), String.valueOf((char) ('B' + i)), Say.DIRECTOR.of(i), lengths[i], in, table));
        }
        double[] spacings = spacings(in, true);
        boolean isMoved = in.get(HOLES) > 0 || in.get(BOOM) > 0;
        for (int i = 0; i < spacings.length; i++) {
            Outcome from = i == 0
                    ? Say.REFLECTOR_TO_DRIVEN.of()
                    : i == 1 ? Say.DRIVEN_TO_DIRECTOR_1.of() : Say.DIRECTOR_TO_NEXT.of(i - 1, i);
            all.add(Dimension.byRule(
                    spacing(i), "S" + (i + 1), from, spacings[i], isMoved ? Say.MOVED_TO_THIS_BOOM.of() : table));
        }
        double ohm = 50 / (2 * Math.PI * in.frequencyHz());
        switch (in.choice("drive")) {
            case HAIRPIN ->
                all.add(Dimension.solved(HAIRPIN, "L", Say.HAIRPIN_ACROSS_THE_FEED.of(), Quantity.INDUCTANCE, ohm));
            case "gamma" -> {
                all.add(Dimension.solved(TAP, "T", Say.GAMMA.of(), Quantity.LENGTH, 0.05 * wave));
                all.add(Dimension.solved(
                        SERIES,
                        "C",
                        Say.GAMMA_CAPACITOR.of(),
                        Quantity.CAPACITANCE,
                        1 / (2 * Math.PI * in.frequencyHz() * 60)));
            }
            default -> {}
        }
        return all;
    }

    private Dimension element(String id, String mark, Outcome title, double waves, Inputs in, Outcome source) {
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
        Outcome stock = Common.tube(in);
        List<Piece> all = new ArrayList<>();
        all.add(Piece.of(1, Say.REFLECTOR.of(), 1, shape.get(REFLECTOR), stock));
        Piece driven = driven(in, shape, stock);
        all.add(in.has("drive", "folded") ? driven : driven.tunedBy(DRIVEN));
        for (int i = 1; i <= elements(in) - 2; i++) {
            all.add(Piece.of(2 + i, Say.DIRECTOR.of(i), 1, shape.get(director(i)), stock));
        }
        double boom = 0;
        for (int i = 0; i < elements(in) - 1; i++) {
            boom += shape.get(spacing(i));
        }
        all.add(Piece.of(elements(in) + 1, Say.PIECE_BOOM.of(), 1, boom, Say.PIECE_BOOM.of())
                .extra(endsM(in), Say.FOR_BOTH_ENDS_AND_THE_MAST.of()));
        return all;
    }

    private static Piece driven(Inputs in, Shape shape, Outcome stock) {
        double b = shape.get(DRIVEN);
        return switch (in.choice("drive")) {
            case "folded" ->
                Piece.of(2, Say.DRIVEN_ELEMENT_ONCE.of(), 1, 2 * (b + in.get(FOLD)), stock)
                        .extra(0.04, Say.FOR_TRIMMING_AT_THE_FEED.of());
            case "gamma" -> Piece.of(2, Say.PIECE_DRIVEN_ELEMENT.of(), 1, b, stock);
            default -> Piece.of(2, Say.HALF_OF_THE_DRIVEN_ELEMENT.of(), 2, b / 2, stock);
        };
    }

    @Override
    public List<Outcome> parts(Inputs in, Shape shape) {
        List<Outcome> all = new ArrayList<>();
        all.add(Say.HOLDERS.of(elements(in)));
        all.add(Say.BOOM_TO_MAST_CLAMP.of());
        switch (in.choice("drive")) {
            case HAIRPIN -> all.add(hairpin(in, shape));
            case "folded" -> all.add(Say.BALUN_FOUR_TO_ONE.of());
            case "gamma" -> all.add(Say.GAMMA_PARTS.of(shape.get(TAP), shape.get(SERIES)));
            default -> all.add(CutWord.INSULATING_CENTRE_PIECE.of());
        }
        all.add(Say.CHOKE_AT_THE_FEED.of());
        return all;
    }

    /** Two wires of 3 mm, 30 mm apart, shorted: Z₀ = 120·arcosh(D/d), X = Z₀·tan(2πl/λ); Pozar, table 2.1. */
    private static Outcome hairpin(Inputs in, Shape shape) {
        double z0 = 120 * Math.log(10 + Math.sqrt(99));
        double x = 2 * Math.PI * in.frequencyHz() * shape.get(HAIRPIN);
        double length = in.waveM() / (2 * Math.PI) * Math.atan(x / z0);
        return Say.HAIRPIN_PART.of(length);
    }

    @Override
    public Procedure procedure(Inputs in, Shape shape) {
        Procedure p = Procedure.of(Metal.TUBE)
                .join("middle", Say.MARK_EACH_ELEMENTS_MIDDLE_AND_ITS.of())
                .join("places", Say.MARK_THE_PLACES_ON_THE_BOOM.of());
        if (in.has("boom", "above")) {
            p.join("above", Say.HOLD_THE_ELEMENTS_AT_LEAST_HALF.of());
        }
        p.clamped().swept(Say.POINTING_UP.of()).trimmed(Say.THE_DRIVEN_ELEMENT.of());
        switch (in.choice("drive")) {
            case HAIRPIN -> p.tune("hairpin", Say.SWR_AT_THE_DIP_TOO_HIGH.of());
            case "gamma" -> p.tune("gamma", Say.SLIDE_THE_STRAP_FOR_RESISTANCE.of());
            default -> p.tune("space", Say.SWR_AT_THE_DIP_TOO_HIGH_MOVE.of());
        }
        return p.raised().mount("point", Say.POINT_IT_AT_THE_OTHER_STATION.of()).weatherproofed();
    }

    @Override
    public List<Outcome> notes(Inputs in, Shape shape) {
        List<Outcome> all = new ArrayList<>();
        if (in.has("boom", THROUGH)) {
            all.add(Say.LONGER_FOR_THE_BOOM.of(correctionM(in)));
        }
        return all;
    }

    @Override
    public Drawing drawing(Inputs in, Shape shape) {
        Assembly a = assembly(in, shape).orElseThrow();
        int n = elements(in);
        double x = -shape.get(spacing(0));
        double first = x;
        Sketch above = new Sketch(Say.FROM_ABOVE.of(), Sketch.From.FRONT);
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
        Sketch side = new Sketch(Say.DRIVEN_ELEMENT_FROM.of(), Sketch.From.SIDE).of(a);
        if (in.has("drive", "gamma")) {
            double apart = in.get("gammaM");
            side.measure(new Point(0, apart, 0), new Point(0, apart, shape.get(TAP)), 1, "T");
        }
        return new Drawing(List.of(above.view(), side.view()));
    }

    /** What it says. */
    enum Say implements OutcomeId {
        COMPUTED("gainDbi", "overDipoleFineDb", "backwardDb"),
        BOOM_COSTS("differenceFineDb"),
        BOOM_GAINS("differenceFineDb"),
        BOOM_TOO_SHORT("elementsCount", "leastSizeM"),
        DIRECTOR("numberCount"),
        DIRECTOR_TO_NEXT("numberCount", "nextCount"),
        HOLDERS("elementsCount"),
        GAMMA_PARTS("tapSizeM", "seriesFarad"),
        HAIRPIN_PART("lengthSizeM"),
        LONGER_FOR_THE_BOOM("correctionSizeM"),
        NO_BEAM_IS_FOUND_WITH_THESE,
        TITLE,
        ABOUT,
        ELEMENTS,
        FIVE,
        SIX,
        DRIVEN_ELEMENT,
        SPLIT,
        SPLIT_50,
        FOLDED_DIPOLE_AND_4,
        WHOLE,
        ELEMENTS_THICKNESS,
        BOOM,
        WOOD_OR_PLASTIC,
        METAL,
        METAL_ELEMENTS,
        BOOM_THICKNESS,
        THICKER,
        BOOM_ON_HAND,
        WHAT_CAN_BE_CARRIED,
        HOLES_IN_IT,
        A_WIDER_PITCH_PUTS_NO_ELEMENT,
        FOLDED_DIPOLE,
        WIDER_IT_IS_A_LOOP,
        GAMMA_ROD,
        AXIS_TO_AXIS,
        SO_FEW_HOLES_FIT_ON_THIS,
        NBS_TECHNICAL_NOTE_688,
        NO_TABLE_FOR_THIS_ONE,
        REFLECTOR,
        DRIVEN_ELEMENT_END,
        REFLECTOR_TO_DRIVEN,
        DRIVEN_TO_DIRECTOR_1,
        MOVED_TO_THIS_BOOM,
        HAIRPIN_ACROSS_THE_FEED,
        GAMMA,
        GAMMA_CAPACITOR,
        PIECE_BOOM,
        FOR_BOTH_ENDS_AND_THE_MAST,
        DRIVEN_ELEMENT_ONCE,
        FOR_TRIMMING_AT_THE_FEED,
        PIECE_DRIVEN_ELEMENT,
        HALF_OF_THE_DRIVEN_ELEMENT,
        BOOM_TO_MAST_CLAMP,
        BALUN_FOUR_TO_ONE,
        CHOKE_AT_THE_FEED,
        MARK_EACH_ELEMENTS_MIDDLE_AND_ITS,
        MARK_THE_PLACES_ON_THE_BOOM,
        HOLD_THE_ELEMENTS_AT_LEAST_HALF,
        POINTING_UP,
        THE_DRIVEN_ELEMENT,
        SWR_AT_THE_DIP_TOO_HIGH,
        SLIDE_THE_STRAP_FOR_RESISTANCE,
        SWR_AT_THE_DIP_TOO_HIGH_MOVE,
        POINT_IT_AT_THE_OTHER_STATION,
        FROM_ABOVE,
        DRIVEN_ELEMENT_FROM;

        private final List<String> takes;

        Say(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "cut.parallelBeam";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
