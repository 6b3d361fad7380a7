package dorada.core.instrument.scpi;

/** An instrument that can't be reached, does not answer, or reports an error; the message is a sentence. */
public final class InstrumentException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public InstrumentException(String sentence) {
        super(sentence);
    }

    public InstrumentException(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
