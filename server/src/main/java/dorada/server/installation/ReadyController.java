package dorada.server.installation;

import dorada.core.antenna.Carrier;
import dorada.core.ready.Method;
import dorada.core.ready.Readiness;
import dorada.core.ready.ReadyStep;
import dorada.server.people.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
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

    ReadyController(InstallationService installations) {
        this.installations = installations;
    }

    record ReadyStepView(@NotNull ReadyStep step, @NotNull ReadyStep.Weight weight) {}

    /** What is asked before readings by {@code method} on {@code carrier}, in the order in which it is done. */
    @GetMapping("/ready-steps")
    List<ReadyStepView> steps(@RequestParam Method method, @RequestParam Carrier carrier) {
        return ReadyStep.of(method, carrier).stream()
                .map(s -> new ReadyStepView(s, s.weight()))
                .toList();
    }

    /** @param answers to some of the steps or all */
    record ReadyRequest(
            @NotNull(message = "Please say what it is read with.")
            Method method,

            @NotNull @Size(max = 40, message = "At most 40 answers.")
            Map<ReadyStep, Readiness.Answer> answers) {}

    /** Of the visit that is open; answers of before are replaced. */
    @PutMapping("/installations/{id}/visits/open/ready")
    InstallationView getReady(
            @PathVariable UUID id, @Valid @RequestBody ReadyRequest request, @AuthenticationPrincipal SignedIn me) {
        return installations.getReady(id, request.method(), request.answers(), me.id());
    }
}
