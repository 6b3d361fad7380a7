package dorada.server.installation;

import dorada.core.antenna.Carrier;
import dorada.core.recheck.Finding;
import java.time.LocalDate;
import java.util.UUID;

/**
 * A signed-off installation with what is due on it.
 *
 * @param finding of the recheck that ended so; null for none
 * @param limitW likewise reason and mendedBy: as {@link SignOff.Terms} has them
 * @param mendOn by when what limits it is mended; null for no date
 * @param recheckOn the day on which it is looked at again
 */
public record DueRow(
        UUID id,
        long number,
        String title,
        String customer,
        Carrier carrier,
        String signedBy,
        Finding finding,
        Double limitW,
        String reason,
        String mendedBy,
        LocalDate mendOn,
        LocalDate recheckOn) {

    public String shopNumber() {
        return Installation.shopNumber(number);
    }
}
