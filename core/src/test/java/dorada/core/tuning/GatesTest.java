package dorada.core.tuning;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.design.Kinds;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.Span;
import dorada.core.instrument.SpotReading;
import dorada.core.sweep.Curves;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.Gates.Gate;
import dorada.core.tuning.Gates.Shut;
import dorada.core.tuning.Losses.Deed;
import dorada.core.tuning.Response.Kind;
import dorada.core.tuning.TrimAdvice.Action;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Each gate by itself: what shuts it, what is done instead, and what leaves it open. */
class GatesTest {

    /** A base-loaded whip whose set screw slips: each slide is too small to be seen in a sweep, and none of them moves anything. */
    @Test
    void changesTooSmallToBeSeenAreNotRepeatedUntilOneIsSeen() {
        double[] mhz = {26.965, 27.185, 27.405};
        Tried once = new Tried(Kinds.of("LOADED_CB_WHIP"), mhz)
                .sliding()
                .swept(0, 24.3, 30.1, 27.10, 25, 40)
                .swept(6, 24.3, 30.1, 27.10, 25, 40);
        once.passes.set(1, new Pass(0.006, Curves.resonance(24.3e6, 30.1e6, 401, 27.1003e6, 40.01, 25)));
        assertThat(once.under(1.4).advice().isChange()).isFalse();
        assertThat(once.advice().reasons()).anyMatch(r -> r.is(Reason.NOT_SEEN_TO_FOLLOW_SWEEP_AGAIN));
        TrimAdvice twice = once.swept(0, 24.3, 30.1, 27.1001, 25, 40).advice();
        assertThat(twice.action()).isEqualTo(TrimAdvice.Action.FIND_THE_FAULT);
        assertThat(twice.reasons()).anyMatch(r -> r.is(Reason.NOT_SEEN_TO_FOLLOW_HOLD_A_HAND));
        // Somebody held a hand to it, and it lives: the work goes on.
        assertThat(once.swept(0, 24.3, 30.1, 27.1001, 25, 40)
                        .lastly(p -> p.afterALook(true))
                        .advice()
                        .isChange())
                .isTrue();
    }

    /** A tab without a ground plane: nothing but a line's loss lets its curve fall toward the high end, however wide it is swept. */
    @Test
    void noDipFarAndWideIsNoMatterOfLength() {
        double[] airband = {118, 127.5, 137};
        // A whip that is as long as its kind is here has its dip within 30 % of the band.
        TrimAdvice known = new Tried(Kinds.of("QUARTER_WAVE_WHIP"), airband)
                .long_(0.58)
                .swept(0, 90, 180, 205, 5, 40)
                .advice();
        assertThat(known.action()).isEqualTo(Action.FIND_THE_FAULT);
        assertThat(known.reasons()).anyMatch(r -> r.is(Reason.NO_DIP_FAR_AND_WIDE));
        assertThat(known.causes()).extracting(Cause::id).contains(Cause.Id.NO_GROUND_PLANE, Cause.Id.OPEN_OR_SHORTED);
        // Of unknown length it may be another band's: swept wider as long as that goes.
        Tried unknown = new Tried(Kinds.of("QUARTER_WAVE_WHIP"), airband).swept(0, 90, 180, 205, 5, 40);
        assertThat(unknown.advice().action()).isEqualTo(Action.SWEEP_WIDER);
        assertThat(unknown.swept(0, 40, 180, 205, 5, 40).advice().action()).isEqualTo(Action.SWEEP_WIDER);
        // Swept there three times, it can't be swept wider here.
        assertThat(unknown.swept(0, 40, 180, 205, 5, 40).advice().action()).isEqualTo(Action.FIND_THE_FAULT);
        assertThat(new Tried(Kinds.of("QUARTER_WAVE_WHIP"), airband)
                        .swept(0, 30, 450, 520, 5, 40)
                        .advice()
                        .action())
                .isEqualTo(Action.FIND_THE_FAULT);
        // One that is too long by a quarter is found where it is.
        TrimAdvice far = new Tried(Kinds.of("QUARTER_WAVE_WHIP"), airband)
                .long_(0.72)
                .swept(0, 80, 180, 100, 9, 40)
                .advice();
        assertThat(far.action()).isEqualTo(Action.SHORTEN);
    }

