package dorada.core.rf;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Frequencies that one resonance can serve.
 *
 * @param lowHz lowest of them
 * @param highHz highest of them, perhaps the same
 */
public record Band(double lowHz, double highHz) {

    /** Frequencies farther apart than this ratio lie in different bands (common practice, no source). */
    private static final double ANOTHER_BAND = 1.5;

    /** True where {@code hz} lies too far above {@code lowerHz} for one resonance. */
    public static boolean isAnother(double lowerHz, double hz) {
        return hz > ANOTHER_BAND * lowerHz;
    }

    /** The bands of these frequencies in Hz, in any order; ascending. */
    public static List<Band> of(double... frequenciesHz) {
        List<Band> bands = new ArrayList<>();
        for (double hz : Arrays.stream(frequenciesHz).sorted().toArray()) {
            Band last = bands.isEmpty() ? null : bands.get(bands.size() - 1);
            if (last == null || isAnother(last.highHz, hz)) {
                bands.add(new Band(hz, hz));
            } else {
                bands.set(bands.size() - 1, new Band(last.lowHz, hz));
            }
        }
        return bands;
    }

    /** How far {@code hz} lies outside, as a ratio of 1 or more; 1 within. */
    public double off(double hz) {
        return Math.max(1, Math.max(lowHz / hz, hz / highHz));
    }

    /** True where {@code hz} may still be this band's own resonance, however far off. */
    public boolean isNear(double hz) {
        return off(hz) <= ANOTHER_BAND;
    }
}
