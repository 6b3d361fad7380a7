package dorada.benchmarks;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** What a trial's antennas are like, and what happens to them while they are tuned. */
enum World {
    /** Everything: surroundings, faults, lines, as a yard has them. */
    YARD(false),
    /** Nothing wrong but the length. */
    SOUND(false),
    /** Some 10 to 25 % too long. */
    FAR(false),
    /** Ground planes of which radiator and radials are cut by as much each. */
    ALIKE(false),
    /** A channel in another band is wanted too, which nobody has read. */
    BANDS(true),
    /** Changes do not reach the part that radiates. */
    STUCK(false),
    /** Met once, and then it moves by itself. */
    DRIFT(true),
    /** A tab without a ground plane. */
    BARE(true),
    /** A dummy load left in place. */
    LOAD(true),
    /** Three quarter-waves, entered as one. */
    WRONG_KIND(false),
    /** Swept over no more than the wanted channels. */
    NARROW(false),
    /** One wanted channel. */
    ONE_CHANNEL(false),
    /** Channels too close to each other to show a slope. */
    CLOSE(false);

    private final boolean everyOrderHarms;

    World(boolean everyOrderHarms) {
        this.everyOrderHarms = everyOrderHarms;
    }

    /** True where no change of length does any good as things are. */
    boolean everyOrderHarms() {
        return everyOrderHarms;
    }

    /** Whether only what is cut is drawn: it starts too long by much. */
    boolean isCutOnly() {
        return this == FAR || this == ALIKE || this == WRONG_KIND;
    }

    static World named(String word) {
        try {
            return valueOf(word.toUpperCase(Locale.ROOT).replace('-', '_'));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("\"" + word + "\" is no world; there are "
                    + Arrays.stream(values())
                            .map(w -> w.name().toLowerCase(Locale.ROOT).replace('_', '-'))
                            .collect(Collectors.joining(", "))
                    + " and all.");
        }
    }
}
