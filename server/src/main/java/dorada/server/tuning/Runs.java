package dorada.server.tuning;

import dorada.core.acceptance.RunComparison;
import dorada.core.acceptance.RunComparison.Run;
import dorada.core.instrument.SpotReading;
import dorada.core.sweep.Reading;
import dorada.core.tuning.Circumstance;
import dorada.server.installation.InstallationService;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
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

    /**
     * @param comparison empty where nothing was read under a name
     * @param circumstances of each build, by its name
     */
    record Known(double limitSwr, Optional<RunComparison> comparison, Map<String, List<Circumstance>> circumstances) {}

    Known of(UUID installationId) {
        double limit = installations.byId(installationId).rule().limitSwr();
        List<TuningPass> named =
                passes.findByInstallationIdAndNumberGreaterThanOrderByNumber(installationId, 0).stream()
                        .filter(p -> !p.runName().orElse("").isEmpty() && !p.isSwept())
                        .toList();
        List<Run> runs = runs(named);
        Map<String, List<Circumstance>> circumstances = named.stream()
                .collect(Collectors.groupingBy(
                        p -> p.runName().orElseThrow(),
                        Collectors.flatMapping(
                                p -> p.circumstances().stream(),
                                Collectors.collectingAndThen(
                                        Collectors.toCollection(TreeSet::new), List::<Circumstance>copyOf))));
        return new Known(
                limit, runs.isEmpty() ? Optional.empty() : Optional.of(RunComparison.of(runs, limit)), circumstances);
    }

    /** What was read twice under one name counts as it was read last. */
    private static List<Run> runs(List<TuningPass> named) {
        Map<String, Map<Double, Reading>> byName = new LinkedHashMap<>();
        Map<String, Double> weights = new LinkedHashMap<>();
        for (TuningPass p : named) {
            String name = p.runName().orElseThrow();
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
