package dorada.core.tuning;

import dorada.core.tuning.TrimAdvice.Fit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The sentences that an advice rests on. */
final class TrimReasons {

    /** Of what is needed; where less comes off, a person asks why. */
    private static final double MUCH_LESS = 0.6;

    /** Less than this share of the dip's frequency is not worth a number. */
    private static final double LEAST_SPARE = 0.001;

    private TrimReasons() {}

    /** Where the dip is and belongs, what its movement rests on, and what the place and the phase leave open. */
    static List<String> opening(Standing s, Sensitivity sensitivity, TrimPrior prior) {
        List<String> reasons = new ArrayList<>();
        if (s.isDipKnown()) {
            reasons.add(dipWords(s));
        }
        reasons.add(
                sensitivity.learnt()
                        ? "How far the dip moves is learnt from this antenna's own passes."
                        : prior.antennas() > 0
                                ? "How far the dip moves is a first estimate from " + antennas(prior.antennas())
                                        + " of this kind; the next sweep will tell."
                                : "How far the dip moves is a first estimate from its electrical length; the next sweep will "
                                        + "tell.");
        reasons.addAll(place(s.last(), s.dipHz(), sensitivity));
        if (s.isBlind()) {
            reasons.add("These readings have no phase, so X is not known: the dip stands for the resonance.");
        }
        return reasons;
    }

    /** With no more digits than its doubt leaves. */
    private static String dipWords(Standing s) {
        if (s.dipDoubtHz() == 0) {
            return String.format(
                    Locale.ROOT,
                    "The dip is at %.3f MHz; for this rule it belongs at %.3f MHz.",
                    s.dipHz() / 1e6,
                    s.targetHz() / 1e6);
        }
        int digits = (int) Math.max(0, Math.ceil(-Math.log10(s.dipDoubtHz() / 1e6)));
        String number = "%." + digits + "f";
        return String.format(
                Locale.ROOT,
                "The dip is probably about " + number + " MHz, give or take " + number
                        + "; for this rule it belongs near " + number + " MHz.",
                s.dipHz() / 1e6,
                s.dipDoubtHz() / 1e6,
                s.targetHz() / 1e6);
    }

    /** The two or three hypotheses that compete, where more than one does. */
    static List<String> competing(Hypotheses all) {
        List<Hypotheses.Weighed> likeliest = all.likeliest();
        if (likeliest.size() < 2) {
            return List.of();
        }
        return List.of("What may be: "
                + likeliest.stream()
                        .limit(3)
                        .map(w -> w.hypothesis().words() + " (" + percent(w.probability()) + ")")
                        .collect(java.util.stream.Collectors.joining(", "))
                + ".");
    }

    private static String overshoot(double chance) {
        return chance < 0.001 ? "less than 0.1 %" : String.format(Locale.ROOT, "about %.1f %%", 100 * chance);
    }

    /** Never nothing and never all. */
    static String percent(double chance) {
        return chance < 0.01
                ? "less than 1 %"
                : chance > 0.99 ? "more than 99 %" : String.format(Locale.ROOT, "%.0f %%", 100 * chance);
    }

    private static String antennas(int count) {
        return count == 1 ? "one finished antenna" : count + " finished antennas";
    }

    /** What the place and the calibration mean for this pass. */
    private static List<String> place(Pass last, double dipHz, Sensitivity sensitivity) {
        List<String> reasons = new ArrayList<>();
        if (sensitivity.placeShift() != 0) {
            reasons.add(String.format(
                    Locale.ROOT,
                    "The change of place moved the dip by %+.3f MHz; that is kept apart from what a change of length does.",
                    -sensitivity.placeShift() * dipHz / 1e6));
        }
        for (Circumstance c : last.circumstances(Circumstance.Effect.STAGE)) {
            reasons.add("Provisional, measured " + c.words() + ": " + c.remedy()
                    + " and measure again, for surroundings move the dip.");
        }
        for (Circumstance c : last.circumstances(Circumstance.Effect.DOUBTS)) {
            reasons.add(
                    "Measured " + c.words() + ": good enough to begin with; " + c.remedy() + " before the last cut.");
        }
        return reasons;
    }

    static String noLength(Standing s) {
        return String.format(
                Locale.ROOT,
                "Even there the worst channel would be about %.2f: length alone will not meet the rule.",
                s.window().bestSwr());
    }

