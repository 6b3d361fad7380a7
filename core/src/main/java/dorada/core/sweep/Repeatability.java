package dorada.core.sweep;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.outcome.Refusal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What several sweeps of one untouched antenna have in common, and how far they differ.
 *
 * @param mean their average, Γ by Γ, which lowers noise by the square root of their number
 * @param spread greatest |Γ| by which any of them leaves the average at any frequency
 * @param noise root mean square of all those deviations
 * @param dipSpreadHz from the lowest to the highest dip; NaN where one has none inside
 * @param channels one per wanted channel
 * @param steady true where the sweeps agree well enough to work by
 * @param sentence for a person
 */
public record Repeatability(
        Sweep mean,
        double spread,
        double noise,
        double dipSpreadHz,
        List<ChannelSpread> channels,
        boolean steady,
        Outcome says) {

    /** Deviations of |Γ| that nobody works to; more than this moves a reading of 1.5 by about a tenth. Common practice. */
    private static final double STEADY_SPREAD = 0.03;

    private static final double STEADY_DIP_SHARE = 0.003;
    /** A loose joint or a moved coax shifts a dip by less than this; a change of length or another antenna, by more. */
    private static final double SAME_ANTENNA_DIP_SHARE = 0.015;

    private static final int FEWEST_FOR_NOISE = 12;

    /** For independent noise the step from third to fourth differences is √(70/20) = 1.87; less is a curve. */
    private static final double NOISE_GROWS = 1.4;

    /**
     * The SWR at a wanted channel over all sweeps.
     *
     * @param lowSwr the least read
     * @param highSwr the greatest read
     */
    public record ChannelSpread(double frequencyHz, double lowSwr, double highSwr) {}

    /**
     * @param repeated two or more sweeps with phase of the same antenna, over overlapping spans
     * @param wantedHz channels of interest; those outside the common span are left out
     * @throws IllegalArgumentException where there are fewer than two, or they have no span in common
     */
    public static Repeatability of(List<Sweep> repeated, double[] wantedHz) {
        if (repeated.size() < 2) {
            throw new Refusal(Refused.STEADINESS_TAKES_TWO_SWEEPS_OR_MORE);
        }
        List<Sweep> onOneGrid = onOneGrid(repeated);
        Sweep mean = mean(onOneGrid);
        double worst = 0;
        double sum = 0;
        for (Sweep s : onOneGrid) {
            for (int i = 0; i < s.size(); i++) {
                double off = Math.hypot(s.re(i) - mean.re(i), s.im(i) - mean.im(i));
                worst = Math.max(worst, off);
                sum += off * off;
            }
        }
        double noise = Math.sqrt(sum / ((double) onOneGrid.size() * mean.size()));
        List<SweepAnalysis> analyses =
                onOneGrid.stream().map(SweepAnalysis::new).toList();
        double dipSpread = dipSpread(analyses);
        List<ChannelSpread> channels = new ArrayList<>();
        for (double hz : wantedHz) {
            double[] swr = analyses.stream()
                    .map(a -> a.readingAt(hz))
                    .flatMap(Optional::stream)
                    .mapToDouble(Reading::swr)
                    .sorted()
                    .toArray();
            if (swr.length == analyses.size()) {
                channels.add(new ChannelSpread(hz, swr[0], swr[swr.length - 1]));
            }
        }
        boolean steady =
                worst <= STEADY_SPREAD && !(dipSpread > STEADY_DIP_SHARE * (mean.startHz() + mean.stopHz()) / 2);
        return new Repeatability(
                mean, worst, noise, dipSpread, channels, steady, says(steady, worst, dipSpread, repeated.size()));
    }

    /** Whether these may be sweeps of one untouched antenna at all, by their dips. */
    public boolean mayBeOneAntenna() {
        return !(dipSpreadHz > SAME_ANTENNA_DIP_SHARE * (mean.startHz() + mean.stopHz()) / 2);
    }

    private static Outcome says(boolean steady, double worst, double dipSpread, int count) {
        if (Double.isNaN(dipSpread)) {
            return (steady ? Says.STEADY : Says.UNSTEADY).of(count, worst);
        }
        return (steady ? Says.STEADY_DIP : Says.UNSTEADY_DIP).of(count, worst, dipSpread);
    }

    private static double dipSpread(List<SweepAnalysis> analyses) {
        double[] dips = analyses.stream()
                .map(a -> a.deepestDip().filter(d -> !d.atEdge()))
                .flatMap(Optional::stream)
                .mapToDouble(Dip::frequencyHz)
                .sorted()
                .toArray();
        return dips.length == analyses.size() ? dips[dips.length - 1] - dips[0] : Double.NaN;
    }

    /** All at the frequencies of the first that all of them reach. */
    private static List<Sweep> onOneGrid(List<Sweep> sweeps) {
        double from = sweeps.stream().mapToDouble(Sweep::startHz).max().orElseThrow();
        double to = sweeps.stream().mapToDouble(Sweep::stopHz).min().orElseThrow();
        double[] hz = Arrays.stream(sweeps.get(0).frequenciesHz())
                .filter(f -> f >= from && f <= to)
                .toArray();
        if (hz.length < 2) {
            throw new Refusal(Refused.THESE_SWEEPS_HAVE_NO_SPAN_IN);
        }
        double[] none = new double[hz.length];
        Sweep grid = new Sweep(hz, none, none, Sweep.STANDARD_REFERENCE_OHM);
        return sweeps.stream()
                .map(s -> {
                    s.requirePhase(NeedsPhase.AVERAGED);
                    return s.renormalised(Sweep.STANDARD_REFERENCE_OHM).atPointsOf(grid);
                })
                .toList();
    }

    private static Sweep mean(List<Sweep> sweeps) {
        Sweep first = sweeps.get(0);
        double[] re = new double[first.size()];
        double[] im = new double[first.size()];
        for (Sweep s : sweeps) {
            for (int i = 0; i < re.length; i++) {
                re[i] += s.re(i) / sweeps.size();
                im[i] += s.im(i) / sweeps.size();
            }
        }
        return new Sweep(first.frequenciesHz(), re, im, first.referenceOhm());
    }

    /**
     * Noise of a single sweep as a standard deviation of |Γ|, from its third differences: an antenna's curve is smooth over
     * four points, noise is not (a third difference of independent noise has √20 of its deviation). The median is taken, so
     * that a few steep places do not count.
     *
     * @return NaN for fewer than {@value #FEWEST_FOR_NOISE} points, and where the curve itself is not smooth from point to
     *     point, as behind a long line: differences of noise grow from the third to the fourth, those of a curve fall
     */
    public static double noiseOf(Sweep sweep) {
        if (sweep.size() < FEWEST_FOR_NOISE) {
            return Double.NaN;
        }
        double[] re = sweep.re();
        double[] im = sweep.im();
        for (int order = 0; order < 3; order++) {
            difference(re, im, re.length - 1 - order);
        }
        double third = median(re, im, re.length - 3);
        difference(re, im, re.length - 4);
        double fourth = median(re, im, re.length - 4);
        // The median of |x| of a normal deviate is 0.6745 of its standard deviation.
        return fourth < NOISE_GROWS * third ? Double.NaN : third / 0.6745 / Math.sqrt(20);
    }

    private static void difference(double[] re, double[] im, int count) {
        for (int i = 0; i < count; i++) {
            re[i] = re[i + 1] - re[i];
            im[i] = im[i + 1] - im[i];
        }
    }

    private static double median(double[] re, double[] im, int count) {
        double[] size = new double[2 * count];
        for (int i = 0; i < count; i++) {
            size[2 * i] = Math.abs(re[i]);
            size[2 * i + 1] = Math.abs(im[i]);
        }
        Arrays.sort(size);
        return size[count];
    }

    /** Steady or not. */
    private enum Says implements OutcomeId {
        STEADY("sweepsCount", "differenceGamma"),
        STEADY_DIP("sweepsCount", "differenceGamma", "dipSmallHz"),
        UNSTEADY("sweepsCount", "differenceGamma"),
        UNSTEADY_DIP("sweepsCount", "differenceGamma", "dipSmallHz");

        private final List<String> takes;

        Says(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "steadiness";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }
}
