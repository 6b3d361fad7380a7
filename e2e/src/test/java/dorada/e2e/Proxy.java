package dorada.e2e;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;

/** What stands before several servers: each new connection goes to the next of them, and past one that does not answer. */
final class Proxy implements AutoCloseable {

    private final List<Integer> ports;
    private final ServerSocket door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
    private final AtomicInteger next = new AtomicInteger();

    Proxy(Integer... ports) throws IOException {
        this.ports = List.of(ports);
        daemon(this::letIn);
    }

    String address() {
        return "http://127.0.0.1:" + door.getLocalPort();
    }

    private void letIn() {
        while (!door.isClosed()) {
            try {
                Socket from = door.accept();
                daemon(() -> connect(from));
            } catch (IOException e) {
                // Closed.
                return;
            }
        }
    }

    private void connect(Socket from) {
        for (int i = 0; i < ports.size(); i++) {
            int port = ports.get(Math.floorMod(next.getAndIncrement(), ports.size()));
            try {
                Socket to = new Socket(InetAddress.getLoopbackAddress(), port);
                daemon(() -> carry(from, to));
                carry(to, from);
                return;
            } catch (IOException e) {
                // The next one, then.
                continue;
            }
        }
        quietly(from);
    }

    private static void carry(Socket from, Socket to) {
        try {
            InputStream in = from.getInputStream();
            OutputStream out = to.getOutputStream();
            in.transferTo(out);
        } catch (IOException e) {
            // One of the two is gone, and so is the other.
            return;
        } finally {
            quietly(from);
            quietly(to);
        }
    }

    private static void quietly(Socket socket) {
        try {
            socket.close();
        } catch (IOException e) {
            return;
        }
    }

    private static void daemon(Runnable run) {
        Thread thread = new Thread(run, "proxy");
        thread.setDaemon(true);
        thread.start();
    }

    @Override
    public void close() throws IOException {
        door.close();
    }
}
