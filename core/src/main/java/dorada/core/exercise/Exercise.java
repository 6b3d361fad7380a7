package dorada.core.exercise;

import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.SecondPiece;
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
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * An antenna to bring in, as it is drawn from a number: the same number is the same exercise, on every machine. Sizes drift together:
 * what is larger throughout by a share is the same antenna at frequencies lower by that share.
 *
 * @param on what it is drawn from, as it was left before the first cut
 * @param drift that share
 * @param startM each piece before the first change, in metres
 * @param byMeter read with an in-line meter on its channels, and not swept
 * @param hidden what is wrong; empty where nothing is
 * @param limitSwr what every channel must come under
 * @param bestM the length of each piece that does best, the longest of those that meet the limit where it is cut, in metres
 */
public record Exercise(
        VirtualInstallation on,
        long seed,
        double drift,
        List<Double> startM,
        boolean byMeter,
        Optional<Condition> hidden,
        double limitSwr,
        List<Double> bestM) {

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

    /** Where a needle is at its end. */
    private static final double MOST_READ_SWR = 6;

    /** The first numbers of neighbouring seeds are much alike; those of seeds far apart are not. */
    private static final long SPREADS = 0x9E3779B97F4A7C15L;

    /** Beside what is left on already where one practises. */
    private static final double MOST_LEFT_ON = 1.04;

    private static final double SWEPT_BESIDE = 0.24;
    private static final int POINTS = 241;
    private static final int LENGTHS = 9;
    private static final int SECOND_LENGTHS = 5;
    private static final int HALVINGS = 6;
    private static final double GOLDEN = 0.381966;

    /** So much of the way of a tap or strap lies beyond either end of where it is found: nobody fits one at the end of its rod. */
    private static final double AT_AN_END = 1 / 6.0;

    /**
     * Whether one can be drawn from it: for one band, with one piece, or with a second one that sets the match or the fine length.
     */
    public static boolean isPossibleOn(VirtualInstallation v) {
        int pieces = v.controls().size();
        return v.highHz() / v.lowHz() < 1.1
                && (pieces == 1 || pieces == 2 && v.kind().second().isPresent());
    }

    /** Whether its first piece is only ever shortened. */
    public boolean isCut() {
        return on.controls().get(0).oneWay();
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
            List<Double> startM,
            boolean byMeter,
            Optional<Condition> hidden,
            double limitSwr,
            List<Double> bestM) {
        Control c = v.controls().get(0);
        VirtualInstallation on = c.oneWay() ? v.leftLonger(startM.get(0) / c.startM()) : v;
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
        List<Double> start = new ArrayList<>();
        start.add(c.oneWay() ? c.startM() : between(c, share));
        if (on.controls().size() > 1) {
            start.add(secondStartM(on, random));
        }
        Exercise open = new Exercise(
                on, seed, drift, List.copyOf(start), byMeter, Optional.empty(), LIMITS[LIMITS.length - 1], start);
        List<Double> best = open.bestLengths(watch);
        double worst = open.worstSwr(best, Optional.empty(), watch);
        double limit = Arrays.stream(LIMITS)
                .filter(l -> worst < 1 + ROOM * (l - 1))
                .findFirst()
                .orElse(LIMITS[LIMITS.length - 1]);
        Exercise drawn = new Exercise(
                on,
                seed,
                drift,
                byMeter ? open.readable(best, watch) : open.startM,
                byMeter,
                open.oneOf(wrong < FAULTY ? FAULTS : wrong < FAULTY + DISTURBED ? SURROUNDINGS : Set.of(), random),
                limit,
                best);
        return drawn.withLeastDone(watch);
    }

    /** Whoever has but a meter gets what its needle tells something of: a length that is set, not cut, begins nearer to its best. */
    private List<Double> readable(List<Double> best, Watch watch) {
        double[] start = lengths(startM);
        for (int i = 0; i < HALVINGS && !isCut() && swr(start, watch).min().orElseThrow() > MOST_READ_SWR; i++) {
            start[0] = (start[0] + best.get(0)) / 2;
        }
        return Arrays.stream(start).boxed().toList();
    }

    private static double between(Control c, double share) {
        return c.lowM() + (c.highM() - c.lowM()) * share;
    }

    /** A ring half-way; a tap or strap anywhere but near its ends. */
    private static double secondStartM(VirtualInstallation v, Random random) {
        Control c = v.controls().get(1);
        return v.kind().second().filter(SecondPiece.FinePiece.class::isInstance).isPresent()
                ? c.startM()
                : between(c, AT_AN_END + random.nextDouble() * (1 - 2 * AT_AN_END));
    }

    private Optional<Condition> oneOf(Set<Condition> some, Random random) {
        List<Condition> possible = suspects().stream().filter(some::contains).toList();
        return possible.isEmpty() ? Optional.empty() : Optional.of(possible.get(random.nextInt(possible.size())));
    }

    /** After a look at all of what the pieces can be. */
    private List<Double> bestLengths(Watch watch) {
        List<Control> pieces = on.controls();
        boolean isOne = pieces.size() == 1;
        double[] best = new double[pieces.size()];
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < LENGTHS; i++) {
            for (int k = 0; k < (isOne ? 1 : SECOND_LENGTHS); k++) {
                double first = pieces.get(0).lowM() + i * step(0);
                double[] here = isOne
                        ? new double[] {first}
                        : new double[] {first, pieces.get(1).lowM() + k * step(1)};
                double swr = worstSwr(here, watch);
                if (swr < least) {
                    least = swr;
                    best = here;
                }
            }
        }
        refine(best, 0, watch);
        if (!isOne) {
            refine(best, 1, watch);
            refine(best, 0, watch);
        }
        return Arrays.stream(best).boxed().toList();
    }

    /** Of the first look, in metres. */
    private double step(int piece) {
        Control c = on.controls().get(piece);
        return (c.highM() - c.lowM()) / ((piece == 0 ? LENGTHS : SECOND_LENGTHS) - 1);
    }

    /** Golden section over one piece a step either way. */
    private void refine(double[] at, int piece, Watch watch) {
        Control c = on.controls().get(piece);
        double low = c.allowed(at[piece] - step(piece));
        double high = c.allowed(at[piece] + step(piece));
        for (int i = 0; i < HALVINGS; i++) {
            double a = low + GOLDEN * (high - low);
            double b = high - GOLDEN * (high - low);
            if (worstSwr(with(at, piece, a), watch) < worstSwr(with(at, piece, b), watch)) {
                high = b;
            } else {
                low = a;
            }
        }
        at[piece] = (low + high) / 2;
    }

    private static double[] with(double[] all, int piece, double lengthM) {
        double[] other = all.clone();
        other[piece] = lengthM;
        return other;
    }

    /** Whoever knows everything leaves the pieces that need not be moved, and takes off no more than it needs. */
    private Exercise withLeastDone(Watch watch) {
        double[] best = lengths(bestM);
        if (best.length > 1) {
            best = oneMoved(1, watch).or(() -> oneMoved(0, watch)).orElse(best);
        }
        if (isCut()) {
            best = longest(best, watch);
        }
        return new Exercise(
                on,
                seed,
                drift,
                startM,
                byMeter,
                hidden,
                limitSwr,
                Arrays.stream(best).boxed().toList());
    }

    /** With this piece moved at most, and the other left where it was found; empty where that does not do. */
    private Optional<double[]> oneMoved(int piece, Watch watch) {
        double[] start = lengths(startM);
        if (isUnderLimit(start, watch)) {
            return Optional.of(start);
        }
        Control c = on.controls().get(piece);
        double[] best = IntStream.range(0, LENGTHS)
                .mapToObj(i -> with(start, piece, between(c, i / (LENGTHS - 1.0))))
                .min(Comparator.comparingDouble(at -> worstSwr(at, watch)))
                .orElseThrow();
        refine(best, piece, watch);
        return Optional.of(best).filter(at -> isUnderLimit(at, watch));
    }

    private double[] longest(double[] best, Watch watch) {
        double[] met = best;
        double missed = startM.get(0);
        if (isUnderLimit(with(best, 0, missed), watch)) {
            met = with(best, 0, missed);
        }
        for (int i = 0; i < HALVINGS && met[0] < missed; i++) {
            double[] between = with(best, 0, (met[0] + missed) / 2);
            if (isUnderLimit(between, watch)) {
                met = between;
            } else {
                missed = between[0];
            }
        }
        return met;
    }

    private boolean isUnderLimit(double[] lengthsM, Watch watch) {
        return worstSwr(lengthsM, watch) <= limitSwr;
    }

    private static double[] lengths(List<Double> some) {
        return some.stream().mapToDouble(m -> m).toArray();
    }

    private double worstSwr(double[] lengthsM, Watch watch) {
        return swr(lengthsM, watch).max().orElseThrow();
    }

    private DoubleStream swr(double[] lengthsM, Watch watch) {
        return swr(Arrays.stream(lengthsM).boxed().toList(), Optional.empty(), watch);
    }

    /** On the worst of the channels, in truth. */
    double worstSwr(List<Double> lengthsM, Optional<Condition> now, Watch watch) {
        return swr(lengthsM, now, watch).max().orElseThrow();
    }

    /** On each of the channels, in truth. */
    private DoubleStream swr(List<Double> lengthsM, Optional<Condition> now, Watch watch) {
        double[] hz = channelHz();
        Sweep truth = truth(lengthsM, now, hz, new Random(seed), watch);
        return IntStream.range(0, hz.length)
                .mapToDouble(i -> truth.reflection(i).swr());
    }

    /** Whether {@code worstSwr} in truth is as good as was asked; what its instrument could not have shown is forgiven. */
    boolean isMet(double worstSwr) {
        double spare = byMeter ? SimulatedMeter.untold(limitSwr) : SimulatedAnalyser.untold();
        return worstSwr <= Swr.ofMagnitude(Swr.magnitude(limitSwr) + spare);
    }

    private Sweep truth(List<Double> lengthsM, Optional<Condition> now, double[] hz, Random random, Watch watch) {
        double[] scaled = Arrays.stream(hz).map(f -> f * (1 + drift)).toArray();
        Sweep s = on.sweep(
                IntStream.range(0, lengthsM.size())
                        .mapToDouble(i -> on.controls().get(i).allowed(lengthsM.get(i)))
                        .toArray(),
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
    Pass read(List<Double> lengthsM, Optional<Condition> now, int number, Watch watch) {
        Random noise = new Random(seed * 1009 + number);
        return byMeter
                ? Pass.ofSpots(0, SimulatedMeter.read(truth(lengthsM, now, channelHz(), noise, watch), noise))
                        .orElseThrow()
                : new Pass(0, sweep(lengthsM, now, noise, watch));
    }

    private Sweep sweep(List<Double> lengthsM, Optional<Condition> now, Random noise, Watch watch) {
        double middle = (on.lowHz() + on.highHz()) / 2;
        return new SimulatedAnalyser(hz -> truth(lengthsM, now, hz, noise, watch), noise)
                .sweep(new Span(middle * (1 - SWEPT_BESIDE), middle * (1 + SWEPT_BESIDE)), POINTS);
    }
}
