package dorada.core.tuning;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.WantedChannel;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Reading;
import dorada.core.tuning.LengthBelief.Sample;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What readings at a few channels leave possible, over all passes together: each dip, quality, resistance and sensitivity of a
 * grid is weighed by how well it explains every pass, since a change of length moves the dip by what the sensitivity says. What
 * was read before some pass may have been read with somebody or something near, which moves its dips.
 *
 * <p>Beside that stand other explanations, each with its own evidence: that changes do nothing, and that what was read is no
 * antenna's curve at all but the same on every channel.
 */
final class SpotBelief {

    private static final int DIPS = 121;
    private static final int COARSE_DIPS = 61;

    /** Dips are looked for this far beside the channels, as a ratio either way. */
    private static final double BESIDE = 1.3;

    private static final double[] RATIOS = {-2.2, -1.3, -0.6, 0, 0.6, 1.3, 2.2};

    /** What was read longer ago than so many passes adds little. */
    private static final int MOST_EARLIER = 6;

    private static final int KEPT = 1000;

    /** Possibilities that are so much less likely than the best, as a logarithm, are left out. */
    private static final double NEGLIGIBLE = 12;

    /** A few readings leave many a circuit possible that no length would match: those must not stop every cut. */
    private static final double SLACK = 0.03;

    /** What a change does differs by this from what the circuits say, relative: curves are not quite circuits. */
    private static final double LIKENESS = 0.2;

    /** Most antennas are built no farther off than this, as a share of the band's middle; common practice, no source. */
    private static final double BUILT_WITHIN = 0.05;

    /** The rest may be as far off as this: another band's, or an entry that was misread. */
    private static final double BUILT_BADLY = 0.18;

    private static final double BADLY = 0.12;

    /** By how much surroundings may have moved the earlier dips, in deviations of {@link LengthBelief#PLACE_SHIFT}. */
    private static final double[] SHIFTS = {-2, -1, 1, 2};

    private static final double SHIFTS_SUM =
            Arrays.stream(SHIFTS).map(SpotBelief::bell).sum();

    /** Steps of a reading that is the same on every channel. */
    private static final int CONSTANTS = 60;

    private final List<SpotFit> earlier = new ArrayList<>();
    /** What was added since each of them, in metres. */
    private final List<Double> addedM = new ArrayList<>();

    private final SpotFit last;
    private final TrimPrior prior;
    private final double middleHz;
    private double lowHz;
    private double highHz;
    private final List<double[]> weighed = new ArrayList<>();
    private final double[] usual;
    private double best = Double.NEGATIVE_INFINITY;
    private double bestOfOthers = Double.NEGATIVE_INFINITY;
    private double following;
    private double notFollowing;

    private SpotBelief(List<Pass> passes, TrimPrior prior, double lowest, double highest) {
        this.prior = prior;
        Pass now = passes.get(passes.size() - 1);
        middleHz = Math.sqrt(lowest * highest);
        lowHz = lowest / BESIDE;
        highHz = highest * BESIDE;
        usual = SpotFit.usual(prior.circuit());
        last = new SpotFit(now.spots(), middleHz, readings(passes, passes.size() - 1));
        narrow();
        double added = now.changeM();
        for (int i = passes.size() - 2; i >= 0 && earlier.size() < MOST_EARLIER; i--) {
            if (passes.get(i + 1).secondChangeM() != 0) {
                // Another piece was moved: what was read before is of another antenna.
                break;
            }
            earlier.add(new SpotFit(passes.get(i).spots(), middleHz, readings(passes, i)));
            addedM.add(added);
            added += passes.get(i).changeM();
        }
        weigh();
    }

    /** How often the state of pass {@code at} was read, it and its neighbours between two changes. */
    private static int readings(List<Pass> passes, int at) {
        int from = at;
        while (from > 0 && passes.get(from).isUnchanged()) {
            from--;
        }
        int to = at;
        while (to + 1 < passes.size() && passes.get(to + 1).isUnchanged()) {
            to++;
        }
        return to - from + 1;
    }

    /** How likely antennas are built with their dip at {@code share} of the band's middle, as a density of its logarithm. */
    static double built(double share) {
        double x = Math.log(share);
        return ((1 - BADLY) * bell(x / BUILT_WITHIN) / BUILT_WITHIN + BADLY * bell(x / BUILT_BADLY) / BUILT_BADLY)
                / Math.sqrt(2 * Math.PI);
    }

    static SpotBelief of(List<Pass> passes, TrimPrior prior, List<WantedChannel> channels) {
        return new SpotBelief(
                passes,
                prior,
                channels.get(0).frequencyHz(),
                channels.get(channels.size() - 1).frequencyHz());
    }

