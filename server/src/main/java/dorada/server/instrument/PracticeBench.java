package dorada.server.instrument;

import dorada.core.acceptance.ReferencePlane;
import dorada.core.design.Designs;
import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.instrument.Span;
import dorada.core.line.Line;
import dorada.core.line.ThroughLine;
import dorada.core.simulation.StandIn;
import dorada.core.sweep.Sweep;
import dorada.core.wire.Watch;
import dorada.server.installation.Installation;
import dorada.server.installation.PracticeAntenna;
import dorada.server.problem.UserProblem;
import java.util.Optional;
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
        PracticeAntenna under = installation.practiceAntenna();
        StandIn antenna = Designs.ALL.of(under.kind()).standIn(under.bandsHz(), installation.standInSeed());
        double lengthM = (under.startM() == null ? antenna.startLengthM() : under.startM()) + changedM;
        if (lengthM < SHORTEST_M) {
            throw UserProblem.atField("changeM", Refused.NOTHING_LEFT.of());
        }
        return sweep(installation, antenna, lengthM, secondM, installation.standInSeed() * 1009 + pass, span, points);
    }

    /** The antenna that was there before: another of its kind, somewhat off. */
    public Sweep sweepOld(Installation installation, int pass, Span span, int points) {
        long seed = installation.standInSeed() + OLD;
        PracticeAntenna under = installation.practiceAntenna();
        StandIn old = Designs.ALL.of(under.kind()).standIn(under.bandsHz(), seed);
        return sweep(installation, old, old.startLengthM() * OLD_LENGTH, 0, seed * 1009 + pass, span, points);
    }

    /** As the analyser meets it: at the radio end a known feedline lies between. */
    private static Sweep sweep(
            Installation installation,
            StandIn antenna,
            double lengthM,
            double secondM,
            long seed,
            Span span,
            int points) {
        Optional<Line> line =
                installation.measuredAt() == ReferencePlane.RADIO ? installation.feedline() : Optional.empty();
        try {
            return new SimulatedAnalyser(
                            hz -> {
                                Sweep bare = antenna.sweep(lengthM, secondM, hz, Watch.NOBODY);
                                return line.map(l -> ThroughLine.towardRadio(bare, l))
                                        .orElse(bare);
                            },
                            new Random(seed))
                    .sweep(span, points);
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("startHz", e);
        }
    }
}
