package dorada.core.acceptance;

import dorada.core.rf.Band;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A frequency on which the installation must work.
 *
 * @param name what the shop calls it
 * @param frequencyHz in Hz
 * @param primary the one that matters most
 * @param use what happens on it; a channel that is only heard cannot hurt a transmitter
 * @param weight how much it counts against the others when a compromise is sought; 1 is usual
 * @param radio which of several radios on the antenna uses it; empty for the first
 */
public record WantedChannel(String name, double frequencyHz, boolean primary, Use use, double weight, String radio) {

    /** What happens on a channel. */
    public enum Use {
        BOTH,
        TRANSMIT,
        RECEIVE
    }

    public WantedChannel {
        if (!(weight > 0) || Double.isInfinite(weight)) {
            throw new IllegalArgumentException("A channel's weight is above 0, not " + weight + ".");
        }
    }

    /** A channel of the first radio, for sending and hearing, that counts like the others. */
    public WantedChannel(String name, double frequencyHz, boolean primary) {
        this(name, frequencyHz, primary, Use.BOTH, 1, "");
    }

    /** {@code channels} by band, both ascending. */
    public static List<List<WantedChannel>> bands(List<WantedChannel> channels) {
        List<List<WantedChannel>> bands = new ArrayList<>();
        double last = 0;
        for (WantedChannel c : channels.stream()
                .sorted(Comparator.comparingDouble(WantedChannel::frequencyHz))
                .toList()) {
            if (bands.isEmpty() || Band.isAnother(last, c.frequencyHz)) {
                bands.add(new ArrayList<>());
            }
            bands.get(bands.size() - 1).add(c);
            last = c.frequencyHz;
        }
        return bands;
    }

    /** Geometric middle of each band of {@code channels} in Hz, ascending. */
    public static double[] middlesHz(List<WantedChannel> channels) {
        return bands(channels).stream()
                .mapToDouble(b -> Math.sqrt(b.get(0).frequencyHz * b.get(b.size() - 1).frequencyHz))
                .toArray();
    }

    /** Middle of the lowest band of {@code channels}, in Hz: where one length is looked for. */
    public static double middleOfLowestBandHz(List<WantedChannel> channels) {
        List<WantedChannel> band = bands(channels).get(0);
        return (band.get(0).frequencyHz + band.get(band.size() - 1).frequencyHz) / 2;
    }

    /** True where a radio sends on it. */
    public boolean transmits() {
        return use != Use.RECEIVE;
    }
}
