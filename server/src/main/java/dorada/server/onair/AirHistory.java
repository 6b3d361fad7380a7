package dorada.server.onair;

import dorada.core.history.Happened;
import dorada.core.outcome.Outcome;
import dorada.server.history.Chronicle;
import dorada.server.people.Person;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Calls and comparisons. */
@Service
@Transactional(readOnly = true)
class AirHistory implements Chronicle {

    private final AirCallRepository calls;
    private final AirComparisonRepository comparisons;

    AirHistory(AirCallRepository calls, AirComparisonRepository comparisons) {
        this.calls = calls;
        this.comparisons = comparisons;
    }

    @Override
    public List<Happening> of(UUID installation) {
        List<Happening> all = new ArrayList<>();
        for (AirCall c : calls.findByInstallationIdOrderByCalledAtDesc(installation)) {
            String station = c.entered().station();
            List<Outcome> says = new ArrayList<>();
            says.add(Happened.CALLED.of(station, c.entered().report()));
            if (!c.entered().note().isEmpty()) {
                says.add(Happened.NOTED.of(c.entered().note()));
            }
            all.add(new Happening(c.calledAt(), Optional.of(c.calledBy().displayName()), says));
            c.takenBackAt()
                    .ifPresent(at -> all.add(new Happening(
                            at,
                            c.takenBackBy().map(Person::displayName),
                            List.of(Happened.CALL_TAKEN_BACK.of(station)))));
        }
        comparisons
                .findByInstallationIdOrderByBegunAtDesc(installation)
                .forEach(c -> all.add(new Happening(
                        c.begunAt(),
                        Optional.of(c.begunBy().displayName()),
                        List.of(Happened.COMPARED.of(c.frequencyHz())))));
        return all;
    }
}
