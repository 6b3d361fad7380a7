package dorada.core.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class LookedForTest {

    private static Optional<String> behind(boolean isEnded, String... faults) {
        return LookedFor.behind(Arrays.stream(faults).map(Optional::ofNullable).toList(), isEnded);
    }

    @Test
    void itIsToldOnceItIsNoLongerLookedForTheNewestFirst() {
        assertThat(behind(true)).isEmpty();
        assertThat(behind(false, "slipped")).isEmpty();
        assertThat(behind(true, "slipped")).contains("slipped");
        assertThat(behind(false, "slipped", "slipped")).isEmpty();
        assertThat(behind(false, "slipped", "water")).contains("slipped");
        assertThat(behind(false, "slipped", "water", null)).contains("water");
        assertThat(behind(false, null, null)).isEmpty();
    }
}
