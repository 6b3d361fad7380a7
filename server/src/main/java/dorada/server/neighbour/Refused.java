package dorada.server.neighbour;

import dorada.core.outcome.OutcomeId;

/** Why it does not become anybody's turn. */
enum Refused implements OutcomeId {
    IS_BEING_STOPPED;

    @Override
    public String area() {
        return "refused.turn";
    }
}
