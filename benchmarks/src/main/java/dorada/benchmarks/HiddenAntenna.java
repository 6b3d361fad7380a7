package dorada.benchmarks;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.ChannelValues;
import dorada.core.acceptance.EvenEnds;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.SecondPiece;
import dorada.core.antenna.SecondPiece.FinePiece;
import dorada.core.design.Designs;
import dorada.core.design.GroundPlaneDesign;
import dorada.core.design.QuarterWaveDesign;
import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.instrument.SimulatedMeter;
import dorada.core.line.Feedline;
import dorada.core.rf.Reflection;
import dorada.core.simulation.Condition;
import dorada.core.simulation.Control;
import dorada.core.simulation.VirtualInstallation;
import dorada.core.sweep.Sweep;
import dorada.core.wire.Watch;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * One antenna as it stands in the world, hidden from the adviser.
 *
 * <p>Sizes drift together: an antenna that is larger throughout by a share is the same antenna at frequencies lower by that
 * share.
 *
 * @param kind with a feedline of a random type and length
 * @param drift that share
 * @param start the settings before the first change
 * @param before conditions until pass {@code changesAtPass}
 * @param after conditions from then on
 * @param fault conditions throughout
 * @param driftsBy share by which its dips move after the first reading
 * @param lineIsKnown true where the person has typed the feedline, so that it can be taken off
 */
