package dorada.server.board;

import dorada.core.antenna.Carrier;
import dorada.server.installation.DueRow;
import dorada.server.installation.InstallationService;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is due: limits until they are mended, and rechecks. */
@RestController
class DueController {

    /** Rechecks are shown so many days before their day. */
    private static final int AHEAD_DAYS = 45;

    private final InstallationService installations;
    private final Clock clock;

    DueController(InstallationService installations, Clock clock) {
        this.installations = installations;
        this.clock = clock;
    }

    /** What is to be done. */
    enum What {
        /** It is used with a limit until this is mended. */
        MEND,
        RECHECK
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
            @NotNull What what,
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

    @GetMapping("/api/due")
    List<DueView> due() {
        LocalDate today = LocalDate.now(clock);
        List<DueView> all = new ArrayList<>();
        for (DueRow row : installations.signedOff()) {
            if (row.limitW() != null || row.due() != null) {
                all.add(view(What.MEND, row, row.due(), today));
            }
            LocalDate recheck = row.recheckBy(clock.getZone());
            if (!recheck.isAfter(today.plusDays(AHEAD_DAYS))) {
                all.add(view(What.RECHECK, row, recheck, today));
            }
        }
        all.sort(Comparator.comparing(DueView::day, Comparator.nullsFirst(Comparator.naturalOrder()))
                .thenComparing(DueView::shopNumber));
        return all;
    }

    private static DueView view(What what, DueRow row, LocalDate day, LocalDate today) {
        boolean isLimit = what == What.MEND;
        return new DueView(
                what,
                day,
                day != null && day.isBefore(today),
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
