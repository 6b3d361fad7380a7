package dorada.server.together;

import java.util.List;
import java.util.UUID;

/** Who has {@code installation} open on one of the servers; nobody where {@code people} is empty. */
record Here(UUID server, UUID installation, List<Somebody> people) {

    record Somebody(UUID id, String name) {}
}
