package dorada.server.instrument;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** Why an instrument is not kept, or not swept with. */
enum Refused implements OutcomeId {
    NO_SUCH_DRIVER("typed"),
    DRIVER_GONE,
    SPAN,
    ALL_THREE_LIMITS,
    COVERS_NOTHING,
    TWO_POINTS,
    NAME_TAKEN("typed"),
    COMMANDS_TOO_LONG,
    WHICH,
    INVENTED,
    POINTS("mostCount"),
    AVERAGES("mostCount"),
    TOO_MANY_SWEEP,
    STOP_FIRST,
    BENCH_RADIOS,
    NEEDLE_PEGS,
    NOTHING_LEFT,
    NO_SUCH_PRACTICE,
    WHICH_SERIAL_PORT,
    BAUD("lowCount", "highCount"),
    WHERE,
    ITSELF,
    PORT;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.instruments";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
