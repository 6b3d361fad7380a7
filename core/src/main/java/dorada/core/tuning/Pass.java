package dorada.core.tuning;

import dorada.core.sweep.Sweep;

/**
 * One turn of the loop: what was changed since the pass before, and the sweep after it.
 *
 * @param changeM metres added to the length since the pass before, negative when shortened; 0 for the baseline
 * @param sweep the sweep taken then
 */
public record Pass(double changeM, Sweep sweep) {}
