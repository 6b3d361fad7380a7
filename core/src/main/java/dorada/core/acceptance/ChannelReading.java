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

    /** Readings of all {@code channels}, ascending in frequency. */
    public static List<ChannelReading> of(SweepAnalysis analysis, List<WantedChannel> channels) {
        return channels.stream()
                .sorted(Comparator.comparingDouble(WantedChannel::frequencyHz))
                .map(c -> new ChannelReading(c, analysis.readingAt(c.frequencyHz())))
                .toList();
    }
}
