package dorada.core.cutsheet;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.OutcomeId;
import java.util.List;

/** What a number of a sheet is a number of. Lengths in metres, coils in henry, capacitors in farad, angles in degrees. */
public enum Quantity implements OutcomeId {
    LENGTH("sizeM"),
    ANGLE("angleDeg"),
    FACTOR("plainFactor"),
    COUNT("wholeCount"),
    FREQUENCY("frequencyHz"),
    INDUCTANCE("coilHenry"),
    CAPACITANCE("seriesFarad");

    private final List<String> takes;

    Quantity(String takes) {
        this.takes = List.of(takes);
    }

    /** {@code value} with its unit. */
    public Outcome of(double value) {
        return this == COUNT ? of((Object) (int) Math.rint(value)) : of((Object) value);
    }

    @Override
    public String area() {
        return "cut.quantity";
    }

    @Override
    public List<String> takes() {
        return takes;
    }
}
