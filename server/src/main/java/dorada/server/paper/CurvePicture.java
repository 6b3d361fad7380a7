package dorada.server.paper;

import dorada.server.sweep.ReadingView;
import dorada.server.tuning.PassView;
import java.util.List;
import java.util.Locale;
import java.util.stream.DoubleStream;

/**
 * The signed-off curve as SVG: return loss downward on the left, the same heights as SWR on the right, the limit of the rule and the
 * wanted channels. Readings at single channels are points without a curve between them.
 */
final class CurvePicture {

    private static final int WIDTH = 640;
    private static final int HEIGHT = 250;
    private static final int LEFT = 40;
    private static final int RIGHT = 44;
    private static final int TOP = 34;
    private static final int BOTTOM = 30;

    /** As a share of frequency. */
    private static final double BESIDE = 0.04;

    private static final double STEP_DB = 10;
    private static final double LEAST_DEPTH_DB = 30;
    private static final double[] SWR_TICKS = {5, 3, 2, 1.5, 1.2, 1.1, 1.05};

    private final PassView pass;
    private final double lowHz;
    private final double highHz;
    private final double deepestDb;
    private final StringBuilder svg = new StringBuilder();

    CurvePicture(PassView pass) {
        this.pass = pass;
        List<ReadingView> read = readings();
        DoubleStream hz = pass.trace() == null
                ? read.stream().mapToDouble(ReadingView::frequencyHz)
                : DoubleStream.of(pass.trace().frequencyHz());
        double[] all = hz.toArray();
        double low = DoubleStream.of(all).min().orElse(1);
        double high = DoubleStream.of(all).max().orElse(2);
        if (pass.trace() == null) {
            double beside = Math.max(0.05 * (high - low), 0.002 * high);
            lowHz = low - beside;
            highHz = high + beside;
        } else {
            // About its channels: what lies far beside them says nothing to a customer.
            double[] wanted =
                    read.stream().mapToDouble(ReadingView::frequencyHz).toArray();
            double first = DoubleStream.of(wanted).min().orElse(low);
            double last = DoubleStream.of(wanted).max().orElse(high);
            double beside = Math.max(BESIDE * last, last - first);
            lowHz = Math.max(low, first - beside);
            highHz = Math.min(high, last + beside);
        }
        double deepest = pass.trace() == null
                ? read.stream()
                        .filter(r -> r.returnLossDb() != null)
                        .mapToDouble(ReadingView::returnLossDb)
                        .max()
                        .orElse(0)
                : DoubleStream.of(pass.trace().returnLossDb()).max().orElse(0);
        deepestDb = Math.max(LEAST_DEPTH_DB, Math.ceil((deepest + 2) / STEP_DB) * STEP_DB);
    }

    private List<ReadingView> readings() {
        return pass.verdict().channels().stream()
                .map(PassView.ChannelVerdictView::reading)
                .filter(r -> !r.outside())
                .toList();
    }

