package dorada.core.radio;

import dorada.core.outcome.Refusal;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What was read with the radio sending an unmodulated carrier into a dummy load. What nobody read is empty.
 *
 * @param channelHz that is dialled, above 0
 * @param ratedW of the radio, above 0
 */
public record BenchReadings(
        double channelHz,
        double ratedW,
        Optional<Power> power,
        Optional<Counter> counter,
        Optional<Spurious> spurious) {

    /** @throws Refusal for what can't be */
    public BenchReadings {
        if (!(channelHz > 0) || Double.isInfinite(channelHz) || !(ratedW > 0) || Double.isInfinite(ratedW)) {
            throw new Refusal(Refused.NO_SUCH_RADIO);
        }
    }

    /**
     * @param forwardW as read, 0 or more
     * @param plug that it was read with
     * @param reflectedW from the dummy load, where it was read too, and {@code reflectedPlug} with which
     */
    public record Power(double forwardW, Plug plug, OptionalDouble reflectedW, Plug reflectedPlug) {

        /** @throws Refusal for what can't be */
        public Power {
            if (!(forwardW >= 0) || Double.isInfinite(forwardW) || reflectedW.orElse(0) < 0) {
                throw new Refusal(Refused.WATTS_BELOW_0);
            }
        }
    }

    /**
     * @param carrierHz as the counter shows it
     * @param doubtPpm by which the counter's own reference may be off, in millionths
     */
    public record Counter(double carrierHz, double doubtPpm) {

        /** @throws Refusal for what can't be */
        public Counter {
            if (!(carrierHz > 0) || Double.isInfinite(carrierHz) || !(doubtPpm >= 0) || doubtPpm > 1000) {
                throw new Refusal(Refused.NOT_A_COUNTER_READING);
            }
        }
    }

    /**
     * The strongest emission beside the carrier.
     *
     * @param levelDbc against the carrier, below 0
     * @param atHz where it is, if somebody looked
     */
    public record Spurious(double levelDbc, OptionalDouble atHz) {

        /** @throws Refusal for what can't be */
        public Spurious {
            if (!(levelDbc < 0) || levelDbc < -200 || !(atHz.orElse(1) > 0)) {
                throw new Refusal(Refused.SPURIOUS_ABOVE_CARRIER);
            }
        }

        /** Its power as a share of the carrier's: −60 dBc is one millionth. */
        public double share() {
            return Math.pow(10, levelDbc / 10);
        }
    }
}
