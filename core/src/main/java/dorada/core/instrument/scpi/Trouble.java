package dorada.core.instrument.scpi;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What goes wrong with an instrument. */
enum Trouble implements OutcomeId {
    NO_RAW_COMMAND,
    NOT_FINISHED("secondsCount"),
    NO_STATUS("answer"),
    REFUSES("answer"),
    OTHER_NUMBERS("sentCount", "expectedCount"),
    NO_READING("answer"),
    SILENT("why");

    private final List<String> takes;

    Trouble(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "instrument";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
