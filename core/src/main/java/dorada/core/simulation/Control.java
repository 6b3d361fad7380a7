package dorada.core.simulation;

/**
 * Something that can be adjusted.
 *
 * @param name as it stands in a sentence, with what moves along where pieces are coupled ("all four radials")
 * @param startM before the first change, in metres
 * @param lowM the least it can be
 * @param highM the most; for a one-way cut this is the start
 * @param stepM the smallest change worth making by hand
 * @param oneWay true for a cut, false for a slide that goes both ways
 */
public record Control(ControlName name, double startM, double lowM, double highM, double stepM, boolean oneWay) {

    public Control {
        if (!(lowM > 0) || !(startM >= lowM) || !(highM >= startM) || !(stepM > 0)) {
            throw new IllegalArgumentException("A control needs 0 < low ≤ start ≤ high and a step above 0.");
        }
    }

    /** What a saw does: shorter only. */
    public static Control cut(ControlName name, double startM, double lowM) {
        return new Control(name, startM, lowM, startM, 0.001, true);
    }

    /** What a clamp or telescope does. */
    public static Control slide(ControlName name, double startM, double lowM, double highM) {
        return new Control(name, startM, lowM, highM, 0.001, false);
    }

    /** {@code lengthM} where this control allows it. */
    public double allowed(double lengthM) {
        return Math.max(lowM, Math.min(highM, lengthM));
    }
}
