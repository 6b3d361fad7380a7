package dorada.server.book;

import dorada.core.acceptance.Progress;
import dorada.core.book.ShopNumbers;
import dorada.core.recheck.Finding;
import dorada.server.installation.FoundRow;
import dorada.server.installation.InstallationService;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The numbers of the shop, out of the rows of its book. */
@Service
@Transactional(readOnly = true)
class Numbers {

    private final BookRepository book;
    private final InstallationService installations;
    private final Clock clock;

    Numbers(BookRepository book, InstallationService installations, Clock clock) {
        this.book = book;
        this.installations = installations;
        this.clock = clock;
    }

    /** @param unwritten rows that are not counted yet */
    record Known(ShopNumbers numbers, int unwritten) {}

    Known of(int weeks) {
        Instant now = clock.instant();
        return new Known(
                ShopNumbers.of(
                        Stream.of(Progress.values())
                                .flatMap(state -> touched(state).stream())
                                .toList(),
                        book.jobs(ShopNumbers.since(now, clock.getZone(), weeks)).stream()
                                .map(BookRepository.JobRow::job)
                                .toList(),
                        rechecks(installations.found()),
                        now,
                        clock.getZone(),
                        weeks),
                book.unwritten());
    }

    private Optional<ShopNumbers.Touched> touched(Progress state) {
        int count = book.countByState(state);
        return count == 0
                ? Optional.empty()
                : Optional.of(new ShopNumbers.Touched(
                        state,
                        count,
                        book.touched(state, (count - 1) / 2, count % 2 == 0 ? 2 : 1),
                        book.touched(state, 0, 1).get(0)));
    }

    /** Each against the sign-off before it. */
    private static List<ShopNumbers.Recheck> rechecks(List<FoundRow> rows) {
        List<ShopNumbers.Recheck> all = new ArrayList<>();
        for (int i = 1; i < rows.size(); i++) {
            FoundRow before = rows.get(i - 1);
            FoundRow now = rows.get(i);
            if (now.installation().equals(before.installation()) && now.finding() != null) {
                all.add(new ShopNumbers.Recheck(
                        now.carrier(),
                        Duration.between(before.signedAt(), now.signedAt()),
                        now.finding() == Finding.UNCHANGED,
                        Optional.ofNullable(now.movedHz())));
            }
        }
        return all;
    }
}
