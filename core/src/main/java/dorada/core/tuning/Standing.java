package dorada.core.tuning;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.BestOnMain;
import dorada.core.acceptance.ChannelReading;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.ResonanceFirst;
import dorada.core.acceptance.Verdict;
import dorada.core.acceptance.WantedChannel;
import dorada.core.line.Line;
import dorada.core.line.ThroughLine;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Dip;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.LengthBelief.Sample;
import dorada.core.tuning.TrimAdvice.Fit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Where an antenna whose dip was read stands against its rule, and what more or less of it would do: what a decision rests on.
 * Every possibility is moved along the frequency axis ({@link RuleWindow}) and weighed ({@link LengthBelief}).
 */
final class Standing {

    /** Share of (limit − 1) that stays to spare where a cut could go too far: a curve changes its shape a little. */
    static final double SAFETY = 0.06;

    /** Worst SWR above the limit by this share of (limit − 1) at any length: what is missing is no length. */
    private static final double HOPELESS = 0.35;

    /** A dip that reaches this somewhere is a match that is off its place; common practice, no source. */
    private static final double FAR_OFF_SWR = 2.5;

    /** A length that takes away this share of what is missing comes first. */
    private static final double MOST = 0.5;

    /** Missed by no more than this share of (limit − 1), a rule is nearly met. */
    private static final double NEARLY_MET = 0.2;

    /** A rule that is missed by less than this share of (limit − 1) may be met after all: curves change a little. */
    private static final double CLEARLY_MISSED = 0.05;

    /** Above the limit by less than this share of (limit − 1) is within what a good analyser can tell, some 0.008 of |Γ|. */
    private static final double WITHIN_DOUBT = 0.04;

    /** The same for a needle, some 0.025 of |Γ|, less than half a mark of its scale. */
    private static final double WITHIN_DOUBT_BY_METER = 0.1;

    /** Where no length meets the rule, less than this share of (limit − 1) is not worth another change. */
    private static final double NOTHING_TO_GAIN = 0.1;

    /** A window that ends within so many usual shifts of its best place is narrow. */
    private static final double NARROW = 2;

    /** Another dip that is this deep, as a share of the deepest, may be the one that is tuned. */
    private static final double NEARLY_AS_DEEP = 0.6;

    private static final double DEEP_DB = 30;

    /** A dip whose place is in more doubt than this, as a share, is not stated. */
    private static final double DIP_IS_KNOWN = 0.03;

    private final TrimTask task;
    private final List<Pass> passes;
    private final Pass last;
    private final SweepAnalysis now;
    private final double dipHz;
    private final AcceptanceRule aim;
    private final RuleWindow window;
    private final LengthBelief belief;
    private final ChangeChoice choice;
    private final Verdict verdict;
    private final boolean turnsBack;
    private final boolean atItsEnd;
    private final double likeliestNeedM;
    private final double needDoubtM;
    private final double needM;
    private final double dipDoubtHz;
    private final Hypotheses hypotheses;
    private final Needles needles;

    /**
     * @param passes oldest first; the last of them has its dip inside
     * @param dip of the last of them
     */
    Standing(TrimTask task, List<Pass> passes, Dip dip, Sensitivity sensitivity) {
        this.task = task;
        this.passes = passes;
        last = passes.get(passes.size() - 1);
        now = new SweepAnalysis(last.sweep());
        aim = isBlind() ? new BestOnMain(task.rule().limitSwr()) : task.rule();
        boolean changed = passes.stream().skip(1).anyMatch(p -> p.changeM() != 0);
        if (last.isSwept()) {
            dipHz = dip.frequencyHz();
            window = windowOf(now.sweep(), dipHz);
            belief = sweptBelief(sensitivity);
            dipDoubtHz = 0;
            hypotheses = Evidence.ofSweep(belief, worthM(), share(HOPELESS), changed);
        } else {
            // One length serves all bands; it is looked for in the lowest.
            List<WantedChannel> band = WantedChannel.bands(task.channels()).get(0);
            List<Pass> own = Pass.near(passes, band, false);
            SpotBelief spots = SpotBelief.of(own.isEmpty() ? passes : own, task.prior(), band);
            belief = spots.ofLength(aim, band, SAFETY, Pass.isPlaceInDoubt(passes));
            double[] where = belief.dip();
            dipHz = where[0];
            dipDoubtHz = where[1];
            window = windowOf(now.sweep(), dip.frequencyHz());
            hypotheses = Evidence.ofSpots(
                    spots,
                    belief,
                    worthM(),
                    share(HOPELESS),
                    changed,
                    passes.get(0).lookedOver());
        }
        choice = new ChangeChoice(task.adjustment(), task.room(), task.prior().waves(), task.middleOfLowestBandHz());
        verdict = aim.judge(readings(last, task), ReferencePlane.ANTENNA);
        double[] need = belief.need();
        likeliestNeedM = need[0];
        needDoubtM = need[1];
        double chosenM = oneWay()
                ? likeliestNeedM
                : choice.likeliest(belief, likeliestNeedM, task.rule().limitSwr(), last.isSwept());
        turnsBack = turnsBackTooFar(chosenM);
        needM = turnsBack ? -last.changeM() / 2 : chosenM;
        atItsEnd = choice.isAtItsEnd(likeliestNeedM, needM);
        needles = new Needles(task, last, belief, needM, Math.abs(likeliestNeedM) + needDoubtM);
    }

