package dorada.server.together;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;

class ChangeViewTest {

    private static final UUID ID = UUID.fromString("6e2f7c1a-6a7e-4d0b-9a53-2f1f3a1b9c11");

    @Test
    void aPathSaysWhatWasChanged() {
        assertThat(ChangeView.by("/api/installations/" + ID + "/passes")).contains(new ChangeView("installations", ID));
        assertThat(ChangeView.by("/api/radios/" + ID)).contains(new ChangeView("radios", ID));
        assertThat(ChangeView.by("/api/cut-sheets")).contains(new ChangeView("cut-sheets", null));
        assertThat(ChangeView.by("/api/removed/lesson/put-back")).contains(new ChangeView("removed", null));
        assertThat(ChangeView.by("/actuator/health")).isEmpty();
    }
}
