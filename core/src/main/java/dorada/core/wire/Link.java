package dorada.core.wire;

import dorada.core.line.Line;
import dorada.core.outcome.Refusal;
import org.hipparchus.complex.Complex;

/**
 * A transmission line between two ports of one structure, that does not radiate itself. At a port where a source is
 * connected too, both are in parallel, as where a feedline meets the line to the next element.
 *
 * @param from one end
 * @param to the other end
 * @param line length above 0
 * @param crossed with its two conductors exchanged on the way
 */
public record Link(Port from, Port to, Line line, boolean crossed) {

    private static final double DB_PER_NEPER = 20 / Math.log(10);

    /** A line of a whole number of half waves without any loss has no admittances: this much it always has. */
    private static final double LEAST_NEPER = 1e-8;

    public Link {
        if (!(line.lengthM() > 0)) {
            throw new Refusal(Refused.A_LINE_BETWEEN_TWO_PORTS_NEEDS);
        }
        if (from.equals(to)) {
            throw new Refusal(Refused.A_LINE_MUST_RUN_BETWEEN_TWO);
        }
    }

    /**
     * Admittances in siemens: {own, mutual}. Source: D. M. Pozar, Microwave Engineering, table 4.1 turned into admittances:
     * Y₀·coth γl and −Y₀/sinh γl.
     */
    Complex[] admittances(double frequencyHz) {
        double a = Math.max(LEAST_NEPER, line.matchedLossDb(frequencyHz) / DB_PER_NEPER);
        Complex gamma = new Complex(a, line.phase(frequencyHz));
        Complex sinh = gamma.sinh();
        Complex own = gamma.cosh().divide(sinh).divide(line.impedanceOhm());
        Complex mutual = sinh.reciprocal().divide(crossed ? line.impedanceOhm() : -line.impedanceOhm());
        return new Complex[] {own, mutual};
    }
}
