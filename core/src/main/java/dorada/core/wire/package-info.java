/**
 * A thin-wire moment-method solver: straight wires in free space or over a perfectly conducting plane.
 *
 * <p>Piecewise-sinusoidal currents with Galerkin testing (J. H. Richmond, Radiation and scattering by thin-wire structures
 * in the complex frequency domain, NASA CR-2396, 1974) in the mixed-potential form of the electric-field integral
 * equation (R. F. Harrington, Field Computation by Moment Methods, 1968, chapter 4). The road: {@link Structure} (what
 * there is) → {@link Mesh} (segments and modes) → {@link MomentMatrix} (interactions) → {@link SymmetricFactor}
 * (factorised) → {@link Solution} (impedance, currents, power) → {@link FarField} (gain). {@link FastSweep} needs only a
 * few of these solutions for a whole sweep.
 *
 * <p>Time goes with exp(+jωt). Lengths in metres, currents are peak values.
 */
package dorada.core.wire;
