package dorada.server.installation;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;

/**
 * What a signed-off installation is due for, kept with it so that a list of what is due reads an index. Another
 * {@link dorada.core.recheck.RecheckInterval} needs a migration that settles them anew.
 */
@Embeddable
class DueDays {

    /** Null while a visit is open. */
    @Column(name = "recheck_on")
    private LocalDate recheckOn;

    /** Used with a limit, or for a time only, until something is mended. */
    @Column(name = "limited")
    private boolean limited;

    /** Null for a limit without a date. */
    @Column(name = "mend_on")
    private LocalDate mendOn;

    protected DueDays() {}

    static DueDays of(Optional<SignOff> standing) {
        DueDays d = new DueDays();
        standing.ifPresent(s -> {
            d.recheckOn = s.recheckBy(ZoneId.systemDefault());
            d.limited = s.terms().limitW() != null || s.terms().due() != null;
            d.mendOn = s.terms().due();
        });
        return d;
    }
}
