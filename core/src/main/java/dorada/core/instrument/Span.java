package dorada.core.instrument;

import dorada.core.outcome.Refusal;

/**
 * A range of frequencies.
 *
 * @param startHz lower end in Hz, above 0
 * @param stopHz upper end in Hz, above {@code startHz}
 */
public record Span(double startHz, double stopHz) {

    /** Share of frequency by which a first sweep reaches beyond the band on either side; common practice, no source. */
    private static final double BEYOND_THE_BAND = 0.09;

    private static final double TIDY_HZ = 1e5;

    public Span {
        if (!(startHz > 0) || !(stopHz > startHz) || Double.isInfinite(stopHz)) {
            throw new Refusal(Refused.A_SPAN_NEEDS_A_START_ABOVE);
        }
    }

    /** Somewhat wider than a band in Hz, to find the dip first; in whole tenths of a megahertz. */
    public static Span aroundBand(double lowHz, double highHz) {
        return new Span(tidy(lowHz * (1 - BEYOND_THE_BAND)), tidy(highHz * (1 + BEYOND_THE_BAND)));
    }

    private static double tidy(double hz) {
        return Math.rint(hz / TIDY_HZ) * TIDY_HZ;
    }

    public double widthHz() {
        return stopHz - startHz;
    }

    /** Frequencies in Hz, evenly spaced, both ends included. */
    public double[] points(int count) {
        double[] hz = new double[count];
        for (int i = 0; i < count; i++) {
            hz[i] = i == count - 1 ? stopHz : startHz + widthHz() * i / (count - 1);
        }
        return hz;
    }

    public boolean contains(Span other) {
        return startHz <= other.startHz && stopHz >= other.stopHz;
    }

    /** The span {@code factor} times as wide about the same centre, kept inside {@code limits}. */
    public Span widened(double factor, Span limits) {
        double centre = (startHz + stopHz) / 2;
        double half = widthHz() / 2 * factor;
        return new Span(Math.max(limits.startHz, centre - half), Math.min(limits.stopHz, centre + half));
    }
}