    /** A sharp whip far above its place, swept over the band alone: nothing comes back there, and nothing is broken. */
    @Test
    void aNarrowSweepWithoutADipIsWidenedBeforeAFaultIsSought() {
        double[] mhz = {26.965, 27.185, 27.405};
        Tried narrow = new Tried(Kinds.of("LOADED_CB_WHIP"), mhz).swept(0, 26.9, 27.5, 60, 40, 40);
        assertThat(narrow.advice().action()).isEqualTo(Action.SWEEP_WIDER);
        assertThat(narrow.advice().widerSweep().orElseThrow().stopHz()).isGreaterThan(35e6);
        // An open line shows none however wide it is swept.
        assertThat(narrow.swept(0, 20.7, 35.7, 3000, 40, 40).advice().action()).isEqualTo(Action.FIND_THE_FAULT);
    }

    /** An instrument that ends where there is still no dip is no reason to cut. */
    @Test
    void anInstrumentThatReachesNoFartherOrdersNothing() {
        TrimTask task = TASK.sweptBy(new Span(100e6, 210e6));
        TrimAdvice a =
                new TrimAdviser(task).advise(List.of(new Pass(0, Curves.resonance(100e6, 210e6, 401, 60e6, 40, 9))));
        assertThat(a.isChange()).isFalse();
        assertThat(a.action()).isEqualTo(Action.FIND_THE_FAULT);
    }

    /** Whoever is told to read again and reads the same is not told so for ever. */
    @Test
    void theSameReadAgainAndAgainLeadsElsewhere() {
        double[] beside = {147.6e6, 164.6e6};
        Tried job =
                new Tried(Kinds.of("GROUND_PLANE"), 153, 156, 159).under(1.7).read(0, 3.0, 3.0, 4.0);
        List<Action> told = new ArrayList<>(List.of(job.advice().action()));
        for (int i = 0; i < 5; i++) {
            told.add(job.readAt(0, beside, new double[] {3.0, 4.0}).advice().action());
        }
        assertThat(told.get(0)).isEqualTo(Action.MEASURE_AGAIN);
        assertThat(told).contains(Action.FIND_THE_FAULT);
        assertThat(told.subList(3, told.size())).doesNotContain(Action.MEASURE_AGAIN);
    }

    /** Somebody looked for paint, an open line and a needle that sticks: those are less likely than before. */
    @Test
    void afterALookFaultsAreLessLikely() {
        Tried job =
                new Tried(Kinds.of("GROUND_PLANE"), 153, 156, 159).under(1.7).read(0, 3.0, 3.0, 3.0);
        Hypotheses before = job.advice().hypotheses();
        Hypotheses after = job.lastly(p -> p.afterALook(true)).advice().hypotheses();
        assertThat(after.probability(Hypothesis.INSTRUMENT)).isLessThan(before.probability(Hypothesis.INSTRUMENT) / 2);
        assertThat(after.probability(Hypothesis.NO_GROUND_PLANE))
                .isLessThan(before.probability(Hypothesis.NO_GROUND_PLANE));
    }

    private static final List<WantedChannel> VHF = List.of(
            new WantedChannel("low", 153e6, false),
            new WantedChannel("middle", 156e6, true),
            new WantedChannel("high", 159e6, false));

    private static final List<WantedChannel> TWO_BANDS =
            List.of(VHF.get(0), VHF.get(1), VHF.get(2), new WantedChannel("link", 446e6, false));

    private static final TrimTask TASK =
            TrimTask.of(new UnderLimit(2), VHF, new Adjustment.OneWayCut(0.001), new TrimPrior(0.25, 1, 0.1));

    private static Pass spots(double... swr) {
        List<SpotReading> all = new ArrayList<>();
        for (int i = 0; i < swr.length; i++) {
            all.add(SpotReading.ofSwr(ReadingKind.INLINE_METER, VHF.get(i).frequencyHz(), swr[i]));
        }
        return Pass.ofSpots(0, all).orElseThrow();
    }

    private static Pass swept(double dipHz) {
        return new Pass(0, Curves.resonance(135e6, 180e6, 301, dipHz, 45, 9));
    }

    private static Standing standing(TrimTask task, Pass... passes) {
        List<Pass> all = List.of(passes);
        Pass last = all.get(all.size() - 1);
        return new Standing(
                task,
                all,
                Standing.dipOfInterest(new SweepAnalysis(last.sweep()), task),
                Sensitivity.of(all, task.prior()));
    }

