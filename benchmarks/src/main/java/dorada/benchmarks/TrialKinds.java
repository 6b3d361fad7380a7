package dorada.benchmarks;

import dorada.core.tuning.MatchControl;
import dorada.core.tuning.Room;
import dorada.core.tuning.TrimPrior;
import java.util.Map;

/** What a shop knows of each virtual installation's kind before it sees one. */
final class TrialKinds {

    static final Map<String, TrimPrior> PRIORS = Map.ofEntries(
            Map.entry("roof-quarter-wave", new TrimPrior(0.25, 1.02, 0.06)),
            Map.entry("boot-lid", new TrimPrior(0.25, 1.02, 0.06)),
            Map.entry("roof-five-eighths", new TrimPrior(0.625, 1.16, 0.07)),
            Map.entry("plastic-cab-half-wave", new TrimPrior(0.5, 1.05, 0.07)),
            Map.entry("cb-base-loaded", new TrimPrior(0.25, 0.8, 0.22)),
            Map.entry("cb-centre-loaded", new TrimPrior(0.25, 0.8, 0.22)),
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
            "tube-j-pole", new MatchControl(0.001, 0.03, 0, -11, 0.7, 1.25, Room.ANY),
            "beam-five-gamma", new MatchControl(0.001, 0.06, 4, 2, 1, 0.25, Room.ANY));

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

    private TrialKinds() {}
}
