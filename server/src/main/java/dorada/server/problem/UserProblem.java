package dorada.server.problem;

import dorada.core.format.FormatException;
import dorada.core.outcome.Outcome;
import dorada.core.outcome.Refusal;
import dorada.core.spectrum.ChannelList;
import dorada.core.wire.WireException;
import dorada.server.words.OutcomeView;
import dorada.server.words.Words;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;

/** Trouble that a user can act on; the message is the sentence they read. */
public final class UserProblem extends RuntimeException {

    private final HttpStatus status;
    private final Map<String, Object> properties = new LinkedHashMap<>();

    private UserProblem(HttpStatus status, String sentence) {
        super(sentence);
        this.status = status;
    }

    /** In English, and as an outcome for a page. */
    private static UserProblem said(HttpStatus status, Outcome refused) {
        return new UserProblem(status, Words.ENGLISH.sentence(refused)).with("outcome", OutcomeView.of(refused));
    }

    /** Input that cannot be used, at {@code field}. */
    public static UserProblem atField(String field, String sentence) {
        return new UserProblem(HttpStatus.UNPROCESSABLE_ENTITY, sentence).with("field", field);
    }

    /** Input that cannot be used, at {@code field}, in words of the catalogue. */
    public static UserProblem atField(String field, Outcome refused) {
        return said(HttpStatus.UNPROCESSABLE_ENTITY, refused).with("field", field);
    }

    /** What core refused. What it found goes along, so that a page says it in its person's words. */
    public static UserProblem atField(String field, RuntimeException refused) {
        return refused instanceof Refusal r ? atField(field, r.outcome()) : atField(field, refused.getMessage());
    }

    /** A file that cannot be read, at {@code line} (counted from 1; 0 where no single line is at fault). */
    public static UserProblem inFile(int line, String sentence) {
        UserProblem e = atField("file", sentence);
        return line > 0 ? e.with("line", line) : e;
    }

    /** A file that core could not read with certainty. */
    public static UserProblem inFile(FormatException refused) {
        return inFile(refused.line(), Words.ENGLISH.sentence(refused.outcome()))
                .with("outcome", OutcomeView.of(refused.outcome()));
    }

    /** The same of one line of a file, counted from 1. */
    public UserProblem inLine(int line) {
        UserProblem e = inFile(line, getMessage());
        outcome().ifPresent(o -> e.with("outcome", o));
        return e;
    }

    /** A list of channels that core could not read. */
    public static UserProblem inFile(ChannelList.LineException refused) {
        return inFile(refused.line(), Words.ENGLISH.sentence(refused.outcome()))
                .with("outcome", OutcomeView.of(refused.outcome()));
    }

    /** A structure that the solver refuses. */
    public static UserProblem atWire(WireException refused) {
        return atWire(refused.wire(), Words.ENGLISH.sentence(refused.outcome()))
                .with("outcome", OutcomeView.of(refused.outcome()));
    }

    /** A structure that can't be solved, at wire {@code wire} (counted from 0). */
    public static UserProblem atWire(int wire, String sentence) {
        return atField("wires", sentence).with("wire", wire);
    }

    /** What is asked for is not there. */
    public static UserProblem notFound(Missing what) {
        return said(HttpStatus.NOT_FOUND, Refused.NOT_THERE.of(what));
    }

    /** Not for somebody who may do no more than this one. */
    public static UserProblem forbidden(Outcome refused) {
        return said(HttpStatus.FORBIDDEN, refused);
    }

    /** Something that the record's state does not allow. */
    public static UserProblem conflict(Outcome refused) {
        return said(HttpStatus.CONFLICT, refused);
    }

    /** Not now; the page may send the same again by itself. */
    public static UserProblem busy(Outcome refused) {
        return said(HttpStatus.SERVICE_UNAVAILABLE, refused);
    }

    /** Tried too often; {@code seconds} say when again. */
    public static UserProblem tooMany(String field, long seconds, Outcome refused) {
        return said(HttpStatus.TOO_MANY_REQUESTS, refused).with("field", field).with("retryAfterSeconds", seconds);
    }

    /** An entry's key came again with other content: both versions go along, nothing was overwritten. */
    public static UserProblem otherContent(Object current, Object yours) {
        return conflict(Refused.OTHER_CONTENT.of()).with("current", current).with("yours", yours);
    }

    /** Somebody else saved first: both versions go along, nothing was overwritten. */
    public static UserProblem stale(Object current, Object yours) {
        return conflict(Refused.STALE.of()).with("current", current).with("yours", yours);
    }

    private UserProblem with(String name, Object value) {
        properties.put(name, value);
        return this;
    }

    HttpStatus status() {
        return status;
    }

    /** What core refused, where it was core. */
    public Optional<OutcomeView> outcome() {
        return Optional.ofNullable((OutcomeView) properties.get("outcome"));
    }

    Map<String, Object> properties() {
        return properties;
    }
}
