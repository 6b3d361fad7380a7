package dorada.core.cutsheet;

/** Something asked of a sheet that can't be made, as a sentence with its range and reason. */
public final class InputException extends IllegalArgumentException {

    private static final long serialVersionUID = 1;

    private final String field;

    public InputException(String field, String sentence) {
        super(sentence);
        this.field = field;
    }

    /** Id of the input that it is about. */
    public String field() {
        return field;
    }
}