    /** @param alternative what it shows, for whoever can't see it */
    String svg(String alternative, double limitSwr) {
        svg.append(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%d\" height=\"%d\" viewBox=\"0 0 %d %d\" alt=\"%s\">"
                        + "<g font-family=\"Sheet\" font-size=\"11\" fill=\"#1c2a33\">",
                WIDTH,
                HEIGHT,
                WIDTH,
                HEIGHT,
                Html.safe(alternative)));
        grid();
        limit(limitSwr);
        channels();
        curve();
        return svg.append("</g></svg>").toString();
    }

    private double x(double hz) {
        return LEFT + (WIDTH - LEFT - RIGHT) * (hz - lowHz) / (highHz - lowHz);
    }

    private double y(double db) {
        return TOP + (HEIGHT - TOP - BOTTOM) * Math.max(0, Math.min(deepestDb, db)) / deepestDb;
    }

    private static double dbOf(double swr) {
        return -20 * Math.log10((swr - 1) / (swr + 1));
    }

    private void line(double x1, double y1, double x2, double y2, String style) {
        svg.append(String.format(
                Locale.ROOT, "<line x1=\"%.1f\" y1=\"%.1f\" x2=\"%.1f\" y2=\"%.1f\" %s/>", x1, y1, x2, y2, style));
    }

    private void text(double x, double y, String anchor, String said) {
        svg.append(String.format(
                Locale.ROOT,
                "<text x=\"%.1f\" y=\"%.1f\" text-anchor=\"%s\">%s</text>",
                x,
                y,
                anchor,
                Html.safe(said)));
    }

    private void grid() {
        int right = WIDTH - RIGHT;
        for (double db = 0; db <= deepestDb; db += STEP_DB) {
            line(LEFT, y(db), right, y(db), "stroke=\"#cfd6d8\" stroke-width=\"0.7\"");
            text(LEFT - 6, y(db) + 4, "end", String.format(Locale.ROOT, "%.0f", db));
        }
        text(LEFT - 6, TOP - 16, "end", "dB");
        text(right + 6, TOP - 16, "start", "SWR");
        double last = Double.NEGATIVE_INFINITY;
        for (double swr : SWR_TICKS) {
            double at = y(dbOf(swr));
            if (dbOf(swr) <= deepestDb && at > last + 11) {
                text(right + 6, at + 4, "start", trimmed(swr));
                last = at;
            }
        }
        double step = step(highHz - lowHz);
        for (double hz = Math.ceil(lowHz / step) * step; hz <= highHz; hz += step) {
            line(x(hz), HEIGHT - BOTTOM, x(hz), HEIGHT - BOTTOM + 4, "stroke=\"#1c2a33\" stroke-width=\"0.7\"");
            text(x(hz), HEIGHT - BOTTOM + 16, "middle", trimmed(hz / 1e6));
        }
        text(right + 6, HEIGHT - BOTTOM + 16, "start", "MHz");
    }

    private static double step(double spanHz) {
        double rough = spanHz / 8;
        double ten = Math.pow(10, Math.floor(Math.log10(rough)));
        return rough / ten < 1.5 ? ten : rough / ten < 3.5 ? 2 * ten : rough / ten < 7.5 ? 5 * ten : 10 * ten;
    }

    private static String trimmed(double value) {
        return String.format(Locale.ROOT, "%.3f", value).replaceAll("\\.?0+$", "");
    }

    private void limit(double limitSwr) {
        double at = y(dbOf(limitSwr));
        line(LEFT, at, WIDTH - RIGHT, at, "stroke=\"#a5471f\" stroke-width=\"1\" stroke-dasharray=\"4 3\"");
    }

    private void channels() {
        double last = Double.NEGATIVE_INFINITY;
        for (PassView.ChannelVerdictView c : pass.verdict().channels()) {
            ReadingView r = c.reading();
            if (r.outside() || r.returnLossDb() == null) {
                continue;
            }
            double at = x(r.frequencyHz());
            line(at, TOP - 4, at, y(r.returnLossDb()), "stroke=\"#14344d\" stroke-width=\"0.8\"");
            svg.append(String.format(
                    Locale.ROOT,
                    "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"3\" fill=\"#ffffff\" stroke=\"#14344d\"/>",
                    at,
                    y(r.returnLossDb())));
            // Names of close channels would cover each other; the table has them all.
            if (at > last + 56) {
                text(at, TOP - 8, "middle", c.name());
                last = at;
            }
        }
    }

    private void curve() {
        if (pass.trace() == null) {
            return;
        }
        double[] hz = pass.trace().frequencyHz();
        double[] db = pass.trace().returnLossDb();
        StringBuilder points = new StringBuilder();
        for (int i = 0; i < hz.length; i++) {
            if (hz[i] < lowHz || hz[i] > highHz) {
                continue;
            }
            points.append(String.format(Locale.ROOT, "%.1f,%.1f ", x(hz[i]), y(db[i])));
        }
        svg.append("<polyline fill=\"none\" stroke=\"#14344d\" stroke-width=\"1.6\" points=\"")
                .append(points.toString().strip())
                .append("\"/>");
    }
}
