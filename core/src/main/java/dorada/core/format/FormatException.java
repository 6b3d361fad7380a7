package dorada.core.format;

import dorada.core.outcome.Outcome;

/** A file that cannot be read with certainty. For the person who sent the file. */
public final class FormatException extends Exception {

    private final int line;
    private final transient Outcome reason;

    /**
     * @param line the line, counted from 1; 0 where no single line is at fault
     * @param reason what is wrong and what would be right
     */
    public FormatException(int line, Outcome reason) {
        super(reason.id() + " " + reason.params());
        this.line = line;
        this.reason = reason;
    }

    /** What is wrong, and in which line. */
    public Outcome outcome() {
        return line > 0 ? Malformed.LINE.of(Integer.toString(line), reason) : reason;
    }

    /** The line at fault, counted from 1; 0 where no single line is at fault. */
    public int line() {
        return line;
    }
}
