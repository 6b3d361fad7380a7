package dorada.server.instrument;

import dorada.core.simulation.Bench;
import dorada.core.simulation.StandInAnalyser;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.BindException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** Lets the stand-in analyser be reached over TCP on this machine: one conversation for each connection. */
final class StandInServer implements AutoCloseable {

    private static final int PORTS_TO_TRY = 20;

    private final Bench bench;
    private final ServerSocket socket;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private final Thread listening;

    /** @param port wanted port; the next free one is taken where it is not free; 0 for any */
    StandInServer(Bench bench, int port) throws IOException {
        this.bench = bench;
        socket = bound(port);
        listening = new Thread(this::accept, "stand-in");
        listening.setDaemon(true);
        listening.start();
    }

    private static ServerSocket bound(int wanted) throws IOException {
        for (int port = wanted; ; port++) {
            ServerSocket s = new ServerSocket();
            try {
                s.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
                return s;
            } catch (BindException e) {
                s.close();
                if (port >= wanted + PORTS_TO_TRY) {
                    throw e;
                }
            }
        }
    }

    int port() {
        return socket.getLocalPort();
    }

    private void accept() {
        while (!socket.isClosed()) {
            try {
                Socket one = socket.accept();
                open.add(one);
                Thread thread = new Thread(() -> converse(one), "stand-in-conversation");
                thread.setDaemon(true);
                thread.start();
            } catch (IOException e) {
                // Closed, or one visitor lost: either way nothing to tell.
                continue;
            }
        }
    }

    private void converse(Socket one) {
        try (one;
                BufferedReader in =
                        new BufferedReader(new InputStreamReader(one.getInputStream(), StandardCharsets.US_ASCII))) {
            one.setTcpNoDelay(true);
            OutputStream out = one.getOutputStream();
            StandInAnalyser analyser = new StandInAnalyser(bench, new Random());
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                Optional<String> answer = analyser.take(line);
                if (answer.isPresent()) {
                    out.write((answer.get() + "\n").getBytes(StandardCharsets.US_ASCII));
                    out.flush();
                }
            }
        } catch (IOException e) {
            // The visitor is gone.
            return;
        } finally {
            open.remove(one);
        }
    }

    /** Returns when nobody is let in any more and every conversation is ended. */
    @Override
    public void close() throws IOException {
        socket.close();
        // A wait for visitors that is under way keeps the port open for a moment and may still let one in.
        try {
            listening.join();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        for (Socket one : open) {
            one.close();
        }
    }
}
