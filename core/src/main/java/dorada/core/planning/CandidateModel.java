package dorada.core.planning;

import dorada.core.antenna.Assembly;
import dorada.core.wire.Wire;
import java.util.List;
import java.util.Map;

/** One candidate where it will stand: from what is adjusted to wires. */
public interface CandidateModel {

    /** What is adjusted by cutting or sliding, in metres: by rule, length first. Empty where nothing is. */
    double[] usualShape();

    /** Coils in henry and transformer ratios: usual values. Empty where there are none. */
    double[] usualCircuit();

    /** The circuit as it can be bought. */
    default double[] buyable(double[] circuit) {
        return circuit;
    }

    /** What of the circuit its sheet must be told. */
    default Map<String, String> choices(double[] circuit) {
        return Map.of();
    }

    /** Of what is cut, in metres, as its sheet measures it, where {@code shape} is what it was adjusted to. */
    double lengthM(double[] shape);

    /** The same by rule. */
    default double ruleM() {
        return lengthM(usualShape());
    }

    /** Height of its top above the mount, by rule. */
    default double topM() {
        return ruleM();
    }

    /** Height that it needs under a roof, by rule. */
    default double roomHeightM() {
        return topM();
    }

    /** True where it is carried as a coil of wire. */
    default boolean rollsUp() {
        return false;
    }

    /** The wires, clear of all that stands near, at their place on the surface. */
    Assembly clear(double[] shape, double[] circuit, Extent extent);

    /** The antenna's own wires among those of {@link #clear} with {@code others} neighbours behind them. */
    default List<Wire> own(Assembly assembly, int others) {
        List<Wire> wires = assembly.structure().wires();
        return wires.subList(0, wires.size() - others);
    }
}
