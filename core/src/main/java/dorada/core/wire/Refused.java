package dorada.core.wire;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What is refused here. */
public enum Refused implements OutcomeId {
    WIRE("wire", "why"),
    CROSSES("wire"),
    LIES_ALONG("wire"),
    PORT_ON_AN_OPEN_END("positionFactor"),
    NO_SUCH_WIRE("wire", "last"),
    TOO_LARGE("unknownsCount", "topWholeHz", "mostCount"),
    RADIUS_NOT_ABOVE_0,
    PORT_NEAR_THE_END("positionFactor"),
    FREQUENCY_NOT_ABOVE_0,
    POSITION,
    CONDUCTIVITY_AND_RELATIVE_PERMEABILITY_MUST_BE,
    A_LINE_MUST_RUN_BETWEEN_TWO,
    A_LINE_BETWEEN_TWO_PORTS_NEEDS,
    ITS_SEGMENTS_WOULD_BE_LONGER_THAN,
    IT_BEGINS_AND_ENDS_AT_THE,
    IT_COMES_NEARER_TO_THE_GROUND,
    IT_REACHES_BELOW_THE_GROUND_PLANE,
    IT_LIES_IN_THE_GROUND_PLANE,
    A_LAYER_BEGINS_INSIDE_THE_WIRE,
    IT_IS_TOO_THICK_FOR_THIS,
    IT_IS_SHORTER_THAN_IT_IS,
    NO_CURRENT_CAN_FLOW_ON_IT,
    THERE_ARE_NO_WIRES,
    A_POINT_NEEDS_THREE_FINITE_NUMBERS,
    A_LAYER_NEEDS_AN_OUTER_RADIUS,
    NOTHING_IS_FED;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.wire";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
