package dorada.core.line;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What is refused here. */
enum Refused implements OutcomeId {
    NOTHING_COMES_BACK("frequencyHz"),
    LENGTH_BELOW_0,
    VELOCITY_FACTOR,
    DISTANCES_TAKE_A_SWEEP_OF_AT,
    A_LINE_NEEDS_AN_IMPEDANCE_ABOVE,
    THE_PHASE_DOES_NOT_FALL_WITH,
    THE_LINE_IS_TOO_LONG_FOR,
    FINDING_A_LINES_LENGTH_TAKES_A;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.line";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
