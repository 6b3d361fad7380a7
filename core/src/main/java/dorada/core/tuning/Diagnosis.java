package dorada.core.tuning;

import dorada.core.outcome.Outcome;
import dorada.core.rf.Impedance;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Dip;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Repeatability;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Tells from a curve what no change of length will cure, and names the likeliest causes with the test that tells them apart. The
 * order is that of experienced people (common practice, no source).
 */
final class Diagnosis {

    /** A good instrument on a sound joint leaves a few thousandths of |Γ| from point to point. */
    private static final double UNSTEADY = 0.012;

    /** Points on either side of the dip where noise is looked for once more. */
    private static final int ABOUT_THE_DIP = 25;

    /** Fewer dips than this within a sweep are antennas; more, evenly spaced, are echoes. */
    private static final int RIPPLE_DIPS = 4;

    /** Of solid polyethylene, as most of these lines have it: RG-58, RG-213. */
    private static final double USUAL_VELOCITY_FACTOR = 0.66;

    private static final double EVEN = 0.25;
    private static final double HIGH_OHM = 85;
    private static final double LOW_OHM = 24;

    /** What is matched as well as this somewhere has its ground plane and its match; common practice, no source. */
    static final double HAS_ITS_GROUND_SWR = 1.35;

    private static final Cause LINE_MOVES_THE_DIP =
            new Cause(Cause.Id.CONNECTOR_OR_FEEDLINE, Symptom.LINE_MOVES_THE_DIP, Check.SWEEP_AT_THE_ANTENNA);

    private Diagnosis() {}

    /** Causes that forbid any cut before they are looked at; empty where the curve is an antenna's. */
    static List<Cause> beforeAnyCut(SweepAnalysis now) {
        if (now.isFlatAndLow()) {
            return List.of(
                    new Cause(Cause.Id.DUMMY_LOAD, Symptom.FLAT_AND_LOW, Check.FOLLOW_THE_LINE),
                    new Cause(Cause.Id.LOSSY_FEEDLINE, Symptom.LOSS_FLATTENS_A_CURVE, Check.OPEN_THE_FAR_END));
        }
        double noise = noise(now);
        if (noise > UNSTEADY) {
            return List.of(
                    new Cause(Cause.Id.LOOSE_CONNECTOR, Symptom.CURVE_JUMPS.of(noise), Check.MOVE_THE_CONNECTOR),
                    new Cause(Cause.Id.CURRENT_ON_THE_LINE, Symptom.CHANGES_WHEN_TOUCHED, Check.CLIP_A_FERRITE));
        }
        List<Dip> dips = now.dips().stream().filter(d -> !d.atEdge()).toList();
        Optional<Double> spacing = evenSpacing(dips);
        if (spacing.isPresent()) {
            return List.of(new Cause(
                    Cause.Id.SECOND_REFLECTION,
                    Symptom.EVEN_RIPPLE.of(spacing.get(), USUAL_VELOCITY_FACTOR * Wavelength.ofHz(spacing.get()) / 2),
                    Check.DISTANCE_PICTURE));
        }
        if (now.deepestDip().isEmpty()) {
            return List.of(
                    new Cause(Cause.Id.OPEN_OR_SHORTED, Symptom.NO_DIP, Check.OHMMETER),
                    new Cause(Cause.Id.ANOTHER_BAND, Symptom.NOTHING_RESONATES, Check.WIDEST_SWEEP));
        }
        return List.of();
    }

    /** What speaks from a curve that forbids any cut. */
    static Hypotheses hypotheses(SweepAnalysis now) {
        return now.isFlatAndLow()
                ? Hypotheses.mostly(Hypothesis.LOAD_OR_LOSS, 0.95, Hypothesis.CENTRED)
                : now.deepestDip().isEmpty()
                        ? Hypotheses.mostly(Hypothesis.OPEN_OR_SHORTED, 0.8, Hypothesis.ANOTHER_KIND)
                        : Hypotheses.mostly(Hypothesis.MISREAD, 0.9, Hypothesis.POOR_MATCH);
    }

    /**
     * The greater of the noise over the whole sweep and about its dip: a resistance that comes and goes in series changes Γ by
     * (1 − Γ)²/2 of it, which is little wherever nearly everything is reflected.
     */
    private static double noise(SweepAnalysis now) {
        Sweep sweep = now.sweep();
        double whole = Repeatability.noiseOf(sweep);
        if (now.deepestDip().isEmpty()) {
            return whole;
        }
        double dipHz = now.deepestDip().get().frequencyHz();
        int at = 0;
        while (at < sweep.size() - 1 && sweep.frequencyHz(at) < dipHz) {
            at++;
        }
        int from = Math.max(0, at - ABOUT_THE_DIP);
        int to = Math.min(sweep.size(), at + ABOUT_THE_DIP + 1);
        double about = to - from < 2 ? whole : Repeatability.noiseOf(sweep.part(from, to));
        // A part that says nothing of its noise is NaN.
        return about > whole || Double.isNaN(whole) ? about : whole;
    }

