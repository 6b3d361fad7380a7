package dorada.server.table;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Function;

/** What a table brought. */
public record TakenInView(
        @NotNull int madeCount,
        @NotNull int changedCount,
        @NotNull int sameCount) {

    /**
     * Keeps what is not known yet, and enters anew what says something else; nothing is taken away.
     *
     * @param known of the shop, by the name that a row has
     * @param keep a row as a new one, or as what is known already
     */
    public static <R, T> TakenInView of(
            List<R> rows, Function<R, Optional<T>> known, Function<T, R> entered, BiConsumer<Optional<T>, R> keep) {
        int made = 0;
        int changed = 0;
        for (R row : rows) {
            Optional<T> there = known.apply(row);
            if (there.map(entered).filter(row::equals).isPresent()) {
                continue;
            }
            keep.accept(there, row);
            made += there.isEmpty() ? 1 : 0;
            changed += there.isPresent() ? 1 : 0;
        }
        return new TakenInView(made, changed, rows.size() - made - changed);
    }
}
