package dorada.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import dorada.core.design.Designs;
import dorada.core.outcome.Refusal;
import dorada.core.simulation.Condition;
import dorada.core.simulation.VirtualInstallation;
import dorada.core.tuning.Pass;
import dorada.core.wire.Watch;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class ExerciseTest {

    private static Exercise on(String id, long seed) {
        return Exercise.draw(Designs.ALL.installation(id).orElseThrow(), seed, false, Watch.NOBODY);
    }

    static Stream<VirtualInstallation> possible() {
        return Designs.ALL.installations().stream().filter(Exercise::isPossibleOn);
    }

    /** Whoever knows everything brings each of them in; that is no matter of luck with the number. */
    @ParameterizedTest
    @MethodSource("possible")
    void eachCanBeBroughtInWithOneChangeOfEachPiece(VirtualInstallation v) {
        Exercise exercise = Exercise.draw(v, 11, false, Watch.NOBODY);
        Attempt perfect = Rivals.perfect(exercise);
        Score score = perfect.score(Watch.NOBODY);
        assertThat(score.isPassed()).as("%s", score).isTrue();
        assertThat(score.changes()).isLessThanOrEqualTo(v.controls().size());
        assertThat(score.readings()).isEqualTo(1);
        assertThat(score.mark(score)).isEqualTo(1);
        // Nobody sends into more to read a meter.
        assertThat(exercise.limitSwr()).isLessThanOrEqualTo(3);
        // And there was something to do.
        assertThat(exercise.hidden().isPresent() || score.changes() > 0).isTrue();
    }

    /** The adviser is held to what it is trusted with; what one reading can't tell from a sound antenna it leaves, as people do. */
    @Test
    void theAdviserBringsInWhatReadingsShowAndCutsNoneTooFar() {
        List<Score> scores = LongStream.range(2, 8)
                .mapToObj(seed -> on("handheld-rod", seed))
                .map(e -> Rivals.adviser(e, Watch.NOBODY).score(Watch.NOBODY))
                .toList();
        assertThat(scores).allMatch(Score::met);
        assertThat(scores.stream().filter(Score::isPassed)).as("%s", scores).hasSizeGreaterThanOrEqualTo(4);
        assertThat(scores).allMatch(s -> s.moreOffM() < 0.01);
    }

    /** A tap or strap beside the length, a ring beside the tip. */
    @ParameterizedTest
    @ValueSource(strings = {"tube-j-pole", "beam-five-gamma", "cb-centre-loaded"})
    void ofTwoPiecesEachIsMoved(String id) {
        Exercise exercise = on(id, 4);
        assertThat(exercise.startM()).hasSize(2);
        Attempt moved = Attempt.of(exercise, List.of(Deed.READ, Deed.change(1, 0.004), Deed.READ));
        assertThat(moved.lengthsM())
                .containsExactly(exercise.startM().get(0), exercise.startM().get(1) + 0.004);
        assertThat(moved.readings().get(1).changesM()).containsExactly(0.0, 0.004);
        assertThat(moved.unreadChangesM()).containsExactly(0.0, 0.0);
        assertThat(moved.passes(Watch.NOBODY).get(1).secondChangeM()).isEqualTo(0.004);
        // What was moved is another antenna.
        assertThat(exercise.worstSwr(moved.lengthsM(), Optional.empty(), Watch.NOBODY))
                .isNotEqualTo(exercise.worstSwr(exercise.startM(), Optional.empty(), Watch.NOBODY));
        assertThatThrownBy(() -> moved.and(Deed.change(1, 1))).isInstanceOf(Refusal.class);
    }

    /** The adviser's way leads over a tap that was found in the wrong place. */
    @Test
    void theAdviserMovesATapToo() {
        List<Attempt> some = LongStream.range(4, 9)
                .mapToObj(seed -> Rivals.adviser(on("tube-j-pole", seed), Watch.NOBODY))
                .toList();
        assertThat(some).anyMatch(a -> a.deeds().stream().anyMatch(d -> d.piece() == 1));
        List<Attempt> passed =
                some.stream().filter(a -> a.score(Watch.NOBODY).isPassed()).toList();
        assertThat(passed).hasSizeGreaterThanOrEqualTo(3);
        // Nobody is faster than somebody who knew everything, who moves one piece where that will do.
        assertThat(passed)
                .noneMatch(a -> a.minutes() < Rivals.perfect(a.exercise()).minutes());
    }

    /** A loaded whip that is set a hand's breadth off has every needle at its end: nobody could begin with that. */
    @Test
    void byMeterItBeginsWhereANeedleTellsSomething() {
        VirtualInstallation whip = Designs.ALL.installation("cb-base-loaded").orElseThrow();
        Exercise exercise = Exercise.draw(whip, 3, true, Watch.NOBODY);
        assertThat(exercise.startM()).isNotEqualTo(on("cb-base-loaded", 3).startM());
        Attempt read = Attempt.of(exercise, List.of(Deed.look(exercise.hidden().orElseThrow()), Deed.READ));
        Pass taken = read.taken(read.readings().get(0), Watch.NOBODY);
        assertThat(taken.spots()).anyMatch(r -> r.swr() < 7);
        // And there is something left to do.
        assertThat(read.verdict(taken).met()).isFalse();
    }

    /** A millimetre of a loop's width is two of its wire: whoever was told the wire's would turn back and forth. */
    @Test
    void theAdviserSetsALoopByItsWidth() {
        List<Attempt> some = LongStream.of(5, 6)
                .mapToObj(seed -> Rivals.adviser(on("attic-loop", seed), Watch.NOBODY))
                .toList();
        assertThat(some).allMatch(a -> a.score(Watch.NOBODY).met());
    }

    /** By needle it is the same antenna, of which three marks are seen and no curve. */
    @Test
    void byMeterItIsReadOnItsChannelsAlone() {
        VirtualInstallation rod = Designs.ALL.installation("handheld-rod").orElseThrow();
        Exercise exercise = Exercise.draw(rod, 3, true, Watch.NOBODY);
        assertThat(exercise.bestM()).isEqualTo(on("handheld-rod", 3).bestM());
        assertThat(exercise.limitSwr()).isLessThanOrEqualTo(3);
        Attempt read = Attempt.of(exercise, List.of(Deed.READ, Deed.READ));
        Pass taken = read.taken(read.readings().get(0), Watch.NOBODY);
        assertThat(taken.isSwept()).isFalse();
        assertThat(taken.spots()).hasSize(3);
        assertThat(read.verdict(taken).channels()).hasSize(3);
        double truth = exercise.worstSwr(exercise.startM(), exercise.hidden(), Watch.NOBODY);
        double shown = taken.spots().stream().mapToDouble(r -> r.swr()).max().orElseThrow();
        // A mark of the scale where they stand far apart.
        assertThat(shown).isCloseTo(truth, withinPercentage(30));
        Score adviser = Rivals.adviser(exercise, Watch.NOBODY).score(Watch.NOBODY);
        assertThat(adviser.met()).as("%s", adviser).isTrue();
        assertThat(adviser.moreOffM()).isLessThan(0.02);
    }

    /** Seeds that are neighbours draw what is not alike. */
    @Test
    void neighbouringNumbersAreOtherExercises() {
        List<Exercise> some = LongStream.range(1, 13)
                .mapToObj(seed -> on("handheld-rod", seed))
                .toList();
        assertThat(some.stream().map(Exercise::hidden).distinct()).hasSizeGreaterThan(3);
        assertThat(some).anyMatch(e -> e.hidden().isEmpty());
        double shortest =
                some.stream().mapToDouble(e -> e.startM().get(0)).min().orElseThrow();
        double longest = some.stream().mapToDouble(e -> e.startM().get(0)).max().orElseThrow();
        assertThat(longest / shortest).isGreaterThan(1.015);
    }

    @Test
    void theSameNumberIsTheSameExerciseAndTheSameReadings() {
        Exercise one = on("handheld-rod", 3);
        Exercise again = on("handheld-rod", 3);
        assertThat(again.hidden()).isEqualTo(one.hidden());
        assertThat(again.bestM()).isEqualTo(one.bestM());
        Exercise kept = Exercise.kept(
                Designs.ALL.installation("handheld-rod").orElseThrow(),
                one.seed(),
                one.drift(),
                one.startM(),
                false,
                one.hidden(),
                one.limitSwr(),
                one.bestM());
        assertThat(kept.read(one.startM(), one.hidden(), 1, Watch.NOBODY)
                        .sweep()
                        .re(100))
                .isCloseTo(
                        one.read(one.startM(), one.hidden(), 1, Watch.NOBODY)
                                .sweep()
                                .re(100),
                        within(1e-9));
        Attempt a = Attempt.of(one, List.of(Deed.READ));
        Attempt b = Attempt.of(again, List.of(Deed.READ));
        assertThat(a.taken(a.readings().get(0), Watch.NOBODY).sweep().re(100))
                .isEqualTo(b.taken(b.readings().get(0), Watch.NOBODY).sweep().re(100));
        assertThat(on("handheld-rod", 4).bestM()).isNotEqualTo(one.bestM());
    }

    private static final Exercise ROOF = on("roof-quarter-wave", 5);

    private static Exercise with(Condition hidden) {
        return new Exercise(
                ROOF.on(),
                ROOF.seed(),
                ROOF.drift(),
                ROOF.startM(),
                false,
                Optional.ofNullable(hidden),
                ROOF.limitSwr(),
                ROOF.bestM());
    }

    @Test
    void aFaultStaysUntilSomebodyLooksAtItAndIsNotPassedWithoutThat() {
        Exercise exercise = with(Condition.PAINT_UNDER_GROUND);
        double change = exercise.bestM().get(0) - exercise.startM().get(0);
        List<Deed> blind = List.of(Deed.READ, Deed.change(0, change), Deed.SIGN_OFF);
        Score left = Attempt.of(exercise, blind).score(Watch.NOBODY);
        assertThat(left.met()).isTrue();
        assertThat(left.faultLeft()).isTrue();
        assertThat(left.mark(left)).isZero();

        Attempt looking = Attempt.of(
                exercise,
                List.of(Deed.READ, Deed.look(Condition.DOOR_OPEN), Deed.look(Condition.PAINT_UNDER_GROUND), Deed.READ));
        assertThat(looking.looked())
                .containsEntry(Condition.DOOR_OPEN, false)
                .containsEntry(Condition.PAINT_UNDER_GROUND, true);
        assertThat(looking.readings().get(1).now()).isEmpty();
        assertThat(looking.readings().get(1).lookedOver()).isTrue();
        assertThat(looking.minutes()).isEqualTo(2 + 3 + 3 + 2);
    }

    @Test
    void whatIsCutTooFarIsNotPassedAndSaysByHowMuch() {
        Exercise exercise = with(null);
        double tooMuch = exercise.bestM().get(0) - exercise.startM().get(0) - 0.05;
        Score score = Attempt.of(exercise, List.of(Deed.READ, Deed.change(0, tooMuch), Deed.READ, Deed.SIGN_OFF))
                .score(Watch.NOBODY);
        assertThat(score.met()).isFalse();
        assertThat(score.moreOffM()).isCloseTo(0.05, within(1e-9));
        assertThat(score.mark(Rivals.perfect(exercise).score(Watch.NOBODY))).isZero();
    }

    @Test
    void howSomebodyStandsCountsWhatWentWrong() {
        Score perfect = new Score(1, 1, 0, 7, 1.4, true, false, 0);
        Score slow = new Score(4, 1, 1, 14, 1.4, true, false, 0);
        Score tooFar = new Score(2, 2, 0, 14, 2.4, false, false, 0.01);
        Score blind = new Score(2, 1, 0, 9, 1.4, true, true, 0.002);
        Standing standing = Standing.of(Stream.of(slow, tooFar, blind, perfect)
                .map(own -> new Standing.Finished(own, perfect))
                .toList());
        assertThat(standing).isEqualTo(new Standing(4, 2, (0.5 + 0 + 0 + 1) / 4, 1, 1));
        assertThat(blind.ending()).isEqualTo(Score.Ending.FAULT_LEFT);
        assertThat(tooFar.ending()).isEqualTo(Score.Ending.MISSED);
    }

    @Test
    void whatCantBeDoneIsRefused() {
        Attempt begun = Attempt.begun(with(null));
        assertThatThrownBy(() -> begun.and(Deed.SIGN_OFF)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> begun.and(Deed.change(0, 0.01))).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> begun.and(Deed.change(0, -3))).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> begun.and(Deed.change(0, Double.NaN))).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> begun.and(Deed.change(1, -0.01))).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> begun.and(Deed.change(-1, -0.01))).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> begun.and(Deed.look(Condition.ON_THE_GROUND))).isInstanceOf(Refusal.class);
        Attempt over = begun.and(Deed.READ).and(Deed.SIGN_OFF);
        assertThatThrownBy(() -> over.and(Deed.READ)).isInstanceOf(Refusal.class);
        Attempt many = begun;
        for (int i = 0; i < Attempt.MOST_DEEDS; i++) {
            many = many.and(Deed.READ);
        }
        Attempt full = many;
        assertThatThrownBy(() -> full.and(Deed.READ)).isInstanceOf(Refusal.class);
        assertThat(full.and(Deed.SIGN_OFF).isOver()).isTrue();
    }
}
