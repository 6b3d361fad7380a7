package dorada.core.tuning;

import static dorada.core.tuning.Circumstance.DOOR_OPEN;
import static dorada.core.tuning.Circumstance.INDOORS;
import static dorada.core.tuning.Circumstance.METAL_NEAR;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class UnlikeTest {

    @Test
    void whatOnlyOneHadIsToldAndWhatBothHadIsNot() {
        Unlike unlike = Unlike.between(List.of(METAL_NEAR, INDOORS), List.of(INDOORS, DOOR_OPEN))
                .orElseThrow();
        assertThat(unlike.then()).containsExactly(METAL_NEAR);
        assertThat(unlike.now()).containsExactly(DOOR_OPEN);
        assertThat(unlike.all()).containsExactly(DOOR_OPEN, METAL_NEAR);
    }

    @Test
    void readAlikeIsNothingToTellInWhateverOrder() {
        assertThat(Unlike.between(List.of(), List.of())).isEmpty();
        assertThat(Unlike.between(List.of(INDOORS, DOOR_OPEN), List.of(DOOR_OPEN, INDOORS)))
                .isEmpty();
        assertThat(Unlike.among(List.of(List.of(), List.of(), List.of(INDOORS))))
                .isTrue();
        assertThat(Unlike.among(List.of())).isFalse();
    }
}
