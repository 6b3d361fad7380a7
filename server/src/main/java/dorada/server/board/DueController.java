package dorada.server.board;

import dorada.core.antenna.Carrier;
import dorada.server.installation.DueRow;
import dorada.server.installation.InstallationService;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.ResponseEntity;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is due: limits until they are mended, and rechecks. */
@Validated
@RestController
class DueController {

    /** Rechecks are shown so many days before their day. */
    private static final int AHEAD_DAYS = 45;

    /** Nobody turns pages further than to this row. */
    private static final int MOST_TURNED_TO = 100_000;

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

    /** @param overdueCount of {@code count}, how many days have passed */
    record DueCountView(@NotNull int count, @NotNull int overdueCount) {}

    @GetMapping("/api/due/count")
    DueCountView count() {
        LocalDate today = LocalDate.now(clock);
        return new DueCountView(
                installations.countToMend() + installations.countToRecheck(today.plusDays(AHEAD_DAYS)),
                installations.countToMendBefore(today) + installations.countToRecheck(today.minusDays(1)));
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
        long from = (long) page * size;
        int until = (int) Math.min(from + size, MOST_TURNED_TO);
        // Each of them may be the one that all of these come from.
        Stream<Due> toMend = installations.toMend(until).stream().map(row -> new Due(What.MEND, row.mendOn(), row));
        Stream<Due> toRecheck = installations.toRecheck(today.plusDays(AHEAD_DAYS), until).stream()
                .map(row -> new Due(What.RECHECK, row.recheckOn(), row));
        List<DueView> due = Stream.concat(toMend, toRecheck)
                .sorted(Comparator.comparing(Due::day, Comparator.nullsFirst(Comparator.naturalOrder()))
                        .thenComparing(one -> one.row().number()))
                .skip(from)
                .limit(size)
                .map(one -> view(one, today))
                .toList();
        return ResponseEntity.ok()
                .header(BoardController.TOTAL, String.valueOf(count().count()))
                .body(due);
    }

    private record Due(What what, LocalDate day, DueRow row) {}

    private static DueView view(Due due, LocalDate today) {
        DueRow row = due.row();
        boolean isLimit = due.what() == What.MEND;
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
