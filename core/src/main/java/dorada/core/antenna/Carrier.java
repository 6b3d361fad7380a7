package dorada.core.antenna;

/** What an antenna is fitted to. */
public enum Carrier {
    VEHICLE,
    HANDHELD,
    AIRCRAFT,
    MAST,
    INDOOR,
    PORTABLE
}
