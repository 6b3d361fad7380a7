package dorada.core.instrument;

import dorada.core.sweep.Sweep;

/** What is connected to an instrument's test port. */
@FunctionalInterface
public interface Connected {

    /**
     * Its true reflection there.
     *
     * @param frequenciesHz ascending, in Hz
     */
    Sweep reflection(double[] frequenciesHz);
}
