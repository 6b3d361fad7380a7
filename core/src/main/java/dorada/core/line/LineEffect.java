package dorada.core.line;

import dorada.core.sweep.Sweep;
import java.util.Locale;
import java.util.Optional;

/**
 * What a feedline does to one antenna at one frequency.
 *
 * @param frequencyHz in Hz
 * @param swrAtAntenna re 50 Ω
 * @param swrAtRadio re 50 Ω
 * @param matchedLossDb what the line takes of a matched antenna
 * @param totalLossDb with what mismatch adds
 * @param sentence what that means
 */
public record LineEffect(
        double frequencyHz,
        double swrAtAntenna,
        double swrAtRadio,
        double matchedLossDb,
        double totalLossDb,
        String sentence) {

    /** A line that makes so much of a difference, on an antenna that is not good itself, hides it. */
    private static final double HIDES_SHARE = 1.25;

    private static final double GOOD_SWR = 1.5;

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
                    boolean hides = atTheAntenna > GOOD_SWR && atTheAntenna > HIDES_SHARE * atTheRadio;
                    return new LineEffect(
                            frequencyHz,
                            atTheAntenna,
                            atTheRadio,
                            matched,
                            total,
                            String.format(
                                    Locale.ROOT,
                                    hides
                                            ? "SWR at the radio %.2f, at the antenna %.2f: the line hides it, and takes %.1f dB."
                                            : "SWR at the radio %.2f, at the antenna %.2f; the line takes %.1f dB.",
                                    atTheRadio,
                                    atTheAntenna,
                                    total));
                });
    }
}
