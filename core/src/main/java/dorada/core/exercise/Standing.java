package dorada.core.exercise;

import java.util.List;

/**
 * How somebody does, over all that is finished.
 *
 * @param mark the average of all, from 0 to 1
 * @param faultsLeft how often something wrong went out
 * @param tooFar how often more came off than could be put back
 */
public record Standing(int done, int passed, double mark, int faultsLeft, int tooFar) {

    /** What somebody did and what it took who knew everything. */
    public record Finished(Score own, Score perfect) {}

    /** @param all at least one */
    public static Standing of(List<Finished> all) {
        return new Standing(
                all.size(),
                (int) all.stream().filter(f -> f.own.isPassed()).count(),
                all.stream().mapToDouble(f -> f.own.mark(f.perfect)).average().orElseThrow(),
                (int) all.stream().filter(f -> f.own.faultLeft()).count(),
                (int) all.stream().filter(f -> f.own.isCutTooFar()).count());
    }
}
