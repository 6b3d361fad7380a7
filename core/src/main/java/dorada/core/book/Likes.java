package dorada.core.book;

import dorada.core.tuning.TrimPrior;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * The finished installations that are most like one that is asked for, and what they lead to expect of it.
 *
 * @param nearest the likest first
 * @param lengthM final lengths of those that met their rules, on the band that is asked for: a length that was tuned for another frequency goes with its wavelength
 */
public record Likes<T>(List<Like<T>> nearest, Optional<Spread> lengthM, Optional<Spread> changes) {

    /** Less alike says nothing; common practice, no source. */
    private static final double LEAST = 0.5;

    private static final int MOST = 20;

    /** What is left to be cut, as a share, so that the first reading finds it too long; common practice, no source. */
    private static final double ALLOWANCE = 0.02;

    /** As much more as one alone may have ended short of the next, shared among those that are known; likewise no source. */
    private static final double OF_ONE_ALONE = 0.03;

    /**
     * One of them.
     *
     * @param scaledM its final length on the band that is asked for; NaN where it is not known
     */
    public record Like<T>(Finished<T> finished, double likeness, double scaledM) {

        /** Its length is known, and was good enough by its rule. */
        boolean isExample() {
            return finished.isMet() && !Double.isNaN(scaledM);
        }
    }

    public static <T> Likes<T> of(Traits asked, Collection<Finished<T>> finished) {
        List<Like<T>> nearest = finished.stream()
                .map(f -> new Like<>(
                        f,
                        asked.likeness(f.traits()),
                        f.finalLengthM().orElse(Double.NaN) * f.traits().middleHz() / asked.middleHz()))
                .filter(l -> l.likeness() >= LEAST)
                .sorted(Comparator.comparingDouble((Like<T> l) -> -l.likeness())
                        .thenComparing(l -> l.finished().signedAt(), Comparator.reverseOrder()))
                .limit(MOST)
                .toList();
        return new Likes<>(
                nearest,
                spread(nearest.stream().filter(Like::isExample).toList(), Like::scaledM),
                spread(nearest, l -> l.finished().changes()));
    }

    private static <T> Optional<Spread> spread(List<Like<T>> nearest, ToDoubleFunction<Like<T>> of) {
        return Spread.of(
                nearest.stream().mapToDouble(of).filter(v -> !Double.isNaN(v)).toArray());
    }

    /**
     * To what the next one is cut before its first reading: where they ended, and what a saw can't put back. Empty where nobody
     * knows a length.
     *
     * @param isOneWay false where it slides both ways: then it is set to where they ended
     */
    public Optional<Double> startLengthM(boolean isOneWay) {
        long examples = nearest.stream().filter(Like::isExample).count();
        double left = ALLOWANCE + OF_ONE_ALONE / Math.max(1, examples);
        return lengthM.map(s -> isOneWay ? Math.max((1 + left) * s.median(), s.highest()) : s.median());
    }

    /** What they taught, each weighed by how alike it is. */
    public List<TrimPrior.Lesson> lessons() {
        return nearest.stream()
                .flatMap(l -> l.finished().lesson().stream().map(lesson -> lesson.likeBy(l.likeness())))
                .toList();
    }
}
