package dorada.server.tuning;

import dorada.core.acceptance.RunComparison;
import dorada.core.acceptance.RunComparison.Run;
import dorada.core.instrument.SpotReading;
import dorada.core.sweep.Reading;
import dorada.server.installation.InstallationService;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Builds that were read under names of their own, held against the rule's limit and one another. */
@Service
@Transactional(readOnly = true)
class Runs {

    private final TuningPassRepository passes;
    private final InstallationService installations;

    Runs(TuningPassRepository passes, InstallationService installations) {
        this.passes = passes;
        this.installations = installations;
    }

    /** @param comparison empty where nothing was read under a name */
    record Known(double limitSwr, Optional<RunComparison> comparison) {}

    Known of(UUID installationId) {
        double limit = installations.byId(installationId).rule().limitSwr();
        List<Run> runs = runs(passes.findByInstallationIdAndNumberGreaterThanOrderByNumber(installationId, 0));
        return new Known(limit, runs.isEmpty() ? Optional.empty() : Optional.of(RunComparison.of(runs, limit)));
    }

    /** What was read twice under one name counts as it was read last. */
    private static List<Run> runs(List<TuningPass> all) {
        Map<String, Map<Double, Reading>> byName = new LinkedHashMap<>();
        Map<String, Double> weights = new LinkedHashMap<>();
        for (TuningPass p : all) {
            String name = p.runName().orElse("");
            if (name.isEmpty() || p.isSwept()) {
                continue;
            }
            Map<Double, Reading> readings = byName.computeIfAbsent(name, n -> new TreeMap<>());
            p.spots().stream().map(SpotReading::reading).forEach(r -> readings.put(r.frequencyHz(), r));
            p.runWeightKg().ifPresent(kg -> weights.put(name, kg));
        }
        List<Run> runs = new ArrayList<>();
        byName.forEach((name, readings) -> runs.add(new Run(
                name,
                weights.containsKey(name) ? OptionalDouble.of(weights.get(name)) : OptionalDouble.empty(),
                List.copyOf(readings.values()))));
        return runs;
    }
}
