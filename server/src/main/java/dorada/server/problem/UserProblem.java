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

    /** Input that cannot be used, at {@code field}. */
    public static UserProblem atField(String field, String sentence) {
        return new UserProblem(HttpStatus.UNPROCESSABLE_ENTITY, sentence).with("field", field);
    }

    /** Input that cannot be used, at {@code field}, in words of the catalogue. */
    public static UserProblem atField(String field, Outcome refused) {
        return atField(field, Words.ENGLISH.sentence(refused)).with("outcome", OutcomeView.of(refused));
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
        return new UserProblem(HttpStatus.NOT_FOUND, Words.ENGLISH.sentence(Refused.NOT_THERE.of(what)))
                .with("outcome", OutcomeView.of(Refused.NOT_THERE.of(what)));
    }

    public static UserProblem forbidden(String sentence) {
        return new UserProblem(HttpStatus.FORBIDDEN, sentence);
    }

    /** The same, in words of the catalogue. */
    public static UserProblem forbidden(Outcome refused) {
        return forbidden(Words.ENGLISH.sentence(refused)).with("outcome", OutcomeView.of(refused));
    }

    /** Something that the record's state does not allow. */
    public static UserProblem conflict(String sentence) {
        return new UserProblem(HttpStatus.CONFLICT, sentence);
    }

    /** The same, in words of the catalogue. */
    public static UserProblem conflict(Outcome refused) {
        return conflict(Words.ENGLISH.sentence(refused)).with("outcome", OutcomeView.of(refused));
    }

    /** Not now, in words of the catalogue. */
    public static UserProblem busy(Outcome refused) {
        return busy(Words.ENGLISH.sentence(refused)).with("outcome", OutcomeView.of(refused));
    }

    /** Not now; the page may send the same again by itself. */
    public static UserProblem busy(String sentence) {
        return new UserProblem(HttpStatus.SERVICE_UNAVAILABLE, sentence);
    }

    /** Tried too often; {@code seconds} say when again. */
    public static UserProblem tooMany(String field, long seconds, Outcome refused) {
        return new UserProblem(HttpStatus.TOO_MANY_REQUESTS, Words.ENGLISH.sentence(refused))
                .with("outcome", OutcomeView.of(refused))
                .with("field", field)
                .with("retryAfterSeconds", seconds);
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
