package dorada.core.sweep;

import dorada.core.outcome.OutcomeId;

/** What can't be done with SWR or return loss alone, where the phase is missing. */
public enum NeedsPhase implements OutcomeId {
    WRITTEN_AS_TOUCHSTONE,
    CORRECTED,
    MOVED_ALONG_A_LINE,
    TURNED_INTO_DISTANCES,
    A_LINES_LENGTH,
    OTHER_REFERENCE,
    FREED_OF_AN_ADAPTER,
    AVERAGED;

    @Override
    public String area() {
        return "refused.phase";
    }
}
