package dorada.server.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import dorada.core.design.Designs;
import dorada.core.instrument.Analyser;
import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.Span;
import dorada.core.instrument.scpi.CommandProfile;
import dorada.core.instrument.scpi.InstrumentException;
import dorada.core.simulation.Bench;
import dorada.core.sweep.Sweep;
import dorada.server.problem.UserProblem;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.time.Duration;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The serial driver on a pair of pseudo terminals, which socat makes: one end is ours, the stand-in is behind the other. */
class SerialTest {

    private static final Pattern TERMINAL = Pattern.compile("PTY is (/dev/pts/\\d+)");

    private final Bench bench =
            new Bench(Designs.ALL.installation("rod-four-radials").orElseThrow(), new Random(1));
    private final ScpiOverSerial driver = new ScpiOverSerial();
    private StandInServer server;
    private Process socat;
    private String terminal;

    @BeforeEach
    void plugIn() throws IOException {
        server = new StandInServer(bench, 0);
        socat = new ProcessBuilder("socat", "-d", "-d", "pty,raw,echo=0", "tcp:127.0.0.1:" + server.port())
                .redirectErrorStream(true)
                .start();
        BufferedReader said = new BufferedReader(new InputStreamReader(socat.getInputStream()));
        String line = said.readLine();
        while (line != null && terminal == null) {
            Matcher found = TERMINAL.matcher(line);
            terminal = found.find() ? found.group(1) : null;
            line = terminal == null ? said.readLine() : line;
        }
        assertThat(terminal).as("what socat made").isNotNull();
    }

    @AfterEach
    void unplug() throws IOException {
        socat.destroy();
        server.close();
    }

    private static AnalyserDriver.Place place(String port, int baud) {
        return new AnalyserDriver.Place("", 0, port, baud);
    }

    private Analyser open(String port, AnalyserLimits limits) {
        return driver.open(place(port, 115_200), CommandProfile.STAND_IN, limits);
    }

    @Test
    void sweepsOverASerialPortAsOverTheNetwork() {
        Span span = new Span(140e6, 170e6);
        try (Analyser serial = open(terminal, AnalyserLimits.NOT_STATED);
                Analyser network = new ScpiOverTcp()
                        .open(
                                new AnalyserDriver.Place("127.0.0.1", server.port(), "", 0),
                                CommandProfile.STAND_IN,
                                AnalyserLimits.NOT_STATED)) {
            assertThat(serial.identity()).contains("stand-in");
            // 401 points are some 16 kB: more than a terminal's buffer holds.
            Sweep a = serial.sweep(span, 401, 1, () -> true);
            Sweep b = network.sweep(span, 401, 1, () -> true);
            assertThat(a.size()).isEqualTo(401);
            for (int i = 0; i < 401; i += 50) {
                // Two sweeps differ by the analyser's own error.
                assertThat(a.re(i)).isCloseTo(b.re(i), within(0.03));
                assertThat(a.im(i)).isCloseTo(b.im(i), within(0.03));
            }
            assertThat(serial.rawSweep(span, 11, 1, () -> true).size()).isEqualTo(11);
        }
    }

    @Test
    void aPortThatIsNotThereIsNamed() {
        try (Analyser analyser = open("/dev/ttyNONE7", AnalyserLimits.NOT_STATED)) {
            assertThatThrownBy(analyser::identity)
                    .isInstanceOf(InstrumentException.class)
                    .hasMessageContaining("/dev/ttyNONE7");
        }
    }

    @Test
    void whoIsSilentIsGivenUp() throws IOException {
        try (SerialTransport line = new SerialTransport(terminal, 9600)) {
            assertThatThrownBy(() -> line.receive(Duration.ofMillis(300)))
                    .isInstanceOf(IOException.class)
                    .hasMessageContaining("no answer");
        }
    }

    @Test
    void anInstrumentsOwnLimitsAreKeptBeforeItIsAsked() {
        AnalyserLimits own = new AnalyserLimits(new Span(100e6, 160e6), 201);
        try (Analyser analyser = open(terminal, own)) {
            assertThat(analyser.limits()).isEqualTo(own);
            assertThatThrownBy(() -> analyser.sweep(new Span(140e6, 170e6), 101, 1, () -> true))
                    .isInstanceOf(InstrumentException.class)
                    .hasMessageContaining("NOT_COVERED");
            assertThatThrownBy(() -> analyser.rawSweep(new Span(140e6, 150e6), 401, 1, () -> true))
                    .hasMessageContaining("TOO_MANY_POINTS");
            assertThat(analyser.sweep(new Span(140e6, 150e6), 21, 1, () -> true).size())
                    .isEqualTo(21);
        }
    }

    @Test
    void portsAndSpeedsAreLookedAt() {
        for (String wrong : new String[] {"", "ttyUSB0; rm", "../etc/passwd", "/etc/passwd"}) {
            assertThatThrownBy(() -> driver.require(place(wrong, 9600)))
                    .as(wrong)
                    .isInstanceOf(UserProblem.class);
        }
        assertThatThrownBy(() -> driver.require(place("COM3", 12))).isInstanceOf(UserProblem.class);
        driver.require(place("COM3", 9600));
        driver.require(place("/dev/ttyUSB0", 9600));
        driver.require(place("/dev/cu.usbmodem-14101", 9600));
    }
}
