package dorada.server.table;

import jakarta.validation.constraints.NotNull;

/** What a table brought. */
public record TakenInView(
        @NotNull int madeCount,
        @NotNull int changedCount,
        @NotNull int sameCount) {}
