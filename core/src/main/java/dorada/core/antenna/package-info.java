/** Antenna kinds and the simulated antennas that stand in for real ones. */
package dorada.core.antenna;
