package dorada.benchmarks;

import dorada.benchmarks.AdviserTrial.Way;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.Pass;
import dorada.core.tuning.StatedChances;
import dorada.core.tuning.TrimAdvice;
import dorada.core.tuning.TrimAdvice.Action;
import dorada.core.tuning.TrimTask;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;

/**
 * Whether stated chances are true. The adviser orders cuts that are hardly ever too much, so that what it orders shows little of its
 * odds; asked about longer ones at the same moment, it states larger chances, and each is held against the same antenna with so much
 * off.
 */
final class OddsTrial {

    /** Cuts are looked for that are said to be too much with about these chances. */
    private static final double[] CHANCES = {0.001, 0.002, 0.005, 0.01, 0.02, 0.05, 0.1, 0.2, 0.5};

    /** A chance is that of its row up to so many times it. */
    private static final double ROW = 1.5;

    /** Of the first length. */
    private static final double LONGEST_CUT = 0.3;

    private OddsTrial() {}

    private static final class Row {
        int cuts;
        double said;
        int tooMuch;
    }

    static void print(PrintStream out, long seed, int trials, String kinds, World world) {
        Map<String, Row[]> rows = new TreeMap<>();
        HiddenAntenna.some(new Random(seed), trials, kinds, world).parallelStream()
                // Where a tap is moved too, no length is too short by itself.
                .filter(job -> job.kind().controls().get(0).oneWay()
                        && Double.isNaN(job.start().secondM()))
                .forEach(job -> ask(job, rows));
        out.printf("Odds of longer cuts, world %s, seed %d, %d antennas%n", world, seed, trials);
        out.printf("%-10s%8s%12s%12s%8s%8s%n", "by", "cuts", "said", "too much", "true", "ratio");
        rows.forEach((by, all) -> {
            for (Row r : all) {
                if (r.cuts > 0) {
                    out.printf(
                            Locale.ROOT,
                            "%-10s%8d%10.2f %%%12d%6.2f %%%8.2f%n",
                            by,
                            r.cuts,
                            100 * r.said / r.cuts,
                            r.tooMuch,
                            100.0 * r.tooMuch / r.cuts,
                            r.tooMuch / r.said);
                }
            }
        });
    }

    private static void ask(HiddenAntenna job, Map<String, Row[]> rows) {
        List<double[]> asked = new ArrayList<>();
        TrialPerson.follow(
                job,
                Way.ADVISER,
                TrialKinds.prior(job.kind()),
                (now, at, task, passes, advice) ->
                        asked.addAll(cuts(at.lengthM(), lowestM(job), task, passes, advice)));
        double shortestM = asked.isEmpty() ? Double.NaN : job.shortestGood(lowestM(job));
        if (Double.isNaN(shortestM)) {
            return;
        }
        synchronized (rows) {
            Row[] all = rows.computeIfAbsent(job.byMeter() ? "meter" : "analyser", k -> {
                Row[] fresh = new Row[CHANCES.length];
                for (int i = 0; i < fresh.length; i++) {
                    fresh[i] = new Row();
                }
                return fresh;
            });
            for (double[] cut : asked) {
                // What was too short already is not lost by a cut.
                if (cut[3] < shortestM) {
                    continue;
                }
                Row row = all[(int) cut[0]];
                row.cuts++;
                row.said += cut[1];
                row.tooMuch += cut[2] < shortestM ? 1 : 0;
            }
        }
    }

    /** Nobody asks about shorter ones. */
    private static double lowestM(HiddenAntenna job) {
        return Math.max(
                job.kind().controls().get(0).lowM(),
                (1 - LONGEST_CUT) * job.start().lengthM());
    }

    /** Of what is ordered to be cut: a row, the chance as it is said, the length that would be left, and the length before. */
    private static List<double[]> cuts(
            double lengthM, double lowestM, TrimTask task, List<Pass> passes, TrimAdvice advice) {
        List<double[]> cuts = new ArrayList<>();
        Pass last = passes.get(passes.size() - 1);
        if (advice.action() != Action.SHORTEN
                || advice.onSecond()
                || !StatedChances.isOfOneBand(task)
                || new SweepAnalysis(last.sweep()).deepestDip().isEmpty()) {
            return cuts;
        }
        DoubleUnaryOperator said = StatedChances.ofCuts(task, passes);
        double step = task.adjustment().smallestStepM() / 4;
        int row = 0;
        for (int n = 1; row < CHANCES.length && lengthM - n * step > lowestM; n++) {
            double chance = said.applyAsDouble(n * step);
            while (row < CHANCES.length && chance >= ROW * CHANCES[row]) {
                row++;
            }
            if (row < CHANCES.length && chance >= CHANCES[row]) {
                cuts.add(new double[] {row, chance, lengthM - n * step, lengthM});
                row++;
            }
        }
        return cuts;
    }
}
