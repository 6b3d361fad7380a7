package dorada.core.tuning;

import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.LengthFit;
import dorada.core.outcome.Outcome;
import dorada.core.tuning.Losses.Deed;
import dorada.core.tuning.TrimAdvice.Action;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What must hold before anything is changed. Whatever the estimates say, no change of the antenna passes one of these; each gives
 * what is to be done instead, and why.
 */
final class Gates {

    /** Which of them is shut. */
    enum Gate {
        UNREAD_BAND,
        MOVED_UNTOUCHED,
        NEEDLE_AT_ITS_END,
        NO_ANSWER,
        NOT_SEEN_TO_FOLLOW,
        ANOTHER_KIND,
        NO_EXPLANATION,
        SOMETHING_ELSE,
        SIDES_DISAGREE,
        EXPECTED_WORSE
    }

    /** A shut gate: what is done instead of a change. */
    record Shut(Gate gate, Action action, Outcome reason, List<Cause> causes, Hypothesis because) {

        Shut(Gate gate, Action action, Outcome reason) {
            this(gate, action, reason, List.of(), Hypothesis.MISREAD);
        }

        /** Because of what an antenna is like in its place, which is said of one far off as easily. */
        private boolean isOfMatch() {
            return because == Hypothesis.POOR_MATCH || because == Hypothesis.NO_GROUND_PLANE;
        }
    }

    /** A cut that is this likely to be on the wrong side is not ordered. */
    static final double MOST_ON_THE_OTHER_SIDE = 0.03;

    /** The same for what can be undone. */
    static final double MOST_ON_THE_OTHER_SIDE_OF_A_MOVE = 0.25;

    /**
     * After a change, the next one is ordered by a needle only where it is less likely than this that changes do nothing: what a move
     * spoils can be undone, but nobody finds the fault by moving on.
     */
    static final double MOST_NOT_FOLLOWING = 0.003;

    /** The same once somebody has looked and held a hand to it. */
    static final double MOST_NOT_FOLLOWING_AFTER_A_LOOK = 0.01;

    /** For what can be undone after a look, and where one channel is all that is read: it cannot show more than itself. */
    static final double MOST_NOT_FOLLOWING_OF_A_MOVE = 0.1;

    /** A side is said where it is so much likelier than the other. */
    private static final double LIKELIER = 2;

    /** By so much a needle that is read once more teaches less than the time before. */
    private static final double TEACHES_LITTLE = 2.5;

    /** Channels farther apart are asked for until the same was read again so many times. */
    private static final int MOST_AGAIN = 2;

    /** Less than this is no worse, in SWR. */
    static final double NO_WORSE = 0.02;

    private Gates() {}

    /** Nobody has read every wanted band since the last change. */
    static Optional<Shut> unreadBand(History history, boolean isSwept, int bands) {
        if (history.isUnreadSinceTheChange()) {
            return Optional.of(new Shut(Gate.UNREAD_BAND, Action.MEASURE_AGAIN, Reason.CHANGED_SINCE_IT_WAS_READ.of()));
        }
        if (history.unread().isEmpty()) {
            return Optional.empty();
        }
        List<Outcome> unread = history.unread().stream().map(Gates::frequencies).toList();
        return Optional.of(
                history.unread().size() < bands
                        ? new Shut(Gate.UNREAD_BAND, Action.READ_THE_OTHER_BAND, Reason.OTHER_BAND_UNREAD.of(unread))
                        : new Shut(
                                Gate.UNREAD_BAND,
                                isSwept ? Action.SWEEP_WIDER : Action.MEASURE_AGAIN,
                                Reason.CHANNELS_UNREAD.of(unread)));
    }

    private static Outcome frequencies(List<WantedChannel> band) {
        double low = band.get(0).frequencyHz();
        double high = band.get(band.size() - 1).frequencyHz();
        return low == high ? Reason.FREQUENCY.of(low) : Reason.BAND.of(low, high);
    }

