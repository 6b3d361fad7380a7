package dorada.core.history;

import dorada.core.outcome.OutcomeId;

/** What a plan says, part by part: as each is called where somebody changed it. */
public enum PlanField implements OutcomeId {
    TITLE,
    CUSTOMER,
    CARRIER,
    CARRIED_BY,
    CARRIER_DETAIL,
    ANTENNA_KIND,
    ANTENNA_NAME,
    BASE_NAME,
    ANTENNA_DETAIL,
    ONE_WAY,
    SMALLEST_STEP_M,
    START_LENGTH_M,
    SHORTEST_LENGTH_M,
    LONGEST_LENGTH_M,
    RATED_POWER_W,
    SWR_CEILING,
    RULE_NAME,
    LIMIT_SWR,
    MEASURED_AT,
    CHANNELS,
    OTHER_RADIOS,
    FEEDLINE_NAME,
    ADAPTER_NAME,
    FEEDLINE_TYPE,
    FEEDLINE_LENGTH_M,
    RADIO_ID;

    @Override
    public String area() {
        return "planField";
    }
}
