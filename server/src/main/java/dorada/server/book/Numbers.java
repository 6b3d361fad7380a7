package dorada.server.book;

import dorada.core.book.ShopNumbers;
import dorada.core.recheck.Finding;
import dorada.server.installation.FoundRow;
import dorada.server.installation.InstallationService;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
        return new Known(
                ShopNumbers.of(
                        book.jobs().stream().map(BookRepository.JobRow::job).toList(),
                        rechecks(installations.found()),
                        clock.instant(),
                        clock.getZone(),
                        weeks),
                book.unwritten());
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