    /**
     * It reads otherwise than before, and nobody touched it.
     *
     * @param onceWasMet true where it met its rule since the last change
     * @param carrier what it is fitted to
     */
    static Optional<Shut> movedUntouched(Response response, boolean onceWasMet, Optional<Carrier> carrier) {
        boolean moved = response.kind() == Response.Kind.UNTOUCHED_AND_MOVED;
        if (!onceWasMet && !moved) {
            return Optional.empty();
        }
        if (onceWasMet) {
            List<Cause> causes = MovedByItself.causes(response.share(), carrier);
            return Optional.of(new Shut(
                    Gate.MOVED_UNTOUCHED,
                    Action.FIND_THE_FAULT,
                    Reason.MET_BEFORE_AND_UNTOUCHED.of(causes.get(0).evidence()),
                    causes,
                    Hypothesis.MOVED_BY_ITSELF));
        }
        return Optional.of(new Shut(
                Gate.MOVED_UNTOUCHED,
                Action.MEASURE_AGAIN,
                Reason.MOVED_A_MOMENT_AGO.of(response.share()),
                MovedByItself.causes(response.share(), carrier),
                Hypothesis.MOVED_BY_ITSELF));
    }

    /** A needle at the end of its scale says at least, on every channel. */
    static Optional<Shut> needleAtItsEnd(Pass last) {
        return !last.isSwept() && last.spots().stream().allMatch(r -> Double.isInfinite(r.highSwr()))
                ? Optional.of(new Shut(
                        Gate.NEEDLE_AT_ITS_END,
                        Action.FIND_THE_FAULT,
                        Reason.NEEDLE_AT_ITS_END.of(),
                        Diagnosis.needleAtItsEnd(),
                        Hypothesis.OPEN_OR_SHORTED))
                : Optional.empty();
    }

    /** The last change moved nothing, or the wrong way. */
    static Optional<Shut> noAnswer(Response response, boolean swept) {
        if (!response.isNoAnswer()) {
            return Optional.empty();
        }
        boolean wrongWay = response.kind() == Response.Kind.WRONG_WAY;
        return Optional.of(new Shut(
                Gate.NO_ANSWER,
                Action.FIND_THE_FAULT,
                (wrongWay ? Reason.LAST_CHANGE_WENT_WRONG_WAY : Reason.LAST_CHANGE_MOVED_NOTHING).of(),
                Diagnosis.noAnswer(swept, wrongWay),
                Hypothesis.NOT_FOLLOWING));
    }

    /**
     * The last change was too small for a sweep to show whether it was followed: swept again that may be seen, and then somebody
     * looks before anything else is changed.
     */
    static Optional<Shut> notToBeSeen(Response response, Standing s) {
        return s.last().isSwept() && response.isUnseen() && !s.turnsAgain()
                ? Optional.of(notSeenToFollow(s))
                : Optional.empty();
    }

    /** Length and kind do not belong together, and nobody has looked yet. */
    static Optional<Shut> anotherKind(TrimTask task, List<Pass> passes) {
        return anotherKindInDoubt(task) && !passes.get(0).lookedOver()
                ? Optional.of(lengthOfAnotherKind(task))
                : Optional.empty();
    }

    static Shut lengthOfAnotherKind(TrimTask task) {
        double usualM = task.usualLengthM().orElseThrow();
        double lengthM = task.lengthM().orElseThrow();
        return new Shut(
                Gate.ANOTHER_KIND,
                Action.FIND_THE_FAULT,
                Reason.LENGTH_OF_ANOTHER_KIND.of(lengthM, usualM, task.middleOfLowestBandHz()),
                Diagnosis.anotherKind(lengthM, usualM, task.middleOfLowestBandHz()),
                Hypothesis.ANOTHER_KIND);
    }

    /** Whether the length of the piece is that of another kind. */
    static boolean anotherKindInDoubt(TrimTask task) {
        return task.lengthM().isPresent()
                && task.usualLengthM().isPresent()
                && !LengthFit.isWithin(task.lengthM().get(), task.usualLengthM().get());
    }

