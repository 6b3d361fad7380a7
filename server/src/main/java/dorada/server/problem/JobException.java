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

    /** Something that the record's state does not allow. */
    public static JobException conflict(String sentence) {
        return new JobException(HttpStatus.CONFLICT, sentence);
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