    /** The deepest dip, unless another that is nearly as deep lies nearer to the lowest band. */
    static Dip dipOfInterest(SweepAnalysis now, TrimTask task) {
        Dip deepest = now.deepestDip().orElseThrow();
        return now.dips().stream()
                .filter(d -> d.reading().returnLossDb()
                        >= NEARLY_AS_DEEP * Math.min(DEEP_DB, deepest.reading().returnLossDb()))
                .min(Comparator.comparingDouble(d -> Math.abs(Math.log(d.frequencyHz() / task.middleOfLowestBandHz()))))
                .orElse(deepest);
    }

    /** What {@code pass} says of the wanted channels where the rule judges. */
    static List<ChannelReading> readings(Pass pass, TrimTask task) {
        if (!pass.isSwept()) {
            return ChannelReading.ofReadings(pass.spots(), task.channels());
        }
        Sweep atTheRadio =
                task.line().map(l -> ThroughLine.towardRadio(pass.sweep(), l)).orElse(pass.sweep());
        return ChannelReading.of(new SweepAnalysis(atTheRadio), task.channels());
    }

    private RuleWindow windowOf(Sweep sweep, double itsDipHz) {
        return new RuleWindow(
                RuleWindow.Curve.of(sweep, !last.isSwept()),
                line(),
                aim,
                task.channels(),
                SAFETY,
                task.middleOfLowestBandHz() / itsDipHz);
    }

    /** The curve as measured; only how far it moves is in doubt, and by the instrument where the dip is. */
    private LengthBelief sweptBelief(Sensitivity sensitivity) {
        List<Sample> samples = new ArrayList<>();
        for (double[] z : LengthBelief.deviates()) {
            double ratio = sensitivity.lengthRatio() * Math.exp(z[0] * sensitivity.doubt());
            samples.add(new Sample(z[1], window, dipHz, dipHz, ratio));
        }
        return new LengthBelief(samples, task.prior().waves(), 0, 0, Pass.isPlaceInDoubt(passes));
    }

    /**
     * Whether a slide that was moved the way its sweep said would now have to go back by more than it came: the best place lies
     * between the two then, and each further turn would be wider. A change of surroundings is no such turn.
     */
    private boolean turnsBackTooFar(double chosenM) {
        if (passes.size() < 2 || oneWay()) {
            return false;
        }
        Pass before = passes.get(passes.size() - 2);
        if (!last.isSwept()
                || !before.isSwept()
                || last.secondChangeM() != 0
                || !last.circumstances().equals(before.circumstances())
                || chosenM * last.changeM() >= 0
                || Math.abs(chosenM) <= Math.abs(last.changeM())) {
            return false;
        }
        Dip dip = dipOfInterest(new SweepAnalysis(before.sweep()), task);
        RuleWindow then = windowOf(before.sweep(), dip.frequencyHz());
        return then.isKnown() && Math.signum(1 - then.best()) == Math.signum(last.changeM());
    }

    boolean oneWay() {
        return task.adjustment() instanceof Adjustment.OneWayCut;
    }

    /** Less is not worth a change: a slide can be put back, so half a step that is missing is worth a whole one. */
    private double worthM() {
        return oneWay() ? step() : step() / 2;
    }

    double step() {
        return task.adjustment().smallestStepM();
    }

    Pass last() {
        return last;
    }

    SweepAnalysis now() {
        return now;
    }

    double dipHz() {
        return dipHz;
    }

    /** Where the rule wants the dip; by a few readings, where the likeliest need would put it. */
    double targetHz() {
        if (last.isSwept()) {
            return dipHz * window.best();
        }
        double waves = task.prior().waves();
        double electrical =
                waves * Wavelength.ofHz(dipHz) + likeliestNeedM / task.prior().lengthRatio();
        return waves * Wavelength.SPEED_OF_LIGHT_M_PER_S / electrical;
    }

