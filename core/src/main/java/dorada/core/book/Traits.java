package dorada.core.book;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What makes one installation like another.
 *
 * @param middleHz of the band that it is tuned for
 * @param mount what it is fitted to and how, in a person's words
 * @param antenna which antenna, in a person's words
 */
public record Traits(AntennaKind kind, double middleHz, Carrier carrier, String mount, String antenna) {

    /** Natural logarithm of the ratio of two bands at which likeness ends: some 16 %. Common practice, no source. */
    private static final double FARTHEST = 0.15;

    /** Common practice, no source: metal below it moves a dip most, then what it is. */
    private static final double OF_BAND = 0.2;

    private static final double OF_CARRIER = 0.3;
    private static final double OF_MOUNT = 0.3;
    private static final double OF_ANTENNA = 0.2;

    /** Words of which nothing is known on one side say neither yes nor no. */
    private static final double UNKNOWN = 0.5;

    /**
     * How alike two are: 1 for the same kind in the same band on the same carrier, mount and antenna, 0 for another kind or another
     * band.
     */
    public double likeness(Traits other) {
        double apart = Math.abs(Math.log(middleHz) - Math.log(other.middleHz));
        if (kind != other.kind || !(apart < FARTHEST)) {
            return 0;
        }
        return OF_BAND * (1 - apart / FARTHEST)
                + OF_CARRIER * (carrier == other.carrier ? 1 : 0)
                + OF_MOUNT * sameWords(mount, other.mount)
                + OF_ANTENNA * sameWords(antenna, other.antenna);
    }

    /** The words that both have as a share of all, in any case, with or without accents. */
    private static double sameWords(String one, String other) {
        Set<String> a = words(one);
        Set<String> b = words(other);
        if (a.isEmpty() || b.isEmpty()) {
            return a.equals(b) ? 1 : UNKNOWN;
        }
        Set<String> all = new HashSet<>(a);
        all.addAll(b);
        a.retainAll(b);
        return (double) a.size() / all.size();
    }

    static Set<String> words(String text) {
        Set<String> words = new HashSet<>(List.of(BookQuery.plain(text).split("[^\\p{L}\\p{N}]+")));
        words.remove("");
        return words;
    }
}
