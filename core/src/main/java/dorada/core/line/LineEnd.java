package dorada.core.line;

import dorada.core.outcome.OutcomeId;

/** What a feedline ends in. */
public enum LineEnd implements OutcomeId {
    OPEN,
    SHORT,
    UNKNOWN;

    @Override
    public String area() {
        return "lineEnd";
    }
}
