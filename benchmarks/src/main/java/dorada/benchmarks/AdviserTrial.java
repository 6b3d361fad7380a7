package dorada.benchmarks;

import dorada.benchmarks.HiddenAntenna.Setting;
import dorada.core.antenna.AntennaKind;
import dorada.core.instrument.InlineMeter;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.SimulatedAnalyser;
import dorada.core.instrument.Span;
import dorada.core.instrument.SpotReading;
import dorada.core.line.ThroughLine;
import dorada.core.practice.Condition;
import dorada.core.practice.Control;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import dorada.core.tuning.Adjustment;
import dorada.core.tuning.AntennaAdviser;
import dorada.core.tuning.MatchControl;
import dorada.core.tuning.Pass;
import dorada.core.tuning.Room;
import dorada.core.tuning.TrimAdvice;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.core.tuning.TrimPrior;
import dorada.core.tuning.TrimTask;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;

/**
 * The adviser on random virtual installations, each pass solved by the wire solver: sizes, surroundings, reading errors and
 * faults that it never sees. Beside it two habits on the same antennas: cuts of 2 % of the length, and the whole proportional
 * amount at once.
 *
 * <p>Told to find the fault, the person looks about and measures once more, in the surroundings of the end; what is broken
 * is mended where one of the causes named it, and stays so where none did. Said of a sound antenna in its final surroundings
 * that is a false alarm; with somebody or something near it, it is not, and those are counted beside it.
 *
 * <p>The first control of each installation is moved, and by the adviser a match or a ring where there is one; what
 * else can be set stays as it was built.
 */
final class AdviserTrial {

