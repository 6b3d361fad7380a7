package dorada.core.acceptance;

/** Where on the line a reading was taken. An SWR means nothing without it. */
public enum ReferencePlane {
    ANTENNA("at the antenna"),
    RADIO("at the radio end of the feedline");

    private final String words;

    ReferencePlane(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
