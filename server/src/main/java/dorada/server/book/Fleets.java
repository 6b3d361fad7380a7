package dorada.server.book;

import dorada.core.book.Finished;
import dorada.core.book.Likes;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.problem.UserProblem;
import dorada.server.tuning.Newest;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One plan, fitted many times: where each of them stands, and what those that are done are worth to the others. */
@Service
@Transactional(readOnly = true)
class Fleets {

    private final BookRepository book;
    private final InstallationService installations;
    private final Newest newest;

    Fleets(BookRepository book, InstallationService installations, Newest newest) {
        this.book = book;
        this.installations = installations;
        this.newest = newest;
    }

    /**
     * @param members in the order of their numbers, the one that was asked for among them
     * @param done what those that are signed off came to
     * @param untouched those that nobody has read, and of which no length is known: one can be written into their plans
     */
    record Fleet(List<BookEntry> members, Likes<UUID> done, List<Installation> untouched, boolean isOneWay) {}

    /** Of installation {@code id}; it alone where no other is of its customer, kind, carrier and channels. */
    Fleet of(UUID id) {
        Installation one = installations.byId(id);
        List<BookEntry> near = book.besides(id);
        List<BookEntry> members = near.stream()
                .filter(m ->
                        near.stream().filter(n -> n.installationId().equals(id)).anyMatch(m::hasChannelsOf))
                .toList();
        List<UUID> ids = members.stream().map(BookEntry::installationId).toList();
        List<Finished<UUID>> done =
                book.finished(ids).stream().map(BookRepository.Row::finished).toList();
        return new Fleet(members, Likes.of(one.traits(), done), untouched(ids), one.isOneWay());
    }

    /** By what is recorded, not by the book's row, which comes a moment later: a length that stands there already may be cut. */
    private List<Installation> untouched(List<UUID> ids) {
        return installations.byIds(ids).stream()
                .filter(i -> !i.isSignedOff()
                        && i.startLengthM().isEmpty()
                        && newest.worked(i.id()).stream().allMatch(Newest.Worked::isOldAntenna))
                .toList();
    }

    /** Writes what those that are done lead to into the plans of those that are untouched. */
    @Transactional
    Fleet begin(UUID id) {
        Fleet fleet = of(id);
        double lengthM = fleet.done()
                .startLengthM(fleet.isOneWay())
                .orElseThrow(() -> UserProblem.conflict(Refused.NOTHING_DONE_YET.of()));
        fleet.untouched().forEach(i -> installations.startsAt(i, lengthM));
        return fleet;
    }
}
