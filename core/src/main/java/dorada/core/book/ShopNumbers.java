package dorada.core.book;

import dorada.core.acceptance.Progress;
import dorada.core.antenna.Carrier;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * How a shop's work goes: where its jobs stand, what the finished ones took, what had to be looked for, and how well they held.
 *
 * @param standing in the order of the road; states without a job are missing
 * @param weeks oldest first, those without a finished job too
 * @param faults the most frequent first
 * @param held by carrier and age; those that were never rechecked are missing
 */
public record ShopNumbers(List<Standing> standing, List<Week> weeks, List<Fault> faults, List<Held> held) {

    /**
     * All installations in one state.
     *
     * @param middle when the one in the middle was touched last, or the two of an even number
     * @param earliest when the one was that nobody has touched for longest
     */
    public record Touched(Progress state, int count, List<Instant> middle, Instant earliest) {}

    /**
     * One installation that was touched in the weeks that are looked at, or later.
     *
     * @param signedAt when it was signed off last; empty for not yet
     * @param changes how often it was cut or moved
     * @param cutOffM metal taken off that no slide brings back, in metres
     * @param overshoots how often more was put on again after a cut
     * @param faults what was to be looked for, each once
     */
    public record Job(
            Instant plannedAt,
            Optional<Instant> signedAt,
            Instant touchedAt,
            int changes,
            int readings,
            double cutOffM,
            int overshoots,
            List<String> faults) {}

    /**
     * A recheck of one that was signed off before.
     *
     * @param movedHz by how much its dip has moved since, in Hz; empty where nobody knows
     */
    public record Recheck(Carrier carrier, Duration after, boolean isUnchanged, Optional<Double> movedHz) {}

    /** Jobs in one state; how long nobody touched them, half of them at least {@code medianIdle}. */
    public record Standing(Progress state, int count, Duration medianIdle, Duration longestIdle) {

        private static Standing of(Touched t, Instant now) {
            double median = Spread.of(t.middle().stream()
                            .mapToDouble(m -> idle(m, now).toSeconds())
                            .toArray())
                    .orElseThrow()
                    .median();
            return new Standing(t.state(), t.count(), Duration.ofSeconds((long) median), idle(t.earliest(), now));
        }

        private static Duration idle(Instant touched, Instant now) {
            return Duration.ofSeconds(Math.max(0, Duration.between(touched, now).toSeconds()));
        }
    }

    /** Jobs that were signed off in one week; medians are empty where there was none. */
    public record Week(
            LocalDate monday,
            int signedOff,
            Optional<Double> changes,
            Optional<Double> readings,
            Optional<Double> days,
            double cutOffM,
            int overshoots) {}

    /** In how many jobs it was to be looked for. */
    public record Fault(String id, int jobs) {}

    /** How long after the sign-off; each up to the beginning of the next. */
    public enum Age {
        MONTH(31),
        HALF_YEAR(183),
        YEAR(366),
        LONGER(Integer.MAX_VALUE);

        private final int days;

        Age(int days) {
            this.days = days;
        }

        static Age of(Duration after) {
            return Stream.of(values())
                    .filter(a -> after.toDays() <= a.days)
                    .findFirst()
                    .orElse(LONGER);
        }
    }

    /**
     * Of so many rechecks, how many found it changed.
     *
     * @param movedHz by how much dips had moved, up or down, in Hz; empty where none of these tells
     */
    public record Held(Carrier carrier, Age age, int rechecks, int changed, Optional<Spread> movedHz) {}

    private static final double SECONDS_OF_A_DAY = 86_400;

    /** When the first of {@code weeks} begins, this one included. */
    public static Instant since(Instant now, ZoneId zone, int weeks) {
        return first(now, zone, weeks).atStartOfDay(zone).toInstant();
    }

    private static LocalDate first(Instant now, ZoneId zone, int weeks) {
        return monday(now, zone).minusWeeks(weeks - 1L);
    }

