package dorada.core.tuning;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.BestOnMain;
import dorada.core.acceptance.ChannelReading;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.ResonanceFirst;
import dorada.core.acceptance.WantedChannel;
import dorada.core.instrument.Span;
import dorada.core.line.Line;
import dorada.core.line.ThroughLine;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Dip;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.LengthBelief.Sample;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.core.tuning.TrimAdvice.Fit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Decides too long or too short, and by how much.
 *
 * <p>Length goes with 1/f about the electrical length: a piece of k wavelengths with its dip at f₁ needs
 * k·c·(1/f₂ − 1/f₁) more to have it at f₂, times the metres of set length for a metre of electrical length. That ratio and,
 * for a few readings, the curve itself are known with a doubt; every possibility is moved along the frequency axis
 * ({@link RuleWindow}) and weighed ({@link LengthBelief}). A slide goes straight to the best estimate. A cut is as long as most
 * likely meets the rule, but never so long that it could be too much with more than {@value ChangeChoice#MOST_TOO_FAR}.
 */
public final class TrimAdviser {

    private static final double CAUTIOUS_STEP = 0.015;
    private static final double CAUTIOUS_STEP_TWO_WAYS = 0.03;
    private static final double WIDER = 2.5;

    /** Share of (limit − 1) that stays to spare where a cut could go too far: a curve changes its shape a little. */
    private static final double SAFETY = 0.06;

    /** Worst SWR above the limit by this share of (limit − 1) at any length: what is missing is no length. */
    private static final double HOPELESS = 0.35;

    /** A rule that is missed by less than this share of (limit − 1) may be met after all: curves change a little. */
    private static final double CLEARLY_MISSED = 0.05;

    /** Above the limit by less than this share of (limit − 1) is within what a good analyser can tell, some 0.008 of |Γ|. */
    private static final double WITHIN_DOUBT = 0.04;

    /** Where no length meets the rule, less than this share of (limit − 1) is not worth another change. */
    private static final double NOTHING_TO_GAIN = 0.1;

    /** Readings by a few channels that are this likely to be met in truth are good enough. */
    private static final double SURE_ENOUGH = 0.85;

    /** What a change must add to the chance that the rule is met in truth, where the readings themselves meet it. */
    private static final double WORTH_A_CUT = 0.05;

    private static final double WORTH_A_SLIDE = 0.15;

    /** Of what is needed; where less comes off, a person asks why. */
    private static final double MUCH_LESS = 0.6;

    private final AcceptanceRule rule;
    private final List<WantedChannel> channels;
    private final Adjustment adjustment;
    private final TrimPrior prior;
    private final double waves;
    private final Span instrument;
    private final Optional<MatchControl> match;
    private final List<List<WantedChannel>> bands;
    private final boolean phaseIsTheAntennas;
    private final Optional<Line> line;
    private final ChangeChoice choice;

    public TrimAdviser(TrimTask task) {
        this.rule = task.rule();
        this.channels = task.channels();
        this.adjustment = task.adjustment();
        this.prior = task.prior();
        this.waves = prior.waves();
        this.instrument = task.instrument();
        this.match = task.match();
        this.bands = WantedChannel.bands(channels);
        this.phaseIsTheAntennas = task.phaseIsTheAntennas();
        this.line = task.line();
        this.choice = new ChangeChoice(adjustment, task.room(), waves, middleOfBand());
    }

    /** Advice after all {@code passes}, oldest first, at least one. */
    public TrimAdvice advise(List<Pass> passes) {
        if (passes.isEmpty()) {
            throw new IllegalArgumentException("Advice needs at least one sweep.");
        }
        Pass last = passes.get(passes.size() - 1);
        SweepAnalysis now = new SweepAnalysis(last.sweep());
        if (last.isSwept()) {
            List<Cause> causes = Diagnosis.beforeAnyCut(now);
            if (!causes.isEmpty()) {
                return findTheFault(causes);
            }
        }
        List<Circumstance> spoilt = last.circumstances(Circumstance.Effect.SPOILS);
        if (!spoilt.isEmpty()) {
            return measureAgain(spoilt);
        }
        // One length serves all bands; its dip is looked for in the lowest.
        List<Pass> lowest = bands.size() < 2 ? passes : Pass.near(passes, bands.get(0), false);
        Dip dip = dipOfInterest(
                lowest.isEmpty()
                        ? now
                        : new SweepAnalysis(lowest.get(lowest.size() - 1).sweep()));
        if (dip.atEdge()) {
            return dipBeyondTheSweep(now.sweep(), dip);
        }
        Sensitivity sensitivity = Sensitivity.of(lowest.isEmpty() ? passes : lowest, prior);
        if (!sensitivity.isBelievable()) {
            return findTheFault(Diagnosis.dipDidNotFollow());
        }
        return dipInside(passes, now, dip, sensitivity);
    }

    /** Where the dip is and belongs, what its movement rests on, and what the place and the phase leave open. */
    private List<String> openingReasons(
            Pass last, double dipHz, double targetHz, Sensitivity sensitivity, boolean isBlind) {
        List<String> reasons = new ArrayList<>();
        reasons.add(String.format(
                Locale.ROOT,
                "The dip is at %.3f MHz; for this rule it belongs at %.3f MHz.",
                dipHz / 1e6,
                targetHz / 1e6));
        reasons.add(
                sensitivity.learnt()
                        ? "How far the dip moves is learnt from this antenna's own passes."
                        : prior.antennas() > 0
                                ? "How far the dip moves is a first estimate from " + prior.antennas()
                                        + " finished antennas of this kind; the next sweep will tell."
                                : "How far the dip moves is a first estimate from its electrical length; the next sweep will "
                                        + "tell.");
        reasons.addAll(placeReasons(last, dipHz, sensitivity));
        if (isBlind) {
            reasons.add("These readings have no phase, so X is not known: the dip stands for the resonance.");
        }
        return reasons;
    }

    /** What the place and the calibration mean for this pass. */
    private static List<String> placeReasons(Pass last, double dipHz, Sensitivity sensitivity) {
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

    private static TrimAdvice measureAgain(List<Circumstance> spoilt) {
        return nothingKnown(
                Action.MEASURE_AGAIN,
                spoilt.stream()
                        .map(c -> "Measured " + c.words() + ": " + c.remedy() + ", then measure again.")
                        .toList(),
                List.of());
    }

    /** The deepest dip, unless another that is nearly as deep lies nearer to the band. */
    private Dip dipOfInterest(SweepAnalysis now) {
        double middle = middleOfBand();
        Dip deepest = now.deepestDip().orElseThrow();
        return now.dips().stream()
                .filter(d -> d.reading().returnLossDb()
                        >= 0.6 * Math.min(30, deepest.reading().returnLossDb()))
                .min(Comparator.comparingDouble(d -> Math.abs(Math.log(d.frequencyHz() / middle))))
                .orElse(deepest);
    }

    private TrimAdvice dipInside(List<Pass> passes, SweepAnalysis now, Dip dip, Sensitivity sensitivity) {
        Pass last = passes.get(passes.size() - 1);
        // Without the phase nobody knows X: the dip stands for the resonance.
        boolean isBlind = rule instanceof ResonanceFirst
                && !(last.isSwept() && now.sweep().hasPhase());
        AcceptanceRule aim = isBlind ? new BestOnMain(rule.limitSwr()) : rule;
        Optional<Line> between = last.isSwept() ? line : Optional.empty();
        RuleWindow window = windowOf(now.sweep(), aim, between, dip.frequencyHz());
        LengthBelief belief = last.isSwept()
                ? sweptBelief(window, dip.frequencyHz(), sensitivity, passes.size() == 1)
                : SpotBelief.of(passes, prior, aim, channels, SAFETY);
        double[] need = belief.need();
        double likeliestM =
                adjustment instanceof Adjustment.Slide ? choice.likeliest(belief, need[0], last.isSwept()) : need[0];
        boolean turnsBack = turnsBackTooFar(passes, likeliestM, aim);
        if (turnsBack && hasTurnedBefore(passes)) {
            return findTheFault(Diagnosis.doesNotSettle());
        }
        double needM = turnsBack ? -last.changeM() / 2 : likeliestM;
        double dipHz = dip.frequencyHz();
        double targetHz = dipHz * window.best();
        boolean met = aim.judge(
                        last.isSwept()
                                ? ChannelReading.of(
                                        new SweepAnalysis(between.map(l -> ThroughLine.towardRadio(now.sweep(), l))
                                                .orElse(now.sweep())),
                                        channels)
                                : ChannelReading.ofReadings(last.spots(), channels),
                        ReferencePlane.ANTENNA)
                .met();
        boolean oneWay = adjustment instanceof Adjustment.OneWayCut;
        double step = adjustment.smallestStepM();
        boolean atItsEnd = choice.isAtItsEnd(need[0], needM);
        double sideM = atItsEnd ? need[0] : needM;
        // A slide can be put back, so half a step that is missing is worth a whole one.
        double centred = met || oneWay ? step : step / 2;
        Fit fit = Math.abs(sideM) < centred ? Fit.CENTRED : sideM < 0 ? Fit.TOO_LONG : Fit.TOO_SHORT;
        List<String> reasons = openingReasons(last, dipHz, targetHz, sensitivity, isBlind);
        // A cut only raises the dip.
        if (match.isPresent() && !met && window.isKnown() && window.leastShortfall(oneWay ? 1 : 0) > 0) {
            Optional<TrimAdvice> moved = moveTheMatch(passes, dip, fit, aim);
            if (moved.isPresent()) {
                return moved.get();
            }
        }
        boolean hopeless =
                window.isKnown() && window.bestShortfall() > HOPELESS * (rule.limitSwr() - 1) && last.isSwept();
        double gain = window.swrNow() - window.bestSwr();
        boolean asGoodAsItGets = window.isKnown()
                && last.isSwept()
                && window.bestShortfall() > CLEARLY_MISSED * (rule.limitSwr() - 1)
                && gain < NOTHING_TO_GAIN * (rule.limitSwr() - 1);
        boolean asGoodAsMet = window.isKnown()
                && last.isSwept()
                && window.shortfall(1) <= WITHIN_DOUBT * (rule.limitSwr() - 1)
                && (fit == Fit.CENTRED || window.bestShortfall() > 0 && gain < NOTHING_TO_GAIN * (rule.limitSwr() - 1));
        if (window.isKnown() && window.bestSwr() > rule.limitSwr()) {
            reasons.add(String.format(
                    Locale.ROOT,
                    "Even there the worst channel would be about %.2f: length alone will not meet the rule.",
                    window.bestSwr()));
        }
        ChangeChoice.Cut cut = oneWay && needM < 0
                ? choice.longestSafe(belief, Math.abs(needM), need[1], last.isSwept())
                : ChangeChoice.Cut.NONE;
        List<Cause> causes = List.of();
        Action action;
        double amountM = 0;
        double metNow = last.isSwept() ? 1 : belief.after(0).met();
        double hopedFor = oneWay ? cut.met() : belief.after(needM).met();
        if (met && (metNow >= SURE_ENOUGH || hopedFor - metNow < (oneWay ? WORTH_A_CUT : WORTH_A_SLIDE))) {
            action = Action.STOP;
            if (window.isKnown()) {
                reasons.add(String.format(
                        Locale.ROOT,
                        "Another change could bring the worst channel to %.2f at best.",
                        window.bestSwr()));
            }
        } else if (asGoodAsMet) {
            action = Action.STOP;
            reasons.add(String.format(
                    Locale.ROOT,
                    "What is missing is less than an analyser can tell, and another change could bring the worst channel to %.2f "
                            + "at best: leave it, and sign it off by judgement.",
                    window.bestSwr()));
        } else if (hopeless || asGoodAsItGets || fit == Fit.CENTRED && (last.isSwept() || oneWay && needM >= 0)) {
            action = Action.FIND_THE_FAULT;
            causes = Diagnosis.poorMatch(now, last.isSwept());
            reasons.add(matchWords(asGoodAsItGets && !hopeless, fit, gain));
        } else if (atItsEnd && sideM < 0) {
            action = Action.FIND_THE_FAULT;
            causes = Diagnosis.noneLeftToShorten(-sideM);
            reasons.add("Nothing is left to shorten within its range.");
        } else if (fit == Fit.TOO_SHORT && (oneWay || atItsEnd)) {
            action = Action.REPLACE_LONGER;
            amountM = choice.stepped(sideM);
            reasons.add(
                    oneWay
                            ? "A cut only shortens, so a longer piece is needed."
                            : "It is as long as its range allows, so a longer piece is needed.");
            boolean isUncut = passes.stream().mapToDouble(Pass::changeM).sum() > -step / 2;
            causes = Diagnosis.tooShort(amountM, isUncut);
            reasons.add(
                    isUncut
                            ? "Nothing has been cut yet, and people cut long on purpose: look about for hands, people and metal "
                                    + "near, and measure again before another piece is made."
                            : "What was cut should not have been too much: look about for hands, people and metal near, and "
                                    + "measure again before another piece is made.");
        } else {
            action = needM < 0 ? Action.SHORTEN : Action.LENGTHEN;
            amountM = oneWay ? cut.lengthM() : choice.steppedWithin(needM);
            choice.limitWords(need[0]).ifPresent(reasons::add);
            if (turnsBack) {
                reasons.add(
                        "It would have to go back by more than it came, so the curve does not keep its shape: half of the "
                                + "last change back, and sweep again.");
            }
            if (oneWay) {
                reasons.add(String.format(
                        Locale.ROOT,
                        "Only what is surely needed comes off now, for a cut cannot be undone: it is too much with %.2f %%, and "
                                + "meets the rule with %.0f %%.",
                        100 * cut.tooFar(),
                        100 * cut.met()));
                if (passes.size() == 1 && amountM < MUCH_LESS * Math.abs(needM)) {
                    reasons.add(
                            "One reading cannot tell whether somebody or something near has moved the dip; the next cut may go "
                                    + "closer.");
                }
            }
        }
        double moved = sensitivity.movedHz(dipHz, waves, Math.signum(sideM) * amountM);
        Sweep moving = amountM > 0 ? stretched(now.sweep(), moved / dipHz) : null;
        Sweep expected = moving == null || between.isEmpty() ? moving : ThroughLine.towardRadio(moving, between.get());
        // Nobody works to better than half a step, however sure the estimate is.
        double doubt = Math.max(need[1], step / 2);
        return new TrimAdvice(
                action,
                false,
                fit,
                amountM,
                Math.max(0, Math.abs(sideM) - doubt),
                Math.abs(sideM) + doubt,
                Optional.of(dipHz),
                Optional.of(targetHz),
                Optional.of(sensitivity.hzPerM(dipHz, waves)),
                sensitivity.learnt(),
                Optional.ofNullable(expected),
                expected == null ? List.of() : wantedIn(expected),
                Optional.empty(),
                action == Action.SHORTEN && oneWay ? cut.tooFar() : 0,
                reasons,
                causes,
                TradeOff.of(
                        now.sweep(),
                        between,
                        bands,
                        waves * Wavelength.ofHz(dipHz),
                        sensitivity.setPerElectrical(),
                        needM));
    }

    private RuleWindow windowOf(Sweep sweep, AcceptanceRule aim, Optional<Line> between, double dipHz) {
        return new RuleWindow(RuleWindow.Curve.of(sweep), between, aim, channels, SAFETY, middleOfBand() / dipHz);
    }

    /**
     * Whether a slide that was moved the way its sweep said would now have to go back by more than it came: the best place lies
     * between the two then, and each further turn would be wider. A change of surroundings is no such turn.
     */
    private boolean turnsBackTooFar(List<Pass> passes, double needM, AcceptanceRule aim) {
        if (passes.size() < 2 || !(adjustment instanceof Adjustment.Slide)) {
            return false;
        }
        Pass last = passes.get(passes.size() - 1);
        Pass before = passes.get(passes.size() - 2);
        if (!last.isSwept()
                || !before.isSwept()
                || last.secondChangeM() != 0
                || !last.circumstances().equals(before.circumstances())
                || needM * last.changeM() >= 0
                || Math.abs(needM) <= Math.abs(last.changeM())) {
            return false;
        }
        Dip dip = dipOfInterest(new SweepAnalysis(before.sweep()));
        RuleWindow then = windowOf(before.sweep(), aim, line, dip.frequencyHz());
        return then.isKnown() && Math.signum(1 - then.best()) == Math.signum(last.changeM());
    }

    private static boolean hasTurnedBefore(List<Pass> passes) {
        return passes.size() > 2
                && passes.get(passes.size() - 1).changeM()
                                * passes.get(passes.size() - 2).changeM()
                        < 0;
    }

    private static String matchWords(boolean asGoodAsItGets, Fit fit, double gain) {
        if (asGoodAsItGets) {
            return String.format(
                    Locale.ROOT,
                    "It is centred as far as it matters: another change could gain %.2f at best. What is missing is match, not "
                            + "length.",
                    Math.max(0, gain));
        }
        return fit == Fit.CENTRED
                ? "It is centred already. What is missing is match, not length: look at ground, base and feedline."
                : "What is missing is match, not length: nothing is cut before that is found.";
    }

    /** A move of the match control; empty where none would help. */
    private Optional<TrimAdvice> moveTheMatch(List<Pass> passes, Dip dip, Fit fit, AcceptanceRule aim) {
        MatchBelief belief = MatchBelief.of(passes, match.orElseThrow(), phaseIsTheAntennas);
        boolean oneWay = adjustment instanceof Adjustment.OneWayCut;
        return new MatchMove(aim, channels, match.orElseThrow(), belief, line, SAFETY, oneWay)
                .best(passes.get(passes.size() - 1).sweep(), dip)
                .map(m -> new TrimAdvice(
                        m.metres() > 0 ? Action.LENGTHEN : Action.SHORTEN,
                        true,
                        fit,
                        Math.abs(m.metres()),
                        Math.abs(m.metres()),
                        Math.abs(m.metres()),
                        Optional.of(dip.frequencyHz()),
                        Optional.empty(),
                        Optional.empty(),
                        false,
                        m.expected(),
                        m.expected().map(this::wantedIn).orElse(List.of()),
                        Optional.empty(),
                        0,
                        m.reasons(),
                        List.of(),
                        Optional.empty()));
    }

    /** The curve as measured; only how far it moves is in doubt, and by the instrument where the dip is. */
    private LengthBelief sweptBelief(RuleWindow window, double dipHz, Sensitivity sensitivity, boolean isFirst) {
        List<Sample> samples = new ArrayList<>();
        for (double[] z : LengthBelief.deviates()) {
            double ratio = sensitivity.setPerElectrical() * Math.exp(z[0] * sensitivity.doubt());
            samples.add(new Sample(z[1], window, dipHz, dipHz, ratio));
        }
        return new LengthBelief(samples, waves, 0, 0, isFirst);
    }

    /** Of the lowest band. */
    private double middleOfBand() {
        List<WantedChannel> band = bands.get(0);
        return (band.get(0).frequencyHz() + band.get(band.size() - 1).frequencyHz()) / 2;
    }

    private TrimAdvice dipBeyondTheSweep(Sweep sweep, Dip dip) {
        boolean below = dip.frequencyHz() == sweep.startHz();
        double lowest = channels.get(0).frequencyHz();
        double highest = channels.get(channels.size() - 1).frequencyHz();
        // The side is certain only where the whole band lies on the inner side of the edge.
        Fit fit = below && lowest >= sweep.startHz()
                ? Fit.TOO_LONG
                : !below && highest <= sweep.stopHz() ? Fit.TOO_SHORT : Fit.UNKNOWN;
        Span span = new Span(sweep.startHz(), sweep.stopHz());
        Span wider =
                new Span(Math.min(span.startHz(), lowest), Math.max(span.stopHz(), highest)).widened(WIDER, instrument);
        boolean canSweepWider = below ? wider.startHz() < span.startHz() : wider.stopHz() > span.stopHz();
        boolean oneWay = adjustment instanceof Adjustment.OneWayCut;
        double stepM = fit == Fit.UNKNOWN
                ? 0
                : choice.stepped(
                        (oneWay ? CAUTIOUS_STEP : CAUTIOUS_STEP_TWO_WAYS) * waves * Wavelength.ofHz(dip.frequencyHz()));
        List<String> reasons = new ArrayList<>();
        reasons.add(
                below
                        ? "The curve is still falling at the low end of the sweep: the dip lies below it."
                        : "The curve is still falling at the high end of the sweep: the dip lies above it.");
        if (fit == Fit.UNKNOWN) {
            reasons.add("The sweep does not reach the band, so the side is not certain.");
        }
        Action change = fit == Fit.TOO_LONG
                ? Action.SHORTEN
                : fit == Fit.TOO_SHORT && !oneWay
                        ? Action.LENGTHEN
                        : fit == Fit.TOO_SHORT ? Action.REPLACE_LONGER : Action.FIND_THE_FAULT;
        if (canSweepWider) {
            reasons.add("Sweep wider to find it before changing anything.");
        } else if (stepM > 0) {
            reasons.add("The instrument cannot sweep wider, so take one cautious step and sweep again.");
        }
        return new TrimAdvice(
                canSweepWider ? Action.SWEEP_WIDER : change,
                false,
                fit,
                stepM,
                stepM,
                stepM,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                List.of(),
                canSweepWider ? Optional.of(wider) : Optional.empty(),
                0,
                reasons,
                List.of(),
                Optional.empty());
    }

    static TrimAdvice findTheFault(List<Cause> causes) {
        return nothingKnown(
                Action.FIND_THE_FAULT,
                causes.stream().map(TrimAdviser::sentence).toList(),
                causes);
    }

    private static TrimAdvice nothingKnown(Action action, List<String> reasons, List<Cause> causes) {
        return new TrimAdvice(
                action,
                false,
                Fit.UNKNOWN,
                0,
                0,
                0,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                List.of(),
                Optional.empty(),
                0,
                reasons,
                causes,
                Optional.empty());
    }

    private static String sentence(Cause cause) {
        String name =
                Character.toUpperCase(cause.name().charAt(0)) + cause.name().substring(1);
        return name + ", for " + cause.evidence() + ". To tell: " + cause.test() + ".";
    }

    private static Sweep stretched(Sweep sweep, double factor) {
        return sweep.movedInFrequency(hz -> hz * factor);
    }

    private List<Reading> wantedIn(Sweep sweep) {
        SweepAnalysis analysis = new SweepAnalysis(sweep);
        return channels.stream()
                .map(c -> analysis.readingAt(c.frequencyHz()))
                .flatMap(Optional::stream)
                .toList();
    }
}
