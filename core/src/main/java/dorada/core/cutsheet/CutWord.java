package dorada.core.cutsheet;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What sheets of several kinds say. */
public enum CutWord implements OutcomeId {
    MARKED_ANGLE("mark", "angleDeg"),
    RATIO("ratioCount"),
    RULE_234,
    ROD("metal", "thickFineM"),
    TUBE("metal", "thickFineM"),
    INSULATED_WIRE("thickFineM"),
    BARE_WIRE("thickFineM"),
    METAL,
    STAINLESS,
    COPPER,
    BRASS,
    ALUMINIUM,
    COUNTERPOISE,
    DOWN_TO_WHERE_THE_SCREW_STILL,
    RADIAL,
    FROM_THE_SIDE,
    FOR_STRIPPED_ENDS,
    SHRINK_TUBE,
    THICKER_THAN_A_FIFTIETH_OF_A,
    INSULATION,
    ZERO_IS_BARE,
    INSULATED_WIRE_RULE,
    WIRE,
    WIRE_THICKNESS,
    FOR_THE_JOINT,
    CHOKE_ON_THE_LINE,
    WHIP_THICKNESS,
    WHIP_INSIDE_THE_BASE,
    COIL,
    WHIP,
    IN_THE_BASE,
    CAP_FOR_THE_TIP,
    IN_ITS_FINAL_PLACE,
    THE_WHIP_AT_ITS_LOWER_END,
    FROM_THE_FRONT,
    FROM_ABOVE,
    FEED_ENLARGED,
    FOUR,
    THREE,
    TWO,
    MADE_OF,
    TELESCOPIC_WHIP,
    INSULATING_CENTRE_PIECE,
    MOUNT_WITH_A_CONNECTOR_AND_ITS,
    SHEET_TO_TIP,
    HALF_WAVE_RULE,
    TAP_ENLARGED,
    CENTRE,
    SHIELD,
    THE_FORMULA_DECIDES;

    private final List<String> takes;

    CutWord(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "cut";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
