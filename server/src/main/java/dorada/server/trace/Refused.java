package dorada.server.trace;

import dorada.core.outcome.OutcomeId;

/** Why a trace is not looked at. */
enum Refused implements OutcomeId {
    ADAPTER,
    NOTHING_TO_COMPARE,
    TRACE_AND_FORM,
    NO_TRACE,
    LINE;

    @Override
    public String area() {
        return "refused.desk";
    }
}
