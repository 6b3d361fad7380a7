package dorada.server.installation;

/** What the antenna is fitted to. */
public enum Carrier {
    VEHICLE,
    HANDHELD,
    AIRCRAFT,
    MAST,
    INDOOR,
    PORTABLE
}
