package dorada.core.acceptance;

/**
 * One channel's share in a verdict.
 *
 * @param measured the channel and its reading
 * @param limitSwr the highest SWR that the rule allows here
 * @param met whether this channel keeps to the limit; false where it was not measured
 */
public record ChannelVerdict(ChannelReading measured, double limitSwr, boolean met) {

    /** SWR left until the limit, negative beyond it; NaN where the channel was not measured. */
    public double margin() {
        return measured.reading().map(r -> limitSwr - r.swr()).orElse(Double.NaN);
    }

    /** True where the reading's doubt reaches over the limit. */
    public boolean isLeftOpen() {
        return measured.reading().filter(r -> r.leavesOpen(limitSwr)).isPresent();
    }
}
