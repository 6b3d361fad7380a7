package dorada.core.acceptance;

/**
 * A frequency on which the installation must work.
 *
 * @param name what the shop calls it
 * @param frequencyHz in Hz
 * @param primary the one that matters most
 */
public record WantedChannel(String name, double frequencyHz, boolean primary) {}