    private static Optional<Double> evenSpacing(List<Dip> dips) {
        if (dips.size() < RIPPLE_DIPS) {
            return Optional.empty();
        }
        double[] hz = dips.stream().mapToDouble(Dip::frequencyHz).sorted().toArray();
        double mean = (hz[hz.length - 1] - hz[0]) / (hz.length - 1);
        for (int i = 1; i < hz.length; i++) {
            if (Math.abs(hz[i] - hz[i - 1] - mean) > EVEN * mean) {
                return Optional.empty();
            }
        }
        return Optional.of(mean);
    }

    /** Causes of a curve that is where it should be, or could be brought there, and still is too high. */
    static List<Cause> poorMatch(SweepAnalysis now, boolean swept) {
        List<Cause> causes = new ArrayList<>();
        double bottomSwr = now.deepestDip().map(d -> d.reading().swr()).orElse(Double.POSITIVE_INFINITY);
        if (swept && bottomSwr <= HAS_ITS_GROUND_SWR) {
            return tooNarrow(bottomSwr);
        }
        Optional<Impedance> z = now.deepestDip().map(Dip::reading).flatMap(Reading::impedance);
        if (swept && z.isPresent() && z.get().resistanceOhm() < LOW_OHM) {
            causes.add(new Cause(
                    Cause.Id.LOW_RESISTANCE,
                    Symptom.LOW_RESISTANCE_AT_THE_DIP.of(z.get().resistanceOhm()),
                    Check.DROOP_RADIALS));
        } else if (swept && z.isPresent() && z.get().resistanceOhm() > HIGH_OHM) {
            causes.add(new Cause(
                    Cause.Id.MATCH_DOES_NOT_SUIT,
                    Symptom.HIGH_RESISTANCE_AT_THE_DIP.of(z.get().resistanceOhm()),
                    Check.TAP_OR_COIL));
        }
        causes.add(new Cause(Cause.Id.NO_GROUND_PLANE, Symptom.DIP_STAYS_HIGH, Check.SCRAPE_OR_LAY_METAL));
        causes.add(new Cause(Cause.Id.BAD_CONNECTOR, Symptom.LINE_DOES_NOT_MOVE, Check.SWEEP_AT_THE_ANTENNA));
        causes.add(new Cause(Cause.Id.THINGS_NEAR, Symptom.SURROUNDINGS_CHANGE_RESISTANCE, Check.CLEAR_OR_CARRY));
        return List.copyOf(causes.subList(0, Math.min(3, causes.size())));
    }

    /** Causes of a dip above the band, of a piece that is cut long on purpose and then by no more than is surely needed. */
    static List<Cause> tooShort(double missingM, boolean isUncut) {
        return List.of(
                new Cause(
                        isUncut ? Cause.Id.TOO_SHORT_FROM_THE_START : Cause.Id.CUT_MORE_THAN_WRITTEN,
                        Symptom.DIP_ABOVE.of(missingM),
                        Check.AGAINST_ITS_CUT_SHEET),
                new Cause(Cause.Id.PAINT_UNDER_THE_MOUNT, Symptom.GAP_RAISES_THE_DIP, Check.SCRAPE_BARE),
                LINE_MOVES_THE_DIP);
    }

    /** Causes where the last change moved nothing, or the wrong way. */
    static List<Cause> noAnswer(boolean swept, boolean wrongWay) {
        Symptom evidence = wrongWay ? Symptom.LAST_CHANGE_WENT_WRONG_WAY : Symptom.LAST_CHANGE_MOVED_NOTHING;
        List<Cause> causes = new ArrayList<>(List.of(
                new Cause(Cause.Id.SLIPPED_OR_ANOTHER_PIECE, evidence, Check.DEPTH_MARK_AND_MOVE),
                new Cause(Cause.Id.NOT_THIS_ANTENNA, evidence, Check.TAKE_THE_ANTENNA_OFF),
                LINE_MOVES_THE_DIP));
        if (!swept) {
            causes.add(
                    1,
                    new Cause(
                            Cause.Id.METER_STICKS,
                            wrongWay ? Symptom.WRONG_WAY_ON_ANY_CHANNEL : Symptom.NOTHING_ON_ANY_CHANNEL,
                            Check.READ_A_DUMMY_LOAD));
        }
        return List.copyOf(causes);
    }

