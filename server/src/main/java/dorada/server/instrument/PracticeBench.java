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
    private static final long OLD = 77;
    private static final double OLD_LENGTH = 0.97;

    /**
     * Sweeps the installation's stand-in antenna.
     *
     * @param changedM all changes of length so far together, in metres
     * @param secondM all changes of the second piece so far together, in metres
     * @param pass the number of the pass, which makes the noise of each differ
     */
    public Sweep sweep(Installation installation, double changedM, double secondM, int pass, Span span, int points) {
        StandIn antenna = StandIn.of(installation.antennaKind(), installation.bandsHz(), installation.standInSeed());
        double lengthM = installation.startLengthM().orElse(antenna.startLengthM()) + changedM;
        if (lengthM < SHORTEST_M) {
            throw JobException.atField("changeM", "That would leave nothing of the antenna. Please check the change.");
        }
        return sweep(antenna, lengthM, secondM, installation.standInSeed() * 1009 + pass, span, points);
    }

    /** The antenna that was there before: another of its kind, somewhat off. */
    public Sweep sweepOld(Installation installation, int pass, Span span, int points) {
        long seed = installation.standInSeed() + OLD;
        StandIn old = StandIn.of(installation.antennaKind(), installation.bandsHz(), seed);
        return sweep(old, old.startLengthM() * OLD_LENGTH, 0, seed * 1009 + pass, span, points);
    }

    private static Sweep sweep(StandIn antenna, double lengthM, double secondM, long seed, Span span, int points) {
        try {
            return new SimulatedAnalyser(hz -> antenna.sweep(lengthM, secondM, hz, Watch.NOBODY), new Random(seed))
                    .sweep(span, points);
        } catch (IllegalArgumentException e) {
            throw JobException.atField("startHz", e.getMessage());
        }
    }
}
