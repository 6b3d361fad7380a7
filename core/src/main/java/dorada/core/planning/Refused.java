package dorada.core.planning;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What can't be planned. */
enum Refused implements OutcomeId {
    HEIGHT_BELOW_0,
    METAL_WITHOUT_SIZE,
    BESIDE_ITS_SURFACE,
    ROOM_BELOW_0,
    NEIGHBOUR_WITHOUT_SIZE,
    NEIGHBOUR_TOUCHES("leastM"),
    BAND_WITHOUT_ENDS,
    LIMIT_NOT_ABOVE_1,
    STOCK_BELOW_0,
    NO_RADIALS,
    NO_SUCH_WHIP,
    MESH_TOO_WIDE("openingM", "widestM"),
    NEARER_THAN_THE_GRID("neighbour", "leastSizeM"),
    NO_POWER,
    LOSS_BELOW_0("part"),
    SWR_BELOW_1;

    private final List<String> takes;

    Refused(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "refused.planning";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