    /** Causes of a needle at the end of its scale on every channel. */
    static List<Cause> needleAtItsEnd() {
        Symptom evidence = Symptom.NEEDLE_AT_ITS_END;
        return List.of(
                new Cause(Cause.Id.METER_RANGE, evidence, Check.READ_A_DUMMY_LOAD_FULL_SCALE),
                new Cause(Cause.Id.OPEN_OR_SHORTED, evidence, Check.OHMMETER),
                new Cause(Cause.Id.ANOTHER_BAND, evidence, Check.AGAINST_ITS_CUT_SHEET));
    }

    /** Causes of a curve without a dip, swept far beyond where any length of this antenna has it. */
    static List<Cause> noDipAnywhere() {
        return List.of(
                new Cause(Cause.Id.OPEN_OR_SHORTED, Symptom.NO_DIP, Check.OHMMETER),
                new Cause(Cause.Id.NO_GROUND_PLANE, Symptom.NO_DIP, Check.SCRAPE_OR_LAY_METAL),
                new Cause(Cause.Id.BAD_CONNECTOR, Symptom.NO_DIP, Check.SWEEP_AT_THE_ANTENNA));
    }

    /** Causes of readings that are low on every channel over a span that no such antenna is flat over. */
    static List<Cause> tooGoodToBeTrue() {
        return List.of(
                new Cause(Cause.Id.DUMMY_LOAD, Symptom.LOW_OVER_THE_WHOLE_SPAN, Check.FOLLOW_THE_LINE),
                new Cause(Cause.Id.LOSSY_FEEDLINE, Symptom.LOSS_LOWERS_ALL_READINGS, Check.OPEN_THE_FAR_END),
                new Cause(Cause.Id.METER_STICKS, Symptom.LOW_AND_ALIKE, Check.OPEN_AT_THE_ANTENNA));
    }

    /** Causes of readings that are alike on every channel, and neither low nor at the end. */
    static List<Cause> alikeEverywhere() {
        return List.of(
                new Cause(Cause.Id.METER_STICKS, Symptom.ALIKE_ON_EVERY_CHANNEL, Check.READ_A_DUMMY_LOAD),
                new Cause(Cause.Id.RESISTOR_IN_THE_LINE, Symptom.ALIKE_ON_EVERY_CHANNEL, Check.ANTENNA_OFF_MUST_JUMP));
    }

    /** Causes of a dip that is deep enough while the ends of the band are not. */
    static List<Cause> tooNarrow(double bottomSwr) {
        Outcome evidence = Symptom.ENDS_OF_THE_BAND_TOO_HIGH.of(bottomSwr);
        return List.of(
                new Cause(Cause.Id.TOO_THIN, evidence, Check.COMPARE_WIDTH),
                new Cause(Cause.Id.TOO_SHARP, evidence, Check.SWEEP_AND_COMPARE));
    }

    /** Causes where length and kind do not belong together. */
    static List<Cause> anotherKind(double lengthM, double usualM, double frequencyHz) {
        return List.of(new Cause(
                Cause.Id.ANOTHER_KIND,
                Symptom.LENGTH_OF_ANOTHER_KIND.of(lengthM, usualM, frequencyHz),
                Math.abs(lengthM / usualM - 3) < 0.6 ? Check.THREE_QUARTER_WAVES : Check.CORRECT_THE_PLAN));
    }

    /** Causes where the recorded changes do not explain where the dip went. */
    static List<Cause> dipDidNotFollow() {
        return List.of(
                new Cause(Cause.Id.SLIPPED_SCREW, Symptom.DID_NOT_FOLLOW, Check.DEPTH_MARK),
                new Cause(Cause.Id.WRONG_ENTRY, Symptom.DID_NOT_FOLLOW, Check.MEASURE_THE_PIECE),
                LINE_MOVES_THE_DIP);
    }

    /** Causes where each change seems too much, there and back. */
    static List<Cause> doesNotSettle() {
        Symptom evidence = Symptom.TOO_MUCH_THERE_AND_BACK;
        return List.of(
                new Cause(Cause.Id.KINKED_FEEDLINE, Symptom.TOO_MUCH_AND_THE_LINE_STAYS, Check.SWEEP_AT_THE_ANTENNA),
                new Cause(Cause.Id.CLAMP_MADE_ANEW, evidence, Check.LOOSEN_AND_TIGHTEN),
                new Cause(Cause.Id.SOMEBODY_CAME_AND_WENT, evidence, Check.SWEEP_TWICE));
    }

    /** Causes where the range of the piece ends before the rule is met. */
    static List<Cause> noneLeftToShorten(double tooLongM) {
        return noneLeftToShorten(Symptom.STILL_TOO_LONG.of(tooLongM));
    }

    static List<Cause> noneLeftToShorten(Outcome evidence) {
        return List.of(
                new Cause(Cause.Id.TOO_LONG_FOR_ITS_RANGE, evidence, Check.FIT_A_SHORTER_ONE), LINE_MOVES_THE_DIP);
    }
}
