package dorada.server.tuning;

import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.SpotReading;
import dorada.server.problem.UserProblem;
import jakarta.validation.constraints.NotNull;
import java.util.OptionalDouble;

/**
 * One reading as it is typed: an SWR, or forward and reflected watts with their full scales.
 *
 * @param resistanceOhm where a dial analyser shows it
 * @param reactanceSizeOhm without its sign, where a dial analyser shows it
 * @param errorShare of a wattmeter's full scale; the usual one where absent
 */
record SpotRequest(
        @NotNull double frequencyHz,
        Double swr,
        Double resistanceOhm,
        Double reactanceSizeOhm,
        Double forwardW,
        Double reflectedW,
        Double forwardFullScaleW,
        Double reflectedFullScaleW,
        Double errorShare) {

    /** @throws UserProblem at {@code field} */
    SpotReading reading(ReadingKind kind, String field) {
        try {
            if (kind == ReadingKind.WATTMETER) {
                return ofWatts(field);
            }
            if (swr == null) {
                throw UserProblem.atField(field, Refused.SWR_MISSING.of());
            }
            return kind == ReadingKind.DIAL_ANALYSER
                    ? SpotReading.ofDial(frequencyHz, swr, optional(resistanceOhm), optional(reactanceSizeOhm))
                    : SpotReading.ofSwr(kind, frequencyHz, swr);
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField(field, e);
        }
    }

    private SpotReading ofWatts(String field) {
        if (forwardW == null || reflectedW == null || forwardFullScaleW == null) {
            throw UserProblem.atField(field, Refused.WATTS_MISSING.of());
        }
        if (errorShare != null && !(errorShare >= 0 && errorShare <= 1)) {
            throw UserProblem.atField(field, Refused.SHARE_OF_FULL_SCALE.of());
        }
        return SpotReading.ofWatts(
                frequencyHz,
                new SpotReading.Watts(
                        forwardW,
                        reflectedW,
                        forwardFullScaleW,
                        reflectedFullScaleW == null ? forwardFullScaleW : reflectedFullScaleW),
                errorShare == null ? SpotReading.USUAL_ERROR_SHARE : errorShare);
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
