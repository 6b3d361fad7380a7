package dorada.core.cutsheet;

import dorada.core.antenna.Assembly;
import dorada.core.cutsheet.Drawing.Label;
import dorada.core.cutsheet.Drawing.Measure;
import dorada.core.cutsheet.Drawing.Stroke;
import dorada.core.cutsheet.Drawing.Style;
import dorada.core.cutsheet.Drawing.View;
import dorada.core.outcome.Outcome;
import dorada.core.wire.Point;
import dorada.core.wire.Port;
import dorada.core.wire.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Draws one view of the wires that are solved, so that drawing and computation can't differ. */
public final class Sketch {

    /** From where it is looked at. */
    public enum From {
        FRONT,
        SIDE,
        ABOVE
    }

    private final Outcome title;
    private final From from;
    private final List<Stroke> strokes = new ArrayList<>();
    private final List<Measure> measures = new ArrayList<>();
    private final List<Label> labels = new ArrayList<>();

    public Sketch(Outcome title, From from) {
        this.title = title;
        this.from = from;
    }

    private double across(Point p) {
        return from == From.SIDE ? p.y() : p.x();
    }

    private double up(Point p) {
        return from == From.ABOVE ? p.y() : p.z();
    }

    /** Every wire, and where it is fed. */
    public Sketch of(Assembly a) {
        a.structure().wires().forEach(this::metal);
        return feed(feedOf(a));
    }

    /** Where it is fed. */
    public static Point feedOf(Assembly a) {
        Port port = a.feed();
        Wire w = a.structure().wires().get(port.wire());
        Point along = w.to().minus(w.from());
        return w.from().plus(along.times(port.position()));
    }

    public Sketch metal(Wire w) {
        return stroke(w.from(), w.to(), 2 * w.radiusM(), Style.METAL);
    }

    public Sketch stroke(Point a, Point b, double widthM, Style style) {
        strokes.add(new Stroke(across(a), up(a), across(b), up(b), widthM, style));
        return this;
    }

    public Sketch measure(Point a, Point b, int lane, String mark) {
        return measure(a, b, lane, mark, a.distanceTo(b));
    }

    /** @param lengthM where it is not the distance between both points */
    public Sketch measure(Point a, Point b, int lane, String mark, double lengthM) {
        measures.add(new Measure(across(a), up(a), across(b), up(b), lane, mark, lengthM));
        return this;
    }

    public Sketch piece(Point at, int number) {
        return label(at, Label.Sort.PIECE, number, Optional.empty());
    }

    public Sketch feed(Point at) {
        return label(at, Label.Sort.FEED, 0, Optional.empty());
    }

    public Sketch words(Point at, Outcome text) {
        return label(at, Label.Sort.WORDS, 0, Optional.of(text));
    }

    private Sketch label(Point at, Label.Sort sort, int piece, Optional<Outcome> words) {
        labels.add(new Label(across(at), up(at), sort, piece, words));
        return this;
    }

    /** All of it. */
    public View view() {
        double[] box = {
            Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        for (Stroke s : strokes) {
            take(box, s.x1(), s.y1());
            take(box, s.x2(), s.y2());
        }
        return new View(title, box[0], box[1], box[2], box[3], false, strokes, measures, labels);
    }

    /** A square about {@code centre}, {@code halfM} to each side, as thick as it is. */
    public View enlarged(Point centre, double halfM) {
        double x = across(centre);
        double y = up(centre);
        return new View(title, x - halfM, x + halfM, y - halfM, y + halfM, true, strokes, measures, labels);
    }

    private static void take(double[] box, double x, double y) {
        box[0] = Math.min(box[0], x);
        box[1] = Math.max(box[1], x);
        box[2] = Math.min(box[2], y);
        box[3] = Math.max(box[3], y);
    }
}
