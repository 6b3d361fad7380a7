package dorada.core.tuning;

import dorada.core.instrument.SpotReading;
import dorada.core.sweep.Reading;
import dorada.core.sweep.Sweep;
import java.util.List;
import java.util.Optional;

/**
 * One turn of the loop: what was changed since the pass before, and what was measured after it.
 *
 * @param changeM metres added to the length since the pass before, negative when shortened; 0 for the baseline
 * @param sweep the sweep taken then; for a few readings, the curve that explains them best
 * @param dipDeviationHz standard deviation of where that curve has its dip; 0 for a sweep, whose points show it
 * @param spots the readings at single channels; empty for a sweep
 */
public record Pass(double changeM, Sweep sweep, double dipDeviationHz, List<Reading> spots) {

    public Pass {
        spots = List.copyOf(spots);
    }

    /** A pass that was swept. */
    public Pass(double changeM, Sweep sweep) {
        this(changeM, sweep, 0, List.of());
    }

    /** A pass read at a few channels; empty where they are too few to judge a resonance by. */
    public static Optional<Pass> ofSpots(double changeM, List<SpotReading> spots) {
        return ResonanceEstimate.of(spots)
                .map(e -> new Pass(
                        changeM,
                        e.curve(),
                        e.deviationHz(),
                        spots.stream().map(SpotReading::reading).toList()));
    }

    /** True where it was swept. */
    public boolean isSwept() {
        return spots.isEmpty();
    }
}
