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
        return parallel(new Impedance(0, shuntOhm));
    }

    /** In parallel with {@code other}; an open circuit, infinite or not a number, takes nothing away. */
    public Impedance parallel(Impedance other) {
        if (!Double.isFinite(other.resistanceOhm) || !Double.isFinite(other.reactanceOhm)) {
            return this;
        }
        if (!Double.isFinite(resistanceOhm) || !Double.isFinite(reactanceOhm)) {
            return other;
        }
        // Z₁Z₂/(Z₁ + Z₂), written out.
        double r = resistanceOhm + other.resistanceOhm;
        double x = reactanceOhm + other.reactanceOhm;
        double d = r * r + x * x;
        double nRe = resistanceOhm * other.resistanceOhm - reactanceOhm * other.reactanceOhm;
        double nIm = resistanceOhm * other.reactanceOhm + reactanceOhm * other.resistanceOhm;
        return new Impedance((nRe * r + nIm * x) / d, (nIm * r - nRe * x) / d);
    }
}
