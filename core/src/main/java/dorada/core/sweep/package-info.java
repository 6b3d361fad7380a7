/** A sweep of reflections over frequency and what can be read from it. */
package dorada.core.sweep;
