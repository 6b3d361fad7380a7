/**
 * The conversation of programmable instruments, both sides of it: IEEE 488.2 common commands and a tree in the manner of
 * SCPI-1999, an interpreter for stand-ins, and the client that drives a real or simulated analyser over any transport.
 */
package dorada.core.instrument.scpi;
