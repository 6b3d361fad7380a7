package dorada.core.tuning;

import dorada.core.outcome.Outcome;
import dorada.core.tuning.TrimAdvice.Fit;
import java.util.ArrayList;
import java.util.List;

/** What an advice rests on. */
final class TrimReasons {

    /** Of what is needed; where less comes off, a person asks why. */
    private static final double MUCH_LESS = 0.6;

    /** Less than this share of the dip's frequency is not worth a number. */
    private static final double LEAST_SPARE = 0.001;

    private TrimReasons() {}

    /** Where the dip is and belongs, what its movement rests on, and what the place and the phase leave open. */
    static List<Outcome> opening(Standing s, Sensitivity sensitivity, TrimPrior prior) {
        List<Outcome> reasons = new ArrayList<>();
        if (s.isDipKnown()) {
            reasons.add(
                    s.dipDoubtHz() == 0
                            ? Reason.DIP_AT.of(s.dipHz(), s.targetHz())
                            : Reason.DIP_ABOUT.of(s.dipHz(), s.dipDoubtHz(), s.targetHz()));
        }
        reasons.add(
                sensitivity.learnt()
                        ? Reason.MOVEMENT_LEARNT.of()
                        : prior.antennas() > 0
                                ? Reason.MOVEMENT_OF_ITS_KIND.of(prior.antennas())
                                : Reason.MOVEMENT_BY_ITS_LENGTH.of());
        reasons.addAll(place(s.last(), s.dipHz(), sensitivity));
        if (s.isBlind()) {
            reasons.add(Reason.NO_PHASE.of());
        }
        return reasons;
    }

    /** The two or three hypotheses that compete, where more than one does. */
    static List<Outcome> competing(Hypotheses all) {
        List<Hypotheses.Weighed> likeliest = all.likeliest();
        return likeliest.size() < 2
                ? List.of()
                : List.of(Reason.MAY_BE.of(likeliest.stream()
                        .limit(3)
                        .map(w -> Reason.ONE_OF_SEVERAL.of(w.hypothesis(), w.probability()))
                        .toList()));
    }

    /** What the place and the calibration mean for this pass. */
    private static List<Outcome> place(Pass last, double dipHz, Sensitivity sensitivity) {
        List<Outcome> reasons = new ArrayList<>();
        if (sensitivity.placeShift() != 0) {
            reasons.add(Reason.PLACE_MOVED_THE_DIP.of(-sensitivity.placeShift() * dipHz));
        }
        for (Circumstance c : last.circumstances(Circumstance.Effect.STAGE)) {
            reasons.add(Reason.PROVISIONAL.of(c, c.remedy()));
        }
        for (Circumstance c : last.circumstances(Circumstance.Effect.DOUBTS)) {
            reasons.add(Reason.GOOD_ENOUGH_TO_BEGIN.of(c, c.remedy()));
        }
        return reasons;
    }

    static Outcome asGoodAsMet(Standing s) {
        return !s.last().isSwept()
                ? Reason.LESS_THAN_A_METER_RESOLVES.of()
                : s.fit() == Fit.TOO_SHORT
                        ? Reason.LESS_THAN_AN_ANALYSER_RESOLVES.of()
                        : Reason.LESS_THAN_AN_ANALYSER_RESOLVES_OF.of(s.window().bestSwr());
    }

    static Outcome poorMatch(Standing s) {
        return s.isAsGoodAsItGets()
                ? Reason.CENTRED_BUT_FOR_LITTLE.of(Math.max(0, s.gain()))
                : s.fit() == Fit.CENTRED ? Reason.CENTRED_AND_MISMATCHED.of() : Reason.MISMATCHED.of();
    }

    static List<Outcome> tooShort(Standing s) {
        return List.of(
                s.oneWay() ? Reason.A_CUT_ONLY_SHORTENS.of() : Reason.AS_LONG_AS_ITS_RANGE.of(),
                s.isUncut() ? Reason.NOTHING_CUT_YET.of() : Reason.CUT_BUT_NOT_TOO_MUCH.of());
    }

    /** First among the reasons: it is what is to be done. */
    static Outcome measureTwice(Standing s, ChangeChoice.Cut cut) {
        return s.teachesNothing(cut)
                ? Reason.MEASURE_TWICE_FOR_MORE.of(cut.lengthM())
                : s.spareShare() < LEAST_SPARE
                        ? Reason.MEASURE_TWICE_NO_MARGIN.of()
                        : Reason.MEASURE_TWICE_MARGIN.of(s.spareShare());
    }

    static List<Outcome> change(Standing s, ChangeChoice.Cut cut) {
        List<Outcome> reasons = new ArrayList<>();
        // By a few readings the likeliest need may lie on the other side than the best slide.
        if (s.likeliestNeedM() * s.needM() > 0) {
            s.choice().limit(s.likeliestNeedM()).ifPresent(reasons::add);
        }
        if (s.turnsBack()) {
            reasons.add(Reason.HALF_OF_IT_BACK.of());
        }
        if (s.oneWay()) {
            reasons.add(Reason.ONLY_WHAT_IS_SURE.of(cut.tooFar(), cut.met()));
            if (s.isPlaceInDoubt() && cut.lengthM() < MUCH_LESS * Math.abs(s.needM())) {
                reasons.add(Reason.ONCE_MORE_GOES_CLOSER.of());
            }
        }
        return reasons;
    }
}
