package dorada.server.instrument;

import dorada.core.design.Designs;
import dorada.core.simulation.Bench;
import dorada.core.simulation.MeterBench;
import java.io.IOException;
import java.util.Random;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Service;

/** The one practice bench of this server, and the stand-in analyser that sweeps it. */
@Service
public class PracticeStand implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(PracticeStand.class);

    private final Bench bench = new Bench(Designs.ALL.installations(), new Random());
    private final MeterBench meters = new MeterBench(bench, new Random());
    private final int wantedPort;
    private StandInServer server;

    PracticeStand(@Value("${dorada.stand-in-port}") int wantedPort) {
        this.wantedPort = wantedPort;
    }

    public Bench bench() {
        return bench;
    }

    MeterBench meters() {
        return meters;
    }

    /** Where the stand-in analyser listens on this machine; 0 where it could not. */
    int port() {
        return server == null ? 0 : server.port();
    }

    @Override
    public void start() {
        try {
            server = new StandInServer(bench, wantedPort);
            LOG.info("The stand-in analyser listens on 127.0.0.1:{}", server.port());
        } catch (IOException e) {
            LOG.warn("The stand-in analyser could not start: {}", e.getMessage());
        }
    }

    @Override
    public void stop() {
        try {
            if (server != null) {
                server.close();
            }
        } catch (IOException e) {
            LOG.warn("The stand-in analyser did not close: {}", e.getMessage());
        } finally {
            server = null;
        }
    }

    @Override
    public boolean isRunning() {
        return server != null;
    }
}
