package dorada.benchmarks;

import dorada.benchmarks.AdviserTrial.Way;
import dorada.core.acceptance.WantedChannel;
import dorada.core.book.Finished;
import dorada.core.book.Likes;
import dorada.core.book.Traits;
import dorada.core.design.Designs;
import dorada.core.simulation.VirtualInstallation;
import dorada.core.tuning.TrimPrior;
import java.io.PrintStream;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.TreeMap;

/**
 * What finished antennas are worth to the next one: each virtual installation that is cut is a mount of its own, on which antennas
 * differ in size and feedline as those of the adviser's trial do. Some are brought in first; the next ones are done with 0, 1, 5 or 20 of
 * them known, by what they taught alone, and cut to where they ended before the first reading as well.
 */
final class LikesTrial {

    private static final int[] KNOWN = {0, 1, 5, 20};
    private static final int MOST_KNOWN = 20;

    private LikesTrial() {}

    private enum Use {
        LESSONS,
        LESSONS_AND_LENGTH
    }

    private static final class Tally {
        int done;
        int met;
        int overshot;
        final List<Integer> changes = new ArrayList<>();
    }

    static void print(PrintStream out, long seed, int trials) {
        out.printf(
                Locale.ROOT, "Likes, seed %d, %d antennas on each mount after %d others%n", seed, trials, MOST_KNOWN);
        Map<String, Tally> tallies = new TreeMap<>();
        Designs.ALL.installations().stream()
                .filter(v -> v.controls().get(0).oneWay() && !v.id().equals("airband-tab"))
                .toList()
                .parallelStream()
                .forEach(v -> on(v, seed, trials, tallies));
        tallies.forEach((name, t) -> {
            Collections.sort(t.changes);
            out.printf(
                    Locale.ROOT,
                    "%-40s %4d: met %5.1f %%, changes mean %.2f, median %d, 95 %% %d; overshot %.2f %%%n",
                    name.substring(1),
                    t.done,
                    100.0 * t.met / t.done,
                    t.changes.stream().mapToInt(c -> c).average().orElse(Double.NaN),
                    t.changes.get(t.changes.size() / 2),
                    t.changes.get((int) Math.ceil(t.changes.size() * 0.95) - 1),
                    100.0 * t.overshot / t.done);
        });
    }

    private static void on(VirtualInstallation v, long seed, int trials, Map<String, Tally> tallies) {
        Random random = new Random(seed * 31 + v.id().hashCode());
        List<HiddenAntenna> all = HiddenAntenna.some(random, 3 * (MOST_KNOWN + trials), v.id(), World.SOUND).stream()
                .filter(job -> job.kind().id().equals(v.id()))
                .limit(MOST_KNOWN + trials)
                .toList();
        List<Finished<Integer>> known = new ArrayList<>();
        for (HiddenAntenna job : all.subList(0, Math.min(MOST_KNOWN, all.size()))) {
            TrialPerson.Outcome o = TrialPerson.follow(job, Way.ADVISER);
            if (o.met()) {
                known.add(new Finished<>(
                        known.size(),
                        traits(job),
                        OptionalDouble.of(o.at().lengthM()),
                        o.lesson(),
                        o.cuts(),
                        true,
                        Instant.EPOCH));
            }
        }
        for (HiddenAntenna job : all.subList(Math.min(MOST_KNOWN, all.size()), all.size())) {
            for (int n : KNOWN) {
                Likes<Integer> likes = Likes.of(traits(job), known.subList(0, Math.min(n, known.size())));
                for (Use use : n == 0 ? new Use[] {Use.LESSONS} : Use.values()) {
                    Optional<Double> start = use == Use.LESSONS ? Optional.empty() : likes.startLengthM(true);
                    HiddenAntenna begun = start.map(job::cutTo).orElse(job);
                    TrimPrior prior = TrialKinds.prior(job.kind()).informedBy(likes.lessons());
                    count(job, TrialPerson.follow(begun, Way.ADVISER, prior), name(n, use), tallies);
                }
            }
        }
    }

    private static String name(int n, Use use) {
        // The letter before keeps them in this order.
        return "%c%2d known%s"
                .formatted(
                        'a' + n,
                        n,
                        n == 0 ? "" : use == Use.LESSONS ? ", lessons alone" : ", lessons and final lengths");
    }

    private static Traits traits(HiddenAntenna job) {
        List<WantedChannel> channels = job.channels();
        double low = channels.get(0).frequencyHz();
        double high = channels.get(channels.size() - 1).frequencyHz();
        return new Traits(
                job.kind().kind(),
                Math.sqrt(low * high),
                job.kind().carrier(),
                job.kind().id(),
                "");
    }

    /** @param job before it was cut for the first time: what that took too much off is lost as well */
    private static void count(HiddenAntenna job, TrialPerson.Outcome o, String name, Map<String, Tally> tallies) {
        boolean isLost =
                !o.met() && !job.isCurable(o.at(), o.seen()) && job.isCurable(job.start(), TrialPerson.MOST_CUTS);
        synchronized (tallies) {
            Tally t = tallies.computeIfAbsent(name, k -> new Tally());
            t.done++;
            t.met += o.met() ? 1 : 0;
            t.overshot += isLost ? 1 : 0;
            if (o.met()) {
                t.changes.add(o.cuts());
            }
        }
    }
}
