package dorada.core.radio;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What the readings of a bench check say, one by one. */
public enum BenchFinding implements OutcomeId {
    NEEDLE_AT_END(Weight.READ_AGAIN, "fullScaleFineW"),
    OTHER_PLUG(Weight.READ_AGAIN, "lowWholeHz", "highWholeHz", "channelHz"),
    LOAD_REFLECTS(Weight.READ_AGAIN, "loadSwr"),
    LOAD_TAKES_ALL(Weight.REMARK),
    POWER_UNSURE(Weight.READ_AGAIN, "readFineW", "lowFineW", "highFineW", "leastFineW"),
    POWER_LOW(Weight.UNFIT, "readFineW", "highFineW", "ratedFineW", "leastFineW"),
    POWER_AS_RATED(Weight.GOOD, "readFineW", "lowFineW", "highFineW", "ratedFineW"),
    POWER_ABOVE_RATED(Weight.GOOD, "readFineW", "lowFineW", "highFineW", "ratedFineW"),
    LOW_ON_SCALE(Weight.REMARK, "readFineW", "fullScaleFineW", "doubtFineW"),
    FREQUENCY_OFF(Weight.UNFIT, "offShiftTinyHz", "offShiftPpm", "mostTinyHz"),
    FREQUENCY_UNSURE(Weight.READ_AGAIN, "offShiftTinyHz", "offShiftPpm", "mostTinyHz", "counterPpm"),
    FREQUENCY_RIGHT(Weight.GOOD, "offShiftTinyHz", "offShiftPpm", "mostTinyHz"),
    FREQUENCY_NOT_JUDGED(Weight.OPEN, "offShiftTinyHz", "offShiftPpm"),
    SPURIOUS_HIGH(Weight.UNFIT, "levelDbc", "partsCount", "mostDbc"),
    SPURIOUS_UNSURE(Weight.READ_AGAIN, "levelDbc", "partsCount", "mostDbc"),
    SPURIOUS_LOW(Weight.GOOD, "levelDbc", "partsCount", "mostDbc"),
    NO_POWER_READ(Weight.OPEN),
    NO_FREQUENCY_READ(Weight.OPEN),
    NO_SPURIOUS_READ(Weight.REMARK);

    /** What it does to the verdict. */
    enum Weight {
        GOOD,
        /** Said, and decides nothing. */
        REMARK,
        /** Without it the radio is not known to be good. */
        OPEN,
        /** What was read can't decide: read it better. */
        READ_AGAIN,
        UNFIT
    }

    private final Weight weight;
    private final List<String> takes;

    BenchFinding(Weight weight, String... takes) {
        this.weight = weight;
        this.takes = List.of(takes);
    }

    Weight weight() {
        return weight;
    }

    @Override
    public String area() {
        return "radioBench";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
