package dorada.server.safety;

import dorada.core.antenna.Carrier;
import dorada.core.safety.Cautions;
import dorada.core.safety.Situation;
import dorada.server.words.OutcomeView;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Cautions where nothing is recorded yet. */
@RestController
class CautionController {

    /**
     * What to mind while something is planned.
     *
     * @param carrier for which; without one, what holds for all
     * @param cutting something is cut by it
     */
    @GetMapping("/api/cautions")
    List<OutcomeView> planning(
            @RequestParam Optional<Carrier> carrier, @RequestParam(defaultValue = "false") boolean cutting) {
        return OutcomeView.of(Cautions.of(Situation.planning(carrier, cutting)));
    }
}