    private static final int MOST_CUTS = 8;
    private static final double TAPE_M = 0.0003;

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
        int named;
        int sound;
        int falseAlarms;
        int spoilt;
        double wastedM;
        final List<Integer> cuts = new ArrayList<>();
        final List<String> misses = new ArrayList<>();
    }

    /** @param kinds letters that an installation's id must hold; "" for all of them */
    static void print(PrintStream out, long seed, int trials, String kinds, boolean habits) {
        out.printf("Adviser, seed %d, %d antennas%n", seed, trials);
        List<HiddenAntenna> jobs = HiddenAntenna.some(new Random(seed), trials, kinds);
        Map<String, Tally> tallies = new TreeMap<>();
        List<Way> ways = habits ? List.of(Way.values()) : List.of(Way.ADVISER);
        jobs.parallelStream().forEach(job -> run(job, ways, tallies));
        for (String instrument : List.of("analyser", "meter")) {
            for (Way way : ways) {
                print(out, instrument + ", " + way, tallies.get(instrument + way));
            }
        }
        out.println("Three spots show no dummy load and no loose joint: with a meter such faults stay unseen.");
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
                "%-34s curable %3d: met %5.1f %%, changes median %s, 95 %% %s; overshot %.1f %% of %d; %.1f mm more off than needed; faults %d of %d, %d by name; "
                        + "false alarms %d of %d, and %d where something was near%n",
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
                t.named,
                t.falseAlarms,
                t.sound,
                t.spoilt);
    }

    private static double share(int part, int whole) {
        return whole == 0 ? Double.NaN : 100.0 * part / whole;
    }

    private static void run(HiddenAntenna job, List<Way> ways, Map<String, Tally> tallies) {
        boolean fault =
                job.fault().contains(Condition.DUMMY_LOAD) || job.fault().contains(Condition.LOOSE_CONNECTOR);
        Map<Way, Outcome> outcomes = new java.util.EnumMap<>(Way.class);
        for (Way way : ways) {
            outcomes.put(way, follow(job, way));
        }
        // Whoever met it as it was has shown that it can be met; only the rest needs a search.
        boolean curable = !fault
                && (outcomes.values().stream().anyMatch(o -> o.met && !o.namedFault)
                        || job.isCurable(job.start(), MOST_CUTS));
        boolean uncurableFault = !job.fault().isEmpty() && !curable;
        for (Way way : ways) {
            Outcome o = outcomes.get(way);
            boolean met = o.met;
            boolean overshot = o.lastWasCut
                    && curable
                    && !met
                    && job.kind().controls().get(0).oneWay()
                    && !(o.namedFault ? job.mended() : job).isCurable(o.at, o.seen);
            synchronized (tallies) {
                for (String key : way == Way.ADVISER
                        ? List.of(
                                (job.byMeter() ? "meter" : "analyser") + way,
                                "kind " + job.kind().id())
                        : List.of((job.byMeter() ? "meter" : "analyser") + way)) {
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
                        t.named += o.namedFault ? 1 : 0;
                        if (!o.saidFault) {
                            t.misses.add("fault not seen: " + describe(job, o));
                        }
                    }
                    if (curable && job.fault().isEmpty()) {
                        t.sound++;
                        t.falseAlarms += o.saidOfSound ? 1 : 0;
                        t.spoilt += o.saidFault && !o.saidOfSound ? 1 : 0;
                        if (o.saidOfSound) {
                            t.misses.add("false alarm: " + describe(job, o));
                        }
                    }
                }
            }
        }
    }

    private static String describe(HiddenAntenna job, Outcome o) {
        return String.format(
                Locale.ROOT,
                "%s, %s, from %s to %s in %d changes, %s%s%s",
                job.kind().id(),
                job.rule().words().replaceAll(" on every channel", ""),
                words(job.start()),
                words(o.at),
                o.cuts,
                o.ended,
                job.fault().isEmpty() ? "" : ", " + job.fault(),
                (job.before().isEmpty() ? "" : ", first " + job.before()) + ", read" + o.read());
    }

    private static String words(Setting at) {
        return String.format(Locale.ROOT, "%.0f mm", at.lengthM() * 1000)
                + (Double.isNaN(at.secondM())
                        ? ""
                        : String.format(Locale.ROOT, " (second %.0f mm)", at.secondM() * 1000));
    }

    private static Room secondRoom(HiddenAntenna job, Setting at) {
        Control match = job.kind().controls().get(1);
        return new Room(Math.max(0, at.secondM() - match.lowM()), Math.max(0, match.highM() - at.secondM()));
    }

    /** @param seen the pass by whose surroundings it was last measured */
    private record Outcome(
            boolean met,
            int cuts,
            int seen,
            Setting at,
            boolean saidFault,
            boolean namedFault,
            boolean saidOfSound,
            boolean lastWasCut,
            double wastedM,
            String ended,
            String read) {}

    private static Outcome follow(HiddenAntenna drawn, Way way) {
        HiddenAntenna job = drawn;
        Control c = job.kind().controls().get(0);
        Random random = new Random(job.seed());
        AntennaKind kind = TrialKinds.of(job.kind());
        TrimPrior prior = TrialKinds.prior(job.kind());
        Optional<MatchControl> match = MatchControl.of(kind);
        Adjustment adjustment = c.oneWay() ? new Adjustment.OneWayCut(c.stepM()) : new Adjustment.Slide(c.stepM());
        double low = job.channels().get(0).frequencyHz();
        double high = job.channels().get(job.channels().size() - 1).frequencyHz();
        Span span = new Span(low * 0.9, high * 1.1);
        Setting at = job.start();
        double change = 0;
        double secondChange = 0;
        int cuts = 0;
        boolean saidFault = false;
        boolean namedFault = false;
        boolean saidOfSound = false;
        boolean lookedAbout = false;
        boolean hasLooked = false;
        boolean fartherApart = false;
        boolean cutLast = false;
        String ended = "cuts used up";
        List<Pass> passes = new ArrayList<>();
        for (int look = 0; look < 3 * MOST_CUTS && cuts <= MOST_CUTS; look++) {
            int seen = seen(job, cuts, lookedAbout);
            Pass pass = job.byMeter()
                    ? byMeter(job, at, seen, change, fartherApart && change == 0 ? job.channelsBesideHz() : job.channelHz(), random)
                    : bySweep(job, at, seen, change, span, random);
            passes.add(pass.after(change, secondChange).afterALook(hasLooked));
            hasLooked = false;
            double length = at.lengthM();
            Room second = match.isPresent() ? secondRoom(job, at) : Room.ANY;
            TrimTask task = TrimTask.of(job.rule(), job.channels(), adjustment, prior)
                    .within(new Room(length - c.lowM(), c.oneWay() ? 0 : c.highM() - length))
                    .matchedBy(match.map(m -> m.within(second)));
            TrimTask judged = job.lineIsKnown() ? task.behind(job.kind().feedline()) : task;
            TrimAdvice advice = new AntennaAdviser(kind, judged).advise(passes);
            Action action = advice.action();
            if (action == Action.SWEEP_WIDER && !job.byMeter()) {
                span = advice.widerSweep().orElseThrow();
                change = 0;
                secondChange = 0;
                continue;
            }
            if (way == Way.ADVISER && looksForFaults(advice)) {
                saidFault = true;
                // Somebody who stood near and went away is what has changed since it was read before.
                boolean wentAway = lookedAbout
                        && !job.before().isEmpty()
                        && advice.causes().stream().anyMatch(cause -> cause.name().contains("somebody"));
                boolean named = wentAway || TrialKinds.isNamed(advice.causes(), job.fault());
                namedFault = namedFault || named && !wentAway;
                saidOfSound = saidOfSound || job.isUndisturbed(seen) && !wentAway;
                ended = "says: " + action + " (" + advice.reasons().get(0) + ")";
                if (lookedAbout && !named) {
                    break;
                }
                job = named && !wentAway ? job.mended() : job;
                lookedAbout = true;
                hasLooked = true;
                change = 0;
                secondChange = 0;
                continue;
            }
            // Nobody signs off what was only measured with something near it, and whoever is told to measure again
            // looks about.
            fartherApart = job.byMeter() && action == Action.MEASURE_AGAIN && !pass.spots().isEmpty();
            if (action == Action.MEASURE_AGAIN || action == Action.STOP && !job.isUndisturbed(seen)) {
                lookedAbout = true;
                change = 0;
                secondChange = 0;
                continue;
            }
            if (action == Action.STOP || cuts == MOST_CUTS) {
                ended = action == Action.STOP ? "says: stop" : ended;
                break;
            }
            if (way == Way.ADVISER && advice.onSecond()) {
                change = 0;
                secondChange = advice.action() == Action.LENGTHEN ? advice.amountM() : -advice.amountM();
                at = new Setting(
                        length,
                        job.kind()
                                .controls()
                                .get(1)
                                .allowed(at.secondM() + secondChange + TAPE_M * random.nextGaussian()));
                cuts++;
                continue;
            }
            double amount = amount(way, advice, job, c, length, prior);
            if (amount == 0) {
                ended = "says: " + action + " (" + advice.reasons().get(0) + ")";
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
            secondChange = 0;
            at = at.ofLength(next);
            cuts++;
            cutLast = true;
        }
        // Where it was last measured is where it stands.
        int seen = seen(job, cuts, lookedAbout);
        Sweep truth = job.truth(at, seen, job.channelHz(), new Random(job.seed()));
        boolean met =
                job.shortfall(truth, job.spare()) <= 0;
        double wasted =
                met && cuts > 0 && c.oneWay() ? job.longestGood(job.start().lengthM(), at, seen) - at.lengthM() : 0;
        return new Outcome(met, cuts, seen, at, saidFault, namedFault, saidOfSound, cutLast, wasted, ended, read(passes, job));
    }

    /** The readings one after the other, with what was changed before each. */
    private static String read(List<Pass> passes, HiddenAntenna job) {
        StringBuilder all = new StringBuilder();
        for (Pass p : passes) {
            all.append(p.changeM() == 0 && p.secondChangeM() == 0 ? " | " : String.format(Locale.ROOT, " | %+.0f", 1000 * (p.changeM() + p.secondChangeM())))
                    .append(p.secondChangeM() == 0 ? " " : " (second) ");
            for (double hz : job.channelHz()) {
                all.append(String.format(Locale.ROOT, "%.1f ", p.isSwept() ? p.sweep().at(hz).map(Reflection::swr).orElse(Double.NaN)
                        : p.spots().stream().filter(r -> r.frequencyHz() == hz).findFirst().map(r -> r.swr()).orElse(Double.NaN)));
            }
        }
        return all.toString();
    }

    /** Names causes to be ruled out before anything is changed. */
    private static boolean looksForFaults(TrimAdvice advice) {
        return advice.action() == Action.FIND_THE_FAULT
                || advice.action() == Action.REPLACE_LONGER && !advice.causes().isEmpty();
    }

    private static int seen(HiddenAntenna job, int cuts, boolean lookedAbout) {
        return lookedAbout ? Math.max(cuts, job.changesAtPass()) : cuts;
    }

    private static double amount(
            Way way, TrimAdvice advice, HiddenAntenna job, Control c, double length, TrimPrior prior) {
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
        double middle =
                (job.channels().get(0).frequencyHz() + job.channels().get(2).frequencyHz()) / 2;
        return dip > 0 ? length * (dip / middle - 1) : side * 0.02 * length;
    }

    private static Pass bySweep(HiddenAntenna job, Setting at, int pass, double change, Span span, Random random) {
        Sweep read = new SimulatedAnalyser(hz -> job.truth(at, pass, hz, random), random).sweep(span, 401);
        return new Pass(
                change,
                job.lineIsKnown() ? ThroughLine.towardAntenna(read, job.kind().feedline()) : read);
    }

    private static Pass byMeter(
            HiddenAntenna job, Setting at, int pass, double change, double[] channelHz, Random random) {
        Sweep truth = job.truth(at, pass, channelHz, random);
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
