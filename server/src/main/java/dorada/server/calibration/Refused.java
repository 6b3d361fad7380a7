package dorada.server.calibration;

import dorada.core.outcome.OutcomeId;

/** Why a standard is not taken. */
enum Refused implements OutcomeId {
    NO_TRACE,
    WITH_PHASE,
    NO_FREQUENCIES;

    @Override
    public String area() {
        return "refused.standards";
    }
}
