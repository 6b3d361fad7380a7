package dorada.core.instrument;

import java.util.Locale;

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
            throw new IllegalArgumentException("A sweep has 2 points or more, not " + mostPoints + ".");
        }
    }

    /** @throws IllegalArgumentException where a sweep goes beyond them, as a sentence */
    public void require(Span wanted, int points) {
        if (!span.contains(wanted)) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT,
                    "This analyser covers %s to %s MHz, not %s to %s MHz.",
                    mhz(span.startHz()),
                    mhz(span.stopHz()),
                    mhz(wanted.startHz()),
                    mhz(wanted.stopHz())));
        }
        if (points < 2 || points > mostPoints) {
            throw new IllegalArgumentException(
                    "This analyser takes 2 to " + mostPoints + " points, not " + points + ".");
        }
    }

    private static String mhz(double hz) {
        String text = String.format(Locale.ROOT, "%.3f", hz / 1e6);
        return text.replaceAll("\\.?0+$", "");
    }
}
