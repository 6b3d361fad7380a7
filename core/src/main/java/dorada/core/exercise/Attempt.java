package dorada.core.exercise;

import dorada.core.acceptance.ChannelReading;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.Verdict;
import dorada.core.outcome.Refusal;
import dorada.core.simulation.Condition;
import dorada.core.simulation.Control;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.tuning.Pass;
import dorada.core.wire.Watch;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** What somebody has done in an exercise so far: everything follows from the exercise and the deeds. Immutable. */
public final class Attempt {

    /** Nobody needs as many; what is kept stays small. */
    public static final int MOST_DEEDS = 60;

    /** Of what can be taken off by a hand: less is no change. */
    private static final double LEAST_M = 1e-4;

    /**
     * A reading that was taken.
     *
     * @param lengthsM of each piece
     * @param changesM of each since the reading before, in metres
     * @param lookedOver something was looked at since
     */
    public record Reading(
            int number, List<Double> lengthsM, List<Double> changesM, boolean lookedOver, Optional<Condition> now) {}

    private final Exercise exercise;
    private final List<Deed> deeds;
    private final List<Reading> readings = new ArrayList<>();
    private final Map<Condition, Boolean> looked = new LinkedHashMap<>();

    /** By number; what was read before is read in what follows from it too, so that nothing is solved twice. */
    private final Map<Integer, Pass> taken;

    private Optional<Condition> wrong;
    private final double[] lengthsM;
    private final double[] changesM;
    private boolean hasLooked;
    private int changes;
    private boolean isOver;

    private Attempt(Exercise exercise, List<Deed> deeds, Map<Integer, Pass> taken) {
        this.exercise = exercise;
        this.taken = taken;
        this.deeds = List.copyOf(deeds);
        wrong = exercise.hidden();
        lengthsM = exercise.startM().stream().mapToDouble(m -> m).toArray();
        changesM = new double[lengthsM.length];
        deeds.forEach(this::does);
    }

    public static Attempt begun(Exercise exercise) {
        return of(exercise, List.of());
    }

    /** @throws Refusal where one of {@code deeds} can't be done after those before it */
    public static Attempt of(Exercise exercise, List<Deed> deeds) {
        return new Attempt(exercise, deeds, new ConcurrentHashMap<>());
    }

    /** @throws Refusal where that can't be done now */
    public Attempt and(Deed next) {
        List<Deed> more = new ArrayList<>(deeds);
        more.add(next);
        return new Attempt(exercise, more, new ConcurrentHashMap<>(taken));
    }

    private void does(Deed deed) {
        if (isOver) {
            throw new Refusal(Refused.IT_IS_OVER);
        }
        switch (deed.what()) {
            case READ -> {
                readings.add(new Reading(readings.size() + 1, lengthsM(), unreadChangesM(), hasLooked, wrong));
                Arrays.fill(changesM, 0);
                hasLooked = false;
            }
            case CHANGE -> change(deed.piece(), deed.changeM());
            case LOOK -> look(deed.suspect());
            default -> {
                if (readings.isEmpty()) {
                    throw new Refusal(Refused.NOTHING_READ);
                }
                isOver = true;
            }
        }
        if (!isOver && readings.size() + changes + looked.size() > MOST_DEEDS) {
            throw new Refusal(Refused.TOO_MANY_DEEDS.of(MOST_DEEDS));
        }
    }

    private void change(int piece, double metres) {
        if (piece < 0 || piece >= lengthsM.length) {
            throw new Refusal(Refused.NO_SUCH_PIECE);
        }
        Control c = exercise.on().controls().get(piece);
        double next = lengthsM[piece] + metres;
        if (!(Math.abs(metres) >= LEAST_M)) {
            throw new Refusal(Refused.NOTHING_TO_CHANGE);
        }
        if (metres > 0 && c.oneWay()) {
            throw new Refusal(Refused.ONLY_SHORTER);
        }
        if (next < c.lowM() || next > c.highM()) {
            throw new Refusal(Refused.BEYOND_ITS_RANGE.of(c.lowM(), c.highM()));
        }
        lengthsM[piece] = next;
        changesM[piece] += metres;
        changes++;
    }

    /** What was so is mended, or gone, from now on. */
    private void look(Condition suspect) {
        if (suspect == null || !exercise.suspects().contains(suspect)) {
            throw new Refusal(Refused.NO_SUCH_SUSPECT);
        }
        boolean found = wrong.filter(w -> w == suspect).isPresent();
        looked.merge(suspect, found, Boolean::logicalOr);
        hasLooked = true;
        if (found) {
            wrong = Optional.empty();
        }
    }

    public Exercise exercise() {
        return exercise;
    }

    public List<Deed> deeds() {
        return deeds;
    }

    public List<Reading> readings() {
        return List.copyOf(readings);
    }

    /** What was looked at, in that order, and whether it was so. */
    public Map<Condition, Boolean> looked() {
        return new LinkedHashMap<>(looked);
    }

    /** Of each piece, in metres. */
    public List<Double> lengthsM() {
        return Arrays.stream(lengthsM).boxed().toList();
    }

    /** Of each piece since the last reading, in metres. */
    public List<Double> unreadChangesM() {
        return Arrays.stream(changesM).boxed().toList();
    }

    public int changes() {
        return changes;
    }

    public boolean isOver() {
        return isOver;
    }

    public double minutes() {
        return deeds.stream().mapToDouble(d -> d.what().minutes()).sum();
    }

    /** What was read, a curve or needles, the same each time. */
    public Pass taken(Reading reading, Watch watch) {
        return taken.computeIfAbsent(reading.number(), n -> exercise.read(reading.lengthsM(), reading.now(), n, watch));
    }

    /** What was read against the exercise's rule. */
    public Verdict verdict(Pass taken) {
        List<ChannelReading> at = taken.isSwept()
                ? ChannelReading.of(new SweepAnalysis(taken.sweep()), exercise.channels())
                : ChannelReading.ofReadings(taken.spots(), exercise.channels());
        return exercise.rule().judge(at, ReferencePlane.RADIO);
    }

    /** As the adviser takes them. */
    List<Pass> passes(Watch watch) {
        return readings.stream()
                .map(r -> taken(r, watch)
                        .after(
                                r.changesM().get(0),
                                r.changesM().stream().skip(1).findFirst().orElse(0.0))
                        .afterALook(r.lookedOver()))
                .toList();
    }

    /** What it came to. */
    public Score score(Watch watch) {
        double worst = exercise.worstSwr(lengthsM(), Optional.empty(), watch);
        return new Score(
                readings.size(),
                changes,
                looked.size(),
                minutes(),
                worst,
                exercise.isMet(worst),
                wrong.filter(Exercise.FAULTS::contains).isPresent(),
                exercise.isCut() ? Math.max(0, exercise.bestM().get(0) - lengthsM[0]) : 0);
    }
}
