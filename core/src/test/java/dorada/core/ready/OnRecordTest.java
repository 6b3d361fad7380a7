package dorada.core.ready;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.core.ready.OnRecord.RadioCheck;
import dorada.core.ready.Readiness.Answer;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class OnRecordTest {

    private static final Instant NOW = Instant.parse("2026-03-10T12:00:00Z");

    private static Map<ReadyStep, Answer> known(Duration calibration, Duration radio, boolean isFit) {
        return new OnRecord(
                        Optional.ofNullable(calibration).map(NOW::minus),
                        Optional.ofNullable(radio).map(age -> new RadioCheck(NOW.minus(age), isFit)))
                .answers(NOW);
    }

    @Test
    void whatIsFreshAnswersItself() {
        assertThat(known(Duration.ofHours(24), Duration.ofDays(365), true))
                .isEqualTo(Map.of(ReadyStep.CALIBRATED_THERE, Answer.YES, ReadyStep.DUMMY_LOAD_FIRST, Answer.YES));
    }

    @Test
    void whatIsOldUnfitOrMissingIsAsked() {
        assertThat(known(Duration.ofHours(25), Duration.ofDays(366), true)).isEmpty();
        assertThat(known(null, Duration.ofDays(1), false)).isEmpty();
        assertThat(known(null, null, true)).isEmpty();
    }
}
