package dorada.core.instrument;

import dorada.core.sweep.Dip;
import dorada.core.sweep.SweepAnalysis;
import java.util.Optional;

/**
 * The search for an antenna's dip with an analyser of a fixed number of points: wide first, wider while there is none inside,
 * then narrow about it. Common practice, no source.
 *
 * @param span what to sweep next
 * @param found true where the dip is inside, and the span is drawn about it
 */
public record DipSearch(Span span, boolean found) {

    private static final double WIDER = 2;
    private static final double NARROW_SHARE = 0.06;

    /** The first look. */
    public static DipSearch begin(Span span, Span limits) {
        return new DipSearch(span.widened(WIDER, limits), false);
    }

    /** The next look after {@code swept}; {@code limits} is what the instrument covers. */
    public static DipSearch after(SweepAnalysis swept, Span limits) {
        Optional<Dip> dip = swept.deepestDip().filter(d -> !d.atEdge());
        if (dip.isEmpty()) {
            return begin(new Span(swept.sweep().startHz(), swept.sweep().stopHz()), limits);
        }
        double hz = dip.get().frequencyHz();
        return new DipSearch(
                new Span(
                        Math.max(limits.startHz(), hz * (1 - NARROW_SHARE)),
                        Math.min(limits.stopHz(), hz * (1 + NARROW_SHARE))),
                true);
    }
}
