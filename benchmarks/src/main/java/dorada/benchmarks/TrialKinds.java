package dorada.benchmarks;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.SecondPiece.FinePiece;
import dorada.core.practice.Condition;
import dorada.core.tuning.Cause;
import dorada.core.tuning.FineAdviser;
import dorada.core.tuning.MatchControl;
import dorada.core.tuning.TrimPrior;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What a shop knows of each virtual installation's kind before it sees one. */
final class TrialKinds {

    static final Map<String, TrimPrior> PRIORS = Map.ofEntries(
            Map.entry("roof-quarter-wave", new TrimPrior(0.25, 1.02, 0.06)),
            Map.entry("boot-lid", new TrimPrior(0.25, 1.02, 0.06)),
            Map.entry("roof-five-eighths", new TrimPrior(0.625, 1.16, 0.07)),
            Map.entry("plastic-cab-half-wave", new TrimPrior(0.5, 1.05, 0.07)),
            Map.entry("cb-base-loaded", new TrimPrior(0.25, 0.8, 0.22)),
            Map.entry("cb-centre-loaded", new TrimPrior(0.25, 0.6, 0.18)),
            Map.entry("handheld-rod", new TrimPrior(0.25, 1.5, 0.1)),
            Map.entry("handheld-counterpoise", new TrimPrior(0.25, 1.5, 0.12)),
            Map.entry("airband-tab", new TrimPrior(0.25, 1.12, 0.08)),
            Map.entry("airband-radials", new TrimPrior(0.25, 1.12, 0.08)),
            Map.entry("airband-mesh", new TrimPrior(0.25, 1.12, 0.08)),
            Map.entry("airband-skin", new TrimPrior(0.25, 1.12, 0.08)),
            Map.entry("beam-three-split", new TrimPrior(0.25, 2.5, 0.3)),
            Map.entry("beam-five-gamma", new TrimPrior(0.25, 3, 0.3)),
            Map.entry("tube-j-pole", new TrimPrior(0.75, 2.15, 0.1)),
            Map.entry("wire-two-radials", new TrimPrior(0.25, 1.38, 0.1)),
            Map.entry("rod-four-radials", new TrimPrior(0.25, 1.38, 0.1)),
            Map.entry("ribbon-open", new TrimPrior(0.75, 2.2, 0.2)),
            Map.entry("ribbon-tube", new TrimPrior(0.75, 2.2, 0.2)),
            Map.entry("attic-dipole", new TrimPrior(0.25, 1.02, 0.06)),
            Map.entry("attic-vertical", new TrimPrior(0.25, 2, 0.15)),
            Map.entry("attic-loop", new TrimPrior(1, 0.51, 0.08)));

    /** The second controls that set a match; what is not here stays as it was built. */
    static final Map<String, MatchControl> MATCHES = Map.of(
            "tube-j-pole", MatchControl.of(AntennaKind.TUBE_J_POLE).orElseThrow(),
            "beam-five-gamma", MatchControl.of(AntennaKind.GAMMA_BEAM).orElseThrow());

    /** The second controls that set the length more finely. */
    static final Map<String, FinePiece> RINGS = Map.of(
            "cb-centre-loaded", FineAdviser.pieceOf(AntennaKind.RINGED_CB_WHIP).orElseThrow());

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

    /** Whether one of {@code causes} is one of {@code faults}. */
    static boolean isNamed(List<Cause> causes, Set<Condition> faults) {
        return causes.stream()
                .anyMatch(c -> faults.stream().anyMatch(f -> c.name().contains(WORDS.getOrDefault(f, "-"))));
    }
}
