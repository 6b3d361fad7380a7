package dorada.core.antenna;

import dorada.core.antenna.cutting.CutKind;
import dorada.core.antenna.cutting.Inputs;
import dorada.core.antenna.cutting.Shape;
import dorada.core.antenna.cutting.kind.CutKinds;
import dorada.core.rf.Impedance;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Sweep;
import dorada.core.wire.Conductor;
import dorada.core.wire.Solver;
import dorada.core.wire.Watch;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleFunction;

/**
 * An antenna to practise on where none is at hand: wires that are solved, with a starting length, cut long as people do.
 *
 * @param antenna from its settings, in metres, to dimensions
 * @param startLengthM its adjustable length before the first change, in metres
 */
public record StandIn(Built antenna, double startLengthM) {

    /** From settings to dimensions. */
    @FunctionalInterface
    public interface Built {

        /**
         * @param lengthM the adjustable length
         * @param secondM metres by which a second piece was lengthened or moved outward; 0 where there is none
         */
        WireAntenna of(double lengthM, double secondM);
    }

    private StandIn(DoubleFunction<WireAntenna> antenna, double startLengthM) {
        this((l, second) -> antenna.apply(l), startLengthM);
    }

    private static final double CB_WHIP_M = 1.5;

    /** To the coil: at the base, or half-way up. */
    private static final double BASE_LOADED_M = 0.12;

    private static final double MAST_M = 0.62;
    private static final double COIL_Q = 60;
    private static final double CB_ROOF_HEIGHT_M = 1.9;
    private static final double BASE_M = 0.05;
    private static final double LINE_OHM = 50;

    /** A tap is fitted up to so much too far out. */
    private static final double TAP_OFF_M = 0.02;

    /** The sheet under a whip: narrow, as beside a roof's edge, where the match is good enough for a strict rule. */
    private static final double SHEET_LENGTH_WAVES = 0.32;

    private static final double SHEET_WIDTH_WAVES = 0.6;
    private static final double SHEET_SPACING_WAVES = 0.1;

    /** A roof seen from a band where three quarter-waves are of a handy length. */
    private static final double WIDE_SHEET_WAVES = 1.2;

    /**
     * The same for wanted bands: one that has a piece for each band is made for both, any other for the lowest.
     *
     * @param bandsHz middle of each band in Hz, ascending
     */
    public static StandIn of(AntennaKind kind, double[] bandsHz, long seed) {
        if (!kind.hasPieceForEachOf(bandsHz.length)) {
            return of(kind, bandsHz[0], seed);
        }
        Random random = new Random(seed);
        double wave = Wavelength.ofHz(bandsHz[0]);
        double upperWave = Wavelength.ofHz(bandsHz[1]);
        double hidden = between(random, -0.006, 0.006) * upperWave;
        double tooLong = between(random, 0.02, 0.05);
        CutKind sheet = CutKinds.of(kind);
        Inputs in = Inputs.usual(sheet, bandsHz[0]).choosing("bands", "two").with("upperHz", bandsHz[1]);
        Shape shape = sheet.solve(in, Watch.NOBODY).shape();
        double upper = shape.get("upper") + tooLong * wave / 4;
        return new StandIn(
                (l, second) -> () -> sheet.assembly(
                                in, shape.with("radiator", l + hidden).with("upper", upper + second))
                        .orElseThrow(),
                shape.get("radiator") + tooLong * upperWave / 2);
    }