    /** One needle between two marks was perhaps read otherwise: nothing has been seen to follow yet. */
    @Test
    void oneNeedleThatWentToItsNextMarkHasShownNothing() {
        Pass before = spots(2.8, 4, 4);
        Pass oneMark = spots(2.8, 3, 4).after(-0.063, 0);
        assertThat(Response.isOneMarkAlone(List.of(before, oneMark))).isTrue();
        // Two of them, or one that went far, have.
        assertThat(Response.isOneMarkAlone(List.of(before, spots(2.5, 3, 4).after(-0.063, 0))))
                .isFalse();
        assertThat(Response.isOneMarkAlone(List.of(before, spots(2.8, 2, 4).after(-0.063, 0))))
                .isFalse();
        // One channel alone cannot show more than itself, and without a change there is nothing to follow.
        assertThat(Response.isOneMarkAlone(List.of(spots(4), spots(3).after(-0.063, 0))))
                .isFalse();
        assertThat(Response.isOneMarkAlone(List.of(before, spots(2.8, 3, 4)))).isFalse();
        // Later readings may.
        assertThat(Response.isOneMarkAlone(
                        List.of(before, oneMark, spots(2.2, 2.5, 4).after(-0.02, 0))))
                .isFalse();
        // And no more comes off until then.
        TrimTask loose =
                TrimTask.of(new UnderLimit(1.5), VHF, new Adjustment.OneWayCut(0.001), new TrimPrior(0.25, 1, 0.1));
        Pass far = spots(1.9, 2.5, 4);
        Pass hardly = spots(1.9, 2.5, 3).after(-0.02, 0);
        Standing standing = standing(loose, far, hardly);
        assertThat(standing.sideM()).isNegative();
        assertShut(Gates.hypotheses(standing, List.of(far, hardly)), Gate.NOT_SEEN_TO_FOLLOW, Action.MEASURE_AGAIN);
    }

    /**
     * Needles that all went half a mark the right way are what moved surroundings do as well: by such readings a stuck half-wave whip
     * was once told to be cut again. Those that went as far as the change should move them have shown that it follows.
     */
    @Test
    void needlesThatHardlyStirredHaveShownNothingEither() {
        TrimTask task = TrimTask.of(
                new UnderLimit(1.7), VHF, new Adjustment.OneWayCut(0.001), TrimPrior.of(Kinds.of("HALF_WAVE_WHIP")));
        List<Pass> hardly = List.of(spots(1.3, 1.5, 2), spots(1.2, 1.4, 1.9).after(-0.008, 0));
        assertShut(
                Gates.hypotheses(standing(task, hardly.get(0), hardly.get(1)), hardly),
                Gate.NOT_SEEN_TO_FOLLOW,
                Action.MEASURE_AGAIN);
        List<Pass> plainly = List.of(spots(1.9, 2.5, 4), spots(1.7, 2, 3).after(-0.01, 0));
        assertThat(Gates.hypotheses(standing(task, plainly.get(0), plainly.get(1)), plainly))
                .isEmpty();
    }

    private static void assertShut(Optional<Shut> gate, Gate which, Action instead) {
        assertThat(gate).isPresent();
        assertThat(gate.get().gate()).isEqualTo(which);
        assertThat(gate.get().action()).isEqualTo(instead);
        assertThat(gate.get().reason().id()).startsWith("reason.");
    }

    @Test
    void anUnreadBandShutsAndAReadOneDoesNot() {
        Pass one = spots(1.2, 1.1, 1.2);
        assertShut(
                Gates.unreadBand(History.of(List.of(one), TWO_BANDS), false, 2),
                Gate.UNREAD_BAND,
                Action.READ_THE_OTHER_BAND);
        assertThat(Gates.unreadBand(History.of(List.of(one), VHF), false, 1)).isEmpty();
        // A look elsewhere, after a change: the band is stale.
        Pass elsewhere = new Pass(-0.01, Curves.resonance(300e6, 500e6, 101, 440e6, 45, 9));
        assertShut(
                Gates.unreadBand(History.of(List.of(one, elsewhere), VHF), true, 1),
                Gate.UNREAD_BAND,
                Action.MEASURE_AGAIN);
        assertThat(Gates.unreadBand(History.of(List.of(one, elsewhere.after(0, 0)), VHF), true, 1))
                .isEmpty();
    }

    @Test
    void whatMovedUntouchedShuts() {
        Response moved = new Response(Kind.UNTOUCHED_AND_MOVED, -0.02);
        assertShut(Gates.movedUntouched(moved, true, Optional.empty()), Gate.MOVED_UNTOUCHED, Action.FIND_THE_FAULT);
        assertShut(Gates.movedUntouched(moved, false, Optional.empty()), Gate.MOVED_UNTOUCHED, Action.MEASURE_AGAIN);
        Response same = new Response(Kind.UNTOUCHED_AND_THE_SAME, 0);
        assertThat(Gates.movedUntouched(same, false, Optional.empty())).isEmpty();
        // Met before and not now, however little it moved: its length was right.
        assertShut(Gates.movedUntouched(same, true, Optional.empty()), Gate.MOVED_UNTOUCHED, Action.FIND_THE_FAULT);
    }

