package dorada.core.cutsheet;

/** What a number of a sheet is a number of. Lengths in metres, coils in henry, capacitors in farad, angles in degrees. */
public enum Quantity {
    LENGTH,
    ANGLE,
    FACTOR,
    COUNT,
    FREQUENCY,
    INDUCTANCE,
    CAPACITANCE
}
