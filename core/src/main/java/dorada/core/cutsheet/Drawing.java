package dorada.core.cutsheet;

import dorada.core.outcome.Outcome;
import java.util.List;
import java.util.Optional;

/**
 * A drawing to scale, in metres: x to the right, y up. Whoever shows it chooses the scale of each view.
 *
 * @param views from the side, from above, enlarged
 */
public record Drawing(List<View> views) {

    public Drawing {
        views = List.copyOf(views);
    }

    /** What a line stands for. */
    public enum Style {
        METAL,
        COAX,
        GROUND,
        BOOM,
        ENCLOSURE,
        INSULATOR
    }

    /**
     * @param title what is seen
     * @param lowX of what is shown, in metres
     * @param highX
     * @param lowY
     * @param highY
     * @param isEnlarged true for a detail, in which metal is drawn as thick as it is
     */
    public record View(
            Outcome title,
            double lowX,
            double highX,
            double lowY,
            double highY,
            boolean isEnlarged,
            List<Stroke> strokes,
            List<Measure> measures,
            List<Label> labels) {

        public View {
            strokes = List.copyOf(strokes);
            measures = List.copyOf(measures);
            labels = List.copyOf(labels);
        }
    }

    /** A straight piece, {@code widthM} thick. */
    public record Stroke(double x1, double y1, double x2, double y2, double widthM, Style style) {}

    /**
     * A dimension line, beside what it measures.
     *
     * @param lane how far aside: 1 next to it, 2 outside of that; negative on the other side
     * @param mark letter of the dimension
     * @param lengthM true length, which a slanting view may shorten
     */
    public record Measure(double x1, double y1, double x2, double y2, int lane, String mark, double lengthM) {}

    /**
     * A piece's number, the feed point or a few words.
     *
     * @param piece its number; 0 for none
     * @param words empty for none
     */
    public record Label(double x, double y, Sort sort, int piece, Optional<Outcome> words) {

        /** What is written there. */
        public enum Sort {
            PIECE,
            FEED,
            WORDS
        }
    }
}
