package dorada.core.onair;

import dorada.core.outcome.OutcomeId;

/** What is refused here. */
public enum Refused implements OutcomeId {
    CLIP_TOO_SHORT,
    CLIP_SILENT,
    TWO_ANTENNAS;

    @Override
    public String area() {
        return "refused.onair";
    }
}
