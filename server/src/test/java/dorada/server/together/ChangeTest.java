package dorada.server.together;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;

class ChangeTest {

    private static final UUID ID = UUID.fromString("6e2f7c1a-6a7e-4d0b-9a53-2f1f3a1b9c11");

    @Test
    void aPathSaysWhatWasChanged() {
        assertThat(Change.by("/api/installations/" + ID + "/passes")).contains(new Change("installations", ID));
        assertThat(Change.by("/api/radios/" + ID)).contains(new Change("radios", ID));
        assertThat(Change.by("/api/cut-sheets")).contains(new Change("cut-sheets", null));
        assertThat(Change.by("/api/removed/lesson/put-back")).contains(new Change("removed", null));
        assertThat(Change.by("/actuator/health")).isEmpty();
    }
}
