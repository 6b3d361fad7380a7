package dorada.core.safety;

import java.util.Map;

/**
 * Something to be said before anybody acts.
 *
 * @param id what it is about
 * @param params what it depends on, by name: numbers in SI units and ratios, or names as they were given
 */
public record Caution(Id id, Map<String, Object> params) {

    public Caution {
        params = Map.copyOf(params);
    }

    public static Caution of(Id id) {
        return new Caution(id, Map.of());
    }

    /** What a caution is about. */
    public enum Id {
        /** {@code swr}; {@code radio}, empty for the one that the installation is for. */
        DO_NOT_TRANSMIT,
        /** {@code channels} that nobody has read; {@code radio}. */
        CHANNELS_UNREAD,
        /** {@code powerW}, {@code ceilingSwr}; {@code radio}. */
        REDUCED_POWER,
        CUTTING,
        DRILLING,
        AIRWORTHINESS,
        /** {@code distanceM}, 0 where the height is not known. */
        POWER_LINES,
        LIGHTNING,
        RF_BURNS,
        HELD_AT_THE_BODY,
        /** Readings with an analyser, swept or on a dial. */
        INTO_AN_ANALYSER,
        /** Readings for which one transmits. */
        WHILE_READING_A_METER,
        LOCAL_CODES
    }
}
