package dorada.core.outcome;

/** Something asked for that can't be done, as an outcome: whoever shows it puts it into words. */
public class Refusal extends IllegalArgumentException {

    private static final long serialVersionUID = 1;

    private final transient Outcome outcome;

    public Refusal(Outcome outcome) {
        super(outcome.id() + " " + outcome.params());
        this.outcome = outcome;
    }

    public Refusal(OutcomeId id) {
        this(id.of());
    }

    public final Outcome outcome() {
        return outcome;
    }
}
