package dorada.server.book;

import java.util.UUID;

/** The book knows of what changed on an installation. */
public record RowWritten(UUID installation) {}