    /**
     * A stand-in of {@code kind}, somewhat too long for {@code frequencyHz}. The same seed gives the same antenna: what
     * base, coil and surroundings hide differs from one to the next, as it does from vehicle to vehicle.
     */
    public static StandIn of(AntennaKind kind, double frequencyHz, long seed) {
        Random random = new Random(seed);
        double wave = Wavelength.ofHz(frequencyHz);
        double hidden = between(random, -0.006, 0.006) * wave;
        double allowance = between(random, 1.03, 1.07);
        double start = kind.usualLengthM(frequencyHz) * allowance;
        return switch (kind) {
            case QUARTER_WAVE_WHIP -> {
                double along = SHEET_LENGTH_WAVES * wave;
                double across = SHEET_WIDTH_WAVES * wave;
                Plate roof = Plate.sheet(along, across, SHEET_SPACING_WAVES * wave);
                double x = along * between(random, 0.3, 0.38);
                double y = across * between(random, -0.2, 0.2);
                double base = Math.max(0.025 * wave, BASE_M);
                yield new StandIn(l -> whip(base, l - base + hidden, 0.0012, 0, roof, x, y, 0, 1), 1.04 * start);
            }
            case THREE_QUARTER_WAVE_WHIP -> {
                Plate roof = Plate.sheet(WIDE_SHEET_WAVES * wave, WIDE_SHEET_WAVES * wave, SHEET_SPACING_WAVES * wave);
                double x = between(random, -0.1, 0.1) * wave;
                double base = Math.max(0.025 * wave, BASE_M);
                yield new StandIn(l -> whip(base, l - base + hidden, 0.0012, 0, roof, x, 0, 0, 1), start);
            }
            case AIRBAND_WHIP -> {
                Plate skin = Plate.sheet(0.24 * wave, 0.5 * wave, 0.12 * wave);
                double slope = between(random, 8, 20);
                yield new StandIn(
                        l -> new AirbandWhip(
                                l + hidden, slope, 0.004, new AirbandWhip.Skin(skin), Conductor.STAINLESS_STEEL),
                        start);
            }
            case HANDHELD_ROD -> {
                double body = between(random, 0.2, 0.24) * wave;
                yield new StandIn(
                        l -> new HandheldRod(l + hidden / 6 + 0.001 * wave, 0.0015, body, 0.012, 0, 0, 0), start);
            }
            case GROUND_PLANE -> {
                double droop = between(random, 35, 45);
                double radial = between(random, 0.25, 0.27) * wave;
                yield new StandIn(
                        l -> new GroundPlane(l + hidden, 0.003, 4, radial, droop, Conductor.ALUMINIUM), start);
            }
            case DIPOLE -> {
                double hang = between(random, 0.05, 0.09) * wave;
                double height = between(random, 0.45, 0.6) * wave;
                yield new StandIn(
                        l -> new WireDipole(l + hidden, hang, height, 0.0008, 0.0006, Conductor.COPPER), start);
            }
            case BEAM -> {
                double reflector = between(random, 0.496, 0.502) * wave;
                double director = between(random, 0.424, 0.432) * wave;
                List<Beam.Element> others =
                        List.of(new Beam.Element(-0.2 * wave, reflector), new Beam.Element(0.17 * wave, director));
                double hairpin = between(random, 0.72, 0.84) * LINE_OHM / (2 * Math.PI * frequencyHz);
                yield new StandIn(
                        l -> new Beam(
                                2 * l + hidden, others, 0.0045 * wave, new Beam.Split(hairpin), Conductor.ALUMINIUM),
                        0.955 * start);
            }
            case GAMMA_BEAM -> {
                double strap = between(random, 0.062, 0.085) * wave;
                double apart = between(random, 0.018, 0.022) * wave;
                double capacitor = 1 / (2 * Math.PI * frequencyHz * between(random, 100, 112));
                List<Beam.Element> others =
                        List.of(new Beam.Element(-0.2 * wave, 0.5 * wave), new Beam.Element(0.18 * wave, 0.42 * wave));
                yield new StandIn(
                        (l, moved) -> new Beam(
                                l + hidden,
                                others,
                                0.0026 * wave,
                                new Beam.Gamma(strap + moved, apart, 0.0016 * wave, capacitor),
                                Conductor.ALUMINIUM),
                        0.475 * wave * allowance);
            }
            case FIVE_EIGHTHS_WHIP -> ofSheet(kind, "whip", frequencyHz, hidden, allowance);
            case END_FED_WIRE -> ofSheet(kind, "wire", frequencyHz, hidden, allowance);
            case TUBE_J_POLE ->
                ofSheet(kind, "whole", frequencyHz, hidden, allowance, "tap", between(random, 0, TAP_OFF_M));
            case RIBBON_J_POLE -> ofSheet(kind, "radiator", frequencyHz, hidden, allowance);
            case FULL_WAVE_LOOP -> ofSheet(kind, "around", frequencyHz, hidden, allowance);
            // A fold does little for its length: more is left on, and less is hidden.
            case FOLDED_VERTICAL -> ofSheet(kind, "fold", frequencyHz, hidden / 4, 1 + 4 * (allowance - 1));
            case LOADED_CB_WHIP ->
                loaded(frequencyHz, BASE_LOADED_M, 0, hidden / 4, between(random, 1.02, 1.035), random);
            case RINGED_CB_WHIP -> loaded(frequencyHz, MAST_M, MAST_M, hidden / 4, between(random, 1.03, 1.06), random);
        };
    }

