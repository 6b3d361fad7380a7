package dorada.server.problem;

import dorada.core.outcome.OutcomeId;

/** What was asked for and is not there. */
public enum Missing implements OutcomeId {
    INSTALLATION,
    CALIBRATION,
    NAME,
    KIND_OF_ANTENNA,
    CUT_SHEET,
    PRACTICE_INSTALLATION,
    EXERCISE,
    INSTRUMENT,
    RUNNING_SWEEP,
    COMPUTATION,
    LESSON,
    CALL,
    CLIP,
    COMPARISON,
    TRIAL,
    STATION,
    PERSON,
    ACCESS_TOKEN,
    SESSION,
    PLAN,
    BENCH_CHECK,
    RADIO,
    REMOVED_THING,
    CHANNEL_LIST,
    PASS,
    PHOTO,
    IMPORTED_FILE;

    @Override
    public String area() {
        return "missing";
    }
}
