package dorada.server.together;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class PresenceElsewhereTest {

    private static final UUID PICK_UP = UUID.randomUUID();
    private static final UUID VAN = UUID.randomUUID();
    private static final UUID SERVER = UUID.randomUUID();
    private static final UUID ANOTHER = UUID.randomUUID();
    private static final Here.Somebody NOA = new Here.Somebody(UUID.randomUUID(), "Noa");
    private static final Here.Somebody BRUNO = new Here.Somebody(UUID.randomUUID(), "Bruno");

    private long now = -5;
    private final PresenceElsewhere elsewhere = new PresenceElsewhere(() -> now);

    @Test
    void eachServerSaysWhoItHasAndTakesItBack() {
        elsewhere.put(new Here(SERVER, PICK_UP, List.of(NOA)));
        elsewhere.put(new Here(ANOTHER, PICK_UP, List.of(BRUNO)));
        elsewhere.put(new Here(ANOTHER, VAN, List.of(BRUNO)));
        assertThat(elsewhere.on(PICK_UP)).containsExactlyInAnyOrder(NOA, BRUNO);
        elsewhere.put(new Here(ANOTHER, PICK_UP, List.of()));
        assertThat(elsewhere.on(PICK_UP)).containsExactly(NOA);
        assertThat(elsewhere.on(VAN)).containsExactly(BRUNO);
    }

    @Test
    void aServerThatSaysNothingMoreIsForgottenOnce() {
        elsewhere.put(new Here(SERVER, PICK_UP, List.of(NOA)));
        now += 15_000_000_000L;
        elsewhere.put(new Here(ANOTHER, PICK_UP, List.of(BRUNO)));
        assertThat(elsewhere.forgotten()).isEmpty();
        now += 2_000_000_000L;
        assertThat(elsewhere.forgotten()).containsExactly(PICK_UP);
        assertThat(elsewhere.on(PICK_UP)).containsExactly(BRUNO);
        assertThat(elsewhere.forgotten()).isEmpty();
    }
}
