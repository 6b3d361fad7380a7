package dorada.core.acceptance;

import dorada.core.rf.Swr;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What an antenna's SWR costs on the air against another's, or against a perfect match: the difference of mismatch losses, in
 * dB, positive where the newer one is worse. Source: mismatch loss −10·log₁₀(1 − ρ²), D. M. Pozar, Microwave Engineering,
 * section 2.3.
 *
 * @param channels those that were measured on both
 */
public record MismatchCost(List<OnChannel> channels) {

    /** @param db on channel {@code name} */
    public record OnChannel(String name, boolean transmits, double db) {}

    public MismatchCost {
        channels = List.copyOf(channels);
    }

    /** @param before the antenna to compare with; empty for a perfect match */
    public static MismatchCost of(Verdict now, Optional<Verdict> before) {
        List<OnChannel> all = new ArrayList<>();
        for (ChannelVerdict c : now.channels()) {
            Optional<Double> here = c.measured().reading().map(r -> Swr.mismatchLossDb(r.swr()));
            Optional<Double> there = before.isEmpty()
                    ? Optional.of(0.0)
                    : before.get().channels().stream()
                            .filter(b -> b.measured().channel().frequencyHz()
                                    == c.measured().channel().frequencyHz())
                            .findFirst()
                            .flatMap(b -> b.measured().reading())
                            .map(r -> Swr.mismatchLossDb(r.swr()));
            if (here.isPresent() && there.isPresent()) {
                all.add(new OnChannel(
                        c.measured().channel().name(), c.measured().channel().transmits(), here.get() - there.get()));
            }
        }
        return new MismatchCost(all);
    }

    /** On the channel that loses most among those that are sent on; empty where none was measured on both. */
    public Optional<Double> worstDb() {
        return channels.stream().filter(OnChannel::transmits).map(OnChannel::db).max(Double::compare);
    }
}
