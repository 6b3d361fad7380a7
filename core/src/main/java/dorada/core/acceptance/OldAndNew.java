package dorada.core.acceptance;

import dorada.core.rf.Swr;
import dorada.core.sweep.Reading;
import java.util.List;
import java.util.Optional;

/**
 * The antenna that was there before and the one that stays, on each channel that the new one was judged on.
 *
 * @param channels in the order of the verdict
 */
public record OldAndNew(List<OnChannel> channels) {

    /** One channel; a reading is empty where it was not taken. */
    public record OnChannel(String name, double frequencyHz, Optional<Reading> before, Optional<Reading> now) {

        /**
         * By how many dB more comes through the match than before: the difference of mismatch losses, as in {@link MismatchCost} with
         * the sign turned. Empty where one was not read, or either sends everything back.
         */
        public Optional<Double> gainDb() {
            return before.flatMap(b -> now.map(n -> Swr.mismatchLossDb(b.swr()) - Swr.mismatchLossDb(n.swr())))
                    .filter(Double::isFinite);
        }
    }

    public static OldAndNew of(Verdict before, Verdict now) {
        return new OldAndNew(now.channels().stream()
                .map(c -> c.measured())
                .map(m -> new OnChannel(
                        m.channel().name(),
                        m.channel().frequencyHz(),
                        on(before, m.channel().frequencyHz()),
                        m.reading()))
                .toList());
    }

    private static Optional<Reading> on(Verdict verdict, double frequencyHz) {
        return verdict.channels().stream()
                .filter(c -> c.measured().channel().frequencyHz() == frequencyHz)
                .findFirst()
                .flatMap(c -> c.measured().reading());
    }
}
