package dorada.core.tuning;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Why two readings can't be held against one another as they stand: what was not as it should be with the one alone, and with the
 * other alone. One of both lists has something in it.
 */
public record Unlike(List<Circumstance> then, List<Circumstance> now) {

    /** Empty where both were read alike, well or badly. */
    public static Optional<Unlike> between(Collection<Circumstance> then, Collection<Circumstance> now) {
        return among(List.of(then, now))
                ? Optional.of(new Unlike(without(then, now), without(now, then)))
                : Optional.empty();
    }

    /** Whether some of {@code readings} were read otherwise than others. */
    public static boolean among(Collection<? extends Collection<Circumstance>> readings) {
        return readings.stream().map(HashSet<Circumstance>::new).distinct().count() > 1;
    }

    /** Of either, in the order of the list of all. */
    public List<Circumstance> all() {
        return Stream.concat(then.stream(), now.stream()).sorted().toList();
    }

    private static List<Circumstance> without(Collection<Circumstance> some, Collection<Circumstance> others) {
        return some.stream().filter(c -> !others.contains(c)).sorted().toList();
    }
}