    /** Standard deviation of where the dip is; 0 for a sweep. */
    double dipDoubtHz() {
        return dipDoubtHz;
    }

    /** A few readings may leave the dip on either side of the band: then nobody knows where it is. */
    boolean isDipKnown() {
        return dipDoubtHz < DIP_IS_KNOWN * dipHz;
    }

    /** What competes to explain the readings. */
    Hypotheses hypotheses() {
        return hypotheses;
    }

    /** Whether the curve reaches all channels where it would have to lie: else what it does there is a guess. */
    boolean isSweptFarEnough() {
        return !last.isSwept() || window.reaches(task.middleOfLowestBandHz() / dipHz) && window.reaches(window.best());
    }

    /** By how much the rule is missed as it was read. */
    double shortfall() {
        return verdict.shortfall();
    }

    /** What its needles, if it was read by a meter, can show. */
    Needles needles() {
        return needles;
    }

    /** A cut of {@code lengthM} with its chances. */
    ChangeChoice.Cut cutOf(double lengthM) {
        return ChangeChoice.cut(belief, lengthM);
    }

    /** The rule that is aimed at. */
    AcceptanceRule aim() {
        return aim;
    }

    /** Without the phase nobody knows X: the dip stands for the resonance. */
    boolean isBlind() {
        return task.rule() instanceof ResonanceFirst
                && !(last.isSwept() && now.sweep().hasPhase());
    }

    /** Between the antenna, where a sweep is, and the radio, where the rule judges. */
    Optional<Line> line() {
        return last.isSwept() ? task.line() : Optional.empty();
    }

    RuleWindow window() {
        return window;
    }

    ChangeChoice choice() {
        return choice;
    }

    /** By what was read. */
    boolean met() {
        return verdict.met();
    }

    /** Chance that the rule is met in truth; 1 for a sweep. */
    double metInTruth() {
        return last.isSwept() ? 1 : belief.after(0).met();
    }

    /** Whether a needle shows its rule as met, and could as well have shown the next mark. */
    boolean isJustAtItsLimit() {
        return !last.isSwept() && met() && verdict.shortfall() > -share(WITHIN_DOUBT_BY_METER);
    }

    /** The same after a change, positive for longer. */
    double metAfter(double changeM) {
        return belief.after(changeM).met();
    }

    /** Chance that the rule is met after {@code cut}, or after a slide as far as it takes. */
    double metAfter(ChangeChoice.Cut cut) {
        return oneWay() ? cut.met() : belief.after(needM).met();
    }

    /** True where it goes half of the last change back. */
    boolean turnsBack() {
        return turnsBack;
    }

    /** True where the last change went back too. */
    boolean turnsAgain() {
        return turnsBack
                && passes.size() > 2
                && last.changeM() * passes.get(passes.size() - 2).changeM() < 0;
    }

    /** Nothing of it was cut yet. */
    boolean isUncut() {
        return passes.stream().mapToDouble(Pass::changeM).sum() > -step() / 2;
    }

    /** Whether surroundings may have moved the dip, unnoticed. */
    boolean isPlaceInDoubt() {
        return Pass.isPlaceInDoubt(passes);
    }

    /**
     * Whether {@code cut} may well be the last one, on an antenna whose rule is met within so little that somebody near would
     * move it out, and nobody has looked twice yet. A first cut leaves room for that by itself; where it leaves so much that
     * no sweep could tell the cut from none, a second look comes first.
     */
    boolean isToBeMeasuredTwice(ChangeChoice.Cut cut) {
        return oneWay()
                && last.isSwept()
                && !Pass.isMeasuredTwice(sinceTheChange())
                && (isPlaceInDoubt()
                        ? teachesNothing(cut)
                        : cut.met() >= ChangeChoice.LIKELY && spareShare() < NARROW * LengthBelief.PLACE_SHIFT);
    }

    /** Whether a part of the need moves the dip by less than a sweep could tell. */
    boolean teachesNothing(ChangeChoice.Cut cut) {
        double moved =
                cut.lengthM() / task.prior().lengthRatio() / (task.prior().waves() * wavelengthM());
        return moved < Response.LEAST_TELLING && cut.lengthM() < Math.abs(likeliestNeedM) / 2;
    }

    /** All readings of the antenna as it is now. */
    List<Pass> sinceTheChange() {
        int from = passes.size() - 1;
        while (from > 0 && passes.get(from).isUnchanged()) {
            from--;
        }
        return passes.subList(from, passes.size());
    }

