package dorada.server.radio;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/** @param newest check that was not taken back; absent where there is none */
public record RadioView(
        @NotNull UUID id,
        @NotNull long version,
        @NotNull String name,
        @NotNull double ratedPowerW,
        @NotNull double swrCeiling,
        @NotNull String note,
        RadioCheckView newest) {

    static RadioView of(Radio r, RadioCheckView newest) {
        return new RadioView(r.id(), r.version(), r.name(), r.ratedPowerW(), r.swrCeiling(), r.note(), newest);
    }
}
