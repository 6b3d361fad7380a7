package dorada.core.acceptance;

import dorada.core.outcome.Outcome;
import dorada.core.sweep.Reading;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Met or not, by which rule, judged where, and each channel's margin.
 *
 * @param rule the rule applied
 * @param plane where the reading was taken
 * @param met true where the rule is met in full
 * @param channels one per wanted channel, ascending in frequency
 * @param outcomes the verdict with its rule and its plane, and what is to be said beside it
 */
public record Verdict(
        AcceptanceRule rule, ReferencePlane plane, boolean met, List<ChannelVerdict> channels, List<Outcome> outcomes) {

    /** A sentence names the worst few; the list of channels has them all. */
    private static final int MOST_NAMED = 3;

    /** SWR that is no difference: what a needle shows goes through |Γ| and back. */
    private static final double NO_DIFFERENCE = 1e-9;

    static Verdict of(AcceptanceRule rule, List<ChannelReading> measured, ReferencePlane plane) {
        if (measured.isEmpty()) {
            throw new IllegalArgumentException("A verdict needs at least one wanted channel.");
        }
        List<ChannelVerdict> channels = measured.stream()
                .sorted(Comparator.comparingDouble(m -> m.channel().frequencyHz()))
                .map(m -> new ChannelVerdict(
                        m,
                        rule.limitSwr(m.channel()),
                        m.reading()
                                .map(r -> r.swr() <= rule.limitSwr(m.channel()) + NO_DIFFERENCE)
                                .orElse(false)))
                .toList();
        boolean all = channels.stream().allMatch(c -> c.measured().reading().isPresent());
        boolean met = all && rule.shortfall(values(channels)) <= NO_DIFFERENCE;
        List<Outcome> outcomes = new ArrayList<>(outcomes(rule, plane, met, channels));
        List<String> open =
                names(channels.stream().filter(ChannelVerdict::isLeftOpen).toList());
        if (!open.isEmpty()) {
            outcomes.add(Judged.WITHIN_DOUBT.of(open));
        }
        return new Verdict(rule, plane, met, channels, List.copyOf(outcomes));
    }

    /** False where a reading's doubt reaches over the limit, so that the verdict could be the other one. */
    public boolean sure() {
        return channels.stream().noneMatch(ChannelVerdict::isLeftOpen);
    }

    /** What the readings lack of the rule: 0 or less where it is met; infinite where a channel was not measured. */
    public double shortfall() {
        return channels.stream().allMatch(c -> c.measured().reading().isPresent())
                ? exactly(rule.shortfall(values(channels)))
                : Double.POSITIVE_INFINITY;
    }

    private static double exactly(double shortfall) {
        return Math.abs(shortfall) < NO_DIFFERENCE ? 0 : shortfall;
    }

    /** The worst SWR measured on any channel; infinite where none was measured. */
    public double worstSwr() {
        return channels.stream()
                .flatMap(c -> c.measured().reading().stream())
                .mapToDouble(Reading::swr)
                .max()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** The worst SWR into which {@code radio} sends; infinite where that was not measured, 1 where it sends on none. */
    public double worstTransmitSwr(String radio) {
        return channels.stream()
                .filter(c -> c.measured().channel().transmits()
                        && c.measured().channel().radio().equals(radio))
                .mapToDouble(c -> c.measured().reading().map(Reading::swr).orElse(Double.POSITIVE_INFINITY))
                .max()
                .orElse(1);
    }

    /** Channels into which {@code radio} sends and that were not measured, by name. */
    public List<String> unreadTransmits(String radio) {
        return channels.stream()
                .map(ChannelVerdict::measured)
                .filter(m -> m.channel().transmits() && m.channel().radio().equals(radio))
                .filter(m -> m.reading().isEmpty())
                .map(m -> m.channel().name())
                .toList();
    }

    /** The worst SWR into which {@code radio} sends of what was measured; 1 where nothing was. */
    public double worstMeasuredTransmitSwr(String radio) {
        return channels.stream()
                .map(ChannelVerdict::measured)
                .filter(m -> m.channel().transmits() && m.channel().radio().equals(radio))
                .flatMap(m -> m.reading().stream())
                .mapToDouble(Reading::swr)
                .max()
                .orElse(1);
    }

    private static ChannelValues values(List<ChannelVerdict> channels) {
        ChannelValues values = new ChannelValues(
                channels.stream().map(c -> c.measured().channel()).toList());
        for (int i = 0; i < channels.size(); i++) {
            Reading r = channels.get(i).measured().reading().orElseThrow();
            values.set(i, r.reflection(), r.hasPhase());
        }
        return values;
    }

    private static List<Outcome> outcomes(
            AcceptanceRule rule, ReferencePlane plane, boolean met, List<ChannelVerdict> channels) {
        List<String> missing = names(
                channels.stream().filter(c -> c.measured().reading().isEmpty()).toList());
        if (!missing.isEmpty()) {
            return List.of(Judged.NOT_JUDGED.of(missing, rule.outcome(), plane));
        }
        if (met) {
            ChannelVerdict tightest = channels.stream()
                    .min(Comparator.comparingDouble(ChannelVerdict::margin))
                    .orElseThrow();
            return List.of(Judged.MET.of(
                    rule.outcome(),
                    plane,
                    tightest.margin(),
                    tightest.measured().channel().name()));
        }
        List<Outcome> outcomes = new ArrayList<>(List.of(Judged.NOT_MET.of(rule.outcome(), plane)));
        List<ChannelVerdict> worstFirst = channels.stream()
                .filter(c -> !c.met())
                .sorted(Comparator.comparingDouble(ChannelVerdict::margin))
                .toList();
        List<Outcome> named = worstFirst.stream()
                .limit(MOST_NAMED)
                .map(c -> Judged.CHANNEL.of(
                        c.measured().channel().name(),
                        c.measured().reading().orElseThrow().swr()))
                .toList();
        int more = worstFirst.size() - named.size();
        if (more > 0) {
            outcomes.add(Judged.MISSED_AND_MORE.of(named, more));
        } else if (!named.isEmpty()) {
            outcomes.add(Judged.MISSED.of(named));
        }
        rule.openPoint(values(channels)).ifPresent(outcomes::add);
        return outcomes;
    }

    private static List<String> names(List<ChannelVerdict> channels) {
        return channels.stream().map(c -> c.measured().channel().name()).toList();
    }
}
