package dorada.core.tuning;

import dorada.core.rf.Impedance;
import dorada.core.sweep.Dip;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Repeatability;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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

    private static final double EVEN = 0.25;
    private static final double HIGH_OHM = 85;
    private static final double LOW_OHM = 24;

    /** What is matched as well as this somewhere has its ground plane and its match; common practice, no source. */
    static final double HAS_ITS_GROUND_SWR = 1.35;

    private static final Cause LINE_MOVES_THE_DIP = new Cause(
            "a loose connector, or a kinked or wet feedline",
            "what the line adds can move the dip as well, or hold it",
            "sweep at the antenna's own connector; look at the distance picture");

    private Diagnosis() {}

    /** Causes that forbid any cut before they are looked at; empty where the curve is an antenna's. */
    static List<Cause> beforeAnyCut(SweepAnalysis now) {
        if (now.isFlatAndLow()) {
            return List.of(
                    new Cause(
                            "a dummy load left in place",
                            "the curve is flat and low over a very wide span",
                            "follow the line by hand to its end"),
                    new Cause(
                            "a very lossy or wet feedline",
                            "loss alone makes a curve flat and low",
                            "open the far end: a sound line then shows almost full reflection"));
        }
        double noise = noise(now);
        if (noise > UNSTEADY) {
            return List.of(
                    new Cause(
                            "a loose connector or a bad joint",
                            String.format(Locale.ROOT, "the curve jumps by %.3f of |Γ| from point to point", noise),
                            "sweep again while the connector is moved"),
                    new Cause(
                            "current on the outside of the line",
                            "readings that change when the coax is touched",
                            "clip a ferrite on and sweep again"));
        }
        List<Dip> dips = now.dips().stream().filter(d -> !d.atEdge()).toList();
        Optional<Double> spacing = evenSpacing(dips);
        if (spacing.isPresent()) {
            return List.of(new Cause(
                    "a second reflection on the line: a connector, a kink, water",
                    String.format(
                            Locale.ROOT,
                            "ripple every %.1f MHz, that is some %.1f m of line with a velocity factor of 0.66 from the antenna",
                            spacing.get() / 1e6,
                            299.792458 * 0.66 / 2 / (spacing.get() / 1e6)),
                    "look at the distance picture on the trace desk"));
        }
        if (now.deepestDip().isEmpty()) {
            return List.of(
                    new Cause(
                            "an open or shorted connector or line",
                            "the sweep has no dip at all",
                            "measure the line's centre and shield with an ohmmeter, antenna off"),
                    new Cause(
                            "an antenna for another band",
                            "nothing resonates in this span",
                            "sweep the widest span that the instrument has"));
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
                    "radials flat, a folded or loaded element, or a match that does not suit",
                    String.format(
                            Locale.ROOT, "R is only %.0f Ω at the dip", z.get().resistanceOhm()),
                    "droop the radials, or change the match; then sweep again"));
        } else if (swept && z.isPresent() && z.get().resistanceOhm() > HIGH_OHM) {
            causes.add(new Cause(
                    "a match or transformer that does not suit",
                    String.format(Locale.ROOT, "R is %.0f Ω at the dip", z.get().resistanceOhm()),
                    "check the tap, balun ratio or coil"));
        }
        causes.add(new Cause(
                "no ground plane, or paint under the ground",
                "the dip does not come down however long the antenna is",
                "scrape one spot bare, press the mount on and sweep again; or lay a sheet of metal under it"));
        causes.add(new Cause(
                "a bad connector, or a kinked or wet feedline",
                "what the line adds does not move with the antenna's length",
                "sweep at the antenna's own connector; look at the distance picture"));
        causes.add(new Cause(
                "metal, rafters, people or an open door near",
                "surroundings change R as well as the dip",
                "clear a few metres about it, or carry it into the open, and sweep again"));
        return List.copyOf(causes.subList(0, Math.min(3, causes.size())));
    }

    /** Causes of a dip above the band, of a piece that is cut long on purpose and then by no more than is surely needed. */
    static List<Cause> tooShort(double missingM, boolean isUncut) {
        return List.of(
                new Cause(
                        isUncut
                                ? "a piece that was too short from the start"
                                : "a cut that took more than was written down",
                        "the dip is above where it belongs",
                        String.format(
                                Locale.ROOT,
                                "measure it against its cut sheet: some %.0f mm would be missing",
                                missingM * 1000)),
                new Cause(
                        "paint or rust under the mount",
                        "a gap under the mount is a capacitor in series, which raises the dip",
                        "scrape one spot bare, press the mount on and sweep again"),
                LINE_MOVES_THE_DIP);
    }

    /** Causes where the last change moved nothing, or the wrong way. */
    static List<Cause> noAnswer(boolean swept, boolean wrongWay) {
        String evidence = wrongWay ? "the last change moved it the wrong way" : "the last change moved nothing";
        List<Cause> causes = new ArrayList<>(List.of(
                new Cause(
                        "a slipped set screw or coupling, or a piece that is not the one that radiates",
                        evidence,
                        "check the depth mark and the screw; move the piece by hand and watch"),
                new Cause(
                        "a dummy load, a broken line or a second antenna that is read in its place",
                        evidence,
                        "follow the line by hand to its end; take the antenna off: the reading must jump"),
                LINE_MOVES_THE_DIP));
        if (!swept) {
            causes.add(
                    1,
                    new Cause(
                            "a meter that sticks or was not set",
                            evidence + ", on any channel",
                            "read a dummy load: it must show 1.0; set the needle on each channel"));
        }
        return List.copyOf(causes);
    }

    /** Causes of a needle at the end of its scale on every channel. */
    static List<Cause> needleAtItsEnd() {
        String evidence = "the needle is at its end on every channel";
        return List.of(
                new Cause(
                        "a meter on the wrong range, or not set",
                        evidence,
                        "read a dummy load: it must show 1.0; set the needle to full scale on each channel"),
                new Cause(
                        "an open or shorted connector or line",
                        evidence,
                        "measure the line's centre and shield with an ohmmeter, antenna off"),
                new Cause("an antenna for another band", evidence, "measure its length against its cut sheet"));
    }

    /** Causes of readings that are low on every channel over a span that no such antenna is flat over. */
    static List<Cause> tooGoodToBeTrue() {
        return List.of(
                new Cause(
                        "a dummy load left in place",
                        "the readings are low and alike over the whole span, which no antenna of this kind is",
                        "follow the line by hand to its end"),
                new Cause(
                        "a very lossy or wet feedline",
                        "loss alone makes every reading low and alike",
                        "open the far end: a sound line then shows almost full reflection"),
                new Cause(
                        "a meter that sticks or was not set",
                        "the readings are low and alike",
                        "open the line at the antenna: the needle must go to its end"));
    }

    /** Causes of readings that are alike on every channel, and neither low nor at the end. */
    static List<Cause> alikeEverywhere() {
        return List.of(
                new Cause(
                        "a meter that sticks or was not set on each channel",
                        "the readings are alike on every channel",
                        "read a dummy load: it must show 1.0; set the needle on each channel"),
                new Cause(
                        "a resistor or a damaged transformer in the line",
                        "the readings are alike on every channel",
                        "take the antenna off: the reading must jump"));
    }

    /** Causes of a dip that is deep enough while the ends of the band are not. */
    static List<Cause> tooNarrow(double bottomSwr) {
        String evidence = String.format(
                Locale.ROOT,
                "it reaches %.2f in one place, so ground and match are there, and the band's ends are too high",
                bottomSwr);
        return List.of(
                new Cause(
                        "an element that is too thin or too short for so wide a band",
                        evidence,
                        "compare its width at the limit with the band; a thicker or longer element is wider"),
                new Cause(
                        "a coil or a match that is sharper than it should be",
                        evidence,
                        "sweep at the antenna's own connector and compare with its cut sheet"));
    }

    /** Causes where length and kind do not belong together. */
    static List<Cause> anotherKind(double lengthM, double usualM, double frequencyHz) {
        return List.of(new Cause(
                "another kind of antenna than the plan names, or a wrong length in the plan",
                String.format(
                        Locale.ROOT,
                        "it is %.0f mm long, and that kind is some %.0f mm at %.1f MHz",
                        lengthM * 1000,
                        usualM * 1000,
                        frequencyHz / 1e6),
                Math.abs(lengthM / usualM - 3) < 0.6
                        ? "measure it: three quarter-waves work too, as a kind of their own; correct the plan"
                        : "measure it, and correct kind or length in the plan"));
    }

    /** Causes where the recorded changes do not explain where the dip went. */
    static List<Cause> dipDidNotFollow() {
        return List.of(
                new Cause(
                        "a slipped set screw or coupling",
                        "the dip did not follow the recorded changes",
                        "check the depth mark and the screw"),
                new Cause(
                        "an entry that is not what was done",
                        "the dip did not follow the recorded changes",
                        "measure the piece again"),
                LINE_MOVES_THE_DIP);
    }

    /** Causes where each change seems too much, there and back. */
    static List<Cause> doesNotSettle() {
        String evidence = "every change turned out too much, there and back";
        return List.of(
                new Cause(
                        "a kinked or wet feedline, or a bad connector",
                        evidence + ": what the line adds does not move with the antenna's length",
                        "sweep at the antenna's own connector; look at the distance picture"),
                new Cause(
                        "a clamp or joint that is made anew with each change",
                        evidence,
                        "loosen and tighten it without a change, and sweep again"),
                new Cause(
                        "somebody or something that came and went",
                        evidence,
                        "clear a few metres about it, and sweep twice without a change"));
    }

    /** Causes where the range of the piece ends before the rule is met. */
    static List<Cause> noneLeftToShorten(double tooLongM) {
        return noneLeftToShorten(String.format(
                Locale.ROOT,
                "the dip is still below where it belongs, by some %.0f mm, and nothing is left to shorten",
                tooLongM * 1000));
    }

    static List<Cause> noneLeftToShorten(String evidence) {
        return List.of(
                new Cause(
                        "a piece that is too long for its range",
                        evidence,
                        "compare it with its cut sheet, and fit a shorter one"),
                LINE_MOVES_THE_DIP);
    }
}
