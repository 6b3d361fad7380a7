package dorada.server.instrument;

import dorada.server.problem.UserProblem;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** All drivers that there are. */
@Component
class Drivers {

    private final List<AnalyserDriver> all;

    Drivers(List<AnalyserDriver> all) {
        this.all = List.copyOf(all);
    }

    List<AnalyserDriver> all() {
        return all;
    }

    /** @param id null for the network, as before there were others */
    AnalyserDriver chosen(String id) {
        String wanted = id == null ? ScpiOverTcp.ID : id;
        return find(wanted).orElseThrow(() -> UserProblem.atField("driver", Refused.NO_SUCH_DRIVER.of(wanted)));
    }

    /** What was entered, by the driver that it means and that can work with it. */
    InstrumentRequest checked(InstrumentRequest entered) {
        AnalyserDriver driver = chosen(entered.driver());
        driver.require(entered.place());
        // For what it refuses.
        entered.limits();
        return entered.by(driver);
    }

    /** Of a stored instrument. */
    AnalyserDriver byId(String id) {
        return find(id).orElseThrow(() -> UserProblem.conflict(Refused.DRIVER_GONE.of()));
    }

    private Optional<AnalyserDriver> find(String id) {
        return all.stream().filter(d -> d.id().equals(id)).findFirst();
    }
}
