package dorada.benchmarks;

import dorada.core.simulation.Condition;
import dorada.core.simulation.VirtualInstallation;
import dorada.core.tuning.Cause;
import dorada.core.tuning.TrimPrior;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What a shop knows of each virtual installation's kind before it sees one. */
final class TrialKinds {

    /** What is set is the loop's width, and each millimetre of it is two of wire. */
    private static final String SET_BY_WIDTH = "attic-loop";

    /** Best worst SWR over the band at the radio end that any length of the first control reaches, where it is above 1.4. */
    static final Map<String, Double> BEST_SWR = Map.ofEntries(
            Map.entry("roof-five-eighths", 1.7),
            Map.entry("plastic-cab-half-wave", 1.5),
            Map.entry("boot-lid", 1.5),
            Map.entry("cb-base-loaded", 2.2),
            Map.entry("cb-centre-loaded", 4.0),
            Map.entry("airband-tab", 5.0),
            Map.entry("airband-radials", 2.9),
            Map.entry("airband-mesh", 3.4),
            Map.entry("airband-skin", 3.0),
            Map.entry("beam-three-split", 2.2),
            Map.entry("beam-five-gamma", 2.9),
            Map.entry("tube-j-pole", 1.6),
            Map.entry("ribbon-open", 2.0),
            Map.entry("ribbon-tube", 2.3),
            Map.entry("attic-dipole", 1.45),
            Map.entry("attic-vertical", 2.4));

    /** What a cause's name says where it means this fault. */
    private static final Map<Condition, String> WORDS = Map.of(
            Condition.DUMMY_LOAD, "dummy load",
            Condition.LOOSE_CONNECTOR, "connector",
            Condition.PAINT_UNDER_GROUND, "paint",
            Condition.WET_LINE, "wet",
            Condition.KINKED_LINE, "kink");

    private TrialKinds() {}

    /** What the application itself takes for a kind of which no finished antenna is known. */
    static TrimPrior prior(VirtualInstallation v) {
        TrimPrior usual = TrimPrior.of(v.kind());
        return v.id().equals(SET_BY_WIDTH)
                ? new TrimPrior(usual.waves(), usual.setPerElectrical() / 2, usual.doubt(), 0, usual.circuit())
                : usual;
    }

    /** Whether one of {@code causes} is one of {@code faults}. */
    static boolean isNamed(List<Cause> causes, Set<Condition> faults) {
        return causes.stream()
                .anyMatch(c -> faults.stream().anyMatch(f -> c.name().contains(WORDS.getOrDefault(f, "-"))));
    }
}
