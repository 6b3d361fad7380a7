package dorada.core.line;

import java.util.List;

/**
 * What a sweep says of the line in front of it.
 *
 * @param resolutionM two things closer than this are one
 * @param reachM beyond this, distances repeat
 * @param events nearest first
 * @param sentence what is there, or that it cannot be told
 * @param better how to sweep to see more; empty where nothing is wanting
 */
public record FaultReport(double resolutionM, double reachM, List<Event> events, String sentence, String better) {

    public FaultReport {
        events = List.copyOf(events);
    }

    /** What sends a part of the signal back. */
    public enum What {
        JOINT("connector or a slight kink"),
        DAMAGE("kink, crushed or wet place, or a bad joint"),
        OPEN("open: a break, or nothing connected"),
        SHORT("short circuit"),
        TOTAL("open or short circuit"),
        END("end of the line: the antenna");

        private final String words;

        What(String words) {
            this.words = words;
        }

        public String words() {
            return words;
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
}
