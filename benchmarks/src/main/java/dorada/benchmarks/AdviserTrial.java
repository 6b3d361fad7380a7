package dorada.benchmarks;

import dorada.core.acceptance.AcceptanceRule;
import dorada.core.acceptance.ChannelValues;
import dorada.core.acceptance.EvenEnds;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.instrument.InlineMeter;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.instrument.Span;
import dorada.core.instrument.SpotReading;
import dorada.core.practice.Condition;
import dorada.core.practice.Control;
import dorada.core.practice.VirtualInstallation;
import dorada.core.practice.VirtualInstallations;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.Adjustment;
import dorada.core.tuning.Pass;
import dorada.core.tuning.Room;
import dorada.core.tuning.TrimAdvice;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.core.tuning.TrimAdviser;
import dorada.core.tuning.TrimPrior;
import dorada.core.wire.Watch;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * The adviser on random virtual installations, each pass solved by the wire solver: sizes, surroundings, reading errors and
 * faults that it never sees. Beside it two habits on the same antennas: cuts of 2 % of the length, and the whole proportional
 * amount at once.
 *
 * <p>One control is moved, the first of each installation; what else can be set stays as it was built. Sizes drift together:
 * an antenna that is larger throughout by a share is the same antenna at frequencies lower by that share.
 */
final class AdviserTrial {

    private static final int MOST_CUTS = 8;
    private static final double SIZE_DRIFT = 0.012;
    private static final double TAPE_M = 0.0003;
    private static final int CHECKED_LENGTHS = 11;

    /** Directivity residue and noise of the stand-in analyser; half a mark of the meter's scale. */
    private static final double ANALYSER_SPARE = 0.008;

    private static final double METER_SPARE = 0.03;
    private static final double MOST_BY_METER_SWR = 3;
    private static final int HALVINGS = 5;

    private static final Map<String, TrimPrior> PRIORS = Map.ofEntries(
            Map.entry("roof-quarter-wave", new TrimPrior(0.25, 1.02, 0.06)),
            Map.entry("boot-lid", new TrimPrior(0.25, 1.02, 0.06)),
            Map.entry("roof-five-eighths", new TrimPrior(0.625, 1.16, 0.07)),
            Map.entry("plastic-cab-half-wave", new TrimPrior(0.5, 1.05, 0.07)),
            Map.entry("cb-base-loaded", new TrimPrior(0.25, 0.8, 0.22)),
            Map.entry("cb-centre-loaded", new TrimPrior(0.25, 0.8, 0.22)),
            Map.entry("handheld-rod", new TrimPrior(0.25, 1.5, 0.1)),
            Map.entry("handheld-counterpoise", new TrimPrior(0.25, 1.5, 0.12)),
            Map.entry("airband-tab", new TrimPrior(0.25, 1.12, 0.08)),
            Map.entry("airband-radials", new TrimPrior(0.25, 1.12, 0.08)),
            Map.entry("airband-mesh", new TrimPrior(0.25, 1.12, 0.08)),
            Map.entry("airband-skin", new TrimPrior(0.25, 1.12, 0.08)),
            Map.entry("beam-three-split", new TrimPrior(0.25, 2.5, 0.3)),
            Map.entry("beam-five-gamma", new TrimPrior(0.25, 3, 0.3)),
            Map.entry("tube-j-pole", new TrimPrior(0.75, 2.15, 0.1)),
            Map.entry("wire-two-radials", new TrimPrior(0.25, 1.38, 0.1)),
            Map.entry("rod-four-radials", new TrimPrior(0.25, 1.38, 0.1)),
            Map.entry("ribbon-open", new TrimPrior(0.75, 2.2, 0.2)),
            Map.entry("ribbon-tube", new TrimPrior(0.75, 2.2, 0.2)),
            Map.entry("attic-dipole", new TrimPrior(0.25, 1.02, 0.06)),
            Map.entry("attic-vertical", new TrimPrior(0.25, 2, 0.15)),
            Map.entry("attic-loop", new TrimPrior(1, 0.51, 0.08)));

