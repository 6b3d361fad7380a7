package dorada.server.instrument;

import dorada.core.instrument.scpi.Transport;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;

/** An instrument's line-by-line conversation over TCP. */
final class SocketTransport implements Transport {

    private static final int CONNECT_MS = 3000;

    private final Socket socket;
    private final BufferedReader in;
    private final OutputStream out;

    SocketTransport(String host, int port) throws IOException {
        socket = new Socket();
        try {
            socket.connect(new InetSocketAddress(host, port), CONNECT_MS);
            socket.setTcpNoDelay(true);
            in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII));
            out = socket.getOutputStream();
        } catch (IOException e) {
            socket.close();
            throw e;
        }
    }

    @Override
    public void send(String line) throws IOException {
        out.write((line + "\n").getBytes(StandardCharsets.US_ASCII));
        out.flush();
    }

    @Override
    public String receive(Duration within) throws IOException {
        socket.setSoTimeout((int) within.toMillis());
        try {
            String line = in.readLine();
            if (line == null) {
                throw new IOException("it ended the conversation");
            }
            return line;
        } catch (SocketTimeoutException e) {
            throw new IOException("no answer within " + within.toSeconds() + " s", e);
        }
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
