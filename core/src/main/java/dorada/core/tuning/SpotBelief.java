package dorada.core.tuning;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.WantedChannel;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Reading;
import dorada.core.tuning.LengthBelief.Sample;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

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

    private static final double RATIOS_SUM =
            Arrays.stream(RATIOS).map(SpotBelief::bell).sum();

    /** The usual ratio first. */
    private static final int[] BY_SIZE = {3, 2, 4, 1, 5, 0, 6};

    /** What was read longer ago than so many passes adds little. */
    private static final int MOST_EARLIER = 6;

    private static final int KEPT = 1000;

    /** Possibilities that are so much less likely than the best, as a logarithm, are left out. */
    private static final double NEGLIGIBLE = 12;

    /** So much less likely than the best that follows its changes, that no doubt about following is left. */
    private static final double BESIDE_FOLLOWING = 16;

    /** A few readings leave many a circuit possible that no length would match: those must not stop every cut. */
    private static final double SLACK = 0.03;

    /** What a change does differs by this from what the circuits say, relative: curves are not quite circuits. */
    private static final double LIKENESS = 0.2;

    /** Most antennas are built no farther off than this, as a share of the band's middle; common practice, no source. */
    private static final double BUILT_WITHIN = 0.05;

    /** The rest may be as far off as this: another band's, or an entry that was misread. */
    private static final double BUILT_BADLY = 0.18;

    private static final double BADLY = 0.12;

    /** Steps of a reading that is the same on every channel. */
    private static final int CONSTANTS = 60;

    private final List<SpotFit> earlier = new ArrayList<>();
    /** What was added since each of them, in metres. */
    private final double[] addedM;

    private final SpotFit last;
    private final TrimPrior prior;
    private final double middleHz;
    private double lowHz;
    private double highHz;
    private final EarlierPasses before;
    private final double[] lengthRatios;
    /** What is possible at each place of the grid: all ratios of one dip, then those of the next. Null where nothing is. */
    private final Weighed[] weighed = new Weighed[DIPS * RATIOS.length];

    private final double[] usual;
    /** The same as misfits of the last pass. */
    private final double[] unusual;

    private double best = Double.NEGATIVE_INFINITY;
    private double bestOfOthers = Double.NEGATIVE_INFINITY;
    private double following;
    private double notFollowing;

    private SpotBelief(List<Pass> passes, TrimPrior prior, double lowest, double highest) {
        this.prior = prior;
        lengthRatios = Arrays.stream(RATIOS)
                .map(r -> prior.lengthRatio() * Math.exp(r * prior.doubt()))
                .toArray();
        Pass now = passes.get(passes.size() - 1);
        middleHz = Math.sqrt(lowest * highest);
        lowHz = lowest / BESIDE;
        highHz = highest * BESIDE;
        usual = SpotFit.usual(prior.circuit());
        last = new SpotFit(now.spots(), readings(passes, passes.size() - 1));
        unusual = Arrays.stream(usual).map(last::misfitOfLog).toArray();
        narrow();
        List<Double> sinceEach = new ArrayList<>();
        double added = now.changeM();
        for (int i = passes.size() - 2; i >= 0 && earlier.size() < MOST_EARLIER; i--) {
            if (passes.get(i + 1).secondChangeM() != 0) {
                // Another piece was moved: what was read before is of another antenna.
                break;
            }
            earlier.add(new SpotFit(passes.get(i).spots(), readings(passes, i)));
            sinceEach.add(added);
            added += passes.get(i).changeM();
        }
        addedM = sinceEach.stream().mapToDouble(m -> m).toArray();
        before = new EarlierPasses(earlier, new CircuitCurves(middleHz), last, usual, unusual);
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
        for (Drawn w : drawn()) {
            double q = SpotFit.quality(w.circuit);
            double r = SpotFit.resistanceOhm(w.circuit);
            double electrical = prior.waves() * Wavelength.ofHz(w.dipHz);
            double after = Math.max(electrical * 0.3, electrical + changeM / w.ratio);
            double movedHz = prior.waves() * Wavelength.SPEED_OF_LIGHT_M_PER_S / after;
            for (int i = 0; i < hz.length; i++) {
                sum[i] += w.times
                        * (CircuitCurves.magnitude(hz[i], movedHz, q, r)
                                - CircuitCurves.magnitude(hz[i], w.dipHz, q, r));
            }
            weight += w.times;
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
        for (Drawn w : drawn()) {
            RuleWindow window = windows.computeIfAbsent(
                    w.circuit,
                    c -> new RuleWindow(
                            RuleWindow.Curve.seriesCircuit(middleHz, SpotFit.quality(c), SpotFit.resistanceOhm(c)),
                            Optional.empty(),
                            rule,
                            channels,
                            safety,
                            1));
            samples.add(new Sample(w.times, window, middleHz, w.dipHz, w.ratio));
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
            at[i] = last.log(leastMisfit(last.misfits(dipHz))) + Math.log(built(dipHz / middleHz));
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

    /** Of the likeliest circuit, with how usual each is. */
    private double leastMisfit(double[] misfits) {
        double least = Double.POSITIVE_INFINITY;
        for (int c = 0; c < misfits.length; c++) {
            double misfit = misfits[c] * unusual[c];
            least = misfit < least ? misfit : least;
        }
        return least;
    }

    /** Circuits that are possible at one place, and logarithms of their weights: the first {@code n} of each. */
    private record Weighed(int n, int[] circuits, double[] logs) {}

    private void weigh() {
        double step = Math.log(highHz / lowHz) / (DIPS - 1);
        boolean changed = Arrays.stream(addedM).anyMatch(m -> m != 0);
        double[][] now =
                IntStream.range(0, DIPS).mapToObj(i -> last.misfits(dipOf(i))).toArray(double[][]::new);
        double mostBegun = Math.log(built(1) * step / 2);
        double[] begunOfRatio = Arrays.stream(RATIOS)
                .map(r -> Math.log(step * bell(r) / RATIOS_SUM))
                .toArray();
        // The likeliest first: what cannot come near them by any earlier pass is not worked out.
        for (int i : likeliestFirst(now)) {
            double dipHz = dipOf(i);
            before.begin(now[i], best - BESIDE_FOLLOWING - mostBegun);
            for (int z : BY_SIZE) {
                weighed[i * RATIOS.length + z] = following(dipHz, lengthRatios[z], begunOfRatio[z]);
            }
            if (changed) {
                double begun = Math.log(step / 2);
                addNotFollowing(dipHz, Double.POSITIVE_INFINITY, begun);
                addNotFollowing(dipHz, -prior.lengthRatio(), begun);
            }
        }
    }

    /** @return null where nothing is likely enough */
    private Weighed following(double dipHz, double ratio, double begunOfRatio) {
        double begun = begunOfRatio + placeEarlierDips(dipHz, ratio);
        int n = before.explained(best - NEGLIGIBLE - begun);
        if (n == 0) {
            return null;
        }
        int[] circuits = new int[n];
        double[] logs = new double[n];
        int left = 0;
        for (int k = 0; k < n; k++) {
            double w = begun + before.all(k);
            following += Math.exp(w);
            if (w > best - NEGLIGIBLE) {
                circuits[left] = before.circuit(k);
                logs[left] = w;
                left++;
                best = Math.max(best, w);
            }
        }
        return new Weighed(left, circuits, logs);
    }

    private double dipOf(int i) {
        return lowHz * Math.pow(highHz / lowHz, i / (DIPS - 1.0));
    }

    private List<Integer> likeliestFirst(double[][] now) {
        double[] least = Arrays.stream(now).mapToDouble(this::leastMisfit).toArray();
        return IntStream.range(0, now.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> least[i]))
                .toList();
    }

    private void addNotFollowing(double dipHz, double ratio, double begunSo) {
        double begun = begunSo + placeEarlierDips(dipHz, ratio);
        // What is nothing beside an antenna that follows is nothing beside the others either.
        int n = before.explained(Math.max(bestOfOthers - NEGLIGIBLE, best - BESIDE_FOLLOWING) - begun);
        for (int k = 0; k < n; k++) {
            double w = begun + before.all(k);
            notFollowing += Math.exp(w);
            bestOfOthers = Math.max(bestOfOthers, w);
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

    /**
     * Places the dip of each earlier pass, for a dip at {@code dipHz} now.
     *
     * @param ratio infinite where changes move nothing
     * @return chance of having been built so, as a logarithm: whoever built it aimed at the band
     */
    private double placeEarlierDips(double dipHz, double ratio) {
        double electrical = prior.waves() * Wavelength.ofHz(dipHz);
        double oldestHz = dipHz;
        for (int e = 0; e < addedM.length; e++) {
            oldestHz = Double.isInfinite(ratio)
                    ? dipHz
                    : prior.waves()
                            * Wavelength.SPEED_OF_LIGHT_M_PER_S
                            / Math.max(electrical * 0.3, electrical - addedM[e] / ratio);
            before.dip(e, oldestHz);
        }
        return Math.log(built(oldestHz / middleHz));
    }

    /** At most {@value #KEPT} of the possibilities, drawn evenly by their weight, so that a broad belief stays broad. */
    private List<Drawn> drawn() {
        double sum = 0;
        for (Weighed here : weighed) {
            for (int k = 0; here != null && k < here.n; k++) {
                sum += Math.exp(here.logs[k] - best);
            }
        }
        List<Drawn> drawn = new ArrayList<>();
        double each = sum / KEPT;
        double next = each / 2;
        double so = 0;
        // In the order of the grid, so that what is drawn evenly is spread over all of it.
        for (int place = 0; place < weighed.length; place++) {
            Weighed here = weighed[place];
            for (int k = 0; here != null && k < here.n; k++) {
                so += Math.exp(here.logs[k] - best);
                int times = 0;
                while (next <= so) {
                    times++;
                    next += each;
                }
                if (times > 0) {
                    drawn.add(new Drawn(
                            times,
                            dipOf(place / RATIOS.length),
                            here.circuits[k],
                            lengthRatios[place % RATIOS.length]));
                }
            }
        }
        return drawn;
    }

    /** A possibility as often as it was drawn. */
    private record Drawn(int times, double dipHz, int circuit, double ratio) {}

    static double bell(double deviations) {
        return Math.exp(-deviations * deviations / 2);
    }
}
