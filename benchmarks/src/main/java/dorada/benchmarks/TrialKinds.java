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

    /** A line that is broken, wet or kinked somewhere is found where its connectors are looked at, and the other way round. */
    private static final Set<Cause.Id> LINE =
            Set.of(Cause.Id.BAD_CONNECTOR, Cause.Id.CONNECTOR_OR_FEEDLINE, Cause.Id.KINKED_FEEDLINE);

    /** The causes, besides {@link #LINE}, that mean this fault. */
    private static final Map<Condition, Set<Cause.Id>> NAMED_BY = Map.of(
            Condition.DUMMY_LOAD, Set.of(Cause.Id.DUMMY_LOAD, Cause.Id.NOT_THIS_ANTENNA),
            Condition.LOOSE_CONNECTOR,
                    Set.of(
                            Cause.Id.LOOSE_CONNECTOR,
                            Cause.Id.SECOND_REFLECTION,
                            Cause.Id.OPEN_OR_SHORTED,
                            Cause.Id.WORN_CONNECTOR),
            Condition.PAINT_UNDER_GROUND, Set.of(Cause.Id.NO_GROUND_PLANE, Cause.Id.PAINT_UNDER_THE_MOUNT),
            Condition.WET_LINE, Set.of(Cause.Id.LOSSY_FEEDLINE, Cause.Id.SET_UP_OTHERWISE),
            Condition.KINKED_LINE, Set.of(Cause.Id.SECOND_REFLECTION));

    private static final Set<Condition> OF_THE_LINE =
            Set.of(Condition.LOOSE_CONNECTOR, Condition.WET_LINE, Condition.KINKED_LINE);

    private TrialKinds() {}

    /** What the application itself takes for a kind of which no finished antenna is known. */
    static TrimPrior prior(VirtualInstallation v) {
        return TrimPrior.of(v.kind()).times(1 / v.controls().get(0).name().lengths());
    }

    /** Whether one of {@code causes} is one of {@code faults}. */
    static boolean isNamed(List<Cause> causes, Set<Condition> faults) {
        return causes.stream()
                .map(Cause::id)
                .anyMatch(c -> faults.stream()
                        .anyMatch(f -> NAMED_BY.getOrDefault(f, Set.of()).contains(c)
                                || OF_THE_LINE.contains(f) && LINE.contains(c)));
    }
}
