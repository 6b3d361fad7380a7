package dorada.core.cutsheet;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.Refusal;

/** Something asked of a sheet that can't be made, with its range and reason. */
public final class InputException extends Refusal {

    private static final long serialVersionUID = 1;

    private final String field;

    public InputException(String field, Outcome outcome) {
        super(outcome);
        this.field = field;
    }

    /** Id of the input that it is about. */
    public String field() {
        return field;
    }
}
