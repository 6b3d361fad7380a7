package dorada.core.calibration;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What is refused here. */
enum Refused implements OutcomeId {
    OUTSIDE("startHz", "stopHz", "calibratedStartHz", "calibratedStopHz"),
    OPEN_AND_SHORT("frequencyHz"),
    SHORT_AND_LOAD("frequencyHz"),
    OPEN_AND_LOAD("frequencyHz"),
    ADAPTERS_LOSS,
    LOADS_RESISTANCE,
    WHAT_THE_STANDARDS_ARE_MUST_BE,
    A_PORT_EXTENSION_LIES_WITHIN_2,
    A_CALIBRATION_NEEDS_COMPLEX_READINGS,
    OPEN,
    FRINGING_IS_0_TO_100_PF,
    A_STANDARDS_OFFSET_LIES_BETWEEN_0;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.calibration";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
