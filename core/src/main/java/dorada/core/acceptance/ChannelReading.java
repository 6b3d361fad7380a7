package dorada.core.acceptance;

import dorada.core.sweep.Reading;
import dorada.core.sweep.SweepAnalysis;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A wanted channel and what the sweep says there.
 *
 * @param channel the channel
 * @param reading empty where the sweep does not reach the channel
 */
public record ChannelReading(WantedChannel channel, Optional<Reading> reading) {

    private static final double SAME_CHANNEL_HZ = 1000;

    /** Readings of all {@code channels}, ascending in frequency. */
    public static List<ChannelReading> of(SweepAnalysis analysis, List<WantedChannel> channels) {
        return channels.stream()
                .sorted(Comparator.comparingDouble(WantedChannel::frequencyHz))
                .map(c -> new ChannelReading(c, analysis.readingAt(c.frequencyHz())))
                .toList();
    }

    /** The same from single readings, each taken on a channel; one within {@value #SAME_CHANNEL_HZ} Hz is of that channel. */
    public static List<ChannelReading> ofReadings(List<Reading> readings, List<WantedChannel> channels) {
        return channels.stream()
                .sorted(Comparator.comparingDouble(WantedChannel::frequencyHz))
                .map(c -> new ChannelReading(
                        c,
                        readings.stream()
                                .filter(r -> Math.abs(r.frequencyHz() - c.frequencyHz()) <= SAME_CHANNEL_HZ)
                                .findFirst()))
                .toList();
    }
}
