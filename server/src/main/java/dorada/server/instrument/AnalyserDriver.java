package dorada.server.instrument;

import dorada.core.instrument.Analyser;
import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.scpi.CommandProfile;
import dorada.server.problem.UserProblem;
import java.time.Duration;

/** A way of talking to analysers. Every bean of this type is offered where instruments are entered. */
interface AnalyserDriver {

    /** After which a sweep is given up. */
    Duration LONGEST_SWEEP = Duration.ofMinutes(2);

    /**
     * Where an analyser is.
     *
     * @param host name or number on the network; empty where it is none
     * @param port on the network; 0 where it is none
     * @param serialPort of this machine; empty where it is none
     * @param baud bits a second on it; 0 where it is none
     */
    record Place(String host, int port, String serialPort, int baud) {}

    /** As it is stored and sent. */
    String id();

    /** What people choose it by. */
    String words();

    /** @throws UserProblem where {@code place} lacks what this driver needs, at the field */
    void require(Place place);

    /** The caller closes it. */
    Analyser open(Place place, CommandProfile texts, AnalyserLimits limits);
}
