package dorada.server.board;

import dorada.core.antenna.Carrier;
import dorada.server.installation.DueRow;
import dorada.server.installation.WhatIsDue;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is due: limits until they are mended, and rechecks. */
@Validated
@RestController
class DueController {

    private final WhatIsDue whatIsDue;
    private final Clock clock;

    DueController(WhatIsDue whatIsDue, Clock clock) {
        this.whatIsDue = whatIsDue;
        this.clock = clock;
    }

    /**
     * One thing that is due.
     *
     * @param day absent for a limit without a date
     * @param isOverdue whether that day has passed
     * @param limitW most power until it is mended; absent for none
     * @param why the sign-off's reason, of a limit
     * @param who mends it
     * @param finding of the last recheck
     */
    record DueView(
            @NotNull WhatIsDue.What what,
            LocalDate day,
            @NotNull boolean isOverdue,
            @NotNull UUID installationId,
            @NotNull String shopNumber,
            @NotNull String title,
            @NotNull String customer,
            @NotNull Carrier carrier,
            @NotNull String signedOffBy,
            Double limitW,
            String why,
            String who,
            OutcomeView finding) {}

    /** @param overdueCount of {@code count}, how many days have passed */
    record DueCountView(@NotNull int count, @NotNull int overdueCount) {}

    @GetMapping("/api/due/count")
    DueCountView count() {
        WhatIsDue.Counts counts = whatIsDue.count(LocalDate.now(clock));
        return new DueCountView(counts.all(), counts.overdue());
    }

    /** Page {@code page}, counted from 0: limits without a date, then all others by their day; with how many there are of all pages. */
    @GetMapping("/api/due")
    ResponseEntity<List<DueView>> due(
            @RequestParam(defaultValue = "0") @Min(value = 0, message = "{wrong.FROM_PAGE_0}") int page,
            @RequestParam(defaultValue = "100")
                    @Min(value = 1, message = "{wrong.ROWS}")
                    @Max(value = 200, message = "{wrong.ROWS}")
                    int size) {
        LocalDate today = LocalDate.now(clock);
        return ResponseEntity.ok()
                .header(
                        BoardController.TOTAL,
                        String.valueOf(whatIsDue.count(today).all()))
                .body(whatIsDue.page(today, page, size).stream()
                        .map(due -> view(due, today))
                        .toList());
    }

    private static DueView view(WhatIsDue.Due due, LocalDate today) {
        DueRow row = due.row();
        boolean isLimit = due.what() == WhatIsDue.What.MEND;
        return new DueView(
                due.what(),
                due.day(),
                due.day() != null && due.day().isBefore(today),
                row.id(),
                row.shopNumber(),
                row.title(),
                row.customer(),
                row.carrier(),
                row.signedBy(),
                isLimit ? row.limitW() : null,
                isLimit ? row.reason() : null,
                isLimit ? row.mendedBy() : null,
                row.finding() == null ? null : OutcomeView.phrase(row.finding()));
    }
}