    /** By how much the dip may rise beyond its best place, as a share of it, before the rule is missed. */
    double spareShare() {
        return window.high() / window.best() - 1;
    }

    /** What the whole job most likely needs, positive for longer, whether or not the range allows it. */
    double likeliestNeedM() {
        return likeliestNeedM;
    }

    /** What is needed as far as the range allows, positive for longer. */
    double needM() {
        return needM;
    }

    /** Half the width of the need's middle 68 %; nobody works to better than half a step. */
    double doubtM() {
        return Math.max(needDoubtM, step() / 2);
    }

    /** Whether the range leaves nothing of what is needed. */
    boolean atItsEnd() {
        return atItsEnd;
    }

    /** What says too long or too short. */
    double sideM() {
        return atItsEnd ? likeliestNeedM : needM;
    }

    Fit fit() {
        double centred = met() ? step() : worthM();
        return Math.abs(sideM()) < centred ? Fit.CENTRED : sideM() < 0 ? Fit.TOO_LONG : Fit.TOO_SHORT;
    }

    /** The cut that is advised where it is too long. */
    ChangeChoice.Cut cut() {
        return oneWay() && needM < 0
                ? choice.longestSafe(belief, Math.abs(needM), needDoubtM, last.isSwept())
                : ChangeChoice.Cut.NONE;
    }

    /** How much the worst SWR could fall at the best length. */
    double gain() {
        return window.swrNow() - window.bestSwr();
    }

    /** A cut only raises the dip. */
    boolean noLengthWouldDo() {
        return !met() && window.isKnown() && window.leastShortfall(oneWay() ? 1 : 0) > 0;
    }

    double wavelengthM() {
        return Wavelength.ofHz(dipHz);
    }

    /** SWR at the bottom of the dip. */
    private double bottomSwr() {
        return now.deepestDip().map(d -> d.reading().swr()).orElse(Double.POSITIVE_INFINITY);
    }

    /** What is missing is no length: nothing that the length does would bring the rule. */
    boolean isPoorMatch() {
        return last.isSwept()
                && (isHopeless() && !isOnlyNarrow() && !isFarFromItsPlace()
                        || isAsGoodAsItGets()
                        || fit() == Fit.CENTRED);
    }

    /**
     * A real dip of a beam whose length would take away most of what is missing: its depth says little of what it will be in its
     * place, because what the other elements do to it changes on the way. There the length comes first; common practice, no source. A
     * whip's depth is its ground's, wherever its dip is: metal comes off only when that is found.
     */
    private boolean isFarFromItsPlace() {
        return task.prior().circuit().isOfItsPlace()
                && bottomSwr() <= FAR_OFF_SWR
                && verdict.shortfall() - window.bestShortfall() > MOST * verdict.shortfall();
    }

    /** It is matched well somewhere, and only the band is too wide for it: a length that suits best is worth having. */
    boolean isOnlyNarrow() {
        return bottomSwr() <= Diagnosis.HAS_ITS_GROUND_SWR;
    }

    /** It is as good as so narrow an antenna can be, and misses the rule by little. */
    boolean isTooNarrowByLittle() {
        return last.isSwept()
                && isOnlyNarrow()
                && (isAsGoodAsItGets() || fit() == Fit.CENTRED && gain() < share(NOTHING_TO_GAIN))
                && verdict.shortfall() <= share(NEARLY_MET);
    }

    /** Matched well somewhere, and yet no length brings the whole band within the rule: another piece would not either. */
    boolean isNarrowAtAnyLength() {
        return last.isSwept()
                && isOnlyNarrow()
                && window.isKnown()
                && window.bestShortfall() > share(CLEARLY_MISSED)
                && gain() < share(HOPELESS);
    }

    private boolean isHopeless() {
        return window.isKnown() && last.isSwept() && window.bestShortfall() > share(HOPELESS);
    }

    boolean isAsGoodAsItGets() {
        return window.isKnown()
                && last.isSwept()
                && window.bestShortfall() > share(CLEARLY_MISSED)
                && gain() < share(NOTHING_TO_GAIN);
    }

    /** Above the limit by no more than the instrument can tell, and nothing is left that would surely bring it down. */
    boolean isAsGoodAsMet() {
        boolean within = verdict.shortfall() <= share(last.isSwept() ? WITHIN_DOUBT : WITHIN_DOUBT_BY_METER);
        return within && (fit() == Fit.CENTRED || fit() == Fit.TOO_SHORT && oneWay());
    }

    private double share(double of) {
        return of * (task.rule().limitSwr() - 1);
    }
}
