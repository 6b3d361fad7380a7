package dorada.core.instrument;

import dorada.core.sweep.Sweep;

/** An instrument that measures reflection over frequency. */
public interface Analyser {

    /** The range it can measure in. */
    Span limits();

    /** The most points it measures in one sweep. */
    int mostPoints();

    /**
     * Sweeps {@code span} with {@code points} evenly spaced points.
     *
     * @throws IllegalArgumentException where span or points go beyond the instrument, as a sentence
     */
    Sweep sweep(Span span, int points);
}