record HiddenAntenna(
        VirtualInstallation kind,
        double drift,
        Setting start,
        Set<Condition> before,
        Set<Condition> after,
        int changesAtPass,
        Set<Condition> fault,
        boolean byMeter,
        boolean lineIsKnown,
        AcceptanceRule rule,
        List<WantedChannel> channels,
        long seed,
        World world,
        double driftsBy) {

    /** @param secondM of the tap, strap or ring; NaN where there is none that is moved */
    record Setting(double lengthM, double secondM) {
        Setting ofLength(double newLengthM) {
            return new Setting(newLengthM, secondM);
        }
    }

    /** Directivity residue and noise of the stand-in analyser. */
    static final double ANALYSER_SPARE = SimulatedAnalyser.untold();

    private static final double SIZE_DRIFT = 0.012;
    private static final double MOST_BY_METER_SWR = 3;
    private static final double MOST_READ_SWR = 6;
    private static final double BESIDE = 0.035;
    private static final double CLOSE_SHARE = 0.0025;
    private static final double METER_SHARE = 0.58;

    /** A feedline is this much shorter or longer than usual, at most. */
    private static final double LINE_FACTOR = 2;

    private static final List<Feedline> LINES = Feedline.ALL.stream()
            .filter(f -> f.impedanceOhm() == Sweep.STANDARD_REFERENCE_OHM)
            .toList();
    private static final int MOST_DRAWS = 40;

    /**
     * Of the highest channel of the band that is tuned: beyond, some wires of an antenna are too thick to be solved. As finely as up
     * to there it is always solved, so that whatever is swept is one antenna.
     */
    static final double HIGHEST_SWEPT = 1.3;

    /** What is cut is left so much longer than where one practises. */
    private static final double LEFT_ON = 1.08;

    /** The side is looked for this far away, as a share of the length. */
    private static final double LOOKED_SHARE = 0.006;

    /** Of (limit − 1): less is neither better nor worse. */
    private static final double MATTERS = 0.02;

    private static final int CHECKED_LENGTHS = 11;
    private static final int CHECKED_MATCHES = 9;
    private static final int HALVINGS = 5;

    /** Of a length: a rule's window is wider. */
    private static final double FINE_SHARE = 0.005;

    /** Of a length: a window has no second part so far beyond its first. */
    private static final double BEYOND = 0.04;

    private static final Set<Condition> FAULTS = EnumSet.of(
            Condition.DUMMY_LOAD,
            Condition.LOOSE_CONNECTOR,
            Condition.PAINT_UNDER_GROUND,
            Condition.WET_LINE,
            Condition.KINKED_LINE);
    private static final Set<Condition> SURROUNDINGS =
            EnumSet.of(Condition.DOOR_OPEN, Condition.PERSON_NEAR, Condition.INDOORS, Condition.HAND_NEAR);

    static List<HiddenAntenna> some(Random random, int trials, String kinds, World world) {
        List<VirtualInstallation> possible = Designs.ALL.installations().stream()
                .filter(v -> v.id().contains(kinds))
                .filter(v -> !world.isCutOnly() || v.controls().get(0).oneWay())
                .filter(v -> world != World.ALIKE || v.kind() == GroundPlaneDesign.KIND)
                .filter(v -> world != World.WRONG_KIND || v.kind() == QuarterWaveDesign.KIND)
                .filter(v -> (world == World.BARE) == v.id().equals("airband-tab") || world == World.YARD)
                // At three times UHF a rod is no thin wire any more.
                .filter(v -> world != World.BANDS || !v.kind().hasPieceForEachOf(2) && v.highHz() < 200e6)
                .toList();
        long[] seeds = random.longs(trials).toArray();
        return IntStream.range(0, trials)
                .parallel()
                .mapToObj(i -> one(new Random(seeds[i]), possible, world))
                .toList();
    }

    /** One that would not meet its rule yet if nothing were wrong with it; one that is cut is longer than it should be. */
    private static HiddenAntenna one(Random random, List<VirtualInstallation> possible, World world) {
        VirtualInstallation kind = possible.get(random.nextInt(possible.size()));
        for (int attempt = 0; attempt < MOST_DRAWS; attempt++) {
            HiddenAntenna drawn = drawn(random, kind, world);
            if (drawn.isToBeDone()) {
                return drawn;
            }
        }
        return one(random, possible, world);
    }

    private static HiddenAntenna drawn(Random random, VirtualInstallation kind, World world) {
        VirtualInstallation lined = onSomeLine(kind, random);
        VirtualInstallation v = kind.controls().get(0).oneWay() ? lined.leftLonger(leftOn(random, world)) : lined;
        Control c = v.controls().get(0);
        double middle = (v.lowHz() + v.highHz()) / 2;
        List<WantedChannel> channels = channels(v, middle, world);
        double easiest = TrialKinds.BEST_SWR.getOrDefault(v.id(), 1.5);
        double[] limits = Arrays.stream(new double[] {1.5, 1.7, 2, 2.5, 3, 4, 5, 6, 8})
                .filter(l -> l > 1 + 1.15 * (easiest - 1))
                .limit(3)
                .toArray();
        boolean isCb = middle < 30e6;
        // Nobody transmits into an SWR of 3 and more to read a meter; of the others somewhat more than half are read by
        // one.
        double[] forMeter =
                Arrays.stream(limits).filter(l -> l <= MOST_BY_METER_SWR).toArray();
        boolean byMeter = forMeter.length > 0 && random.nextDouble() < METER_SHARE;
        double[] allowed = byMeter ? forMeter : limits;
        AcceptanceRule rule = isCb && easiest < 1.8 && random.nextInt(3) == 0
                ? new EvenEnds()
                : new UnderLimit(allowed[random.nextInt(allowed.length)]);
        double share = random.nextDouble();
        // A cut starts in the upper part of what the saw has to work on; a slide anywhere.
        double length = world.isCutOnly()
                ? c.highM()
                : c.oneWay() && world != World.DRIFT
                        ? c.highM() - (c.highM() - c.lowM()) * 0.4 * share
                        : c.lowM() + (c.highM() - c.lowM()) * share;
        boolean yard = world == World.YARD;
        return new HiddenAntenna(
                v,
                SIZE_DRIFT * random.nextGaussian(),
                new Setting(length, world == World.ALIKE ? v.controls().get(1).startM() : begunSecondM(v, random)),
                yard && random.nextInt(4) == 0 ? oneOf(random, SURROUNDINGS, v) : Set.of(),
                Set.of(),
                1 + random.nextInt(2),
                world == World.LOAD
                        ? Set.of(Condition.DUMMY_LOAD)
                        : yard && random.nextInt(10) == 0 ? oneOf(random, FAULTS, v) : Set.of(),
                byMeter,
                !byMeter && random.nextBoolean(),
                rule,
                channels,
                random.nextLong(),
                world,
                world == World.DRIFT ? (random.nextBoolean() ? 1 : -1) * (0.012 + 0.05 * random.nextDouble()) : 0);
    }

    private static double leftOn(Random random, World world) {
        return switch (world) {
            case FAR, ALIKE -> 1.1 + 0.15 * random.nextDouble();
            case WRONG_KIND -> 2.85 + 0.4 * random.nextDouble();
            default -> LEFT_ON;
        };
    }

    private static List<WantedChannel> channels(VirtualInstallation v, double middle, World world) {
        WantedChannel main = new WantedChannel("middle", middle, true);
        double half = world == World.CLOSE ? CLOSE_SHARE * middle : (v.highHz() - v.lowHz()) / 2;
        List<WantedChannel> three = List.of(
                new WantedChannel("low", middle - half, false), main, new WantedChannel("high", middle + half, false));
        return switch (world) {
            case ONE_CHANNEL -> List.of(main);
            case BANDS -> List.of(three.get(0), main, three.get(2), new WantedChannel("other band", 3 * middle, false));
            default -> three;
        };
    }

    /** What in |Γ| no instrument of its kind could tell. */
    double spare() {
        return byMeter ? SimulatedMeter.untold(rule.limitSwr()) : ANALYSER_SPARE;
    }

    /** Whether it would miss its rule, and where it is cut be too long, in its final place with nothing broken. */
    private boolean isToBeDone() {
        double[] hz = channelHz();
        Sweep now = mended().truth(start, world == World.DRIFT ? 0 : changesAtPass, hz, new Random(seed));
        // A needle at its end on every channel tells nothing: whoever has but a meter asks somebody else.
        boolean readable = !byMeter
                || IntStream.range(0, hz.length).anyMatch(i -> now.reflection(i).swr() < MOST_READ_SWR);
        if (world == World.DRIFT) {
            Sweep later = truth(start, 1, hz, new Random(seed));
            return readable && shortfall(now) < -spare() && shortfall(later, spare()) > 0;
        }
        if (world == World.LOAD || world == World.BARE) {
            return readable && (world == World.LOAD || !isCurable(start, changesAtPass));
        }
        return readable
                && shortfall(now, spare()) > 0
                && (!kind.controls().get(0).oneWay() || (world == World.STUCK ? in(World.SOUND) : this).isTooLong());
    }

    private boolean isTooLong() {
        Control c = kind.controls().get(0);
        double shorter = Math.max(c.lowM(), start.lengthM * 0.985);
        return shortfall(mended().truthAt(start.ofLength(shorter), changesAtPass))
                < shortfall(mended().truthAt(start, changesAtPass));
    }

    private static VirtualInstallation onSomeLine(VirtualInstallation v, Random random) {
        double lengthM = v.feedline().lengthM() * Math.pow(LINE_FACTOR, 2 * random.nextDouble() - 1);
        return v.fedBy(LINES.get(random.nextInt(LINES.size())).line(lengthM));
    }

    /** A ring half-way; a tap somewhere in the inner two thirds, for nobody fits one at the end of its rod. */
    private static double begunSecondM(VirtualInstallation v, Random random) {
        Optional<SecondPiece> second = v.kind().second();
        if (second.isEmpty()) {
            return Double.NaN;
        }
        Control c = v.controls().get(1);
        return second.get() instanceof FinePiece
                ? c.startM()
                : c.lowM() + (c.highM() - c.lowM()) * (1 / 6.0 + random.nextDouble() * 2 / 3);
    }

    private static Set<Condition> oneOf(Random random, Set<Condition> of, VirtualInstallation v) {
        List<Condition> possible =
                of.stream().filter(v.conditions()::contains).sorted().toList();
        return possible.isEmpty() ? Set.of() : Set.of(possible.get(random.nextInt(possible.size())));
    }

    /** The same, cut to a length before it is read for the first time; what is shorter already stays. */
    HiddenAntenna cutTo(double lengthM) {
        double length = kind.controls().get(0).allowed(Math.min(lengthM, start.lengthM));
        return new HiddenAntenna(
                kind,
                drift,
                start.ofLength(length),
                before,
                after,
                changesAtPass,
                fault,
                byMeter,
                lineIsKnown,
                rule,
                channels,
                seed,
                world,
                driftsBy);
    }

    /** The same with nothing broken. */
    HiddenAntenna mended() {
        return as(Set.of(), world);
    }

    private HiddenAntenna in(World other) {
        return as(fault, other);
    }

    private HiddenAntenna as(Set<Condition> broken, World other) {
        return new HiddenAntenna(
                kind,
                drift,
                start,
                before,
                after,
                changesAtPass,
                broken,
                byMeter,
                lineIsKnown,
                rule,
                channels,
                seed,
                other,
                driftsBy);
    }

    /** Whether nothing is about it at {@code pass} that will not be there in the end. */
    boolean isUndisturbed(int pass) {
        return pass >= changesAtPass || before.isEmpty();
    }

    private Set<Condition> conditions(int pass) {
        EnumSet<Condition> now = EnumSet.noneOf(Condition.class);
        now.addAll(pass < changesAtPass ? before : after);
        now.addAll(fault);
        return now;
    }

    /** What the radio end sees, without the instrument's errors. */
    Sweep truth(Setting at, int pass, double[] hz, Random random) {
        double moved = (1 + drift) / (pass > 0 ? 1 + driftsBy : 1);
        double[] scaled = Arrays.stream(hz).map(f -> f * moved).toArray();
        double[] settings = kind.startM();
        settings[0] = kind.controls().get(0).allowed(world == World.STUCK ? start.lengthM : at.lengthM);
        if (!Double.isNaN(at.secondM)) {
            settings[1] = kind.controls().get(1).allowed(at.secondM);
        }
        double topHz = Math.max(scaled[scaled.length - 1], HIGHEST_SWEPT * (1 + drift) * highestHz());
        Sweep s = kind.sweep(settings, conditions(pass), true, scaled, topHz, random, Watch.NOBODY);
        return new Sweep(hz, s.re(), s.im(), Sweep.STANDARD_REFERENCE_OHM);
    }

    /** What the rule lacks; |Γ| up to {@code spare} less is forgiven, as no instrument of that kind could tell it. */
    double shortfall(Sweep sweep, double spare) {
        ChannelValues at = new ChannelValues(read());
        for (int i = 0; i < read().size(); i++) {
            double rho = sweep.at(read().get(i).frequencyHz()).orElseThrow().magnitude();
            at.set(i, new Reflection(Math.max(0, Math.min(1, rho) - spare), 0), false);
        }
        return rule.shortfall(at);
    }

    double shortfall(Sweep sweep) {
        return shortfall(sweep, 0);
    }

    /** The channels that anybody reads: another band stays unread. */
    private List<WantedChannel> read() {
        return world == World.BANDS ? channels.subList(0, channels.size() - 1) : channels;
    }

    /** Channels beyond the wanted ones on either side, as far apart as a radio of the band still transmits. */
    double[] channelsBesideHz() {
        return new double[] {
            channels.get(0).frequencyHz() * (1 - BESIDE),
            read().get(read().size() - 1).frequencyHz() * (1 + BESIDE)
        };
    }

    private double highestHz() {
        return channelHz()[channelHz().length - 1];
    }

    double[] channelHz() {
        return read().stream().mapToDouble(WantedChannel::frequencyHz).toArray();
    }

    /** Whether a change from {@code at} by {@code amountM} goes away from where the rule is met, or begins where it is. */
    boolean isHarmed(Setting at, double amountM, int pass) {
        if (world.everyOrderHarms() || world == World.STUCK) {
            return true;
        }
        double here = shortfall(truthAt(at, pass));
        // Met so clearly that the instrument must have shown it.
        if (shortfall(truthAt(at, pass), -spare()) <= 0) {
            return true;
        }
        Control c = kind.controls().get(0);
        double by = Math.signum(amountM) * Math.min(Math.abs(amountM), LOOKED_SHARE * at.lengthM);
        double there = shortfall(truthAt(at.ofLength(c.allowed(at.lengthM + by)), pass));
        double back = shortfall(truthAt(at.ofLength(c.allowed(at.lengthM - by)), pass));
        double matters = MATTERS * (rule.limitSwr() - 1);
        return there > here + matters && back < here;
    }

    /** Whether a change from {@code at} by {@code amountM} leaves the rule missed, or missed by more than before. */
    boolean isWorse(Setting at, double amountM, int pass) {
        double here = shortfall(truthAt(at, pass));
        double there = shortfall(truthAt(at.ofLength(at.lengthM + amountM), pass));
        return there > Math.max(0, here);
    }

    /** Whether some setting that is left meets the rule, in the surroundings of {@code pass}. */
    boolean isCurable(Setting from, int pass) {
        if (Double.isNaN(from.secondM)) {
            return isCurableByLength(from, pass);
        }
        Control match = kind.controls().get(1);
        double span = match.highM() - match.lowM();
        return DoubleStream.concat(
                        DoubleStream.of(from.secondM),
                        IntStream.range(0, CHECKED_MATCHES)
                                .mapToDouble(i -> match.lowM() + span * i / (CHECKED_MATCHES - 1)))
                .anyMatch(m -> isCurableByLength(new Setting(from.lengthM, m), pass));
    }

    private boolean isCurableByLength(Setting from, int pass) {
        Control c = kind.controls().get(0);
        double top = c.oneWay() ? from.lengthM : c.highM();
        double best = Double.POSITIVE_INFINITY;
        double at = top;
        for (int i = 0; i < CHECKED_LENGTHS; i++) {
            double length = top - (top - c.lowM()) * i / (CHECKED_LENGTHS - 1);
            Sweep s = truthAt(from.ofLength(length), pass);
            if (shortfall(s, ANALYSER_SPARE / 2) <= 0) {
                return true;
            }
            if (shortfall(s) < best) {
                best = shortfall(s);
                at = length;
            }
        }
        // Between the lengths that were looked at: where the shortfall is least, ever nearer.
        double golden = (Math.sqrt(5) - 1) / 2;
        double span = (top - c.lowM()) / (CHECKED_LENGTHS - 1);
        double low = Math.max(c.lowM(), at - span);
        double high = Math.min(top, at + span);
        for (int i = 0; i < 14; i++) {
            double a = high - golden * (high - low);
            double b = low + golden * (high - low);
            double sa = shortfall(truthAt(from.ofLength(a), pass));
            double sb = shortfall(truthAt(from.ofLength(b), pass));
            if (Math.min(sa, sb) <= 0) {
                return true;
            }
            if (sa < sb) {
                high = b;
            } else {
                low = a;
            }
        }
        return false;
    }

    private Sweep truthAt(Setting at, int pass) {
        return truth(at, pass, channelHz(), new Random(seed));
    }

    /** The longest piece that would have done, between {@code tooLongM} and where it is good, by halving. */
    double longestGood(double tooLongM, Setting isGood, int pass) {
        double good = isGood.lengthM;
        double bad = tooLongM;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (good + bad) / 2;
            if (shortfall(truthAt(isGood.ofLength(middle), pass), ANALYSER_SPARE) <= 0) {
                good = middle;
            } else {
                bad = middle;
            }
        }
        return good;
    }

    /** The shortest length in its final place, {@code lowestM} or more, that meets its rule; NaN where none does. */
    double shortestGood(double lowestM) {
        double good = Double.NaN;
        double step = FINE_SHARE * start.lengthM;
        double length = start.lengthM;
        while (length > lowestM && (Double.isNaN(good) || good - length < BEYOND * start.lengthM)) {
            good = isGood(length) ? length : good;
            length -= step;
        }
        if (Double.isNaN(good)) {
            return good;
        }
        double bad = Math.max(lowestM, good - step);
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (good + bad) / 2;
            if (isGood(middle)) {
                good = middle;
            } else {
                bad = middle;
            }
        }
        return good;
    }

    private boolean isGood(double lengthM) {
        return shortfall(truthAt(start.ofLength(lengthM), TrialPerson.MOST_CUTS), ANALYSER_SPARE / 2) <= 0;
    }
}