    static String goodEnough(Standing s) {
        return String.format(
                Locale.ROOT,
                "Another change could bring the worst channel to %.2f at best.",
                s.window().bestSwr());
    }

    static String justAtItsLimit() {
        return "It reads just at its limit, and within what this needle can show it may be a little above: where that matters, "
                + "read forward and reflected watts, or sweep it.";
    }

    static String asGoodAsMet(Standing s) {
        String instrument = s.last().isSwept() ? "an analyser" : "a meter";
        String gain = s.last().isSwept() && s.fit() != Fit.TOO_SHORT
                ? String.format(
                        Locale.ROOT,
                        ", and another change could bring the worst channel to %.2f at best",
                        s.window().bestSwr())
                : "";
        return "What is missing is less than " + instrument + " can tell" + gain
                + ": leave it, and sign it off by judgement.";
    }

    static String asGoodAsItGets(Standing s) {
        return String.format(
                Locale.ROOT,
                "It is matched well in one place, so ground and match are there; it is only too narrow for the whole band. No length "
                        + "brings the worst channel below %.2f: sign it off by judgement, or plan a wider antenna.",
                s.window().bestSwr());
    }

    static String poorMatch(Standing s) {
        if (s.isAsGoodAsItGets()) {
            return String.format(
                    Locale.ROOT,
                    "It is centred as far as it matters: another change could gain %.2f at best. What is missing is match, not "
                            + "length.",
                    Math.max(0, s.gain()));
        }
        return s.fit() == Fit.CENTRED
                ? "It is centred already. What is missing is match, not length: look at ground, base and feedline."
                : "What is missing is match, not length: nothing is cut before that is found.";
    }

    static List<String> tooShort(Standing s) {
        return List.of(
                s.oneWay()
                        ? "A cut only shortens, so a longer piece is needed."
                        : "It is as long as its range allows, so a longer piece is needed.",
                s.isUncut()
                        ? "Nothing has been cut yet, and people cut long on purpose: look about for hands, people and metal "
                                + "near, and measure again before another piece is made."
                        : "What was cut should not have been too much: look about for hands, people and metal near, and "
                                + "measure again before another piece is made.");
    }

    /** First among the reasons: it is what is to be done. */
    static String measureTwice(Standing s, ChangeChoice.Cut cut) {
        if (s.teachesNothing(cut)) {
            return String.format(
                    Locale.ROOT,
                    "Measure twice, cut once. After one reading only %.0f mm are surely not too much, and no sweep could tell "
                            + "them from nothing. Put it where it will stay, doors shut, people away, hands off, and measure once "
                            + "more: then more can come off at once.",
                    cut.lengthM() * 1000);
        }
        String narrow = s.spareShare() < LEAST_SPARE
                ? "Even at its best place it hardly meets the rule"
                : String.format(
                        Locale.ROOT, "Some %.1f %% above its best place the rule is missed", 100 * s.spareShare());
        return "Measure twice, cut once. " + narrow
                + ", and somebody or something near moves a dip by as much. Put it where it "
                + "will stay, doors shut, people away, hands off, and measure once more.";
    }

    static List<String> change(Standing s, ChangeChoice.Cut cut) {
        List<String> reasons = new ArrayList<>();
        // By a few readings the likeliest need may lie on the other side than the best slide.
        if (s.likeliestNeedM() * s.needM() > 0) {
            s.choice().limitWords(s.likeliestNeedM()).ifPresent(reasons::add);
        }
        if (s.turnsBack()) {
            reasons.add(
                    "It would have to go back by more than it came, so the curve does not keep its shape: half of the last "
                            + "change back, and sweep again.");
        }
        if (s.oneWay()) {
            reasons.add(String.format(
                    Locale.ROOT,
                    "Only what is surely needed comes off now, for a cut cannot be undone: it is too much with %s, and meets "
                            + "the rule with %s.",
                    overshoot(cut.tooFar()),
                    percent(cut.met())));
            if (s.isPlaceInDoubt() && cut.lengthM() < MUCH_LESS * Math.abs(s.needM())) {
                reasons.add(
                        "One reading cannot tell whether somebody or something near has moved the dip: measured once more, this cut "
                                + "could go closer; else the next one may.");
            }
        }
        return reasons;
    }
}