    /** Best worst SWR over the band at the radio end that any length of the first control reaches, where it is above 1.4. */
    private static final Map<String, Double> BEST_SWR = Map.ofEntries(
            Map.entry("roof-five-eighths", 1.7),
            Map.entry("plastic-cab-half-wave", 1.5),
            Map.entry("boot-lid", 1.5),
            Map.entry("cb-base-loaded", 2.2),
            Map.entry("cb-centre-loaded", 4.0),
            Map.entry("airband-tab", 5.0),
            Map.entry("airband-radials", 2.9),
            Map.entry("airband-mesh", 3.4),
            Map.entry("airband-skin", 3.0),
            Map.entry("beam-three-split", 2.2),
            Map.entry("beam-five-gamma", 2.9),
            Map.entry("tube-j-pole", 1.6),
            Map.entry("ribbon-open", 2.0),
            Map.entry("ribbon-tube", 2.3),
            Map.entry("attic-dipole", 1.45),
            Map.entry("attic-vertical", 2.4));

    private static final Set<Condition> FAULTS = EnumSet.of(
            Condition.DUMMY_LOAD,
            Condition.LOOSE_CONNECTOR,
            Condition.PAINT_UNDER_GROUND,
            Condition.WET_LINE,
            Condition.KINKED_LINE);
    private static final Set<Condition> SURROUNDINGS =
            EnumSet.of(Condition.DOOR_OPEN, Condition.PERSON_NEAR, Condition.INDOORS, Condition.HAND_NEAR);

    private AdviserTrial() {}

    private enum Way {
        ADVISER,
        TWO_PER_CENT,
        ALL_AT_ONCE
    }

    private static final class Tally {
        int antennas;
        int curable;
        int met;
        int overshot;
        int faulted;
        int recognised;
        int sound;
        int falseAlarms;
        double wastedM;
        final List<Integer> cuts = new ArrayList<>();
        final List<String> misses = new ArrayList<>();
    }

