package dorada.server.sweep;

import dorada.core.outcome.OutcomeId;

/** Why a file is not read. */
enum Refused implements OutcomeId {
    EMPTY;

    @Override
    public String area() {
        return "refused.upload";
    }
}
