package dorada.server.instrument;

import dorada.core.instrument.scpi.CommandProfile;
import jakarta.validation.constraints.NotNull;

/**
 * An analyser that can be swept.
 *
 * @param id {@code stand-in}, or its number
 * @param standIn true for the one that ships with Dorada
 */
record InstrumentView(
        @NotNull String id,
        @NotNull long version,
        @NotNull String name,
        @NotNull String host,
        @NotNull int port,
        @NotNull CommandProfile profile,
        @NotNull boolean standIn) {}