    /** One antenna as it stands in the world, hidden from the adviser. */
    private record Job(
            VirtualInstallation kind,
            double drift,
            double startM,
            Set<Condition> before,
            Set<Condition> after,
            int changesAtPass,
            Set<Condition> fault,
            boolean byMeter,
            AcceptanceRule rule,
            List<WantedChannel> channels,
            long seed) {

        Set<Condition> conditions(int pass) {
            EnumSet<Condition> now = EnumSet.noneOf(Condition.class);
            now.addAll(pass < changesAtPass ? before : after);
            now.addAll(fault);
            return now;
        }

        /** What the radio end sees, without the instrument's errors. */
        Sweep truth(double lengthM, int pass, double[] hz, Random random) {
            double[] scaled = Arrays.stream(hz).map(f -> f * (1 + drift)).toArray();
            double[] settings = kind.startM();
            Control c = kind.controls().get(0);
            settings[0] = c.allowed(lengthM);
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

        double[] channelHz() {
            return channels.stream().mapToDouble(WantedChannel::frequencyHz).toArray();
        }
    }

    static void print(PrintStream out, long seed, int trials) {
        out.printf("Adviser, seed %d, %d antennas%n", seed, trials);
        List<Job> jobs = jobs(new Random(seed), trials);
        Map<String, Tally> tallies = new TreeMap<>();
        jobs.parallelStream().forEach(job -> run(job, tallies));
        for (String instrument : List.of("analyser", "meter")) {
            for (Way way : Way.values()) {
                print(out, instrument + ", " + way, tallies.get(instrument + way));
            }
        }
        out.println("By kind, adviser:");
        tallies.entrySet().stream()
                .filter(e -> e.getKey().startsWith("kind "))
                .forEach(e -> print(out, e.getKey().substring(5), e.getValue()));
        for (String instrument : List.of("analyser", "meter")) {
            Tally t = tallies.get(instrument + Way.ADVISER);
            if (t != null) {
                t.misses.stream().sorted().limit(40).forEach(m -> out.println("missed, " + instrument + ": " + m));
            }
        }
    }

    private static void print(PrintStream out, String name, Tally t) {
        if (t == null) {
            return;
        }
        int[] cuts = t.cuts.stream().mapToInt(Integer::intValue).sorted().toArray();
        out.printf(
                Locale.ROOT,
                "%-34s curable %3d: met %5.1f %%, cuts median %s, 95 %% %s; overshot %.1f %% of %d; %.1f mm more off than needed; faults %d of %d; "
                        + "false alarms %d of %d%n",
                name,
                t.curable,
                share(t.met, t.curable),
                cuts.length == 0 ? "-" : cuts[cuts.length / 2],
                cuts.length == 0 ? "-" : cuts[(int) Math.min(cuts.length - 1, Math.ceil(cuts.length * 0.95) - 1)],
                share(t.overshot, t.antennas),
                t.antennas,
                t.met == 0 ? 0 : t.wastedM / t.met * 1000,
                t.recognised,
                t.faulted,
                t.falseAlarms,
                t.sound);
    }

    private static double share(int part, int whole) {
        return whole == 0 ? Double.NaN : 100.0 * part / whole;
    }

    private static List<Job> jobs(Random random, int trials) {
        long[] seeds = random.longs(trials).toArray();
        return IntStream.range(0, trials)
                .parallel()
                .mapToObj(i -> job(new Random(seeds[i])))
                .toList();
    }

    /** An antenna that does not meet its rule yet; one that is cut starts longer than it should be. */
    private static Job job(Random random) {
        VirtualInstallation v = VirtualInstallations.ALL.get(random.nextInt(VirtualInstallations.ALL.size()));
        Control c = v.controls().get(0);
        double middle = (v.lowHz() + v.highHz()) / 2;
        List<WantedChannel> channels = List.of(
                new WantedChannel("low", v.lowHz(), false),
                new WantedChannel("middle", middle, true),
                new WantedChannel("high", v.highHz(), false));
        double easiest = BEST_SWR.getOrDefault(v.id(), 1.5);
        double[] limits = Arrays.stream(new double[] {1.5, 1.7, 2, 2.5, 3, 4, 5, 6, 8})
                .filter(l -> l > 1 + 1.15 * (easiest - 1))
                .limit(3)
                .toArray();
        boolean isCb = middle < 30e6;
        AcceptanceRule rule = isCb && easiest < 1.8 && random.nextInt(3) == 0
                ? new EvenEnds()
                : new UnderLimit(limits[random.nextInt(limits.length)]);
        Set<Condition> fault = random.nextInt(10) == 0 ? some(random, FAULTS, v) : Set.of();
        Set<Condition> before = random.nextInt(4) == 0 ? some(random, SURROUNDINGS, v) : Set.of();
        double drift = SIZE_DRIFT * random.nextGaussian();
        // Nobody transmits into an SWR of 3 and more to read a meter.
        boolean byMeter = random.nextBoolean() && rule.limitSwr() <= MOST_BY_METER_SWR;
        Job job = null;
        for (int attempt = 0; attempt < 12; attempt++) {
            double share = random.nextDouble();
            // A cut starts in the upper half of what the saw has to work on; a slide anywhere.
            double start = c.oneWay()
                    ? c.highM() - (c.highM() - c.lowM()) * 0.4 * share
                    : c.lowM() + (c.highM() - c.lowM()) * share;
            job = new Job(
                    v,
                    drift,
                    start,
                    before,
                    Set.of(),
                    1 + random.nextInt(2),
                    fault,
                    byMeter,
                    rule,
                    channels,
                    random.nextLong());
            Sweep now = job.truth(start, 0, job.channelHz(), new Random(job.seed));
            double[] swr = {now.reflection(0).swr(), now.reflection(2).swr()};
            if (job.shortfall(now) > 0 && (!c.oneWay() || swr[1] >= swr[0])) {
                break;
            }
        }
        return job;
    }

    private static Set<Condition> some(Random random, Set<Condition> of, VirtualInstallation v) {
        List<Condition> possible =
                of.stream().filter(v.conditions()::contains).sorted().toList();
        return possible.isEmpty() ? Set.of() : Set.of(possible.get(random.nextInt(possible.size())));
    }

    private static void run(Job job, Map<String, Tally> tallies) {
        boolean fault = job.fault.contains(Condition.DUMMY_LOAD) || job.fault.contains(Condition.LOOSE_CONNECTOR);
        Map<Way, Outcome> outcomes = new java.util.EnumMap<>(Way.class);
        for (Way way : Way.values()) {
            outcomes.put(way, follow(job, way));
        }
        // Whoever met it has shown that it can be met; only the rest needs a search.
        boolean curable =
                !fault && (outcomes.values().stream().anyMatch(Outcome::met) || isCurable(job, job.startM, MOST_CUTS));
        boolean uncurableFault = !job.fault.isEmpty() && !curable;
        for (Way way : Way.values()) {
            Outcome o = outcomes.get(way);
            boolean met = o.met;
            boolean overshot = o.lastWasCut
                    && curable
                    && !met
                    && job.kind.controls().get(0).oneWay()
                    && !isCurable(job, o.lengthM, o.cuts);
            synchronized (tallies) {
                for (String key : way == Way.ADVISER
                        ? List.of((job.byMeter ? "meter" : "analyser") + way, "kind " + job.kind.id())
                        : List.of((job.byMeter ? "meter" : "analyser") + way)) {
                    Tally t = tallies.computeIfAbsent(key, k -> new Tally());
                    t.antennas++;
                    t.overshot += overshot ? 1 : 0;
                    if (curable) {
                        t.curable++;
                        t.met += met ? 1 : 0;
                        if (met) {
                            t.cuts.add(o.cuts);
                            t.wastedM += o.wastedM;
                        } else {
                            t.misses.add(describe(job, o) + (overshot ? ", overshot" : ""));
                        }
                    }
                    if (uncurableFault) {
                        t.faulted++;
                        t.recognised += o.saidFault ? 1 : 0;
                        if (!o.saidFault) {
                            t.misses.add("fault not seen: " + describe(job, o));
                        }
                    }
                    if (curable && job.fault.isEmpty()) {
                        t.sound++;
                        t.falseAlarms += o.saidFault ? 1 : 0;
                        if (o.saidFault) {
                            t.misses.add("false alarm: " + describe(job, o));
                        }
                    }
                }
            }
        }
    }

    private static String describe(Job job, Outcome o) {
        return String.format(
                Locale.ROOT,
                "%s, %s, from %.0f mm to %.0f mm in %d cuts, %s%s%s",
                job.kind.id(),
                job.rule.words().replaceAll(" on every channel", ""),
                job.startM * 1000,
                o.lengthM * 1000,
                o.cuts,
                o.ended,
                job.fault.isEmpty() ? "" : ", " + job.fault,
                job.before.isEmpty() ? "" : ", first " + job.before);
    }

    /** Whether some length that is left meets the rule, in the final surroundings. */
    private static boolean isCurable(Job job, double fromM, int pass) {
        Control c = job.kind.controls().get(0);
        double top = c.oneWay() ? fromM : c.highM();
        double[] hz = job.channelHz();
        for (int i = 0; i < CHECKED_LENGTHS; i++) {
            double length = top - (top - c.lowM()) * i / (CHECKED_LENGTHS - 1);
            if (job.shortfall(job.truth(length, pass, hz, new Random(job.seed)), ANALYSER_SPARE / 2) <= 0) {
                return true;
            }
        }
        // Between the lengths that were looked at: where the shortfall is least, ever nearer.
        double low = c.lowM();
        double high = top;
        double golden = (Math.sqrt(5) - 1) / 2;
        double best = Double.POSITIVE_INFINITY;
        double at = top;
        for (int i = 0; i < CHECKED_LENGTHS; i++) {
            double length = top - (top - c.lowM()) * i / (CHECKED_LENGTHS - 1);
            double s = job.shortfall(job.truth(length, pass, hz, new Random(job.seed)));
            if (s < best) {
                best = s;
                at = length;
            }
        }
        double span = (top - c.lowM()) / (CHECKED_LENGTHS - 1);
        low = Math.max(low, at - span);
        high = Math.min(high, at + span);
        for (int i = 0; i < 14; i++) {
            double a = high - golden * (high - low);
            double b = low + golden * (high - low);
            double sa = job.shortfall(job.truth(a, pass, hz, new Random(job.seed)));
            double sb = job.shortfall(job.truth(b, pass, hz, new Random(job.seed)));
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

    private record Outcome(
            boolean met,
            int cuts,
            double lengthM,
            boolean saidFault,
            boolean lastWasCut,
            double wastedM,
            String ended) {}

    private static Outcome follow(Job job, Way way) {
        Control c = job.kind.controls().get(0);
        Random random = new Random(job.seed);
        TrimPrior prior = PRIORS.get(job.kind.id());
        Adjustment adjustment = c.oneWay() ? new Adjustment.OneWayCut(c.stepM()) : new Adjustment.Slide(c.stepM());
        double low = job.channels.get(0).frequencyHz();
        double high = job.channels.get(job.channels.size() - 1).frequencyHz();
        Span span = new Span(low * 0.9, high * 1.1);
        double length = job.startM;
        double change = 0;
        int cuts = 0;
        boolean saidFault = false;
        boolean cutLast = false;
        String ended = "cuts used up";
        List<Pass> passes = new ArrayList<>();
        for (int look = 0; look < 3 * MOST_CUTS && cuts <= MOST_CUTS; look++) {
            Pass pass = job.byMeter
                    ? byMeter(job, length, cuts, change, random)
                    : bySweep(job, length, cuts, change, span, random);
            if (change == 0 && !passes.isEmpty()) {
                Pass before = passes.remove(passes.size() - 1);
                pass = new Pass(before.changeM(), pass.sweep(), pass.dipDeviationHz(), pass.spots());
            }
            passes.add(pass);
            TrimAdvice advice = new TrimAdviser(
                            job.rule,
                            job.channels,
                            adjustment,
                            prior,
                            SimulatedAnalyser.LIMITS,
                            new Room(length - c.lowM(), c.oneWay() ? 0 : c.highM() - length))
                    .advise(passes);
            Action action = advice.action();
            if (action == Action.SWEEP_WIDER && !job.byMeter) {
                span = advice.widerSweep().orElseThrow();
                change = 0;
                continue;
            }
            if (way == Way.ADVISER && action == Action.FIND_THE_FAULT) {
                saidFault = true;
                ended = "says: find the fault";
                break;
            }
            if (action == Action.STOP || cuts == MOST_CUTS) {
                ended = action == Action.STOP ? "says: stop" : ended;
                break;
            }
            double amount = amount(way, advice, job, c, length, prior);
            if (amount == 0) {
                ended = "says: " + action;
                break;
            }
            double next = Math.max(
                    c.lowM(),
                    Math.min(c.oneWay() ? length : c.highM(), length + amount + TAPE_M * random.nextGaussian()));
            if (Math.abs(next - length) < 1e-6) {
                ended = "no room left";
                break;
            }
            change = amount;
            length = next;
            cuts++;
            cutLast = true;
        }
        // Where it was last measured is where it stands.
        Sweep truth = job.truth(length, cuts, job.channelHz(), new Random(job.seed));
        boolean met = job.shortfall(truth, job.byMeter ? METER_SPARE : ANALYSER_SPARE) <= 0;
        double wasted = met && cuts > 0 && c.oneWay() ? longestGood(job, job.startM, length, cuts) - length : 0;
        return new Outcome(met, cuts, length, saidFault, cutLast, wasted, ended);
    }

    /** The longest piece that would have done, between {@code tooLongM} and {@code goodM}, by halving. */
    private static double longestGood(Job job, double tooLongM, double goodM, int pass) {
        double good = goodM;
        double bad = tooLongM;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (good + bad) / 2;
            Sweep s = job.truth(middle, pass, job.channelHz(), new Random(job.seed));
            if (job.shortfall(s, ANALYSER_SPARE) <= 0) {
                good = middle;
            } else {
                bad = middle;
            }
        }
        return good;
    }

    private static double amount(Way way, TrimAdvice advice, Job job, Control c, double length, TrimPrior prior) {
        double side = advice.action() == Action.SHORTEN || advice.fit() == TrimAdvice.Fit.TOO_LONG
                ? -1
                : advice.action() == Action.LENGTHEN || advice.fit() == TrimAdvice.Fit.TOO_SHORT ? 1 : 0;
        if (way == Way.ADVISER) {
            return advice.action() == Action.SHORTEN || advice.action() == Action.LENGTHEN
                    ? side * advice.amountM()
                    : 0;
        }
        if (side > 0 && c.oneWay() || side == 0) {
            return 0;
        }
        if (way == Way.TWO_PER_CENT) {
            return side * 0.02 * length;
        }
        double dip = advice.dipHz().orElse(0.0);
        double middle = (job.channels.get(0).frequencyHz() + job.channels.get(2).frequencyHz()) / 2;
        return dip > 0 ? length * (dip / middle - 1) : side * 0.02 * length;
    }

    private static Pass bySweep(Job job, double length, int pass, double change, Span span, Random random) {
        return new Pass(
                change, new SimulatedAnalyser(hz -> job.truth(length, pass, hz, random), random).sweep(span, 401));
    }

    private static Pass byMeter(Job job, double length, int pass, double change, Random random) {
        Sweep truth = job.truth(length, pass, job.channelHz(), random);
        List<SpotReading> spots = new ArrayList<>();
        for (int i = 0; i < truth.size(); i++) {
            InlineMeter meter = new InlineMeter(50);
            meter.set(truth.frequencyHz(i), 5);
            Reflection r = truth.reflection(i);
            double rho = Math.min(0.99, Math.max(0, r.magnitude() * (1 + 0.02 * random.nextGaussian())));
            double swr = meter.swr(Reflection.polar(rho, 0), truth.frequencyHz(i), 5);
            spots.add(SpotReading.ofSwr(ReadingKind.INLINE_METER, truth.frequencyHz(i), swr));
        }
        return Pass.ofSpots(change, spots).orElseThrow();
    }
}
