package dorada.core.spectrum;

/**
 * A numbered channel of a radio service.
 *
 * @param number as the service numbers it
 * @param frequencyHz in Hz
 */
public record ServiceChannel(int number, double frequencyHz) {}
