package dorada.core.ready;

import dorada.core.outcome.OutcomeId;

/** What the readings are taken with. */
public enum Method implements OutcomeId {
    ANALYSER,
    INLINE_METER,
    WATTMETER,
    RADIO_METER;

    /** Whether the radio transmits for a reading. */
    public boolean isTransmitting() {
        return this != ANALYSER;
    }

    @Override
    public String area() {
        return "method";
    }
}
