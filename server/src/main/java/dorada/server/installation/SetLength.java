package dorada.server.installation;

import dorada.core.tuning.Room;
import dorada.server.problem.UserProblem;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Optional;

/** How long the piece is before the first change, and how short and long it can be made; all in metres, each if known. */
@Embeddable
class SetLength {

    @Column(name = "start_length_m")
    private Double startM;

    @Column(name = "shortest_length_m")
    private Double shortestM;

    @Column(name = "longest_length_m")
    private Double longestM;

    protected SetLength() {}

    SetLength(Double startM, Double shortestM, Double longestM) {
        this.startM = startM;
        this.shortestM = shortestM;
        this.longestM = longestM;
    }

    /** @throws UserProblem where the ends are the wrong way round, or leave out where it starts */
    static SetLength of(InstallationRequest r) {
        if (r.shortestLengthM() != null && r.longestLengthM() != null && r.shortestLengthM() >= r.longestLengthM()) {
            throw UserProblem.atField("longestLengthM", Refused.LONGEST_BELOW_SHORTEST.of());
        }
        if (r.startLengthM() != null && r.shortestLengthM() != null && r.startLengthM() < r.shortestLengthM()) {
            throw UserProblem.atField("shortestLengthM", Refused.SHORTER_ALREADY.of());
        }
        if (r.startLengthM() != null && r.longestLengthM() != null && r.startLengthM() > r.longestLengthM()) {
            throw UserProblem.atField("longestLengthM", Refused.LONGER_ALREADY.of());
        }
        return new SetLength(r.startLengthM(), r.shortestLengthM(), r.longestLengthM());
    }

    /** The same range from another start. */
    SetLength from(double otherM) {
        return new SetLength(otherM, shortestM, longestM);
    }

    Optional<Double> startM() {
        return Optional.ofNullable(startM);
    }

    Optional<Double> shortestM() {
        return Optional.ofNullable(shortestM);
    }

    Optional<Double> longestM() {
        return Optional.ofNullable(longestM);
    }

    /** What is left of the range after {@code changedM} in all; any where the start, or that end, is not known. */
    Room roomAfter(double changedM) {
        if (startM == null) {
            return Room.ANY;
        }
        double now = startM + changedM;
        return new Room(
                shortestM == null ? Room.ANY.shortenM() : Math.max(0, now - shortestM),
                longestM == null ? Room.ANY.lengthenM() : Math.max(0, longestM - now));
    }
}
