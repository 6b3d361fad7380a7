package dorada.server.problem;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpStatus;

/** Trouble that a user can act on; the message is the sentence they read. */
public final class JobException extends RuntimeException {

    private final HttpStatus status;
    private final Map<String, Object> properties = new LinkedHashMap<>();

    private JobException(HttpStatus status, String sentence) {
        super(sentence);
        this.status = status;
    }

    /** Input that cannot be used, at {@code field}. */
    public static JobException atField(String field, String sentence) {
        return new JobException(HttpStatus.UNPROCESSABLE_ENTITY, sentence).with("field", field);
    }

    /** A file that cannot be read, at {@code line} (counted from 1; 0 where no single line is at fault). */
    public static JobException inFile(int line, String sentence) {
        JobException e = atField("file", sentence);
        return line > 0 ? e.with("line", line) : e;
    }

    /** A structure that can't be solved, at wire {@code wire} (counted from 0). */
    public static JobException atWire(int wire, String sentence) {
        return atField("wires", sentence).with("wire", wire);
    }

    public static JobException notFound(String what) {
        return new JobException(
                HttpStatus.NOT_FOUND, "There is no such " + what + ". It may have been opened by an old link.");
    }

    public static JobException forbidden(String sentence) {
        return new JobException(HttpStatus.FORBIDDEN, sentence);
    }

    /** Something that the record's state does not allow. */
    public static JobException conflict(String sentence) {
        return new JobException(HttpStatus.CONFLICT, sentence);
    }

    /** Not now; the page may send the same again by itself. */
    public static JobException busy(String sentence) {
        return new JobException(HttpStatus.SERVICE_UNAVAILABLE, sentence);
    }

    /** Tried too often; {@code seconds} say when again. */
    public static JobException tooMany(String field, long seconds, String sentence) {
        return new JobException(HttpStatus.TOO_MANY_REQUESTS, sentence)
                .with("field", field)
                .with("retryAfterSeconds", seconds);
    }

    /** An entry's key came again with other content: both versions go along, nothing was overwritten. */
    public static JobException otherContent(Object current, Object yours) {
        return conflict("This entry is recorded already, with other values. What you changed since is not recorded: "
                        + "take the pass back, or record it as a new one.")
                .with("current", current)
                .with("yours", yours);
    }

    /** Somebody else saved first: both versions go along, nothing was overwritten. */
    public static JobException stale(Object current, Object yours) {
        return conflict("Somebody else saved this while you were editing. Nothing of yours was saved yet.")
                .with("current", current)
                .with("yours", yours);
    }

    private JobException with(String name, Object value) {
        properties.put(name, value);
        return this;
    }

    HttpStatus status() {
        return status;
    }

    Map<String, Object> properties() {
        return properties;
    }
}
