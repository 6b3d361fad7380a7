package dorada.core.instrument;

import dorada.core.outcome.Refusal;

/**
 * What an analyser can sweep.
 *
 * @param span from the lowest to the highest frequency
 * @param mostPoints in one sweep, 2 or more
 */
public record AnalyserLimits(Span span, int mostPoints) {

    /** No sweep that is taken here has more, whatever its analyser could do: ten times what any screen shows. */
    public static final int MOST_POINTS = 20_001;

    /** Of one whose limits nobody stated: all that Dorada works in; the instrument itself refuses the rest. */
    public static final AnalyserLimits NOT_STATED = new AnalyserLimits(new Span(1e6, 1e9), MOST_POINTS);

    public AnalyserLimits {
        if (mostPoints < 2) {
            throw new Refusal(Refused.TWO_POINTS);
        }
    }

    /** @throws Refusal where a sweep goes beyond them */
    public void require(Span wanted, int points) {
        if (!span.contains(wanted)) {
            throw new Refusal(Refused.NOT_COVERED.of(span.startHz(), span.stopHz(), wanted.startHz(), wanted.stopHz()));
        }
        if (points < 2 || points > mostPoints) {
            throw new Refusal(Refused.TOO_MANY_POINTS.of(mostPoints, points));
        }
    }
}
