/** Reflection, impedance, SWR, return loss and watts, and the conversions between them. */
package dorada.core.rf;
