package dorada.core.line;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.sweep.Sweep;
import java.util.List;
import java.util.Optional;

/**
 * What a feedline does to one antenna at one frequency.
 *
 * @param frequencyHz in Hz
 * @param swrAtAntenna re 50 Ω
 * @param swrAtRadio re 50 Ω
 * @param matchedLossDb what the line takes of a matched antenna
 * @param totalLossDb with what mismatch adds
 * @param says what that means
 */
public record LineEffect(
        double frequencyHz,
        double swrAtAntenna,
        double swrAtRadio,
        double matchedLossDb,
        double totalLossDb,
        Outcome says) {

    /** A line that makes so much of a difference, on an antenna that is not good itself, hides it. */
    private static final double HIDES_SHARE = 1.25;

    private static final double GOOD_SWR = 1.5;

    /** Whether a line makes an antenna that is not good look as if it were. */
    public static boolean hides(double swrAtAntenna, double swrAtRadio) {
        return swrAtAntenna > GOOD_SWR && swrAtAntenna > HIDES_SHARE * swrAtRadio;
    }

    /** Empty where the sweep does not reach {@code frequencyHz}. */
    public static Optional<LineEffect> at(Sweep atAntenna, Line line, double frequencyHz) {
        return atAntenna
                .renormalised(Sweep.STANDARD_REFERENCE_OHM)
                .at(frequencyHz)
                .map(r -> {
                    double atTheAntenna = r.swr();
                    double atTheRadio = line.towardRadio(r, Sweep.STANDARD_REFERENCE_OHM, frequencyHz)
                            .swr();
                    double matched = line.matchedLossDb(frequencyHz);
                    double own = r.renormalised(Sweep.STANDARD_REFERENCE_OHM, line.impedanceOhm())
                            .magnitude();
                    double total = ThroughLine.totalLossDb(Math.min(own, 0.9999), matched);
                    return new LineEffect(
                            frequencyHz,
                            atTheAntenna,
                            atTheRadio,
                            matched,
                            total,
                            (hides(atTheAntenna, atTheRadio) ? Says.HIDES : Says.TAKES)
                                    .of(atTheRadio, atTheAntenna, total));
                });
    }

    /** What that means. */
    private enum Says implements OutcomeId {
        HIDES("radioSwr", "antennaSwr", "lossFineDb"),
        TAKES("radioSwr", "antennaSwr", "lossFineDb");

        private final List<String> takes;

        Says(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "lineEffect";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
