package dorada.server.words;

import com.ibm.icu.text.MessageFormat;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The catalogue of one language: a message of the ICU for each {@link OutcomeId#key()}. What comes in as an outcome is said by its
 * own message, a list of them with commas.
 */
public final class Words {

    /** What answers and files are written in. Pages say the same in the person's language. */
    public static final Words ENGLISH = in(Locale.ENGLISH);

    private final Locale locale;
    private final Map<String, String> patterns;
    private final Map<String, MessageFormat> formats = new ConcurrentHashMap<>();

    private Words(Locale locale, Map<String, String> patterns) {
        this.locale = locale;
        this.patterns = patterns;
    }

    /**
     * The catalogue of {@code locale}'s language.
     *
     * @throws IllegalArgumentException where there is none
     */
    public static Words in(Locale locale) {
        String file = "/words/" + locale.getLanguage() + ".json";
        try (InputStream in = Words.class.getResourceAsStream(file)) {
            if (in == null) {
                throw new IllegalArgumentException("There is no catalogue " + file + ".");
            }
            Map<String, String> patterns = new HashMap<>();
            collect("", JsonMapper.shared().readTree(in), patterns);
            return new Words(locale, patterns);
        } catch (IOException e) {
            throw new IllegalStateException("The catalogue " + file + " cannot be read.", e);
        }
    }

    private static void collect(String above, JsonNode node, Map<String, String> patterns) {
        node.properties().forEach(e -> {
            String key = above.isEmpty() ? e.getKey() : above + "." + e.getKey();
            if (e.getValue().isObject()) {
                collect(key, e.getValue(), patterns);
            } else {
                patterns.put(key, e.getValue().asString());
            }
        });
    }

    /** As it stands within another sentence. */
    public String phrase(Outcome outcome) {
        String pattern = pattern(outcome.id());
        if (outcome.params().isEmpty()) {
            return pattern;
        }
        Map<String, Object> values = new HashMap<>();
        outcome.params().forEach((name, value) -> values.put(name, said(name, value, outcome.params())));
        MessageFormat format = format(outcome.id());
        // A format of the ICU serves one thread at a time.
        synchronized (format) {
            return format.format(values);
        }
    }

    private MessageFormat format(String id) {
        return formats.computeIfAbsent(id, i -> new MessageFormat(pattern(i), locale));
    }

    /** Whether there are words for it and for all that it depends on; what comes from elsewhere may be of another version. */
    public boolean canSay(Outcome outcome) {
        if (!patterns.containsKey(outcome.id())) {
            return false;
        }
        try {
            boolean hasAll =
                    outcome.params().keySet().containsAll(format(outcome.id()).getArgumentNames());
            return hasAll
                    && outcome.params().values().stream().allMatch(this::canSayOne)
                    && !phrase(outcome).isBlank();
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    private boolean canSayOne(Object value) {
        if (value instanceof List<?> all) {
            return all.stream().allMatch(this::canSayOne);
        }
        return value instanceof Outcome o ? canSay(o) : value instanceof String || value instanceof Number;
    }

    public String phrase(OutcomeId id) {
        return phrase(id.of());
    }

    /** As a sentence of its own. */
    public String sentence(Outcome outcome) {
        String phrase = phrase(outcome);
        return phrase.substring(0, 1).toUpperCase(locale) + phrase.substring(1);
    }

    /** One after the other. */
    public String sentences(List<Outcome> outcomes) {
        return outcomes.stream().map(this::sentence).collect(Collectors.joining(" "));
    }

    /** Each as a sentence of its own. */
    public List<String> each(List<Outcome> outcomes) {
        return outcomes.stream().map(this::sentence).toList();
    }

    /** The message itself. */
    String pattern(String key) {
        String pattern = patterns.get(key);
        if (pattern == null) {
            throw new IllegalArgumentException("Nothing is written for " + key + ".");
        }
        return pattern;
    }

    private Object said(String name, Object value, Map<String, Object> beside) {
        if (value instanceof Outcome outcome) {
            return phrase(outcome);
        }
        if (value instanceof List<?> all) {
            return all.stream().map(v -> said(name, v, beside).toString()).collect(Collectors.joining(", "));
        }
        return value instanceof Double number ? Quantity.of(name, number, beside, this) : value;
    }
}
