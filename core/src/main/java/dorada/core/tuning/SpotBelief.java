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

    /** By how much surroundings may have moved the earlier dips, in deviations of {@link LengthBelief#PLACE_SHIFT}. */
    private static final double[] SHIFTS = {-2, -1, 1, 2};

    private static final double[] SHIFT_ROWS = Arrays.stream(SHIFTS)
            .map(s -> CircuitCurves.rows(s * LengthBelief.PLACE_SHIFT))
            .toArray();

    private static final double SHIFTS_SUM =
            Arrays.stream(SHIFTS).map(SpotBelief::bell).sum();

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
    private final Before before;
    /** What is possible at each place of the grid: all ratios of one dip, then those of the next. Null where nothing is. */
    private final Weighed[] weighed = new Weighed[DIPS * RATIOS.length];

    private final double[] usual;
    /** The same as misfits of the last pass. */
    private final double[] unusual;

    private final CircuitCurves curves;
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
        curves = new CircuitCurves(middleHz);
        last = new SpotFit(now.spots(), curves, readings(passes, passes.size() - 1));
        unusual = Arrays.stream(usual).map(last::misfitOfLog).toArray();
        narrow();
        List<Double> sinceEach = new ArrayList<>();
        double added = now.changeM();
        for (int i = passes.size() - 2; i >= 0 && earlier.size() < MOST_EARLIER; i--) {
            if (passes.get(i + 1).secondChangeM() != 0) {
                // Another piece was moved: what was read before is of another antenna.
                break;
            }
            earlier.add(new SpotFit(passes.get(i).spots(), curves, readings(passes, i)));
            sinceEach.add(added);
            added += passes.get(i).changeM();
        }
        addedM = sinceEach.stream().mapToDouble(m -> m).toArray();
        before = new Before();
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
        double sumOfRatios = Arrays.stream(RATIOS).map(SpotBelief::bell).sum();
        double step = Math.log(highHz / lowHz) / (DIPS - 1);
        boolean changed = Arrays.stream(addedM).anyMatch(m -> m != 0);
        double[] still = new double[addedM.length];
        double[][] now =
                IntStream.range(0, DIPS).mapToObj(i -> last.misfits(dipOf(i))).toArray(double[][]::new);
        double mostBegun = Math.log(built(1) * step / 2);
        // The likeliest first: what cannot come near them by any earlier pass is not worked out.
        for (int i : likeliestFirst(now)) {
            double dipHz = dipOf(i);
            before.begin(now[i], best - BESIDE_FOLLOWING - mostBegun);
            for (int z : BY_SIZE) {
                Dips dips = new Dips(earlierDips(dipHz, lengthRatio(z)), dipHz);
                double begun = dips.built() + Math.log(step * bell(RATIOS[z]) / sumOfRatios);
                int n = before.of(dips, best - NEGLIGIBLE - begun);
                if (n == 0) {
                    continue;
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
                weighed[i * RATIOS.length + z] = new Weighed(left, circuits, logs);
            }
            if (changed) {
                Arrays.fill(still, dipHz);
                addNotFollowing(new Dips(still, dipHz), step);
                addNotFollowing(new Dips(earlierDips(dipHz, -prior.lengthRatio()), dipHz), step);
            }
        }
    }

    private double lengthRatio(int z) {
        return prior.lengthRatio() * Math.exp(RATIOS[z] * prior.doubt());
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

    private void addNotFollowing(Dips dips, double step) {
        double begun = dips.built() + Math.log(step / 2);
        // What is nothing beside an antenna that follows is nothing beside the others either.
        int n = before.of(dips, Math.max(bestOfOthers - NEGLIGIBLE, best - BESIDE_FOLLOWING) - begun);
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

    /** Where the dip was at each earlier pass, newest first, for a dip at {@code dipHz} now. */
    private double[] earlierDips(double dipHz, double ratio) {
        double electrical = prior.waves() * Wavelength.ofHz(dipHz);
        double[] dips = new double[addedM.length];
        for (int e = 0; e < dips.length; e++) {
            dips[e] = prior.waves()
                    * Wavelength.SPEED_OF_LIGHT_M_PER_S
                    / Math.max(electrical * 0.3, electrical - addedM[e] / ratio);
        }
        return dips;
    }

    /**
     * How well circuits explain all earlier passes: as they are, or with those before some pass moved by their place. Circuits that
     * no earlier pass can bring near the likeliest any more are given up on the way. Filled anew for each place of the grid.
     */
    private final class Before {
        private final int[] possible = new int[SpotFit.CIRCUITS];
        private final double[] ofNow = new double[SpotFit.CIRCUITS];
        private final int[] circuits = new int[SpotFit.CIRCUITS];
        private final double[] now = new double[SpotFit.CIRCUITS];
        private final double[] same = new double[SpotFit.CIRCUITS];
        private final double[] here = new double[SpotFit.CIRCUITS];
        private final double[] likeliest = new double[SpotFit.CIRCUITS];
        /** Of each shift, as a logarithm: that some pass was the first that was moved by it. */
        private final double[] chance = Arrays.stream(SHIFTS)
                .map(s -> Math.log(LengthBelief.SPOILT / earlier.size() * bell(s) / SHIFTS_SUM))
                .toArray();

        private final double[][] moved = new double[SHIFTS.length][SpotFit.CIRCUITS];
        private int possibleNow;
        private int n;

        /** @param misfits of the last pass for one dip; circuits that do not reach {@code least} by it are left out from here on */
        void begin(double[] misfits, double least) {
            double most = last.misfitOfLog(least);
            possibleNow = 0;
            for (int c = 0; c < misfits.length; c++) {
                if (misfits[c] * unusual[c] <= most) {
                    possible[possibleNow] = c;
                    ofNow[possibleNow] = last.log(misfits[c]) + usual[c];
                    possibleNow++;
                }
            }
        }

        /** @return how many circuits reach {@code least} with what all passes say, whose dips were {@code dips} */
        int of(Dips dips, double least) {
            n = 0;
            for (int k = 0; k < possibleNow; k++) {
                if (ofNow[k] > least) {
                    circuits[n] = possible[k];
                    now[n] = ofNow[k];
                    same[n] = 0;
                    likeliest[n] = 0;
                    n++;
                }
            }
            for (double[] m : moved) {
                Arrays.fill(m, 0, n, Double.NEGATIVE_INFINITY);
            }
            // From the newest on: each may be the first that was moved, and all before it were too.
            for (int e = 0; e < dips.count && n > 0; e++) {
                SpotFit fit = earlier.get(e);
                explain(fit, dips.rows[e][0]);
                System.arraycopy(here, 0, likeliest, 0, n);
                for (int k = 0; k < n; k++) {
                    likeliest[k] += same[k];
                }
                for (int s = 0; s < SHIFTS.length; s++) {
                    addMoved(fit, dips.rows[e][s + 1], moved[s], chance[s]);
                }
                for (int k = 0; k < n; k++) {
                    same[k] += here[k];
                }
                giveUpBelow(least);
            }
            return n;
        }

        private void explain(SpotFit fit, double row) {
            SpotFit.Row low = fit.row((int) row);
            SpotFit.Row high = fit.row((int) row + 1);
            double share = row - (int) row;
            for (int k = 0; k < n; k++) {
                int c = circuits[k];
                here[k] = between(low.log(c), high.log(c), share);
            }
        }

        private static double between(double low, double high, double share) {
            return low + share * (high - low);
        }

        private void addMoved(SpotFit fit, double row, double[] sums, double chance) {
            SpotFit.Row low = fit.row((int) row);
            SpotFit.Row high = fit.row((int) row + 1);
            double share = row - (int) row;
            for (int k = 0; k < n; k++) {
                int c = circuits[k];
                double read = between(low.log(c), high.log(c), share);
                // None is NaN: comparing is twice as fast as Math.max here.
                double sum = (sums[k] > same[k] ? sums[k] : same[k]) + read;
                sums[k] = sum;
                if (sum + chance > likeliest[k]) {
                    likeliest[k] = sum + chance;
                }
            }
        }

        private void giveUpBelow(double least) {
            int left = 0;
            for (int k = 0; k < n; k++) {
                if (now[k] + likeliest[k] > least) {
                    circuits[left] = circuits[k];
                    now[left] = now[k];
                    same[left] = same[k];
                    likeliest[left] = likeliest[k];
                    for (double[] m : moved) {
                        m[left] = m[k];
                    }
                    left++;
                }
            }
            n = left;
        }

        int circuit(int k) {
            return circuits[k];
        }

        /** With what is read now. */
        double all(int k) {
            return now[k] + likeliest[k];
        }
    }

    /** Where the dips of the earlier passes lie in their tables, newest first: as they are, and moved by each of the shifts. */
    private final class Dips {
        final int count;
        final double oldestHz;
        final double[][] rows;

        Dips(double[] dipsHz, double nowHz) {
            count = dipsHz.length;
            oldestHz = count == 0 ? nowHz : dipsHz[count - 1];
            rows = new double[count][SHIFTS.length + 1];
            for (int e = 0; e < count; e++) {
                double row = curves.rowOf(dipsHz[e]);
                rows[e][0] = CircuitCurves.within(row);
                for (int s = 0; s < SHIFTS.length; s++) {
                    rows[e][s + 1] = CircuitCurves.within(row + SHIFT_ROWS[s]);
                }
            }
        }

        /** Chance of having been built so, as a logarithm: whoever built it aimed at the band. */
        double built() {
            return Math.log(SpotBelief.built(oldestHz / middleHz));
        }
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
                            times, dipOf(place / RATIOS.length), here.circuits[k], lengthRatio(place % RATIOS.length)));
                }
            }
        }
        return drawn;
    }

    /** A possibility as often as it was drawn. */
    private record Drawn(int times, double dipHz, int circuit, double ratio) {}

    private static double bell(double deviations) {
        return Math.exp(-deviations * deviations / 2);
    }
}
