package dorada.core.exercise;

import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.instrument.SimulatedMeter;
import dorada.core.instrument.Span;
import dorada.core.rf.Swr;
import dorada.core.simulation.Condition;
import dorada.core.simulation.Control;
import dorada.core.simulation.VirtualInstallation;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.Pass;
import dorada.core.wire.Watch;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/**
 * An antenna to bring in, as it is drawn from a number: the same number is the same exercise, on every machine. Sizes drift together:
 * what is larger throughout by a share is the same antenna at frequencies lower by that share.
 *
 * @param on what it is drawn from, as it was left before the first cut
 * @param drift that share
 * @param startM the piece before the first change, in metres
 * @param byMeter read with an in-line meter on its channels, and not swept
 * @param hidden what is wrong; empty where nothing is
 * @param limitSwr what every channel must come under
 * @param bestM the length that does best, the longest of those that meet the limit where it is cut, in metres
 */
public record Exercise(
        VirtualInstallation on,
        long seed,
        double drift,
        double startM,
        boolean byMeter,
        Optional<Condition> hidden,
        double limitSwr,
        double bestM) {

    /** What can be wrong with the antenna itself, its line or its mount: it stays until somebody finds it. */
    static final Set<Condition> FAULTS = EnumSet.of(
            Condition.DUMMY_LOAD,
            Condition.LOOSE_CONNECTOR,
            Condition.PAINT_UNDER_GROUND,
            Condition.WET_LINE,
            Condition.KINKED_LINE);

    /** What only spoils readings. */
    static final Set<Condition> SURROUNDINGS =
            EnumSet.of(Condition.DOOR_OPEN, Condition.PERSON_NEAR, Condition.HAND_NEAR, Condition.INDOORS);

    private static final double FAULTY = 0.4;
    private static final double DISTURBED = 0.2;
    private static final double DRIFT = 0.01;
    private static final double[] LIMITS = {1.5, 1.75, 2, 2.5, 3, 4};

    /** How much of (limit − 1) must be left at the best length, so that it can be met with a saw. */
    private static final double ROOM = 0.85;

    /** The first numbers of neighbouring seeds are much alike; those of seeds far apart are not. */
    private static final long SPREADS = 0x9E3779B97F4A7C15L;

    /** Beside what is left on already where one practises. */
    private static final double MOST_LEFT_ON = 1.04;

    private static final double SWEPT_BESIDE = 0.24;
    private static final int POINTS = 241;
    private static final int LENGTHS = 9;
    private static final int HALVINGS = 6;
    private static final double GOLDEN = 0.381966;

    /** Whether one can be drawn from it: one piece is adjusted, and some length of it does well. */
    public static boolean isPossibleOn(VirtualInstallation v) {
        return v.controls().size() == 1 && v.highHz() / v.lowHz() < 1.1;
    }

    /** Whether such a piece is only ever shortened. */
    public boolean isCut() {
        return control().oneWay();
    }

    public Control control() {
        return on.controls().get(0);
    }

    /** Lowest, middle and highest; the middle one is the main one. */
    public List<WantedChannel> channels() {
        double middle = (on.lowHz() + on.highHz()) / 2;
        return List.of(
                new WantedChannel("low", on.lowHz(), false),
                new WantedChannel("middle", middle, true),
                new WantedChannel("high", on.highHz(), false));
    }

    private double[] channelHz() {
        return channels().stream().mapToDouble(WantedChannel::frequencyHz).toArray();
    }

    public UnderLimit rule() {
        return new UnderLimit(limitSwr);
    }

    /** What can be looked at here, whether it is so or not. */
    public List<Condition> suspects() {
        return on.conditions().stream()
                .filter(c -> FAULTS.contains(c) || SURROUNDINGS.contains(c))
                .sorted()
                .toList();
    }

    /** One that was drawn before, from what was kept of it; nothing is solved. */
    public static Exercise kept(
            VirtualInstallation v,
            long seed,
            double drift,
            double startM,
            boolean byMeter,
            Optional<Condition> hidden,
            double limitSwr,
            double bestM) {
        Control c = v.controls().get(0);
        VirtualInstallation on = c.oneWay() ? v.leftLonger(startM / c.startM()) : v;
        return new Exercise(on, seed, drift, startM, byMeter, hidden, limitSwr, bestM);
    }

    /** Draws one. It takes some dozens of solutions. */
    public static Exercise draw(VirtualInstallation v, long seed, boolean byMeter, Watch watch) {
        Random random = new Random(seed * SPREADS);
        double leftOn = 1 + (MOST_LEFT_ON - 1) * random.nextDouble();
        double drift = DRIFT * random.nextGaussian();
        double share = random.nextDouble();
        double wrong = random.nextDouble();
        VirtualInstallation on = v.controls().get(0).oneWay() ? v.leftLonger(leftOn) : v;
        Control c = on.controls().get(0);
        Exercise open = new Exercise(
                on,
                seed,
                drift,
                c.oneWay() ? c.startM() : c.lowM() + (c.highM() - c.lowM()) * share,
                byMeter,
                Optional.empty(),
                LIMITS[LIMITS.length - 1],
                c.startM());
        double best = open.bestLength(watch);
        double worst = open.worstSwr(best, Optional.empty(), watch);
        double limit = Arrays.stream(LIMITS)
                .filter(l -> worst < 1 + ROOM * (l - 1))
                .findFirst()
                .orElse(LIMITS[LIMITS.length - 1]);
        Exercise drawn = new Exercise(
                on,
                seed,
                drift,
                open.startM,
                byMeter,
                open.oneOf(wrong < FAULTY ? FAULTS : wrong < FAULTY + DISTURBED ? SURROUNDINGS : Set.of(), random),
                limit,
                best);
        return drawn.isCut() ? drawn.withLongest(watch) : drawn;
    }

    private Optional<Condition> oneOf(Set<Condition> some, Random random) {
        List<Condition> possible = suspects().stream().filter(some::contains).toList();
        return possible.isEmpty() ? Optional.empty() : Optional.of(possible.get(random.nextInt(possible.size())));
    }

    /** Golden section over what the piece can be, after a look at the whole of it. */
    private double bestLength(Watch watch) {
        Control c = control();
        double step = (c.highM() - c.lowM()) / (LENGTHS - 1);
        int best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < LENGTHS; i++) {
            double swr = worstSwr(c.lowM() + i * step, Optional.empty(), watch);
            if (swr < least) {
                least = swr;
                best = i;
            }
        }
        double low = c.lowM() + Math.max(0, best - 1) * step;
        double high = c.lowM() + Math.min(LENGTHS - 1, best + 1) * step;
        for (int i = 0; i < HALVINGS; i++) {
            double a = low + GOLDEN * (high - low);
            double b = high - GOLDEN * (high - low);
            if (worstSwr(a, Optional.empty(), watch) < worstSwr(b, Optional.empty(), watch)) {
                high = b;
            } else {
                low = a;
            }
        }
        return (low + high) / 2;
    }

    /** Whoever knows everything takes off no more than it needs. */
    private Exercise withLongest(Watch watch) {
        double met = bestM;
        double missed = startM;
        if (worstSwr(missed, Optional.empty(), watch) <= limitSwr) {
            met = missed;
        }
        for (int i = 0; i < HALVINGS && met < missed; i++) {
            double between = (met + missed) / 2;
            if (worstSwr(between, Optional.empty(), watch) <= limitSwr) {
                met = between;
            } else {
                missed = between;
            }
        }
        return new Exercise(on, seed, drift, startM, byMeter, hidden, limitSwr, met);
    }

    /** On the worst of the channels, in truth. */
    double worstSwr(double lengthM, Optional<Condition> now, Watch watch) {
        double[] hz = channelHz();
        Sweep truth = truth(lengthM, now, hz, new Random(seed), watch);
        double worst = 1;
        for (int i = 0; i < hz.length; i++) {
            worst = Math.max(worst, truth.reflection(i).swr());
        }
        return worst;
    }

    /** Whether {@code worstSwr} in truth is as good as was asked; of a needle, half a mark is forgiven, which nobody could have seen. */
    boolean isMet(double worstSwr) {
        double spare = byMeter ? SimulatedMeter.untold(limitSwr) : 0;
        return worstSwr <= Swr.ofMagnitude(Swr.magnitude(limitSwr) + spare);
    }

    private Sweep truth(double lengthM, Optional<Condition> now, double[] hz, Random random, Watch watch) {
        double[] scaled = Arrays.stream(hz).map(f -> f * (1 + drift)).toArray();
        Sweep s = on.sweep(
                new double[] {control().allowed(lengthM)},
                now.<Set<Condition>>map(Set::of).orElse(Set.of()),
                true,
                scaled,
                random,
                watch);
        double[] re = new double[hz.length];
        double[] im = new double[hz.length];
        for (int i = 0; i < hz.length; i++) {
            re[i] = s.re(i);
            im[i] = s.im(i);
        }
        return new Sweep(hz, re, im, s.referenceOhm());
    }

    /** As it is read at the radio's end of the line; each reading has noise of its own. */
    Pass read(double lengthM, Optional<Condition> now, int number, Watch watch) {
        Random noise = new Random(seed * 1009 + number);
        return byMeter
                ? Pass.ofSpots(0, SimulatedMeter.read(truth(lengthM, now, channelHz(), noise, watch), noise))
                        .orElseThrow()
                : new Pass(0, sweep(lengthM, now, noise, watch));
    }

    private Sweep sweep(double lengthM, Optional<Condition> now, Random noise, Watch watch) {
        double middle = (on.lowHz() + on.highHz()) / 2;
        return new SimulatedAnalyser(hz -> truth(lengthM, now, hz, noise, watch), noise)
                .sweep(new Span(middle * (1 - SWEPT_BESIDE), middle * (1 + SWEPT_BESIDE)), POINTS);
    }
}
