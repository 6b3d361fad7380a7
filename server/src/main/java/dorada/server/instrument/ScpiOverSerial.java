package dorada.server.instrument;

import com.fazecast.jSerialComm.SerialPort;
import dorada.core.instrument.Analyser;
import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.scpi.CommandProfile;
import dorada.core.instrument.scpi.ScpiAnalyser;
import dorada.server.problem.UserProblem;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** SCPI over a serial port of this machine, which a USB cable is to many instruments. */
@Component
class ScpiOverSerial implements AnalyserDriver {

    private static final int SLOWEST = 300;
    private static final int FASTEST = 12_000_000;

    /** COM3, /dev/ttyUSB0, /dev/cu.usbmodem1. */
    private static final Pattern PORT = Pattern.compile("(/dev/)?[A-Za-z0-9._-]+(/[A-Za-z0-9_-]+)?");

    @Override
    public String id() {
        return "scpi-serial";
    }

    @Override
    public String words() {
        return "SCPI over a serial port";
    }

    @Override
    public void require(Place place) {
        if (!PORT.matcher(place.serialPort()).matches()) {
            throw UserProblem.atField("serialPort", Refused.WHICH_SERIAL_PORT.of());
        }
        if (place.baud() < SLOWEST || place.baud() > FASTEST) {
            throw UserProblem.atField("baud", Refused.BAUD.of(SLOWEST, FASTEST));
        }
    }

    @Override
    public Analyser open(Place place, CommandProfile texts, AnalyserLimits limits) {
        return new ScpiAnalyser(
                () -> new SerialTransport(place.serialPort(), place.baud()), texts, limits, LONGEST_SWEEP);
    }

    /** What this machine has just now. */
    static List<String> ports() {
        return Stream.of(SerialPort.getCommPorts())
                .map(SerialPort::getSystemPortPath)
                .sorted()
                .toList();
    }
}
