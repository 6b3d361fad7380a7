package dorada.core.instrument.scpi;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.outcome.Refusal;

/** An instrument that can't be reached, does not answer, or reports an error. */
public final class InstrumentException extends Refusal {

    private static final long serialVersionUID = 1L;

    public InstrumentException(OutcomeId id) {
        super(id);
    }

    public InstrumentException(Outcome outcome) {
        super(outcome);
    }

    public InstrumentException(Outcome outcome, Throwable cause) {
        super(outcome);
        initCause(cause);
    }
}