    /**
     * @param standing in any order, each state once
     * @param jobs those that were touched {@link #since} then; others are not looked at
     * @param weeks how far back, this one included; faults are those of jobs touched since
     */
    public static ShopNumbers of(
            Collection<Touched> standing,
            Collection<Job> jobs,
            Collection<Recheck> rechecks,
            Instant now,
            ZoneId zone,
            int weeks) {
        LocalDate first = first(now, zone, weeks);
        return new ShopNumbers(
                standing.stream()
                        .map(t -> Standing.of(t, now))
                        .sorted(Comparator.comparing(Standing::state))
                        .toList(),
                weeks(jobs, first, weeks, zone),
                faults(jobs, j -> !monday(j.touchedAt(), zone).isBefore(first)),
                held(rechecks));
    }

    private static LocalDate monday(Instant at, ZoneId zone) {
        return LocalDate.ofInstant(at, zone).with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    private static List<Week> weeks(Collection<Job> jobs, LocalDate first, int weeks, ZoneId zone) {
        Map<LocalDate, List<Job>> signed = jobs.stream()
                .filter(j -> j.signedAt().isPresent())
                .collect(Collectors.groupingBy(j -> monday(j.signedAt().orElseThrow(), zone)));
        List<Week> all = new ArrayList<>();
        for (int i = 0; i < weeks; i++) {
            LocalDate monday = first.plusWeeks(i);
            List<Job> here = signed.getOrDefault(monday, List.of());
            all.add(new Week(
                    monday,
                    here.size(),
                    median(here, Job::changes),
                    median(here, Job::readings),
                    median(
                            here,
                            j -> Duration.between(j.plannedAt(), j.signedAt().orElseThrow())
                                            .toSeconds()
                                    / SECONDS_OF_A_DAY),
                    here.stream().mapToDouble(Job::cutOffM).sum(),
                    here.stream().mapToInt(Job::overshoots).sum()));
        }
        return List.copyOf(all);
    }

    private static Optional<Double> median(List<Job> jobs, ToDoubleFunction<Job> of) {
        return Spread.of(jobs.stream().mapToDouble(of).toArray()).map(Spread::median);
    }

    private static List<Fault> faults(Collection<Job> jobs, Predicate<Job> counts) {
        Map<String, Integer> found = new LinkedHashMap<>();
        jobs.stream()
                .filter(counts)
                .flatMap(j -> j.faults().stream().distinct())
                .forEach(f -> found.merge(f, 1, Integer::sum));
        return found.entrySet().stream()
                .map(e -> new Fault(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingInt(Fault::jobs).reversed().thenComparing(Fault::id))
                .toList();
    }

    private static List<Held> held(Collection<Recheck> rechecks) {
        List<Held> all = new ArrayList<>();
        for (Carrier carrier : Carrier.values()) {
            for (Age age : Age.values()) {
                List<Recheck> here = rechecks.stream()
                        .filter(r -> r.carrier() == carrier && Age.of(r.after()) == age)
                        .toList();
                if (!here.isEmpty()) {
                    int changed =
                            (int) here.stream().filter(r -> !r.isUnchanged()).count();
                    double[] movedHz = here.stream()
                            .flatMap(r -> r.movedHz().stream())
                            .mapToDouble(Math::abs)
                            .toArray();
                    all.add(new Held(carrier, age, here.size(), changed, Spread.of(movedHz)));
                }
            }
        }
        return List.copyOf(all);
    }

    /**
     * What was taken off for good, and how often too much.
     *
     * @param changesM what was done to the adjusted piece, oldest first, positive for longer
     * @param isOneWay false where it slides: then nothing is wasted, and going back is no overshoot
     */
    public static Spent spent(List<Double> changesM, boolean isOneWay) {
        if (!isOneWay) {
            return new Spent(0, 0);
        }
        double cutOffM = 0;
        int overshoots = 0;
        boolean wasCut = false;
        for (double changeM : changesM) {
            if (changeM < 0) {
                cutOffM -= changeM;
                wasCut = true;
            } else if (changeM > 0 && wasCut) {
                overshoots++;
                wasCut = false;
            }
        }
        return new Spent(cutOffM, overshoots);
    }

    /** As in {@link Job}. */
    public record Spent(double cutOffM, int overshoots) {}
}