    /** By the readings alone, wherever they were taken. */
    static SpotBelief ofReadings(List<Pass> passes, TrimPrior prior) {
        List<Reading> spots = passes.get(passes.size() - 1).spots();
        return new SpotBelief(
                passes,
                prior,
                spots.get(0).frequencyHz(),
                spots.get(spots.size() - 1).frequencyHz());
    }

    /** By how much |Γ| is expected to change at each of {@code hz} where {@code changeM} is added. */
    double[] expectedChange(double[] hz, double changeM) {
        double[] sum = new double[hz.length];
        double weight = 0;
        for (double[] w : drawn()) {
            double q = SpotFit.quality((int) w[2]);
            double r = SpotFit.resistanceOhm((int) w[2]);
            double electrical = prior.waves() * Wavelength.ofHz(w[1]);
            double after = Math.max(electrical * 0.3, electrical + changeM / w[3]);
            double movedHz = prior.waves() * Wavelength.SPEED_OF_LIGHT_M_PER_S / after;
            for (int i = 0; i < hz.length; i++) {
                sum[i] += w[0] * (SpotFit.magnitude(hz[i], movedHz, q, r) - SpotFit.magnitude(hz[i], w[1], q, r));
            }
            weight += w[0];
        }
        for (int i = 0; i < hz.length; i++) {
            sum[i] /= weight;
        }
        return sum;
    }

    /** @param passes the last of them read at a few channels */
    static LengthBelief of(
            List<Pass> passes, TrimPrior prior, AcceptanceRule rule, List<WantedChannel> channels, double safety) {
        return of(passes, prior, channels).ofLength(rule, channels, safety, Pass.isPlaceInDoubt(passes));
    }

    LengthBelief ofLength(AcceptanceRule rule, List<WantedChannel> channels, double safety, boolean placeIsInDoubt) {
        List<Sample> samples = new ArrayList<>();
        // The same circuit at another frequency has the same window, moved: one for each quality and resistance.
        Map<Integer, RuleWindow> windows = new HashMap<>();
        for (double[] w : drawn()) {
            RuleWindow window = windows.computeIfAbsent(
                    (int) w[2],
                    c -> new RuleWindow(
                            RuleWindow.Curve.seriesCircuit(middleHz, SpotFit.quality(c), SpotFit.resistanceOhm(c)),
                            Optional.empty(),
                            rule,
                            channels,
                            safety,
                            1));
            samples.add(new Sample(w[0], window, middleHz, w[1], w[3]));
        }
        return new LengthBelief(samples, prior.waves(), SLACK, LIKENESS, placeIsInDoubt);
    }

    /** Where the last pass alone leaves its dip possible: a narrower grid is a finer one. */
    private void narrow() {
        double[] at = new double[COARSE_DIPS];
        double most = Double.NEGATIVE_INFINITY;
        double from = lowHz;
        double ratio = highHz / lowHz;
        for (int i = 0; i < COARSE_DIPS; i++) {
            double dipHz = from * Math.pow(ratio, i / (COARSE_DIPS - 1.0));
            double[] fit = last.at(dipHz);
            at[i] = Double.NEGATIVE_INFINITY;
            for (int c = 0; c < fit.length; c++) {
                at[i] = Math.max(at[i], fit[c] + usual[c]);
            }
            at[i] += Math.log(built(dipHz / middleHz));
            most = Math.max(most, at[i]);
        }
        int first = 0;
        int end = COARSE_DIPS - 1;
        while (at[first] < most - NEGLIGIBLE) {
            first++;
        }
        while (at[end] < most - NEGLIGIBLE) {
            end--;
        }
        lowHz = from * Math.pow(ratio, Math.max(0, first - 1) / (COARSE_DIPS - 1.0));
        highHz = from * Math.pow(ratio, Math.min(COARSE_DIPS - 1, end + 1) / (COARSE_DIPS - 1.0));
    }

    private void weigh() {
        double sumOfRatios = Arrays.stream(RATIOS).map(SpotBelief::bell).sum();
        double step = Math.log(highHz / lowHz) / (DIPS - 1);
        boolean changed = addedM.stream().anyMatch(m -> m != 0);
        double[] still = new double[addedM.size()];
        for (int i = 0; i < DIPS; i++) {
            double dipHz = lowHz * Math.pow(highHz / lowHz, i / (DIPS - 1.0));
            double[] now = last.at(dipHz);
            for (double z : RATIOS) {
                double ratio = prior.setPerElectrical() * Math.exp(z * prior.doubt());
                double[] dips = earlierDips(dipHz, ratio);
                // Whoever built it aimed at the band.
                double begunHz = dips.length == 0 ? dipHz : dips[dips.length - 1];
                double begun = Math.log(built(begunHz / middleHz) * step * bell(z) / sumOfRatios);
                double[] before = before(dips);
                for (int c = 0; c < usual.length; c++) {
                    double w = begun + usual[c] + now[c] + before[c];
                    if (w > best - NEGLIGIBLE) {
                        following += Math.exp(w);
                        weighed.add(new double[] {w, dipHz, c, ratio});
                        best = Math.max(best, w);
                    }
                }
            }
            if (changed) {
                Arrays.fill(still, dipHz);
                addNotFollowing(now, before(still), Math.log(built(dipHz / middleHz) * step / 2));
                double[] wrongWay = earlierDips(dipHz, -prior.setPerElectrical());
                addNotFollowing(
                        now, before(wrongWay), Math.log(built(wrongWay[wrongWay.length - 1] / middleHz) * step / 2));
            }
        }
    }

