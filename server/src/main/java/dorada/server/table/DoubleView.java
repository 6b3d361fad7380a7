package dorada.server.table;

import dorada.core.catalogue.Doubles;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;

/** Two that are probably one, written twice. */
public record DoubleView(@NotNull UUID one, @NotNull UUID other) {

    /** @param all of one sort */
    public static <T> List<DoubleView> of(List<T> all, Function<T, String> name, Function<T, UUID> id) {
        return Doubles.of(all, name).stream()
                .map(p -> new DoubleView(id.apply(p.one()), id.apply(p.other())))
                .toList();
    }
}
