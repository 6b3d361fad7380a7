package dorada.core.instrument.scpi;

import java.io.IOException;
import java.time.Duration;

/** A line of text to an instrument, and one back: a socket, a serial line, or a test's queue. */
public interface Transport extends AutoCloseable {

    void send(String line) throws IOException;

    /**
     * The next line.
     *
     * @throws IOException where none came in time
     */
    String receive(Duration within) throws IOException;

    @Override
    void close() throws IOException;

    /** Opens a transport, again where one was lost. */
    @FunctionalInterface
    interface Connector {
        Transport open() throws IOException;
    }
}
