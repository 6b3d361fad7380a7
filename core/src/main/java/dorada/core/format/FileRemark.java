package dorada.core.format;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What was odd in a file but certain in meaning, or is missing. */
enum FileRemark implements OutcomeId {
    MAGNITUDES_ONLY,
    THINNED("pointsCount", "keptCount"),
    DECIMAL_COMMAS,
    MORE_THAN_ALL("pointsCount", "allCount"),
    SECOND_OPTION_LINE("row"),
    NOISE_SKIPPED("linesCount"),
    NO_END,
    AFTER_THE_END("linesCount"),
    ZERO_HZ,
    VERY_HIGH("endGiga");

    private final List<String> takes;

    FileRemark(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "file";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