    @Test
    void needlesAtTheirEndShutAndOneThatIsNotOpens() {
        assertShut(Gates.needleAtItsEnd(spots(10, 12, 10)), Gate.NEEDLE_AT_ITS_END, Action.FIND_THE_FAULT);
        assertThat(Gates.needleAtItsEnd(spots(6, 10, 10))).isEmpty();
        assertThat(Gates.needleAtItsEnd(swept(150e6))).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void aChangeWithoutAnAnswerShuts(Kind kind) {
        Optional<Shut> gate = Gates.noAnswer(new Response(kind, 0), true);
        if (kind == Kind.DID_NOT_MOVE || kind == Kind.WRONG_WAY) {
            assertShut(gate, Gate.NO_ANSWER, Action.FIND_THE_FAULT);
            assertThat(gate.get().causes()).isNotEmpty();
        } else {
            assertThat(gate).isEmpty();
        }
    }

    @Test
    void aLengthOfAnotherKindShutsUntilSomebodyHasLooked() {
        TrimTask long3 = TASK.withLength(Optional.of(1.44), Optional.of(0.48));
        assertShut(Gates.anotherKind(long3, List.of(swept(150e6))), Gate.ANOTHER_KIND, Action.FIND_THE_FAULT);
        assertThat(Gates.anotherKind(long3, List.of(swept(150e6).afterALook(true))))
                .isEmpty();
        assertThat(Gates.anotherKind(TASK.withLength(Optional.of(0.55), Optional.of(0.48)), List.of(swept(150e6))))
                .isEmpty();
        assertThat(Gates.anotherKind(TASK, List.of(swept(150e6)))).isEmpty();
    }

    @Test
    void sidesThatDisagreeShutAndAPlainSideOpens() {
        List<WantedChannel> close = List.of(
                new WantedChannel("a", 155.5e6, false),
                new WantedChannel("b", 156e6, true),
                new WantedChannel("c", 156.5e6, false));
        List<SpotReading> alike = close.stream()
                .map(c -> SpotReading.ofSwr(ReadingKind.INLINE_METER, c.frequencyHz(), 3))
                .toList();
        Pass near = Pass.ofSpots(0, alike).orElseThrow();
        TrimTask narrow =
                TrimTask.of(new UnderLimit(2), close, new Adjustment.OneWayCut(0.001), new TrimPrior(0.25, 1, 0.1));
        assertShut(Gates.hypotheses(standing(narrow, near), List.of(near)), Gate.SIDES_DISAGREE, Action.MEASURE_AGAIN);
        Pass sloped = spots(1.6, 2.6, 4);
        assertThat(Gates.hypotheses(standing(TASK, sloped), List.of(sloped))).isEmpty();
        Pass plain = swept(149e6);
        assertThat(Gates.hypotheses(standing(TASK, plain), List.of(plain))).isEmpty();
    }

    @Test
    void readingsThatFitNothingShut() {
        Pass odd = spots(1.2, 4, 1.3);
        assertShut(Gates.hypotheses(standing(TASK, odd), List.of(odd)), Gate.NO_EXPLANATION, Action.MEASURE_AGAIN);
    }

    @Test
    void whatWouldBeWorseShuts() {
        Standing s = standing(TASK, swept(149e6));
        assertShut(Gates.expectedWorse(0.5, 0.8, s), Gate.EXPECTED_WORSE, Action.FIND_THE_FAULT);
        assertThat(Gates.expectedWorse(0.5, 0.51, s)).isEmpty();
        assertThat(Gates.expectedWorse(Double.POSITIVE_INFINITY, 0.5, s)).isEmpty();
    }

    /** Metal that is off is off, a second reading is cheap: whatever the numbers, that order holds. */
    @ParameterizedTest
    @EnumSource(Hypothesis.class)
    void theTableOfLossesIsInTheRightOrder(Hypothesis truth) {
        double cut = Losses.of(Deed.CUT, true, truth);
        double read = Losses.of(Deed.READ_AGAIN, true, truth);
        assertThat(Losses.of(Deed.MOVE, true, truth)).isLessThanOrEqualTo(cut);
        if (truth != Hypothesis.TOO_LONG) {
            assertThat(cut).isGreaterThan(read);
        }
        if (!truth.isOfLength()) {
            assertThat(Losses.of(Deed.LOOK_FOR_A_FAULT, true, truth)).isLessThan(read);
            assertThat(Losses.of(Deed.LEAVE_IT, true, truth)).isGreaterThan(read);
        }
    }
}
