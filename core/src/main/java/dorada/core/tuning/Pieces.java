package dorada.core.tuning;

/** What of an antenna with several like pieces was changed by the length that is written down. */
public enum Pieces {
    /** One piece alone: the radiator, one arm. */
    THIS,
    /** All of them by as much each: both arms, radiator and radials. */
    ALIKE
}
