package dorada.benchmarks;

import dorada.benchmarks.HiddenAntenna.Setting;
import dorada.core.simulation.Condition;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;

/**
 * The adviser on random virtual installations, each pass solved by the wire solver: sizes, surroundings, reading errors and
 * faults that it never sees. Beside it two habits on the same antennas: cuts of 2 % of the length, and the whole proportional
 * amount at once.
 *
 * <p>Told to find the fault, {@link TrialPerson} looks about and measures once more. Said of a sound antenna in its final
 * surroundings that is a false alarm; with somebody or something near it, it is not, and those are counted beside it.
 *
 * <p>The first control of each installation is moved, and by the adviser a match or a ring where there is one; what
 * else can be set stays as it was built.
 */
final class AdviserTrial {

    private AdviserTrial() {}

    enum Way {
        ADVISER,
        TWO_PER_CENT,
        ALL_AT_ONCE
    }

    /** Upper ends of the stated chances that are counted together. */
    private static final double[] BINS = {0.001, 0.003, 0.01, 1};

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
        int harmed;
        int said;
        int harmful;
        int roomTaken;
        int roomWorse;
        final double[] statedSum = new double[BINS.length];
        final int[] stated = new int[BINS.length];
        final int[] tooMuch = new int[BINS.length];
        final List<Integer> cuts = new ArrayList<>();
        final List<String> misses = new ArrayList<>();
    }

    /** @param kinds letters that an installation's id must hold; "" for all of them */
    static void print(PrintStream out, long seed, int trials, String kinds, World world, boolean habits) {
        out.printf("Adviser, world %s, seed %d, %d antennas%n", world, seed, trials);
        List<HiddenAntenna> jobs = HiddenAntenna.some(new Random(seed), trials, kinds, world);
        Map<String, Tally> tallies = new TreeMap<>();
        List<Way> ways = habits ? List.of(Way.values()) : List.of(Way.ADVISER);
        jobs.parallelStream().forEach(job -> run(job, ways, tallies));
        for (String instrument : List.of("analyser", "meter")) {
            for (Way way : ways) {
                print(out, instrument + ", " + way, tallies.get(instrument + way));
            }
        }
        for (String instrument : List.of("analyser", "meter")) {
            Tally t = tallies.get(instrument + Way.ADVISER);
            if (t != null) {
                out.printf(
                        Locale.ROOT,
                        "harmful orders, %s: %d on %d of %d antennas; said that something else is wrong: %d; room to the limit taken: %d times, %d to the worse%n",
                        instrument,
                        t.harmful,
                        t.harmed,
                        t.antennas,
                        t.said,
                        t.roomTaken,
                        t.roomWorse);
            }
            printOdds(out, instrument, t);
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

    private static int bin(double stated) {
        int bin = 0;
        while (stated > BINS[bin]) {
            bin++;
        }
        return bin;
    }

    /** What was said of cuts that they are too much, against what they were. */
    private static void printOdds(PrintStream out, String instrument, Tally t) {
        for (int i = 0; t != null && i < BINS.length; i++) {
            if (t.stated[i] > 0) {
                out.printf(
                        Locale.ROOT,
                        "odds, %s, said up to %.1f %%: %d cuts, %.2f %% said on average, %d were too much (%.2f %%)%n",
                        instrument,
                        100 * BINS[i],
                        t.stated[i],
                        100 * t.statedSum[i] / t.stated[i],
                        t.tooMuch[i],
                        share(t.tooMuch[i], t.stated[i]));
            }
        }
    }

    private static double share(int part, int whole) {
        return whole == 0 ? Double.NaN : 100.0 * part / whole;
    }

    private static void run(HiddenAntenna job, List<Way> ways, Map<String, Tally> tallies) {
        boolean fault =
                job.fault().contains(Condition.DUMMY_LOAD) || job.fault().contains(Condition.LOOSE_CONNECTOR);
        Map<Way, TrialPerson.Outcome> outcomes = new java.util.EnumMap<>(Way.class);
        for (Way way : ways) {
            outcomes.put(way, TrialPerson.follow(job, way));
        }
        // Whoever met it as it was has shown that it can be met; only the rest needs a search.
        boolean curable = !fault
                && !job.world().everyOrderHarms()
                && job.world() != World.STUCK
                && (outcomes.values().stream().anyMatch(o -> o.met() && !o.namedFault())
                        || job.isCurable(job.start(), TrialPerson.MOST_CUTS));
        boolean uncurableFault =
                !curable && (!job.fault().isEmpty() || job.world().everyOrderHarms() || job.world() == World.STUCK);
        for (Way way : ways) {
            TrialPerson.Outcome o = outcomes.get(way);
            boolean met = o.met();
            boolean overshot = o.lastWasCut()
                    && curable
                    && !met
                    && job.kind().controls().get(0).oneWay()
                    && !job.world().everyOrderHarms()
                    && job.world() != World.STUCK
                    && !(o.namedFault() ? job.mended() : job).isCurable(o.at(), o.seen());
            synchronized (tallies) {
                for (String key : way == Way.ADVISER
                        ? List.of(
                                (job.byMeter() ? "meter" : "analyser") + way,
                                "kind " + job.kind().id())
                        : List.of((job.byMeter() ? "meter" : "analyser") + way)) {
                    Tally t = tallies.computeIfAbsent(key, k -> new Tally());
                    t.antennas++;
                    t.overshot += overshot ? 1 : 0;
                    t.harmed += o.harmful() > 0 ? 1 : 0;
                    t.harmful += o.harmful();
                    t.roomTaken += o.roomTaken();
                    t.roomWorse += o.roomWorse();
                    t.said += o.saidFault() ? 1 : 0;
                    if (o.harmful() > 0) {
                        t.misses.add("harmed: " + describe(job, o));
                    }
                    for (int i = 0; i < o.stated().size(); i++) {
                        int bin = bin(o.stated().get(i));
                        t.stated[bin]++;
                        t.statedSum[bin] += o.stated().get(i);
                        // What cannot be brought in any more was lost by the last cut.
                        t.tooMuch[bin] += overshot && i == o.stated().size() - 1 ? 1 : 0;
                    }
                    if (curable) {
                        t.curable++;
                        t.met += met ? 1 : 0;
                        if (met) {
                            t.cuts.add(o.cuts());
                            t.wastedM += o.wastedM();
                        } else {
                            t.misses.add(describe(job, o) + (overshot ? ", overshot" : ""));
                        }
                    }
                    if (uncurableFault) {
                        t.faulted++;
                        t.recognised += o.saidFault() ? 1 : 0;
                        t.named += o.namedFault() ? 1 : 0;
                        if (!o.saidFault()) {
                            t.misses.add("fault not seen: " + describe(job, o));
                        }
                    }
                    if (curable && job.fault().isEmpty()) {
                        t.sound++;
                        t.falseAlarms += o.saidOfSound() ? 1 : 0;
                        t.spoilt += o.saidFault() && !o.saidOfSound() ? 1 : 0;
                        if (o.saidOfSound()) {
                            t.misses.add("false alarm: " + describe(job, o));
                        }
                    }
                }
            }
        }
    }

    private static String describe(HiddenAntenna job, TrialPerson.Outcome o) {
        return String.format(
                Locale.ROOT,
                "%s, %s, from %s to %s in %d changes, %s%s%s",
                job.kind().id(),
                job.rule(),
                words(job.start()),
                words(o.at()),
                o.cuts(),
                o.ended(),
                job.fault().isEmpty() ? "" : ", " + job.fault(),
                (job.before().isEmpty() ? "" : ", first " + job.before()) + ", read" + o.read());
    }

    private static String words(Setting at) {
        return String.format(Locale.ROOT, "%.0f mm", at.lengthM() * 1000)
                + (Double.isNaN(at.secondM())
                        ? ""
                        : String.format(Locale.ROOT, " (second %.0f mm)", at.secondM() * 1000));
    }
}
