package dorada.server.tuning;

import dorada.core.sweep.Dip;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.sweep.Trace;
import dorada.server.installation.Installation;
import java.time.Instant;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How installations stand now, by their newest pass; for lists. */
@Service
@Transactional(readOnly = true)
public class Newest {

    private static final int SMALL_PICTURE_POINTS = 60;

    private final TuningPassRepository passes;

    Newest(TuningPassRepository passes) {
        this.passes = passes;
    }

    /** The newest pass of one installation. */
    public record State(
            int number,
            Optional<Dip> dip,
            double worstSwr,
            boolean met,
            boolean isFinal,
            Trace outline,
            String recordedBy,
            Instant recordedAt) {}

    /** One entry for each of {@code installations} that has a pass. */
    public Map<UUID, State> of(Collection<Installation> installations) {
        Map<UUID, Installation> byId =
                installations.stream().collect(Collectors.toMap(Installation::id, Function.identity()));
        return byId.isEmpty()
                ? Map.of()
                : passes.newestOf(byId.keySet()).stream()
                        .collect(Collectors.toMap(
                                p -> p.installation().id(),
                                p -> state(p, byId.get(p.installation().id()))));
    }

    private static State state(TuningPass pass, Installation installation) {
        Judgement j = Judgement.of(pass, installation, Optional.empty());
        return new State(
                pass.number(),
                j.analysis().flatMap(SweepAnalysis::deepestDip),
                j.verdict().worstSwr(),
                // The antenna that was there before says nothing of the one that stays.
                j.verdict().met() && !pass.isOldAntenna(),
                pass.isFinalSweep(),
                j.analysis()
                        .map(a -> Trace.of(a.sweep()).outline(SMALL_PICTURE_POINTS))
                        .orElse(new Trace(new double[0], new double[0])),
                pass.recordedBy().displayName(),
                pass.recordedAt());
    }
}
