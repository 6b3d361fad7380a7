package dorada.core.acceptance;

import dorada.core.sweep.Reading;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * Met or not, by which rule, judged where, and each channel's margin.
 *
 * @param rule the rule applied
 * @param plane where the reading was taken
 * @param met true where the rule is met in full
 * @param channels one per wanted channel, ascending in frequency
 * @param sentence the verdict for a person, naming the rule and the plane
 */
public record Verdict(
        AcceptanceRule rule, ReferencePlane plane, boolean met, List<ChannelVerdict> channels, String sentence) {

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
        String sentence = sentence(rule, plane, met, channels);
        String open = names(channels.stream().filter(ChannelVerdict::isLeftOpen).toList());
        return new Verdict(
                rule,
                plane,
                met,
                channels,
                open.isEmpty() ? sentence : sentence + " Within the doubt of the readings: " + open + ".");
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

    private static String sentence(
            AcceptanceRule rule, ReferencePlane plane, boolean met, List<ChannelVerdict> channels) {
        String where = plane.words() + ".";
        String missing = names(
                channels.stream().filter(c -> c.measured().reading().isEmpty()).toList());
        if (!missing.isEmpty()) {
            return "Not judged: the sweep does not reach " + missing + ". Rule: " + rule.words() + ", " + where;
        }
        if (met) {
            ChannelVerdict tightest = channels.stream()
                    .min(Comparator.comparingDouble(ChannelVerdict::margin))
                    .orElseThrow();
            return String.format(
                    Locale.ROOT,
                    "Met: %s, %s Least margin %.2f on %s.",
                    rule.words(),
                    where,
                    tightest.margin(),
                    tightest.measured().channel().name());
        }
        List<ChannelVerdict> worstFirst = channels.stream()
                .filter(c -> !c.met())
                .sorted(Comparator.comparingDouble(ChannelVerdict::margin))
                .toList();
        String missed = worstFirst.stream()
                .limit(MOST_NAMED)
                .map(c -> String.format(
                        Locale.ROOT,
                        "%s at %s",
                        c.measured().channel().name(),
                        swrWords(c.measured().reading().orElseThrow().swr())))
                .collect(Collectors.joining(", "));
        if (worstFirst.size() > MOST_NAMED) {
            missed += " and " + (worstFirst.size() - MOST_NAMED) + " more";
        }
        String open = rule.openPoint(values(channels));
        return "Not met: " + rule.words() + ", " + where + (missed.isEmpty() ? "" : " Missed: " + missed + ".")
                + (open.isEmpty() ? "" : " " + open);
    }

    private static String swrWords(double swr) {
        return swr >= 100 ? "over 100" : String.format(Locale.ROOT, "%.2f", swr);
    }

    private static String names(List<ChannelVerdict> channels) {
        return channels.stream().map(c -> c.measured().channel().name()).collect(Collectors.joining(", "));
    }
}
