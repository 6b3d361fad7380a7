package dorada.core.tuning;

import dorada.core.acceptance.WantedChannel;
import dorada.core.sweep.SweepAnalysis;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** What the adviser would say of cuts that it does not order. */
public final class StatedChances {

    private StatedChances() {}

    /**
     * The chance that a cut, in metres, is too much, as it would be said after {@code all} passes; for a task of one band.
     *
     * @param all oldest first; the last of them has its dip inside
     */
    public static DoubleUnaryOperator ofCuts(TrimTask task, List<Pass> all) {
        List<Pass> read =
                all.stream().map(p -> p.onlyWhatMattersOn(task.carrier())).toList();
        List<Pass> passes = History.of(read, task.channels()).passes();
        Pass last = passes.get(passes.size() - 1);
        Standing standing = new Standing(
                task,
                passes,
                Standing.dipOfInterest(new SweepAnalysis(last.sweep()), task),
                Sensitivity.of(passes, task.prior()));
        return lengthM -> LengthAdvice.stated(standing.cutOf(lengthM).tooFar(), last.isSwept());
    }

    /** Whether {@code task} is of one band. */
    public static boolean isOfOneBand(TrimTask task) {
        return WantedChannel.bands(task.channels()).size() == 1;
    }
}
