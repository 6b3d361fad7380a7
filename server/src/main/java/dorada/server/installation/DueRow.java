package dorada.server.installation;

import dorada.core.antenna.Carrier;
import dorada.core.recheck.Finding;
import dorada.core.recheck.RecheckInterval;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;

/**
 * A signed-off installation with what may be due on it.
 *
 * @param signedAt how it was signed off last; limitW, due and mendedBy as {@link SignOff.Terms} has them
 * @param finding of the recheck that ended so; null for none
 */
public record DueRow(
        UUID id,
        long number,
        String title,
        String customer,
        Carrier carrier,
        String signedBy,
        Instant signedAt,
        Finding finding,
        Double limitW,
        LocalDate due,
        String reason,
        String mendedBy) {

    public String shopNumber() {
        return Installation.shopNumber(number);
    }

    /** The day on which it is looked at again. */
    public LocalDate recheckBy(ZoneId shop) {
        return recheckBy(carrier, finding, signedAt, shop);
    }

    static LocalDate recheckBy(Carrier carrier, Finding finding, Instant signedAt, ZoneId shop) {
        int months = finding == null ? RecheckInterval.months(carrier) : RecheckInterval.monthsAfter(carrier, finding);
        return LocalDate.ofInstant(signedAt, shop).plusMonths(months);
    }
}
