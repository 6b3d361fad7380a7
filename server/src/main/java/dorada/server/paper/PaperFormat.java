package dorada.server.paper;

/** Sizes of paper. */
enum PaperFormat {
    A4("210mm 297mm"),
    LETTER("8.5in 11in");

    private final String size;

    PaperFormat(String size) {
        this.size = size;
    }

    /** As a style sheet has it. */
    String size() {
        return size;
    }
}
