package dorada.server.instrument;

import dorada.server.problem.UserProblem;
import java.net.InetAddress;
import java.net.UnknownHostException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Readings of simulated antennas are for practice: they enter no shop's records. The demo, whose records are invented, is built of them. */
@Component
public class InventedReadings {

    private final boolean areRecorded;
    private final PracticeStand stand;

    InventedReadings(@Value("${dorada.invented-readings}") boolean areRecorded, PracticeStand stand) {
        this.areRecorded = areRecorded;
        this.stand = stand;
    }

    boolean areRecorded() {
        return areRecorded;
    }

    /** @throws UserProblem where they are not recorded here */
    public void require() {
        if (!areRecorded) {
            throw UserProblem.atField("instrument", Refused.INVENTED.of());
        }
    }

    /** True for the practice stand-in, under whatever name it was entered. */
    boolean areOf(String host, int port) {
        try {
            return port == stand.port() && InetAddress.getByName(host).isLoopbackAddress();
        } catch (UnknownHostException e) {
            return false;
        }
    }
}
