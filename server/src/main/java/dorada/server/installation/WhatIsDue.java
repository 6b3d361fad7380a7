package dorada.server.installation;

import dorada.core.recheck.RecheckInterval;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Limits until they are mended, and rechecks; out of indexes, however many there are. */
@Service
@Transactional(readOnly = true)
public class WhatIsDue {

    /** Nobody turns pages further than to this row. */
    private static final int MOST_TURNED_TO = 100_000;

    private final InstallationRepository installations;

    WhatIsDue(InstallationRepository installations) {
        this.installations = installations;
    }

    /** What is to be done. */
    public enum What {
        /** It is used with a limit until this is mended. */
        MEND,
        RECHECK
    }

    /** @param day null for a limit without a date */
    public record Due(What what, LocalDate day, DueRow row) {}

    /** @param overdue of {@code all}, those whose day has passed */
    public record Counts(int all, int overdue) {}

    public Counts count(LocalDate today) {
        return new Counts(
                installations.countToMend() + installations.countToRecheck(soon(today)),
                installations.countToMendBefore(today) + installations.countToRecheck(today.minusDays(1)));
    }

    /** Page {@code page}, counted from 0: limits without a date, then all others by their day. */
    public List<Due> page(LocalDate today, int page, int size) {
        long from = (long) page * size;
        // Each of them may be the one that all of these come from.
        Limit until = Limit.of((int) Math.min(from + size, MOST_TURNED_TO));
        return Stream.concat(
                        installations.toMend(until).stream().map(row -> new Due(What.MEND, row.mendOn(), row)),
                        installations.toRecheck(soon(today), until).stream()
                                .map(row -> new Due(What.RECHECK, row.recheckOn(), row)))
                .sorted(Comparator.comparing(Due::day, Comparator.nullsFirst(Comparator.naturalOrder()))
                        .thenComparing(due -> due.row().number()))
                .skip(from)
                .limit(size)
                .toList();
    }

    private static LocalDate soon(LocalDate today) {
        return today.plusDays(RecheckInterval.AHEAD_DAYS);
    }
}
