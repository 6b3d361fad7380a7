package dorada.server.instrument;

import dorada.core.instrument.Analyser;
import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.scpi.CommandProfile;
import dorada.core.instrument.scpi.ScpiAnalyser;
import dorada.server.problem.UserProblem;
import org.springframework.stereotype.Component;

/** SCPI over a socket: instruments on the network, and the stand-in. */
@Component
class ScpiOverTcp implements AnalyserDriver {

    static final String ID = "scpi-tcp";

    private static final int HIGHEST_PORT = 65_535;

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String words() {
        return "SCPI over the network";
    }

    @Override
    public void require(Place place) {
        if (place.host().isBlank()) {
            throw UserProblem.atField("host", Refused.WHERE.of());
        }
        if (place.port() < 1 || place.port() > HIGHEST_PORT) {
            throw UserProblem.atField("port", Refused.PORT.of());
        }
    }

    @Override
    public Analyser open(Place place, CommandProfile texts, AnalyserLimits limits) {
        return new ScpiAnalyser(() -> new SocketTransport(place.host(), place.port()), texts, limits, LONGEST_SWEEP);
    }
}
