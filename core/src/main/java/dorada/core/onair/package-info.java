/** Proof on the air: how well a clip is heard through its noise, and which of several antennas is heard better, and how sure that is. */
package dorada.core.onair;
