package dorada.server.instrument;

import dorada.core.antenna.Carrier;
import dorada.core.design.Designs;
import dorada.core.simulation.Bench;
import dorada.core.simulation.Condition;
import dorada.core.simulation.Control;
import dorada.core.simulation.VirtualInstallation;
import dorada.server.problem.UserProblem;
import dorada.server.words.OutcomeView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What there is to practise on, and what lies on the bench now. */
@RestController
@RequestMapping("/api/practice")
class PracticeController {

    private final PracticeStand stand;

    PracticeController(PracticeStand stand) {
        this.stand = stand;
    }

    record ConditionView(@NotNull Condition name, @NotNull OutcomeView words) {}

    record ControlView(
            @NotNull OutcomeView name,
            @NotNull double startM,
            @NotNull double lowM,
            @NotNull double highM,
            @NotNull double stepM,
            @NotNull boolean oneWay) {}

    record InstallationChoice(
            @NotNull String id,
            @NotNull OutcomeView title,
            @NotNull Carrier carrier,
            @NotNull double lowHz,
            @NotNull double highHz,
            @NotNull List<ControlView> controls,
            @NotNull List<ConditionView> conditions) {}

    record BenchState(
            @NotNull String installation,
            @NotNull @Size(max = 50) double[] settingsM,
            @NotNull Set<Condition> conditions,
            @NotNull Bench.AtPort atPort,
            @NotNull boolean atRadio) {}

    record Practice(
            @NotNull List<InstallationChoice> installations,
            @NotNull BenchState bench,
            @NotNull int standInPort) {}

    @GetMapping
    Practice practice() {
        return new Practice(
                Designs.ALL.installations().stream()
                        .map(PracticeController::choice)
                        .toList(),
                state(),
                stand.port());
    }

    /** Puts something else on the bench, or changes it. Everybody who sweeps the stand-in sees it. */
    @PutMapping("/bench")
    BenchState set(@Valid @RequestBody BenchState wanted) {
        VirtualInstallation v = Designs.ALL
                .installation(wanted.installation)
                .orElseThrow(() -> UserProblem.atField("installation", Refused.NO_SUCH_PRACTICE.of()));
        try {
            stand.bench()
                    .set(new Bench.State(
                            v,
                            wanted.settingsM == null ? v.startM() : wanted.settingsM,
                            wanted.conditions == null ? Set.of() : wanted.conditions,
                            wanted.atPort == null ? Bench.AtPort.ANTENNA : wanted.atPort,
                            wanted.atRadio));
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("settingsM", e);
        }
        return state();
    }

    private BenchState state() {
        Bench.State s = stand.bench().state();
        return new BenchState(s.installation().id(), s.settingsM(), s.conditions(), s.atPort(), s.atRadio());
    }

    private static InstallationChoice choice(VirtualInstallation v) {
        return new InstallationChoice(
                v.id(),
                OutcomeView.phrase(v.title()),
                v.carrier(),
                v.lowHz(),
                v.highHz(),
                v.controls().stream().map(PracticeController::view).toList(),
                Arrays.stream(Condition.values())
                        .filter(v.conditions()::contains)
                        .map(c -> new ConditionView(c, OutcomeView.phrase(c)))
                        .collect(Collectors.toList()));
    }

    private static ControlView view(Control c) {
        return new ControlView(OutcomeView.phrase(c.name()), c.startM(), c.lowM(), c.highM(), c.stepM(), c.oneWay());
    }
}
