package dorada.server.words;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import jakarta.validation.constraints.NotNull;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * An outcome as sent.
 *
 * @param id what it is
 * @param params what it depends on: numbers in SI units, counts, names, and further outcomes, with an id and parameters each; a
 *     number without end is sent as {@value #ENDLESS}
 * @param text the same in English
 */
public record OutcomeView(
        @NotNull String id,
        @NotNull Map<String, Object> params,
        @NotNull String text) {

    private static final double ENDLESS = 1e9;

    public static OutcomeView of(Outcome o) {
        return new OutcomeView(o.id(), finite(o.params()), Words.ENGLISH.sentence(o));
    }

    /** One that stands within a sentence. */
    public static OutcomeView phrase(Outcome o) {
        return new OutcomeView(o.id(), finite(o.params()), Words.ENGLISH.phrase(o));
    }

    public static OutcomeView phrase(OutcomeId id) {
        return phrase(id.of());
    }

    public static List<OutcomeView> of(List<Outcome> all) {
        return all.stream().map(OutcomeView::of).toList();
    }

    /** What was sent as {@code id} and {@code params}, and has been JSON since. */
    public static Outcome outcome(String id, Map<String, Object> params) {
        Map<String, Object> read = new LinkedHashMap<>();
        params.forEach((name, value) -> read.put(name, read(name, value)));
        return new Outcome(id, read);
    }

    private static Object read(String name, Object value) {
        if (value instanceof Map<?, ?> o
                && o.get("id") instanceof String id
                && o.get("params") instanceof Map<?, ?> of) {
            Map<String, Object> params = new LinkedHashMap<>();
            of.forEach((key, v) -> params.put(String.valueOf(key), v));
            return outcome(id, params);
        }
        if (value instanceof List<?> all) {
            return all.stream().map(v -> read(name, v)).toList();
        }
        // A count says so in its name; all else has a unit.
        return value instanceof Number n && !name.toLowerCase(Locale.ROOT).endsWith("count") ? n.doubleValue() : value;
    }

    private static Map<String, Object> finite(Map<String, Object> params) {
        Map<String, Object> finite = new LinkedHashMap<>();
        params.forEach((name, value) -> finite.put(name, finite(value)));
        return finite;
    }

    private static Object finite(Object value) {
        if (value instanceof Double d) {
            return Math.max(-ENDLESS, Math.min(ENDLESS, d));
        }
        if (value instanceof Outcome o) {
            return new Outcome(o.id(), finite(o.params()));
        }
        return value instanceof List<?> all
                ? all.stream().map(OutcomeView::finite).toList()
                : value;
    }
}
