package dorada.server.instrument;

import dorada.core.antenna.StandIn;
import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.instrument.Span;
import dorada.core.sweep.Sweep;
import dorada.core.wire.Watch;
import dorada.server.installation.Installation;
import dorada.server.problem.JobException;
import java.util.Random;
import org.springframework.stereotype.Service;

/** The simulated analyser on an installation's stand-in antenna, for want of hardware. */
@Service
public class PracticeBench {

    private static final double SHORTEST_M = 0.02;

    /**
     * Sweeps the installation's stand-in antenna.
     *
     * @param changedM all changes of length so far together, in metres
     * @param pass the number of the pass, which makes the noise of each differ
     */
    public Sweep sweep(Installation installation, double changedM, int pass, Span span, int points) {
        StandIn antenna = StandIn.of(installation.antennaKind(), installation.middleHz(), installation.standInSeed());
        double lengthM = installation.startLengthM().orElse(antenna.startLengthM()) + changedM;
        if (lengthM < SHORTEST_M) {
            throw JobException.atField("changeM", "That would leave nothing of the antenna. Please check the change.");
        }
        Random noise = new Random(installation.standInSeed() * 1009 + pass);
        try {
            return new SimulatedAnalyser(hz -> antenna.sweep(lengthM, hz, Watch.NOBODY), noise).sweep(span, points);
        } catch (IllegalArgumentException e) {
            throw JobException.atField("startHz", e.getMessage());
        }
    }
}
