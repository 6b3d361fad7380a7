package dorada.core.spectrum;

/**
 * A channel of a radio service, or one that a shop has typed.
 *
 * @param name as the service numbers it
 * @param transmitHz where this side transmits, in Hz
 * @param receiveHz where it receives; the same for a single-frequency channel
 * @param note what is special; empty for nothing
 */
public record ServiceChannel(String name, double transmitHz, double receiveHz, String note) {

    /** One frequency both ways. */
    public static ServiceChannel simplex(String name, double frequencyHz) {
        return new ServiceChannel(name, frequencyHz, frequencyHz, "");
    }

    /**
     * A repeater as its users see it: they listen on its output and transmit {@code offsetHz} from there.
     *
     * @param offsetHz positive or negative
     */
    public static ServiceChannel repeater(String name, double outputHz, double offsetHz) {
        return new ServiceChannel(name, outputHz + offsetHz, outputHz, "repeater");
    }

    public boolean isDuplex() {
        return transmitHz != receiveHz;
    }
}
