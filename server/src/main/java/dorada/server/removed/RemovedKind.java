package dorada.server.removed;

import dorada.core.outcome.OutcomeId;

/** What can be removed and put back. */
public enum RemovedKind implements OutcomeId {
    PLAN,
    STATION,
    CUT_SHEET,
    CHANNEL_LIST,
    INSTRUMENT,
    CALIBRATION,
    LESSON,
    NAME,
    RADIO;

    @Override
    public String area() {
        return "removedKind";
    }
}