    /** What the losses of all hypotheses say against a change on the side of {@code needM}. */
    static Optional<Shut> hypotheses(Standing s, List<Pass> passes) {
        // Reading the same once more teaches little where it was read twice, or where a change that can be undone has
        // been tried.
        boolean readingTeachesLittle = !s.oneWay()
                && (Pass.isMeasuredTwice(passes) || passes.stream().skip(1).anyMatch(p -> p.changeM() != 0));
        Hypotheses all = s.hypotheses();
        boolean shorter = s.sideM() < 0;
        Deed change = s.oneWay() && shorter ? Deed.CUT : Deed.MOVE;
        double mostNotFollowing = mostNotFollowing(change, s, passes.get(0).lookedOver());
        if (!s.last().isSwept()
                && (all.probability(Hypothesis.NOT_FOLLOWING) > mostNotFollowing || Response.isOneMarkAlone(passes))) {
            return Optional.of(notSeenToFollow(s));
        }
        double ofChange = Losses.expected(change, shorter, all);
        int again = s.last().isSwept() ? 0 : s.sinceTheChange().size() - 1;
        double ofReading = s.needles().canBeReadFartherApart() && !readingTeachesLittle && again < MOST_AGAIN
                ? 1
                : Losses.expected(Deed.READ_AGAIN, shorter, all)
                        * (readingTeachesLittle ? TEACHES_LITTLE : Math.pow(TEACHES_LITTLE, again));
        double ofLooking = Losses.expected(Deed.LOOK_FOR_A_FAULT, shorter, all);
        double otherSide = all.probability(shorter ? Hypothesis.TOO_SHORT : Hypothesis.TOO_LONG);
        double most = change == Deed.CUT ? MOST_ON_THE_OTHER_SIDE : MOST_ON_THE_OTHER_SIDE_OF_A_MOVE;
        double side = all.probability(shorter ? Hypothesis.TOO_LONG : Hypothesis.TOO_SHORT);
        boolean sidesDisagree = otherSide > most || side < LIKELIER * otherSide;
        if (!sidesDisagree && ofChange <= Math.min(ofReading, ofLooking)) {
            return Optional.empty();
        }
        if (ofLooking < ofReading) {
            Shut other = somethingElse(all, s);
            // Alike and high on near channels is a poor match, or an antenna far off: whoever reads beside them knows.
            boolean isOpen = s.needles().canBeReadFartherApart() && !Pass.isMeasuredTwice(passes);
            return Optional.of(
                    isOpen && other.isOfMatch()
                            ? new Shut(Gate.SIDES_DISAGREE, Action.MEASURE_AGAIN, cannotTell(s))
                            : other);
        }
        return Optional.of(
                all.probability(Hypothesis.MISREAD) > 0.5
                        ? misread()
                        : new Shut(Gate.SIDES_DISAGREE, Action.MEASURE_AGAIN, cannotTell(s)));
    }

    private static double mostNotFollowing(Deed change, Standing s, boolean looked) {
        if (change == Deed.MOVE && (looked || s.last().spots().size() == 1)) {
            return MOST_NOT_FOLLOWING_OF_A_MOVE;
        }
        return looked ? MOST_NOT_FOLLOWING_AFTER_A_LOOK : MOST_NOT_FOLLOWING;
    }

    /** The readings have not shown yet that it follows its changes: another reading may, and then a look. */
    private static Shut notSeenToFollow(Standing s) {
        return Pass.isMeasuredTwice(s.sinceTheChange())
                ? new Shut(
                        Gate.NOT_SEEN_TO_FOLLOW,
                        Action.FIND_THE_FAULT,
                        Reason.NOT_SEEN_TO_FOLLOW_HOLD_A_HAND.of(),
                        Diagnosis.noAnswer(s.last().isSwept(), false),
                        Hypothesis.NOT_FOLLOWING)
                : new Shut(
                        Gate.NOT_SEEN_TO_FOLLOW,
                        Action.MEASURE_AGAIN,
                        (s.last().isSwept()
                                        ? Reason.NOT_SEEN_TO_FOLLOW_SWEEP_AGAIN
                                        : Reason.NOT_SEEN_TO_FOLLOW_READ_AGAIN)
                                .of(),
                        List.of(),
                        Hypothesis.NOT_FOLLOWING);
    }

