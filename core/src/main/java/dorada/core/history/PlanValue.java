package dorada.core.history;

import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What a part of a plan can hold that has no words of its own. */
public enum PlanValue implements OutcomeId {
    TEXT("text"),
    LENGTH("lengthFineM"),
    LINE_LENGTH("lineSizeM"),
    POWER("powerFineW"),
    SWR("limitSwr"),
    CUTTING,
    SLIDING,
    CHANNEL("text", "channelTidyHz"),
    /** With what it is for, and what it weighs. */
    CHANNEL_IN_FULL("text", "channelTidyHz", "use", "weightTimes"),
    MAIN_CHANNEL_IN_FULL("text", "channelTidyHz", "use", "weightTimes"),
    RADIO("text", "powerFineW", "limitSwr"),
    /** Of the shop, and gone since. */
    A_RADIO,
    BOTH,
    TRANSMIT,
    RECEIVE;

    private final List<String> takes;

    PlanValue(String... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public String area() {
        return "planValue";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
