package dorada.server.neighbour;

import java.util.Optional;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What another server told.
 *
 * @param from which of them
 * @param topic the simple name of what it told
 */
public record Heard(UUID from, String topic, JsonNode says, JsonMapper json) {

    /** Empty where it is about something else. */
    public <T extends Record> Optional<T> as(Class<T> type) {
        return type.getSimpleName().equals(topic) ? Optional.of(json.treeToValue(says, type)) : Optional.empty();
    }
}
