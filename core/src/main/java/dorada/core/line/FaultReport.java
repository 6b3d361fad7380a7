package dorada.core.line;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import java.util.List;
import java.util.Optional;

/**
 * What a sweep says of the line in front of it.
 *
 * @param resolutionM two things closer than this are one
 * @param reachM beyond this, distances repeat
 * @param events nearest first
 * @param says what is there, or that it cannot be told
 * @param better how to sweep to see more; empty where nothing is wanting
 */
public record FaultReport(
        double resolutionM, double reachM, List<Event> events, Outcome says, Optional<Outcome> better) {

    public FaultReport {
        events = List.copyOf(events);
    }

    /** What sends a part of the signal back. */
    public enum What implements OutcomeId {
        JOINT,
        DAMAGE,
        OPEN,
        SHORT,
        TOTAL,
        END;

        @Override
        public String area() {
            return "fault";
        }
    }

    /**
     * @param distanceM along the line from the instrument
     * @param doubtM within which it lies
     * @param returnLossDb of the thing itself, the line's loss given back
     * @param what it most likely is
     * @param sure true where nothing else fits
     */
    public record Event(double distanceM, double doubtM, double returnLossDb, What what, boolean sure) {}

    /** What is there, or how to sweep to see more. */
    public enum Finding implements OutcomeId {
        TOO_COARSE("resolvedMetresM", "lineMetresM"),
        REPEATS("reachMetresM"),
        NOTHING("blindMetresM", "endMetresM"),
        NOTHING_BEFORE_THE_END("blindMetresM", "endMetresM"),
        LOOK_AT("placeMetresM", "doubtMetresM", "what", "returnLossDb"),
        LOOK_AT_SEVERAL("placeMetresM", "doubtMetresM", "what", "returnLossDb", "moreCount"),
        BETTER("spanWholeHz", "resolvedMetresM", "pointsCount", "reachMetresM");

        private final List<String> takes;

        Finding(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "lineFinding";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
