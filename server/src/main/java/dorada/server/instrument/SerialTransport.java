package dorada.server.instrument;

import com.fazecast.jSerialComm.SerialPort;
import com.fazecast.jSerialComm.SerialPortInvalidPortException;
import dorada.core.instrument.scpi.Transport;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;

/** An instrument's line-by-line conversation over a serial port: 8 bits, no parity, one stop bit. */
final class SerialTransport implements Transport {

    private static final int DATA_BITS = 8;
    private static final int LONGEST_LINE = 4_000_000;
    private static final int AT_ONCE = 4096;

    private final SerialPort port;
    private final byte[] read = new byte[AT_ONCE];
    private int from;
    private int to;

    SerialTransport(String name, int baud) throws IOException {
        try {
            port = SerialPort.getCommPort(name);
        } catch (SerialPortInvalidPortException e) {
            throw new IOException("this machine has no serial port " + name, e);
        }
        port.setComPortParameters(baud, DATA_BITS, SerialPort.ONE_STOP_BIT, SerialPort.NO_PARITY);
        if (!port.openPort()) {
            throw new IOException("the serial port " + name + " is not there, or another program has it");
        }
    }

    @Override
    public void send(String line) throws IOException {
        byte[] bytes = (line + "\n").getBytes(StandardCharsets.US_ASCII);
        port.setComPortTimeouts(SerialPort.TIMEOUT_WRITE_BLOCKING, 0, (int)
                Duration.ofSeconds(5).toMillis());
        if (port.writeBytes(bytes, bytes.length) != bytes.length) {
            throw new IOException("the serial port takes nothing any more");
        }
    }

    @Override
    public String receive(Duration within) throws IOException {
        long until = System.nanoTime() + within.toNanos();
        ByteArrayOutputStream line = new ByteArrayOutputStream();
        while (line.size() < LONGEST_LINE) {
            while (from < to) {
                byte b = read[from++];
                if (b == '\n') {
                    return line.toString(StandardCharsets.US_ASCII);
                }
                if (b != '\r') {
                    line.write(b);
                }
            }
            long leftMs = (until - System.nanoTime()) / 1_000_000;
            if (leftMs <= 0) {
                throw new IOException("no answer within " + within.toSeconds() + " s");
            }
            port.setComPortTimeouts(SerialPort.TIMEOUT_READ_SEMI_BLOCKING, (int) Math.min(leftMs, 1000), 0);
            from = 0;
            to = port.readBytes(read, read.length);
            if (to < 0) {
                to = 0;
                throw new IOException("it was unplugged");
            }
        }
        throw new IOException("it sends a line without end");
    }

    @Override
    public void close() {
        port.closePort();
    }
}
