package dorada.server.installation;

import dorada.core.ready.Method;
import dorada.core.ready.OnRecord;
import dorada.core.ready.Readiness;
import dorada.core.ready.ReadyStep;
import dorada.server.calibration.Calibrations;
import dorada.server.people.SignedIn;
import dorada.server.radio.Radios;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is looked at before the first reading of a visit. */
@RestController
@RequestMapping("/api")
class ReadyController {

    private final InstallationService installations;
    private final Calibrations calibrations;
    private final Radios radios;
    private final Clock clock;

    ReadyController(InstallationService installations, Calibrations calibrations, Radios radios, Clock clock) {
        this.installations = installations;
        this.calibrations = calibrations;
        this.radios = radios;
        this.clock = clock;
    }

    /** @param known what the shop's records answer; absent where a person has to */
    record ReadyStepView(@NotNull ReadyStep step, @NotNull ReadyStep.Weight weight, Readiness.Answer known) {}

    /** What is asked before readings by {@code method} on an installation, in the order in which it is done. */
    @GetMapping("/installations/{id}/ready")
    List<ReadyStepView> steps(@PathVariable UUID id, @RequestParam Method method) {
        Installation installation = installations.byId(id);
        Map<ReadyStep, Readiness.Answer> known = onRecord(installation).answers(clock.instant());
        return ReadyStep.of(method, installation.carrier()).stream()
                .map(s -> new ReadyStepView(s, s.weight(), known.get(s)))
                .toList();
    }

    private OnRecord onRecord(Installation installation) {
        return new OnRecord(
                calibrations.madeAt(installation.lowestHz(), installation.highestHz()),
                installation
                        .radioId()
                        .flatMap(radios::known)
                        .flatMap(Radios.Known::check)
                        .map(c -> new OnRecord.RadioCheck(c.at(), c.isFit())));
    }

    /** @param answers to some of the steps or all */
    record ReadyRequest(
            @NotNull(message = "{wrong.READ_WITH}") Method method,

            @NotNull @Size(max = 40, message = "{wrong.MANY}")
            Map<ReadyStep, Readiness.Answer> answers) {}

    /** Of the visit that is open; answers of before are replaced. */
    @PutMapping("/installations/{id}/visits/open/ready")
    InstallationView getReady(
            @PathVariable UUID id, @Valid @RequestBody ReadyRequest request, @AuthenticationPrincipal SignedIn me) {
        return installations.getReady(id, request.method(), request.answers(), me.id());
    }
}
