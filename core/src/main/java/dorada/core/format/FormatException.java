package dorada.core.format;

/** A file that cannot be read with certainty. The message is a sentence for the person who sent the file. */
public final class FormatException extends Exception {

    private final int line;

    /**
     * @param line the line, counted from 1; 0 where no single line is at fault
     * @param reason what is wrong and what would be right
     */
    public FormatException(int line, String reason) {
        super(line > 0 ? "Line " + line + ": " + reason : reason);
        this.line = line;
    }

    /** The line at fault, counted from 1; 0 where no single line is at fault. */
    public int line() {
        return line;
    }
}
