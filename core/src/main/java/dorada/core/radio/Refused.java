package dorada.core.radio;

import dorada.core.outcome.OutcomeId;

/** What is refused here. */
public enum Refused implements OutcomeId {
    NO_SUCH_PLUG,
    NO_SUCH_RADIO,
    WATTS_BELOW_0,
    NOT_A_COUNTER_READING,
    SPURIOUS_ABOVE_CARRIER,
    NO_SUCH_TOLERANCE;

    @Override
    public String area() {
        return "refused.radio";
    }
}
