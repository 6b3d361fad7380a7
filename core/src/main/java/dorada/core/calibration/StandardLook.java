package dorada.core.calibration;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import dorada.core.sweep.Sweep;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a raw reading of a standard shows of itself: forgotten, swapped or wrong. Nothing is corrected yet, so only the coarse is looked
 * at: how much comes back, whether two readings are one and the same, and where the phase of open against short points at 0 Hz, to which
 * any line before the port leads back. The limits are common practice, no source.
 */
public final class StandardLook {

    /** What is screwed on. */
    public enum Standard implements OutcomeId {
        OPEN,
        SHORT,
        LOAD;

        @Override
        public String area() {
            return "standard";
        }
    }

    /** What it looks like. */
    public enum Says implements OutcomeId {
        RIGHT("standard"),
        /** Little comes back of what should send all of it back. */
        LOOKS_LIKE_A_LOAD("standard"),
        /** Nearly all comes back of a load: it is not connected, or it is another standard. */
        NOT_A_LOAD,
        SAME_AS("standard", "other"),
        SWAPPED,
        UNSTEADY("standard");

        private final List<String> takes;

        Says(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "standardLook";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }

    /** Of a full reflection an analyser with a usual lead reads more than this, of a load less than the next. */
    private static final double LEAST_FULL = 0.4;

    private static final double MOST_LOAD = 0.45;

    /** Two readings nearer than this, of their size, are of one thing. */
    private static final double ALIKE = 0.15;

    /** Between neighbouring points no standard jumps like this. */
    private static final double STEADY = 0.06;

    /** How near 0 or half a turn a phase has to point. */
    private static final double NEAR = Math.toRadians(50);

    private static final int FEWEST_FOR_A_SLOPE = 11;

    private StandardLook() {}

    /**
     * Looks at all that were read so far.
     *
     * @param read raw readings with phase over the same frequencies
     * @return for each what it shows, gravest first; {@link Says#RIGHT} alone where nothing speaks against it
     */
    public static Map<Standard, List<Outcome>> of(Map<Standard, Sweep> read) {
        Map<Standard, List<Outcome>> all = new EnumMap<>(Standard.class);
        double full = read.entrySet().stream()
                .filter(e -> e.getKey() != Standard.LOAD)
                .mapToDouble(e -> size(e.getValue()))
                .max()
                .orElse(1);
        for (Standard standard : Standard.values()) {
            Optional.ofNullable(read.get(standard)).ifPresent(s -> all.put(standard, look(standard, s, read, full)));
        }
        return all;
    }

    private static List<Outcome> look(Standard standard, Sweep sweep, Map<Standard, Sweep> read, double full) {
        List<Outcome> says = new ArrayList<>();
        double size = size(sweep);
        for (Standard other : Standard.values()) {
            if (other.compareTo(standard) < 0 && read.containsKey(other) && isAlike(sweep, read.get(other), full)) {
                says.add(Says.SAME_AS.of(standard, other));
            }
        }
        if (standard == Standard.LOAD) {
            if (size > MOST_LOAD * Math.max(full, LEAST_FULL)) {
                says.add(Says.NOT_A_LOAD.of());
            }
        } else if (size < LEAST_FULL) {
            says.add(Says.LOOKS_LIKE_A_LOAD.of(standard));
        }
        if (standard == Standard.SHORT && says.isEmpty() && isSwapped(read)) {
            says.add(Says.SWAPPED.of());
        }
        if (jumps(sweep) > STEADY) {
            says.add(Says.UNSTEADY.of(standard));
        }
        return says.isEmpty() ? List.of(Says.RIGHT.of(standard)) : List.copyOf(says);
    }

    /** Root mean square of |M|. */
    private static double size(Sweep s) {
        double sum = 0;
        for (int i = 0; i < s.size(); i++) {
            sum += s.re(i) * s.re(i) + s.im(i) * s.im(i);
        }
        return Math.sqrt(sum / s.size());
    }

    private static boolean isAlike(Sweep a, Sweep b, double full) {
        if (!a.hasFrequenciesOf(b)) {
            return false;
        }
        double sum = 0;
        for (int i = 0; i < a.size(); i++) {
            sum += Math.pow(a.re(i) - b.re(i), 2) + Math.pow(a.im(i) - b.im(i), 2);
        }
        return Math.sqrt(sum / a.size()) < ALIKE * Math.max(full, LEAST_FULL);
    }

    private static double size(Sweep s, int i) {
        return Math.hypot(s.re(i), s.im(i));
    }

    /** How far the size of a point is off the middle of its neighbours', for nine in ten: a long lead turns, and does not jump. */
    private static double jumps(Sweep s) {
        if (s.size() < FEWEST_FOR_A_SLOPE) {
            return 0;
        }
        double[] off = new double[s.size() - 2];
        for (int i = 1; i + 1 < s.size(); i++) {
            off[i - 1] = Math.abs(size(s, i) - (size(s, i - 1) + size(s, i + 1)) / 2);
        }
        Arrays.sort(off);
        return off[(int) (0.9 * (off.length - 1))];
    }

    /**
     * Open less short is what the line before the port does to a full reflection: without the instrument's own leakage, and at 0 Hz
     * without a turn. Points it the other way there, the two were swapped. Nothing is said where the slope is too uncertain to lead back.
     */
    private static boolean isSwapped(Map<Standard, Sweep> read) {
        Sweep open = read.get(Standard.OPEN);
        Sweep shorted = read.get(Standard.SHORT);
        if (open == null || !open.hasFrequenciesOf(shorted) || open.size() < FEWEST_FOR_A_SLOPE) {
            return false;
        }
        int n = open.size();
        double[] phase = new double[n];
        double sumF = 0;
        double sumP = 0;
        for (int i = 0; i < n; i++) {
            phase[i] = Math.atan2(open.im(i) - shorted.im(i), open.re(i) - shorted.re(i));
            if (i > 0) {
                phase[i] -= 2 * Math.PI * Math.rint((phase[i] - phase[i - 1]) / (2 * Math.PI));
            }
            sumF += open.frequencyHz(i);
            sumP += phase[i];
        }
        double meanF = sumF / n;
        double meanP = sumP / n;
        double ff = 0;
        double fp = 0;
        for (int i = 0; i < n; i++) {
            ff += Math.pow(open.frequencyHz(i) - meanF, 2);
            fp += (open.frequencyHz(i) - meanF) * (phase[i] - meanP);
        }
        double slope = fp / ff;
        double rest = 0;
        for (int i = 0; i < n; i++) {
            rest += Math.pow(phase[i] - meanP - slope * (open.frequencyHz(i) - meanF), 2);
        }
        // What waves about the line is taken as though it all leaned one way.
        double doubt = Math.sqrt(rest / n) * meanF / Math.sqrt(ff / n);
        double atZero = Math.abs(Math.IEEEremainder(meanP - slope * meanF, 2 * Math.PI));
        // A line leads the phase backward, never forward.
        return doubt < NEAR && slope < NEAR / meanF && Math.PI - atZero < NEAR;
    }
}
