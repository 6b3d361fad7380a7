package dorada.core.acceptance;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** A rule, and what besides the SWR can be against it. */
enum RuleId implements OutcomeId {
    UNDER_LIMIT("limitSwr"),
    EVEN_ENDS("evenSwr", "limitSwr"),
    BEST_ON_MAIN("mainSwr", "limitSwr"),
    RESONANCE_FIRST("reactanceOhm", "limitSwr"),
    RELAXED("limitSwr"),
    UNEVEN("differenceSwr"),
    NO_PHASE,
    NOT_RESONANT("reactanceShiftOhm");

    private final List<String> takes;

    RuleId(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "rule";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
