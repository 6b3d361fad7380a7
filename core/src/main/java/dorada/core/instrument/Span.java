package dorada.core.instrument;

/**
 * A range of frequencies.
 *
 * @param startHz lower end in Hz, above 0
 * @param stopHz upper end in Hz, above {@code startHz}
 */
public record Span(double startHz, double stopHz) {

    public Span {
        if (!(startHz > 0) || !(stopHz > startHz) || Double.isInfinite(stopHz)) {
            throw new IllegalArgumentException("A span needs a start above 0 Hz and a stop above the start.");
        }
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
