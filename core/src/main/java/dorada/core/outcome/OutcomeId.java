package dorada.core.outcome;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What can be found out of one kind: an enum whose constants name what each depends on. The end of a parameter's name is its unit,
 * by which it is shown: {@code …Hz}, {@code …M}, {@code …W}, {@code …Ohm}, {@code …Swr}, {@code …Db}, {@code …Dbi}, {@code …Dbc}, {@code …Ppm}, {@code …Kg}, {@code …Share}, {@code …Chance}; a whole
 * number, {@code …Count}, is counted, a text is a name that a person gave, and another outcome, or a list of them, stands for its own words.
 */
public interface OutcomeId {

    /** The constant's name. */
    String name();

    /** The part of the catalogue in which its words lie. */
    String area();

    /** Names of its parameters, none left out. */
    default List<String> takes() {
        return List.of();
    }

    /** As catalogue and screens know it: {@code reason.DIP_AT}. */
    default String key() {
        return area() + "." + name();
    }

    /**
     * This outcome with {@code values} for {@link #takes()}, in that order: numbers in SI units, names, outcomes or lists of them.
     *
     * @throws IllegalArgumentException where their number differs
     */
    default Outcome of(Object... values) {
        if (values.length != takes().size()) {
            throw new IllegalArgumentException(key() + " takes " + takes() + ", not " + values.length + " values.");
        }
        Map<String, Object> params = new LinkedHashMap<>();
        for (int i = 0; i < values.length; i++) {
            params.put(takes().get(i), plain(values[i]));
        }
        return new Outcome(key(), params);
    }

    private static Object plain(Object value) {
        if (value instanceof OutcomeId id) {
            return id.of();
        }
        if (value instanceof Collection<?> all) {
            List<Object> plain = new ArrayList<>();
            all.forEach(v -> plain.add(plain(v)));
            return List.copyOf(plain);
        }
        return value;
    }
}