    private static Outcome cannotTell(Standing s) {
        return (s.oneWay() ? Reason.CANNOT_TELL_THE_SIDE_OF_A_CUT : Reason.CANNOT_TELL_THE_SIDE_OF_A_MOVE)
                .of(Math.max(1, s.last().spots().size()));
    }

    /** The likeliest of what is no matter of length, with the tests that tell it from the next one. */
    static Shut somethingElse(Hypotheses all, Standing s) {
        List<Hypothesis> likeliest = all.likeliest().stream()
                .map(Hypotheses.Weighed::hypothesis)
                .filter(h -> !h.isOfLength())
                .toList();
        Hypothesis first = likeliest.isEmpty() ? Hypothesis.MISREAD : likeliest.get(0);
        if (first == Hypothesis.MISREAD) {
            return misread();
        }
        List<Cause> causes = new ArrayList<>(causesOf(first, s));
        if (likeliest.size() > 1) {
            causesOf(likeliest.get(1), s).stream()
                    .filter(c -> causes.stream().noneMatch(known -> known.id() == c.id()))
                    .limit(1)
                    .forEach(causes::add);
        }
        Gate gate = first == Hypothesis.NOT_FOLLOWING ? Gate.NO_ANSWER : Gate.SOMETHING_ELSE;
        return new Shut(gate, Action.FIND_THE_FAULT, reasonOf(first, s), causes, first);
    }

    private static Shut misread() {
        return new Shut(Gate.NO_EXPLANATION, Action.MEASURE_AGAIN, Reason.NO_EXPLANATION.of());
    }

    private static List<Cause> causesOf(Hypothesis h, Standing s) {
        return switch (h) {
            case LOAD_OR_LOSS -> Diagnosis.tooGoodToBeTrue();
            case OPEN_OR_SHORTED -> Diagnosis.needleAtItsEnd();
            case INSTRUMENT -> Diagnosis.alikeEverywhere();
            case NOT_FOLLOWING -> Diagnosis.noAnswer(s.last().isSwept(), false);
            case NO_GROUND_PLANE, POOR_MATCH ->
                Diagnosis.poorMatch(s.now(), s.last().isSwept());
            default -> List.of();
        };
    }

    private static Outcome reasonOf(Hypothesis h, Standing s) {
        return switch (h) {
            case LOAD_OR_LOSS -> Reason.TOO_GOOD_TO_BE_TRUE.of();
            case OPEN_OR_SHORTED -> Reason.NEARLY_ALL_COMES_BACK.of();
            case INSTRUMENT -> Reason.ALIKE_ON_EVERY_CHANNEL.of();
            case NOT_FOLLOWING -> Reason.DID_NOT_FOLLOW.of();
            default -> TrimReasons.poorMatch(s);
        };
    }

    /** What may surely come off is less than the meter can show. */
    static Shut notToBeSeen() {
        return new Shut(Gate.SIDES_DISAGREE, Action.MEASURE_AGAIN, Reason.LESS_THAN_THIS_METER_SHOWS.of());
    }

    /** The change would leave the rule farther away than it is now. */
    static Optional<Shut> expectedWorse(double shortfallNow, double shortfallAfter, Standing s) {
        if (!(shortfallAfter > shortfallNow + NO_WORSE)) {
            return Optional.empty();
        }
        return Optional.of(
                s.last().isSwept()
                        ? new Shut(
                                Gate.EXPECTED_WORSE,
                                Action.FIND_THE_FAULT,
                                Reason.EVERY_CHANGE_MAKES_IT_WORSE.of(),
                                Diagnosis.poorMatch(s.now(), true),
                                Hypothesis.POOR_MATCH)
                        : new Shut(Gate.SIDES_DISAGREE, Action.MEASURE_AGAIN, cannotTell(s)));
    }
}