    private void addNotFollowing(double[] now, double[] before, double begun) {
        for (int c = 0; c < usual.length; c++) {
            double w = begun + usual[c] + now[c] + before[c];
            if (w > bestOfOthers - NEGLIGIBLE) {
                notFollowing += Math.exp(w);
                bestOfOthers = Math.max(bestOfOthers, w);
            }
        }
    }

    /** Evidence that this is an antenna that follows its changes: the average likelihood over all of them. */
    double following() {
        return following;
    }

    /** Evidence that it is one which changes do not move, or the wrong way; 0 where nothing was changed. */
    double notFollowing() {
        return notFollowing;
    }

    /** Evidence that every channel reads the same whatever is there, with |Γ| evenly anywhere from {@code low} to {@code high}. */
    double constant(double low, double high) {
        double sum = 0;
        for (int i = 0; i < CONSTANTS; i++) {
            double rho = low + (high - low) * (i + 0.5) / CONSTANTS;
            double log = last.logLikelihoodOfConstant(rho);
            for (SpotFit fit : earlier) {
                log += fit.logLikelihoodOfConstant(rho);
            }
            sum += Math.exp(log);
        }
        return sum / CONSTANTS;
    }

    /** As many readings as would say as much if each erred by itself. */
    double independentReadings() {
        return last.independent()
                + earlier.stream().mapToDouble(SpotFit::independent).sum();
    }

    /** Where the dip was at each earlier pass, newest first, for a dip at {@code dipHz} now. */
    private double[] earlierDips(double dipHz, double ratio) {
        double electrical = prior.waves() * Wavelength.ofHz(dipHz);
        return addedM.stream()
                .mapToDouble(m -> prior.waves()
                        * Wavelength.SPEED_OF_LIGHT_M_PER_S
                        / Math.max(electrical * 0.3, electrical - m / ratio))
                .toArray();
    }

    /** How well each circuit explains all earlier passes: as they are, or with those before some pass moved by their place. */
    private double[] before(double[] dips) {
        int m = dips.length;
        double[] same = new double[SpotFit.CIRCUITS];
        for (int e = 0; e < m; e++) {
            addTo(same, earlier.get(e), dips[e], 1);
        }
        if (m == 0) {
            return same;
        }
        double[] likeliest = same.clone();
        for (double shift : SHIFTS) {
            double chance = Math.log(LengthBelief.SPOILT / m * bell(shift) / SHIFTS_SUM);
            double factor = Math.exp(shift * LengthBelief.PLACE_SHIFT);
            // From the oldest on, one pass more is taken as moved each time.
            double[] moved = same.clone();
            for (int e = m - 1; e >= 0; e--) {
                addTo(moved, earlier.get(e), dips[e], -1);
                addTo(moved, earlier.get(e), dips[e] * factor, 1);
                for (int c = 0; c < moved.length; c++) {
                    likeliest[c] = Math.max(likeliest[c], moved[c] + chance);
                }
            }
        }
        return likeliest;
    }

    private static void addTo(double[] sums, SpotFit fit, double dipHz, double times) {
        double at = fit.rowOf(dipHz);
        int i = (int) at;
        double share = at - i;
        double[] low = fit.row(i);
        double[] high = fit.row(i + 1);
        for (int c = 0; c < sums.length; c++) {
            sums[c] += times * (low[c] + share * (high[c] - low[c]));
        }
    }

    /** At most {@value #KEPT} of the possibilities, drawn evenly by their weight, so that a broad belief stays broad. */
    private List<double[]> drawn() {
        double sum = weighed.stream().mapToDouble(w -> Math.exp(w[0] - best)).sum();
        List<double[]> drawn = new ArrayList<>();
        double each = sum / KEPT;
        double next = each / 2;
        double so = 0;
        for (double[] w : weighed) {
            so += Math.exp(w[0] - best);
            int times = 0;
            while (next <= so) {
                times++;
                next += each;
            }
            if (times > 0) {
                drawn.add(new double[] {times, w[1], w[2], w[3]});
            }
        }
        return drawn;
    }

    private static double bell(double deviations) {
        return Math.exp(-deviations * deviations / 2);
    }
}
