package dorada.server.tuning;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dorada.core.sweep.Dip;
import dorada.core.sweep.SweepAnalysis;
import dorada.core.sweep.Trace;
import dorada.server.installation.Installation;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * How installations stand now, by their newest pass; for lists. What was judged once is remembered, and only a few sweeps are in
 * memory at the same time.
 */
@Service
public class Newest {

    private static final int SMALL_PICTURE_POINTS = 60;

    /** A small picture has some 1.5 kB. */
    private static final int MOST_PICTURES = 4_000;

    /** Whether a rule is met is far less, and all the shop's are asked for. */
    private static final int MOST_VERDICTS = 20_000;

    /** Sweeps that are read at once. */
    private static final int AT_ONCE = 20;

    private final TuningPassRepository passes;
    private final TransactionTemplate reading;
    private final Cache<Key, State> pictures =
            Caffeine.newBuilder().maximumSize(MOST_PICTURES).build();
    private final Cache<Key, Boolean> verdicts =
            Caffeine.newBuilder().maximumSize(MOST_VERDICTS).build();

    Newest(TuningPassRepository passes, PlatformTransactionManager transactions) {
        this.passes = passes;
        reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
    }

    /** All that a verdict depends on: a pass is never altered, and a plan that is has another version. */
    private record Key(UUID pass, long planVersion) {}

    /** Which pass is the newest of an installation; no sweep is read for it. */
    public record Row(
            UUID installation,
            long planVersion,
            UUID pass,
            int number,
            boolean isFinal,
            String recordedBy,
            Instant recordedAt) {

        private Key key() {
            return new Key(pass, planVersion);
        }
    }

    /** What the newest pass says. */
    public record State(Optional<Dip> dip, double worstSwr, boolean met, Trace outline) {}

    /** By installation; those without a pass are missing. */
    public Map<UUID, Row> rows() {
        return passes.newestRows().stream().collect(Collectors.toMap(Row::installation, Function.identity()));
    }

    /** Whether the rule is met, by installation. */
    public Map<UUID, Boolean> met(Collection<Row> rows) {
        judge(rows.stream().filter(r -> verdicts.getIfPresent(r.key()) == null).toList());
        Map<UUID, Boolean> met = new HashMap<>();
        // One that was forgotten again between is not said to be met.
        rows.forEach(r -> met.put(r.installation(), Boolean.TRUE.equals(verdicts.getIfPresent(r.key()))));
        return met;
    }

    /** What to draw, by installation. */
    public Map<UUID, State> of(Collection<Row> rows) {
        Map<UUID, State> states = new HashMap<>();
        rows.forEach(r ->
                Optional.ofNullable(pictures.getIfPresent(r.key())).ifPresent(s -> states.put(r.installation(), s)));
        states.putAll(judge(
                rows.stream().filter(r -> !states.containsKey(r.installation())).toList()));
        return states;
    }

    private Map<UUID, State> judge(List<Row> rows) {
        Map<UUID, State> states = new HashMap<>();
        for (int from = 0; from < rows.size(); from += AT_ONCE) {
            List<UUID> some = rows.subList(from, Math.min(from + AT_ONCE, rows.size())).stream()
                    .map(Row::pass)
                    .toList();
            reading.executeWithoutResult(t -> passes.withSweeps(some).forEach(p -> {
                State state = state(p, p.installation());
                Key key = new Key(p.id(), p.installation().version());
                pictures.put(key, state);
                verdicts.put(key, state.met());
                states.put(p.installation().id(), state);
            }));
        }
        return states;
    }

    private static State state(TuningPass pass, Installation installation) {
        Judgement j = Judgement.of(pass, installation, Optional.empty());
        return new State(
                j.analysis().flatMap(SweepAnalysis::deepestDip),
                j.verdict().worstSwr(),
                // The antenna that was there before says nothing of the one that stays.
                j.verdict().met() && !pass.isOldAntenna(),
                j.analysis()
                        .map(a -> Trace.of(a.sweep()).outline(SMALL_PICTURE_POINTS))
                        .orElse(new Trace(new double[0], new double[0])));
    }
}
