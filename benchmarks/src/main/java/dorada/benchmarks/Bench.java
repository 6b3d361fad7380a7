package dorada.benchmarks;

import dorada.core.wire.SolverTrial;
import java.io.PrintStream;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.Options;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Runs the benchmarks and prints each figure beside what is wanted of it, and their ratio. */
public final class Bench {

    private static final Map<String, Double> WANTED_MS = new TreeMap<>(Map.ofEntries(
            Map.entry("analyse1001Points", 1.0),
            Map.entry("parse10001Points", 25.0),
            Map.entry("rankCandidates", 300.0),
            Map.entry("groundPlaneVariant", 3000.0),
            Map.entry("everySheetByRule", 200.0),
            Map.entry("beamOfSixDirect", 1000.0),
            Map.entry("ribbonForTwoBands", 1000.0),
            Map.entry("correctRemoveAnalyse401", 2.0),
            Map.entry("locate10001", 30.0),
            Map.entry("adviceBySweeps", 20.0),
            Map.entry("adviceByMeter", 20.0),
            Map.entry("adviceOnAMatch", 20.0)));

    /** Ours by the same done with complex objects, in one run. */
    private static final String WITH_OBJECTS = "WithObjects";

    /** The same on ten times as much, in one run. */
    private static final String TENFOLD = "Tenfold";

    private Bench() {}

    /**
     * Takes parts of benchmark names; none means all, "solver" the wire solver's trial alone, "kinds" the
     * table of kinds, and "faults-on-lines" with
     * {@code --seed} and {@code --trials} the trial of the fault locator; "recheck" likewise that of rechecks; "likes" that of what finished antennas lead to expect of the next, with {@code --trials} for each; "odds" that of what is said of longer cuts than are ordered; "adviser" likewise, with {@code --kinds} for some only,
     * {@code --world} for one of {@link World} or all of them, {@code --habits} for two habits of the trade beside it.
     */
    public static void main(String[] names) throws RunnerException {
        if (names.length == 1 && names[0].equals("solver")) {
            SolverTrial.print(System.out);
            return;
        }
        if (names.length > 0 && names[0].equals("faults-on-lines")) {
            FaultTrial.print(System.out, Long.parseLong(option(names, "--seed", "1")), (int)
                    Long.parseLong(option(names, "--trials", "400")));
            return;
        }
        if (names.length > 0 && names[0].equals("recheck")) {
            RecheckTrial.print(System.out, Long.parseLong(option(names, "--seed", "1")), (int)
                    Long.parseLong(option(names, "--trials", "500")));
            return;
        }
        if (names.length > 0 && names[0].equals("likes")) {
            LikesTrial.print(System.out, Long.parseLong(option(names, "--seed", "1")), (int)
                    Long.parseLong(option(names, "--trials", "20")));
            return;
        }
        if (names.length > 0 && names[0].equals("odds")) {
            OddsTrial.print(
                    System.out,
                    Long.parseLong(option(names, "--seed", "1")),
                    (int) Long.parseLong(option(names, "--trials", "300")),
                    option(names, "--kinds", ""),
                    World.named(option(names, "--world", "sound")));
            return;
        }
        if (names.length == 1 && names[0].equals("kinds")) {
            KindTable.print(System.out);
            return;
        }
        if (names.length > 0 && names[0].equals("adviser")) {
            String world = option(names, "--world", "yard");
            for (World w : world.equals("all") ? World.values() : new World[] {World.named(world)}) {
                AdviserTrial.print(
                        System.out,
                        Long.parseLong(option(names, "--seed", "1")),
                        (int) Long.parseLong(option(names, "--trials", "300")),
                        option(names, "--kinds", ""),
                        w,
                        List.of(names).contains("--habits"));
            }
            return;
        }
        OptionsBuilder options = new OptionsBuilder();
        options.verbosity(VerboseMode.SILENT);
        if (names.length == 0) {
            options.include("dorada.benchmarks");
        }
        for (String name : names) {
            options.include(name);
        }
        Options built = options.build();
        PrintStream out = System.out;
        out.printf("%-24s %10s %10s %10s %8s%n", "JMH, ms per run", "measured", "error", "wanted <", "ratio");
        Map<String, Double> scores = new TreeMap<>();
        for (RunResult result : new Runner(built).run()) {
            String name = result.getPrimaryResult().getLabel();
            double wanted = WANTED_MS.getOrDefault(name, Double.NaN);
            double score = result.getPrimaryResult().getScore();
            out.printf(
                    "%-24s %10.4f %10.4f %10.1f %8.3f%n",
                    name, score, result.getPrimaryResult().getScoreError(), wanted, score / wanted);
            scores.put(name, score);
        }
        scores.forEach((name, score) -> {
            Double ours = scores.get(name.replace(WITH_OBJECTS, ""));
            if (name.endsWith(WITH_OBJECTS) && ours != null) {
                out.printf("%s takes %.1f times as long (wanted: 5 or more)%n", name, score / ours);
            }
            Double once = scores.get(name.replace(TENFOLD, ""));
            if (name.endsWith(TENFOLD) && once != null) {
                out.printf("%s takes %.1f times as long (wanted: 15 or less)%n", name, score / once);
            }
        });
        if (names.length == 0) {
            SolverTrial.print(out);
        }
    }

    private static String option(String[] words, String name, String usual) {
        for (int i = 0; i + 1 < words.length; i++) {
            if (words[i].equals(name)) {
                return words[i + 1];
            }
        }
        return usual;
    }
}
