package dorada.server.planning;

import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * What a station plan comes to.
 *
 * @param says which way puts most on the air
 * @param ways as they were asked for
 * @param connectorLossDb of each connector where nothing else was asked for
 * @param powerLineM distance to keep from overhead power lines; absent where nothing stands up
 * @param cautions what can hurt someone here
 */
record StationAnswer(
        @NotNull OutcomeView says,
        @NotNull List<WayAnswer> ways,
        Double powerLineM,
        @NotNull double connectorLossDb,
        @NotNull List<OutcomeView> cautions) {

    /**
     * @param sentW forward watts of the radio
     * @param receiveDb from the air to the radio, antenna's gain included
     * @param warnings such as a line that gets too warm
     * @param worth what each change against the first way brings; empty for the first
     */
    record WayAnswer(
            @NotNull String name,
            @NotNull List<StageView> stages,
            @NotNull boolean foldedBack,
            @NotNull double sentW,
            @NotNull double atAntennaW,
            @NotNull double eirpW,
            @NotNull double erpW,
            @NotNull double receiveDb,
            @NotNull double swrAtRadio,
            @NotNull double swrAtRadioLow,
            @NotNull double swrAtRadioHigh,
            @NotNull double matchedLossDb,
            @NotNull double mismatchLossDb,
            @NotNull List<OutcomeView> warnings,
            @NotNull List<StepView> worth,
            @NotNull DistanceView publicDistance,
            @NotNull DistanceView occupationalDistance,
            @NotNull List<LinkView> links) {}

    /** A place on the way; its losses are those of what comes next. */
    record StageView(
            @NotNull OutcomeView name,
            @NotNull double netW,
            @NotNull double forwardW,
            @NotNull double reflectedW,
            @NotNull double swr,
            @NotNull double matchedLossDb,
            @NotNull double mismatchLossDb) {}

    record StepView(
            @NotNull OutcomeView what,
            @NotNull double erpW,
            @NotNull double gainDb,
            @NotNull double receiveGainDb) {}

    /** @param reason why there is no distance; absent where there is one */
    record DistanceView(
            Double distanceM, OutcomeView reason, @NotNull double limitMwPerCm2) {}

    record LinkView(
            @NotNull String name,
            @NotNull double horizonM,
            @NotNull boolean inSight,
            @NotNull double receivedDbm,
            @NotNull double marginDb) {}
}
