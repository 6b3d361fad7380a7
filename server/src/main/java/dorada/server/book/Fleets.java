package dorada.server.book;

import dorada.core.acceptance.Progress;
import dorada.core.book.Finished;
import dorada.core.book.Likes;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.problem.UserProblem;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One plan, fitted many times: where each of them stands, and what those that are done are worth to the others. */
@Service
@Transactional(readOnly = true)
class Fleets {

    private final BookRepository book;
    private final InstallationService installations;

    Fleets(BookRepository book, InstallationService installations) {
        this.book = book;
        this.installations = installations;
    }

    /**
     * @param members in the order of their numbers, the one that was asked for among them
     * @param done what those that are signed off came to
     */
    record Fleet(List<BookEntry> members, Likes<UUID> done, boolean isOneWay) {

        /** Planned and never read: a length can still be written into its plan. */
        List<BookEntry> untouched() {
            return members.stream()
                    .filter(m -> m.state() == Progress.PLANNED && m.readings() == 0)
                    .toList();
        }
    }

    /** Of installation {@code id}; it alone where no other is of its customer, kind, carrier and channels. */
    Fleet of(UUID id) {
        Installation one = installations.byId(id);
        List<BookEntry> near = book.besides(id);
        List<BookEntry> members = near.stream()
                .filter(m ->
                        near.stream().filter(n -> n.installationId().equals(id)).anyMatch(m::hasChannelsOf))
                .toList();
        List<Finished<UUID>> done = members.stream()
                .filter(m -> m.signedAt().isPresent())
                .map(m -> new Finished<>(
                        m.installationId(),
                        m.traits(),
                        m.finalLengthM().map(OptionalDouble::of).orElse(OptionalDouble.empty()),
                        m.lesson(),
                        m.changes(),
                        m.isMet(),
                        m.signedAt().orElseThrow()))
                .toList();
        return new Fleet(members, Likes.of(one.traits(), done), one.isOneWay());
    }

    /** Writes what those that are done lead to into the plans of those that nobody has read yet. */
    @Transactional
    Fleet begin(UUID id) {
        Fleet fleet = of(id);
        double lengthM = fleet.done()
                .startLengthM(fleet.isOneWay())
                .orElseThrow(() -> UserProblem.conflict(Refused.NOTHING_DONE_YET.of()));
        fleet.untouched().forEach(m -> installations.startsAt(installations.byId(m.installationId()), lengthM));
        return fleet;
    }
}