    /** As its cut sheet comes out, then too long by {@code allowance}; what it is tuned with is {@code piece}. */
    private static StandIn ofSheet(
            AntennaKind kind, String piece, double frequencyHz, double hidden, double allowance) {
        return ofSheet(kind, piece, frequencyHz, hidden, allowance, piece, 0);
    }

    /** The same with a {@code second} piece that sits {@code off} metres too far outward. */
    private static StandIn ofSheet(
            AntennaKind kind,
            String piece,
            double frequencyHz,
            double hidden,
            double allowance,
            String second,
            double off) {
        CutKind sheet = CutKinds.of(kind);
        Inputs in = Inputs.usual(sheet, Math.min(Math.max(frequencyHz, sheet.lowestHz()), sheet.highestHz()));
        Shape shape = sheet.solve(in, Watch.NOBODY).shape();
        Assembly solved = sheet.assembly(in, shape).orElseThrow();
        return new StandIn(
                (l, moved) -> () -> sheet.assembly(
                                in,
                                shape.with(second, shape.get(second) + off + moved)
                                        .with(piece, l + hidden))
                        .orElseThrow()
                        .behindNetworksOf(solved),
                allowance * shape.get(piece));
    }

    /**
     * Coil and transformer are chosen so that the whip is matched at {@code frequencyHz}, a little shorter than it starts. A
     * second piece lengthens what is below the coil.
     *
     * @param base from the mount to the coil
     * @param notSet what of the whip does not count as its set length: 0 for the whole whip, {@code base} for its tip alone
     */
    private static StandIn loaded(
            double frequencyHz, double base, double notSet, double hidden, double allowance, Random random) {
        Plate roof = Plate.sheet(2.2, 1.8, 0.6);
        double y = between(random, -0.5, 0.5);
        double tip = CB_WHIP_M - base;
        Impedance bare = feed(whip(base, tip, 0.0015, 0, roof, 0, y, CB_ROOF_HEIGHT_M, 1), frequencyHz);
        // The coil sits above the base, where it carries a little less current than the feed: asked for until it is
        // right.
        double coil = -bare.reactanceOhm() / (2 * Math.PI * frequencyHz);
        for (int i = 0; i < 8; i++) {
            Impedance left = feed(whip(base, tip, 0.0015, coil, roof, 0, y, CB_ROOF_HEIGHT_M, 1), frequencyHz);
            coil -= left.reactanceOhm() / (2 * Math.PI * frequencyHz);
        }
        double henry = coil;
        double matched = feed(whip(base, tip, 0.0015, henry, roof, 0, y, CB_ROOF_HEIGHT_M, 1), frequencyHz)
                .resistanceOhm();
        double ratio = matched / between(random, 42, 58);
        double above = base - notSet;
        return new StandIn(
                (l, moved) ->
                        whip(base + moved, l - above + hidden, 0.0015, henry, roof, 0, y, CB_ROOF_HEIGHT_M, ratio),
                (CB_WHIP_M - notSet) * allowance);
    }

    private static RoofWhip whip(
            double base,
            double upper,
            double radius,
            double henry,
            Plate roof,
            double x,
            double y,
            double height,
            double ratio) {
        return new RoofWhip(
                base, upper, radius, henry, COIL_Q, 0, roof, x, y, height, ratio, Conductor.STAINLESS_STEEL);
    }

    private static Impedance feed(WireAntenna antenna, double frequencyHz) {
        Assembly a = antenna.assemble();
        return new Solver(a.structure(), List.of(a.feed()), frequencyHz)
                .at(frequencyHz, Watch.NOBODY)
                .impedance();
    }

    /**
     * The reflection at the antenna's connector, free of any instrument's error.
     *
     * @param lengthM the adjustable length as a rule measures it, in metres
     * @param frequenciesHz ascending, in Hz
     * @throws IllegalArgumentException where that length makes no antenna
     */
    public Sweep sweep(double lengthM, double[] frequenciesHz, Watch watch) {
        return sweep(lengthM, 0, frequenciesHz, watch);
    }

    /** @param secondM metres by which a second piece was lengthened or moved outward */
    public Sweep sweep(double lengthM, double secondM, double[] frequenciesHz, Watch watch) {
        if (!(lengthM > 0)) {
            throw new IllegalArgumentException("An element must be longer than 0 m, not " + lengthM + ".");
        }
        return AntennaSweep.of(antenna.of(lengthM, secondM).assemble(), frequenciesHz, watch)
                .sweep();
    }

    private static double between(Random random, double low, double high) {
        return low + (high - low) * random.nextDouble();
    }
}
