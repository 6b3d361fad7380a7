package dorada.server.history;

import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What happened to an installation. */
@RestController
@RequestMapping("/api/installations/{id}/history")
class HistoryController {

    private final Histories histories;

    HistoryController(Histories histories) {
        this.histories = histories;
    }

    /** @param by absent for what Dorada did by itself, and where nobody knows any more */
    record HappeningView(
            @NotNull Instant at, String by, @NotNull List<OutcomeView> says) {}

    /** The newest first. */
    @GetMapping
    List<HappeningView> all(@PathVariable UUID id) {
        List<HappeningView> all = histories.of(id).stream()
                .sorted(Comparator.comparing(Chronicle.Happening::at).reversed())
                .map(h -> new HappeningView(h.at(), h.by().orElse(null), OutcomeView.of(h.says())))
                .toList();
        if (all.isEmpty()) {
            throw UserProblem.notFound(Missing.INSTALLATION);
        }
        return all;
    }
}
