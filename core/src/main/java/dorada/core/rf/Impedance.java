package dorada.core.rf;

/**
 * Series impedance R + jX.
 *
 * @param resistanceOhm R in ohms
 * @param reactanceOhm X in ohms, positive = inductive
 */
public record Impedance(double resistanceOhm, double reactanceOhm) {

    public Impedance plus(Impedance other) {
        return new Impedance(resistanceOhm + other.resistanceOhm, reactanceOhm + other.reactanceOhm);
    }

    /** Through an ideal transformer of impedance ratio {@code ratio}. */
    public Impedance times(double ratio) {
        return new Impedance(resistanceOhm * ratio, reactanceOhm * ratio);
    }

    /** In parallel with a pure reactance of {@code shuntOhm} (not 0), as a hairpin or shunt coil at the feed. */
    public Impedance shuntedBy(double shuntOhm) {
        double r = resistanceOhm;
        double x = reactanceOhm + shuntOhm;
        double d = r * r + x * x;
        // Z·jB/(Z + jB), written out.
        double nRe = -reactanceOhm * shuntOhm;
        double nIm = r * shuntOhm;
        return new Impedance((nRe * r + nIm * x) / d, (nIm * r - nRe * x) / d);
    }
}
