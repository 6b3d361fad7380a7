package dorada.server.safety;

import dorada.core.antenna.Carrier;
import dorada.core.safety.Cautions;
import dorada.core.safety.Situation;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import java.util.List;
import java.util.Optional;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Cautions where nothing is recorded yet. */
@Validated
@RestController
class CautionController {

    /**
     * What to mind where one plans, reads, calls or measures a radio.
     *
     * @param stage of these
     * @param carrier for which; without one, what holds for all
     * @param cutting something is cut by it
     * @param totalHeightM of everything that could fall or touch, from its foot; 0 where nobody says
     */
    @GetMapping("/api/cautions")
    List<OutcomeView> at(
            @RequestParam(defaultValue = "PLANNING") Situation.Stage stage,
            @RequestParam Optional<Carrier> carrier,
            @RequestParam(defaultValue = "false") boolean cutting,
            @RequestParam(defaultValue = "0")
                    @DecimalMin(value = "0", message = "{wrong.NOT_NEGATIVE}")
                    @DecimalMax(value = "1000", message = "{wrong.MOST_M}")
                    double totalHeightM) {
        return OutcomeView.of(Cautions.of(
                stage == Situation.Stage.PLANNING
                        ? Situation.planning(carrier, cutting, totalHeightM)
                        : Situation.at(stage)));
    }
}
