package dorada.server.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dorada.core.design.Designs;
import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.Span;
import dorada.core.instrument.scpi.CommandProfile;
import dorada.core.instrument.scpi.InstrumentException;
import dorada.core.instrument.scpi.ScpiAnalyser;
import dorada.core.simulation.Bench;
import dorada.core.sweep.Sweep;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.time.Duration;
import java.util.Random;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.Test;

/** The driver and the stand-in with a real socket between them: reconnecting, silence, stopping, a taken port. */
class DriverOverSocketTest {

    private static final Span SPAN = new Span(140e6, 170e6);

    private final Bench bench =
            new Bench(Designs.ALL.installation("rod-four-radials").orElseThrow(), new Random(1));
    private StandInServer server;

    @BeforeEach
    void listen() throws IOException {
        server = new StandInServer(bench, 0);
    }

    @AfterEach
    void close() throws IOException {
        server.close();
    }

    private ScpiAnalyser driver(int port) {
        return new ScpiAnalyser(
                () -> new SocketTransport("127.0.0.1", port),
                CommandProfile.STAND_IN,
                AnalyserLimits.NOT_STATED,
                Duration.ofSeconds(30));
    }

    @Test
    void sweepsAndIsUsedAgain() {
        try (ScpiAnalyser driver = driver(server.port())) {
            assertThat(driver.identity()).contains("stand-in");
            Sweep first = driver.sweep(SPAN, 51, 1, () -> true);
            Sweep second = driver.sweep(new Span(150e6, 160e6), 21, 2, () -> true);
            assertThat(first.size()).isEqualTo(51);
            assertThat(second.startHz()).isEqualTo(150e6);
            assertThat(second.stopHz()).isEqualTo(160e6);
        }
    }

    @Test
    void aLostConnectionIsOpenedOnceMore() throws IOException {
        // The system may keep the old port for a while; the new one is asked for when the line is opened again.
        try (ScpiAnalyser driver = new ScpiAnalyser(
                () -> new SocketTransport("127.0.0.1", server.port()),
                CommandProfile.STAND_IN,
                AnalyserLimits.NOT_STATED,
                Duration.ofSeconds(30))) {
            driver.sweep(SPAN, 11, 1, () -> true);
            server.close();
            server = new StandInServer(bench, 0);
            assertThat(driver.sweep(SPAN, 11, 1, () -> true).size()).isEqualTo(11);
        }
    }

    /** Often, since a visitor let in while the server closes is a matter of chance. */
    @RepeatedTest(50)
    void nobodyThereIsSaidInASentence() throws IOException {
        int port = server.port();
        server.close();
        try (ScpiAnalyser driver = driver(port)) {
            assertThatThrownBy(() -> driver.sweep(SPAN, 11, 1, () -> true))
                    .isInstanceOf(InstrumentException.class)
                    .hasMessageContaining("SILENT");
        }
    }

    @Test
    void anInstrumentThatHangsUpIsNoEndlessWait() throws Exception {
        AtomicInteger visits = new AtomicInteger();
        try (ServerSocket rude = new ServerSocket(0, 5, InetAddress.getLoopbackAddress())) {
            Thread thread = new Thread(() -> {
                try {
                    while (true) {
                        try (Socket one = rude.accept()) {
                            visits.incrementAndGet();
                        }
                    }
                } catch (IOException e) {
                    // Closed by the test.
                }
            });
            thread.setDaemon(true);
            thread.start();
            try (ScpiAnalyser driver = driver(rude.getLocalPort())) {
                assertThatThrownBy(driver::identity).hasMessageContaining("SILENT");
            }
        }
        assertThat(visits.get()).isEqualTo(2);
    }

    @Test
    void aLongSweepIsStoppedAndTheInstrumentIsFreeAgain() {
        try (ScpiAnalyser driver = driver(server.port())) {
            AtomicInteger asked = new AtomicInteger();
            assertThatThrownBy(() -> driver.sweep(SPAN, 801, 64, () -> asked.incrementAndGet() < 2))
                    .isInstanceOf(CancellationException.class);
            assertThat(driver.sweep(SPAN, 11, 1, () -> true).size()).isEqualTo(11);
        }
    }

    @Test
    void morePointsThanItHasAreRefusedByItself() {
        try (ScpiAnalyser driver = driver(server.port())) {
            assertThatThrownBy(() -> driver.sweep(SPAN, 1601, 1, () -> true))
                    .hasMessageContaining("REFUSES")
                    .hasMessageContaining("-222");
            assertThat(driver.sweep(SPAN, 11, 1, () -> true).size()).isEqualTo(11);
        }
    }

    @Test
    void aTakenPortGivesTheNextFreeOne() throws IOException {
        try (StandInServer second = new StandInServer(bench, server.port())) {
            assertThat(second.port()).isGreaterThan(server.port());
            assertThat(driver(second.port()).identity()).contains("stand-in");
        }
    }
}
