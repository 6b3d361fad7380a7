package dorada.core.outcome;

/** Reads parameters where a test looks at them. */
public final class Numbers {

    private Numbers() {}

    public static double number(Outcome outcome, String name) {
        return (Double) outcome.params().get(name);
    }
}
