package dorada.server.instrument;

import dorada.core.instrument.scpi.CommandProfile;
import jakarta.validation.constraints.NotNull;

/**
 * An analyser that can be swept.
 *
 * @param id {@code stand-in}, or its number
 * @param standIn true for the one that ships with Dorada
 * @param recorded whether what it sweeps may be recorded in an installation; what is invented only in the demo
 */
record InstrumentView(
        @NotNull String id,
        @NotNull long version,
        @NotNull String name,
        @NotNull String host,
        @NotNull int port,
        @NotNull CommandProfile profile,
        @NotNull boolean standIn,
        @NotNull boolean recorded) {}
