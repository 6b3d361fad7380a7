package dorada.core.ready;

import dorada.core.ready.Readiness.Answer;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * What is on record of instrument and radio, and so needs nobody's answer.
 *
 * @param calibratedAt when the newest calibration was made that covers all channels; empty for none
 * @param radioCheck the newest of the radio that is fitted; empty for none
 */
public record OnRecord(Optional<Instant> calibratedAt, Optional<RadioCheck> radioCheck) {

    /** Temperature and joints change: an older calibration answers nothing by itself; common practice, no source. */
    static final Duration CALIBRATION_HOLDS = Duration.ofDays(1);

    /** The same for a radio, which ages; common practice, no source. */
    static final Duration RADIO_HOLDS = Duration.ofDays(365);

    /** A radio's check on the bench. */
    public record RadioCheck(Instant at, boolean isFit) {}

    /** Steps that answer themselves at {@code now}; a person's own answer goes before. */
    public Map<ReadyStep, Answer> answers(Instant now) {
        Map<ReadyStep, Answer> known = new EnumMap<>(ReadyStep.class);
        if (calibratedAt.filter(at -> isWithin(CALIBRATION_HOLDS, at, now)).isPresent()) {
            known.put(ReadyStep.CALIBRATED_THERE, Answer.YES);
        }
        if (radioCheck
                .filter(c -> c.isFit() && isWithin(RADIO_HOLDS, c.at(), now))
                .isPresent()) {
            known.put(ReadyStep.DUMMY_LOAD_FIRST, Answer.YES);
        }
        return known;
    }

    private static boolean isWithin(Duration age, Instant at, Instant now) {
        return !at.plus(age).isBefore(now);
    }
}
