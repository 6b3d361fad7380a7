/** A radio's transmitter on the bench, into a dummy load: power, frequency and spurious emissions, before an antenna is blamed. */
package dorada.core.radio;
