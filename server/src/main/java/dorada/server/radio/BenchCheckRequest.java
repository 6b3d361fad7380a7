package dorada.server.radio;

import dorada.core.outcome.Refusal;
import dorada.core.radio.BenchReadings;
import dorada.core.radio.BenchReadings.Counter;
import dorada.core.radio.BenchReadings.Power;
import dorada.core.radio.BenchReadings.Spurious;
import dorada.core.radio.BenchVerdict;
import dorada.core.radio.FrequencyTolerance;
import dorada.core.radio.Plug;
import dorada.server.problem.UserProblem;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What was read with the radio into a dummy load; what nobody read is absent.
 *
 * @param fullScaleW of the plug for forward power, which is made for {@code plugLowHz} to {@code plugHighHz}
 * @param reflectedFullScaleW as {@code fullScaleW} where absent
 * @param counterPpm by which the counter's own reference may be off; 0.5 where absent
 * @param tolerance in {@code toleranceUnit}, of the service
 */
@Embeddable
public record BenchCheckRequest(
        @NotNull @Column(name = "channel_hz") double channelHz,
        @NotNull @Column(name = "rated_power_w") double ratedPowerW,

        @Column(name = "forward_w") Double forwardW,

        @Column(name = "full_scale_w") Double fullScaleW,
        @Column(name = "plug_low_hz") Double plugLowHz,
        @Column(name = "plug_high_hz") Double plugHighHz,

        @Column(name = "reflected_w") Double reflectedW,

        @Column(name = "reflected_full_scale_w") Double reflectedFullScaleW,
        @Column(name = "carrier_hz") Double carrierHz,
        @Column(name = "counter_ppm") Double counterPpm,
        Double tolerance,

        @Enumerated(EnumType.STRING) FrequencyTolerance.Unit toleranceUnit,

        @Size(max = 300, message = "{wrong.LETTERS}") String toleranceSource,

        @Column(name = "spurious_dbc") Double spuriousDbc,
        @Column(name = "spurious_hz") Double spuriousHz,

        @NotNull @Size(max = 600, message = "{wrong.LETTERS}")
        String note) {

    private static final double USUAL_COUNTER_PPM = 0.5;
    private static final double LOWEST_HZ = 1e5;
    private static final double HIGHEST_HZ = 1e11;

    BenchReadings readings() {
        return at(
                "channelHz",
                () -> new BenchReadings(
                        channelHz,
                        ratedPowerW,
                        Optional.ofNullable(forwardW).map(this::power),
                        Optional.ofNullable(carrierHz)
                                .map(hz -> at(
                                        "carrierHz",
                                        () -> new Counter(hz, counterPpm == null ? USUAL_COUNTER_PPM : counterPpm))),
                        Optional.ofNullable(spuriousDbc)
                                .map(dbc -> at("spuriousDbc", () -> new Spurious(dbc, optional(spuriousHz))))));
    }

    BenchVerdict verdict() {
        return BenchVerdict.of(
                readings(),
                Optional.ofNullable(tolerance)
                        .map(t -> at(
                                "tolerance",
                                () -> new FrequencyTolerance(
                                        t,
                                        toleranceUnit == null ? FrequencyTolerance.Unit.PPM : toleranceUnit,
                                        toleranceSource == null ? "" : toleranceSource))));
    }

    private Power power(double watts) {
        return at("forwardW", () -> {
            if (fullScaleW == null) {
                throw new Refusal(dorada.core.radio.Refused.NO_SUCH_PLUG);
            }
            double low = plugLowHz == null ? LOWEST_HZ : plugLowHz;
            double high = plugHighHz == null ? HIGHEST_HZ : plugHighHz;
            Plug plug = new Plug(fullScaleW, low, high);
            Plug turned = new Plug(reflectedFullScaleW == null ? fullScaleW : reflectedFullScaleW, low, high);
            return new Power(watts, plug, optional(reflectedW), turned);
        });
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    private static <T> T at(String field, java.util.function.Supplier<T> made) {
        try {
            return made.get();
        } catch (Refusal e) {
            throw UserProblem.atField(field, e);
        }
    }
}
