package dorada.core.outcome;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Something found out, for others to put into words.
 *
 * @param id what it is: the key of its words
 * @param params what it depends on, by name, as {@link OutcomeId} has them
 */
public record Outcome(String id, Map<String, Object> params) {

    public Outcome {
        // In the order in which they were named, so that what is sent and said is the same every time.
        params = Collections.unmodifiableMap(new LinkedHashMap<>(params));
    }

    /** Whether it is {@code kind}, whatever it depends on. */
    public boolean is(OutcomeId kind) {
        return id.equals(kind.key());
    }
}
