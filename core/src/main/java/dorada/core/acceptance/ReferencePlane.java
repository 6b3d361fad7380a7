package dorada.core.acceptance;

import dorada.core.outcome.OutcomeId;

/** Where on the line a reading was taken. An SWR means nothing without it. */
public enum ReferencePlane implements OutcomeId {
    ANTENNA,
    RADIO;

    @Override
    public String area() {
        return "plane";
    }
}
