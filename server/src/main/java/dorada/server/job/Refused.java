package dorada.server.job;

import dorada.core.outcome.OutcomeId;

/** Why a computation does not begin. */
enum Refused implements OutcomeId {
    TOO_MANY;

    @Override
    public String area() {
        return "refused.jobs";
    }
}
