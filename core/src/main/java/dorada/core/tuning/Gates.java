package dorada.core.tuning;

import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.LengthFit;
import dorada.core.tuning.Losses.Deed;
import dorada.core.tuning.TrimAdvice.Action;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

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
    record Shut(Gate gate, Action action, String reason, List<Cause> causes, Hypothesis because) {

        Shut(Gate gate, Action action, String reason) {
            this(gate, action, reason, List.of(), Hypothesis.MISREAD);
        }
    }

    /** A cut that is this likely to be on the wrong side is not ordered. */
    static final double MOST_ON_THE_OTHER_SIDE = 0.03;

    /** The same for what can be undone. */
    static final double MOST_ON_THE_OTHER_SIDE_OF_A_MOVE = 0.25;

    /** After a change, metal comes off by a needle only where it is less likely than this that changes do nothing. */
    static final double MOST_NOT_FOLLOWING = 0.01;

    /** A side is said where it is so much likelier than the other. */
    private static final double LIKELIER = 2;

    private static final double TEACHES_LITTLE = 2.5;

    /** Less than this is no worse, in SWR. */
    static final double NO_WORSE = 0.02;

    private Gates() {}

    /** Nobody has read every wanted band since the last change. */
    static Optional<Shut> unreadBand(History history, boolean isSwept, int bands) {
        if (history.isUnreadSinceTheChange()) {
            return Optional.of(new Shut(
                    Gate.UNREAD_BAND,
                    Action.MEASURE_AGAIN,
                    "Something was changed since the wanted channels were read: read them before anything else."));
        }
        if (history.unread().isEmpty()) {
            return Optional.empty();
        }
        String names = history.unread().stream().map(Gates::words).collect(Collectors.joining(" and "));
        return Optional.of(
                history.unread().size() < bands
                        ? new Shut(
                                Gate.UNREAD_BAND,
                                Action.READ_THE_OTHER_BAND,
                                "Nobody has read " + names
                                        + " yet. A change that suits one band may spoil the other: read "
                                        + "it before anything is changed.")
                        : new Shut(
                                Gate.UNREAD_BAND,
                                isSwept ? Action.SWEEP_WIDER : Action.MEASURE_AGAIN,
                                "The wanted channels, " + names
                                        + ", were not read: read them before anything is changed."));
    }

    private static String words(List<WantedChannel> band) {
        double low = band.get(0).frequencyHz() / 1e6;
        double high = band.get(band.size() - 1).frequencyHz() / 1e6;
        return low == high
                ? String.format(Locale.ROOT, "%.3f MHz", low)
                : String.format(Locale.ROOT, "%.3f to %.3f MHz", low, high);
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
                    "It met its rule before, and nothing was changed since: "
                            + causes.get(0).evidence()
                            + ". Its length is right; look what has happened to it before any length is changed.",
                    causes,
                    Hypothesis.MOVED_BY_ITSELF));
        }
        return Optional.of(new Shut(
                Gate.MOVED_UNTOUCHED,
                Action.MEASURE_AGAIN,
                String.format(
                        Locale.ROOT,
                        "Untouched, it reads otherwise than a moment ago: the dip moved by about %+.1f %%. Clear what is near, "
                                + "hands off, and measure again until two readings agree.",
                        100 * response.share()),
                MovedByItself.causes(response.share(), carrier),
                Hypothesis.MOVED_BY_ITSELF));
    }

    /** A needle at the end of its scale says at least, on every channel. */
    static Optional<Shut> needleAtItsEnd(Pass last) {
        return !last.isSwept() && last.spots().stream().allMatch(r -> Double.isInfinite(r.highSwr()))
                ? Optional.of(new Shut(
                        Gate.NEEDLE_AT_ITS_END,
                        Action.FIND_THE_FAULT,
                        "The needle is at its end on every channel: nothing tells which way to go.",
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
                wrongWay
                        ? "The dip did not follow: the last change moved it the wrong way. Another change would be a guess."
                        : "The dip did not follow: the last change moved nothing. Another change would be a guess.",
                Diagnosis.noAnswer(swept, wrongWay),
                Hypothesis.NOT_FOLLOWING));
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
                String.format(
                        Locale.ROOT,
                        "Length and kind do not fit: it is %.0f mm long, and that kind is some %.0f mm at %.1f MHz.",
                        lengthM * 1000,
                        usualM * 1000,
                        task.middleOfLowestBandHz() / 1e6),
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
        if (change == Deed.CUT
                && !s.last().isSwept()
                && (all.probability(Hypothesis.NOT_FOLLOWING) > MOST_NOT_FOLLOWING
                        || Response.isOneMarkAlone(passes))) {
            return Optional.of(notSeenToFollow(s));
        }
        double ofChange = Losses.expected(change, shorter, all);
        double ofReading = s.needles().canBeReadFartherApart() && !readingTeachesLittle
                ? 1
                : Losses.expected(Deed.READ_AGAIN, shorter, all) * (readingTeachesLittle ? TEACHES_LITTLE : 1);
        double ofLooking = Losses.expected(Deed.LOOK_FOR_A_FAULT, shorter, all);
        double otherSide = all.probability(shorter ? Hypothesis.TOO_SHORT : Hypothesis.TOO_LONG);
        double most = change == Deed.CUT ? MOST_ON_THE_OTHER_SIDE : MOST_ON_THE_OTHER_SIDE_OF_A_MOVE;
        double side = all.probability(shorter ? Hypothesis.TOO_LONG : Hypothesis.TOO_SHORT);
        boolean sidesDisagree = otherSide > most || side < LIKELIER * otherSide;
        if (!sidesDisagree && ofChange <= Math.min(ofReading, ofLooking)) {
            return Optional.empty();
        }
        if (ofLooking < ofReading) {
            return Optional.of(somethingElse(all, s));
        }
        return Optional.of(
                all.probability(Hypothesis.MISREAD) > 0.5
                        ? misread()
                        : new Shut(Gate.SIDES_DISAGREE, Action.MEASURE_AGAIN, cannotTell(s)));
    }

    /** The needles have not shown yet that it follows its changes: another reading may, and then a look. */
    private static Shut notSeenToFollow(Standing s) {
        String said = "Whether it follows what is cut cannot be seen from these needles yet. ";
        return Pass.isMeasuredTwice(s.sinceTheChange())
                ? new Shut(
                        Gate.NOT_SEEN_TO_FOLLOW,
                        Action.FIND_THE_FAULT,
                        said
                                + "Before more comes off: hold a hand near its tip while it is read. The reading must jump.",
                        Diagnosis.noAnswer(false, false),
                        Hypothesis.NOT_FOLLOWING)
                : new Shut(
                        Gate.NOT_SEEN_TO_FOLLOW,
                        Action.MEASURE_AGAIN,
                        said + "Set the meter on each channel and read them once more before anything else comes off.",
                        List.of(),
                        Hypothesis.NOT_FOLLOWING);
    }

    private static String cannotTell(Standing s) {
        String first = s.last().spots().size() < 2
                ? "One channel cannot tell the side. "
                : "These readings cannot tell the side. ";
        String how = "Read channels farther apart, where you are allowed to transmit, or find the dip with an analyser";
        return first
                + how
                + (s.oneWay()
                        ? "; or change something that can be undone, such as a clip on its tip, and read again. Nothing is cut before."
                        : "; or move it a little either way, which can be undone, and read again.");
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
                    .filter(c -> causes.stream().noneMatch(known -> known.name().equals(c.name())))
                    .limit(1)
                    .forEach(causes::add);
        }
        Gate gate = first == Hypothesis.NOT_FOLLOWING ? Gate.NO_ANSWER : Gate.SOMETHING_ELSE;
        return new Shut(gate, Action.FIND_THE_FAULT, wordsOf(first, s), causes, first);
    }

    private static Shut misread() {
        return new Shut(
                Gate.NO_EXPLANATION,
                Action.MEASURE_AGAIN,
                "No antenna and no fault that is known here explains these readings together: set the meter on each channel, and "
                        + "read them once more.");
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

    private static String wordsOf(Hypothesis h, Standing s) {
        return switch (h) {
            case LOAD_OR_LOSS -> "Too good to be true: low and alike on every channel.";
            case OPEN_OR_SHORTED -> "Nearly everything comes back on every channel.";
            case INSTRUMENT -> "The readings are alike on every channel, which an antenna's are not.";
            case NOT_FOLLOWING -> "The dip did not follow the recorded changes. Another change would be a guess.";
            default -> TrimReasons.poorMatch(s);
        };
    }

    /** What may surely come off is less than the meter can show. */
    static Shut notToBeSeen() {
        return new Shut(
                Gate.SIDES_DISAGREE,
                Action.MEASURE_AGAIN,
                "It is probably too long, but what may surely come off is less than this meter can show. Read channels farther apart, "
                        + "where you are allowed to transmit, or find the dip with an analyser.");
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
                                "Every change of length that is left is expected to make it worse.",
                                Diagnosis.poorMatch(s.now(), true),
                                Hypothesis.POOR_MATCH)
                        : new Shut(Gate.SIDES_DISAGREE, Action.MEASURE_AGAIN, cannotTell(s)));
    }
}
