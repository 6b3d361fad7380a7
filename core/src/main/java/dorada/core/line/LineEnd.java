package dorada.core.line;

/** What a feedline ends in. */
public enum LineEnd {
    OPEN("open"),
    SHORT("shorted"),
    UNKNOWN("something unknown");

    private final String words;

    LineEnd(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
