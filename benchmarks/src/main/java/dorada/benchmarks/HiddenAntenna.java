package dorada.benchmarks;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.ChannelValues;
import dorada.core.acceptance.EvenEnds;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.SecondPiece;
import dorada.core.antenna.SecondPiece.FinePiece;
import dorada.core.line.Feedline;
import dorada.core.practice.Condition;
import dorada.core.practice.Control;
import dorada.core.practice.VirtualInstallation;
import dorada.core.practice.VirtualInstallations;
import dorada.core.rf.Reflection;
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
        long seed) {

    /** @param secondM of the tap, strap or ring; NaN where there is none that is moved */
    record Setting(double lengthM, double secondM) {
        Setting ofLength(double newLengthM) {
            return new Setting(newLengthM, secondM);
        }
    }

    /** Directivity residue and noise of the stand-in analyser; half a mark of the meter's scale. */
    static final double ANALYSER_SPARE = 0.008;

    private static final double METER_SPARE = 0.03;

    /** Half the way from 3 to 4 on a meter's scale, where there is no mark between. */
    private static final double METER_SPARE_AT_3 = 0.05;

    private static final double SIZE_DRIFT = 0.012;
    private static final double MOST_BY_METER_SWR = 3;
    private static final double MOST_READ_SWR = 6;
    private static final double BESIDE = 0.035;
    private static final double METER_SHARE = 0.58;

    /** A feedline is this much shorter or longer than usual, at most. */
    private static final double LINE_FACTOR = 2;

    private static final List<Feedline> LINES = Feedline.ALL.stream()
            .filter(f -> f.impedanceOhm() == Sweep.STANDARD_REFERENCE_OHM)
            .toList();
    private static final int MOST_DRAWS = 40;

    /** What is cut is left so much longer than where one practises. */
    private static final double LEFT_ON = 1.08;

    private static final int CHECKED_LENGTHS = 11;
    private static final int CHECKED_MATCHES = 9;
    private static final int HALVINGS = 5;

    private static final Set<Condition> FAULTS = EnumSet.of(
            Condition.DUMMY_LOAD,
            Condition.LOOSE_CONNECTOR,
            Condition.PAINT_UNDER_GROUND,
            Condition.WET_LINE,
            Condition.KINKED_LINE);
    private static final Set<Condition> SURROUNDINGS =
            EnumSet.of(Condition.DOOR_OPEN, Condition.PERSON_NEAR, Condition.INDOORS, Condition.HAND_NEAR);

    static List<HiddenAntenna> some(Random random, int trials, String kinds) {
        List<VirtualInstallation> possible = VirtualInstallations.ALL.stream()
                .filter(v -> v.id().contains(kinds))
                .toList();
        long[] seeds = random.longs(trials).toArray();
        return IntStream.range(0, trials)
                .parallel()
                .mapToObj(i -> one(new Random(seeds[i]), possible))
                .toList();
    }

    /** One that would not meet its rule yet if nothing were wrong with it; one that is cut is longer than it should be. */
    private static HiddenAntenna one(Random random, List<VirtualInstallation> possible) {
        VirtualInstallation kind = possible.get(random.nextInt(possible.size()));
        for (int attempt = 0; attempt < MOST_DRAWS; attempt++) {
            HiddenAntenna drawn = drawn(random, kind);
            if (drawn.isToBeDone()) {
                return drawn;
            }
        }
        return one(random, possible);
    }

    private static HiddenAntenna drawn(Random random, VirtualInstallation kind) {
        VirtualInstallation lined = onSomeLine(kind, random);
        VirtualInstallation v = kind.controls().get(0).oneWay() ? lined.leftLonger(LEFT_ON) : lined;
        Control c = v.controls().get(0);
        double middle = (v.lowHz() + v.highHz()) / 2;
        List<WantedChannel> channels = List.of(
                new WantedChannel("low", v.lowHz(), false),
                new WantedChannel("middle", middle, true),
                new WantedChannel("high", v.highHz(), false));
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
        double length = c.oneWay()
                ? c.highM() - (c.highM() - c.lowM()) * 0.4 * share
                : c.lowM() + (c.highM() - c.lowM()) * share;
        return new HiddenAntenna(
                v,
                SIZE_DRIFT * random.nextGaussian(),
                new Setting(length, begunSecondM(v, random)),
                random.nextInt(4) == 0 ? oneOf(random, SURROUNDINGS, v) : Set.of(),
                Set.of(),
                1 + random.nextInt(2),
                random.nextInt(10) == 0 ? oneOf(random, FAULTS, v) : Set.of(),
                byMeter,
                !byMeter && random.nextBoolean(),
                rule,
                channels,
                random.nextLong());
    }

    /** What in |Γ| no instrument of its kind could tell. */
    double spare() {
        return byMeter ? rule.limitSwr() >= 3 ? METER_SPARE_AT_3 : METER_SPARE : ANALYSER_SPARE;
    }

    /** Whether it would miss its rule, and where it is cut be too long, in its final place with nothing broken. */
    private boolean isToBeDone() {
        Sweep now = mended().truth(start, changesAtPass, channelHz(), new Random(seed));
        // A needle at its end on every channel tells nothing: whoever has but a meter asks somebody else.
        boolean readable = !byMeter || IntStream.range(0, 3).anyMatch(i -> now.reflection(i).swr() < MOST_READ_SWR);
        return readable
                && shortfall(now, spare()) > 0
                && (!kind.controls().get(0).oneWay()
                        || now.reflection(2).swr() >= now.reflection(0).swr());
    }

    private static VirtualInstallation onSomeLine(VirtualInstallation v, Random random) {
        double lengthM = v.feedline().lengthM() * Math.pow(LINE_FACTOR, 2 * random.nextDouble() - 1);
        return v.fedBy(LINES.get(random.nextInt(LINES.size())).line(lengthM));
    }

    /** A ring half-way; a tap somewhere in the inner two thirds, for nobody fits one at the end of its rod. */
    private static double begunSecondM(VirtualInstallation v, Random random) {
        Optional<SecondPiece> second = TrialKinds.of(v).second();
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

    /** The same with nothing broken. */
    HiddenAntenna mended() {
        return new HiddenAntenna(
                kind, drift, start, before, after, changesAtPass, Set.of(), byMeter, lineIsKnown, rule, channels, seed);
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
        double[] scaled = Arrays.stream(hz).map(f -> f * (1 + drift)).toArray();
        double[] settings = kind.startM();
        settings[0] = kind.controls().get(0).allowed(at.lengthM);
        if (!Double.isNaN(at.secondM)) {
            settings[1] = kind.controls().get(1).allowed(at.secondM);
        }
        Sweep s = kind.sweep(settings, conditions(pass), true, scaled, random, Watch.NOBODY);
        return new Sweep(hz, s.re(), s.im(), Sweep.STANDARD_REFERENCE_OHM);
    }

    /** What the rule lacks; |Γ| up to {@code spare} less is forgiven, as no instrument of that kind could tell it. */
    double shortfall(Sweep sweep, double spare) {
        ChannelValues at = new ChannelValues(channels);
        for (int i = 0; i < channels.size(); i++) {
            double rho = sweep.at(channels.get(i).frequencyHz()).orElseThrow().magnitude();
            at.set(i, new Reflection(Math.max(0, Math.min(1, rho) - spare), 0), false);
        }
        return rule.shortfall(at);
    }

    double shortfall(Sweep sweep) {
        return shortfall(sweep, 0);
    }

    /** Channels beyond the wanted ones on either side, as far apart as a radio of the band still transmits. */
    double[] channelsBesideHz() {
        return new double[] {
            channels.get(0).frequencyHz() * (1 - BESIDE),
            channels.get(channels.size() - 1).frequencyHz() * (1 + BESIDE)
        };
    }

    double[] channelHz() {
        return channels.stream().mapToDouble(WantedChannel::frequencyHz).toArray();
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
}
