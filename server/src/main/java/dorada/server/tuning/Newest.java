package dorada.server.tuning;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import dorada.core.acceptance.Progress;
import java.time.Instant;
import java.util.ArrayList;
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
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * How installations stand now, by their newest pass; for lists. It is read from what is kept; until that is worked out again after a
 * change of plan or program, the verdict alone is, a few sweeps at a time, and remembered.
 */
@Service
public class Newest {

    private static final int MOST_REMEMBERED = 4_000;

    /** Sweeps that are read at once. */
    private static final int AT_ONCE = 20;

    private final TuningPassRepository passes;
    private final SavedJudgementRepository kept;
    private final Judgements judgements;
    private final TransactionTemplate reading;
    private final Cache<Key, InBrief> remembered =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    Newest(
            TuningPassRepository passes,
            SavedJudgementRepository kept,
            Judgements judgements,
            PlatformTransactionManager transactions) {
        this.passes = passes;
        this.kept = kept;
        this.judgements = judgements;
        reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
    }

    /** All that a verdict depends on: a pass is never altered, and a plan that is has another version. */
    private record Key(UUID pass, long planVersion) {}

    /**
     * Which pass is the newest of an installation; no sweep is read for it.
     *
     * @param isOfNewestVisit false where a visit was opened since, and nothing was read on it yet
     * @param isProven whether it left nothing loose, as {@link TuningPass#isProven} has it
     * @param met null where that is not kept
     */
    public record Row(
            UUID installation,
            long planVersion,
            UUID pass,
            int number,
            boolean isProven,
            boolean isOfNewestVisit,
            String recordedBy,
            Instant recordedAt,
            Boolean met) {

        private Key key() {
            return new Key(pass, planVersion);
        }
    }

    /** By installation; those without a pass are missing. */
    public Map<UUID, Row> rows() {
        return passes.newestRows(judgements.program()).stream()
                .collect(Collectors.toMap(Row::installation, Function.identity()));
    }

    /** Of {@code installations} alone, by installation. */
    public Map<UUID, Row> rows(Collection<UUID> installations) {
        return passes.newestRowsOf(judgements.program(), installations).stream()
                .collect(Collectors.toMap(Row::installation, Function.identity()));
    }

    /** Of one installation; empty where it has no pass. */
    public Optional<Row> row(UUID installation) {
        return passes.newestRowOf(judgements.program(), installation);
    }

    /** How far an installation is of which {@code pass}, or none, is the newest reading. */
    public static Progress progress(boolean isSignedOff, boolean byJudgement, Row pass, boolean isMet) {
        if (isSignedOff) {
            return Progress.signedOff(byJudgement);
        }
        return pass == null
                ? Progress.PLANNED
                : Progress.afterReading(pass.isOfNewestVisit() && isMet, pass.isProven());
    }

    /**
     * A pass that counts, as lists of the shop tell it.
     *
     * @param fault the likeliest of what was to be looked for after it, as an outcome's id; null for none
     * @param met the rule; null where that is not kept
     */
    public record Worked(
            int number,
            double changeM,
            double secondChangeM,
            String note,
            String recordedBy,
            boolean isOldAntenna,
            String fault,
            Boolean met,
            Instant recordedAt) {}

    /** The passes of an installation that count, oldest first; no sweep is read. */
    @Transactional(readOnly = true)
    public List<Worked> worked(UUID installation) {
        return passes.worked(installation);
    }

    /** Whether the rule is met, by installation. */
    public Map<UUID, Boolean> met(Collection<Row> rows) {
        Map<UUID, Boolean> met = new HashMap<>();
        rows.stream().filter(r -> r.met() != null).forEach(r -> met.put(r.installation(), r.met()));
        judged(rows.stream().filter(r -> r.met() == null).toList())
                .forEach((installation, s) -> met.put(installation, s.met()));
        return met;
    }

    /** What to draw, by installation. */
    public Map<UUID, InBrief> of(Collection<Row> rows) {
        Map<UUID, UUID> installations = rows.stream().collect(Collectors.toMap(Row::pass, Row::installation));
        Map<UUID, InBrief> found = new HashMap<>();
        kept.findByPassIdIn(rows.stream()
                        .filter(r -> r.met() != null)
                        .map(Row::pass)
                        .toList())
                .forEach(j -> found.put(installations.get(j.passId()), j.inInBrief()));
        found.putAll(judged(
                rows.stream().filter(r -> !found.containsKey(r.installation())).toList()));
        return found;
    }

    private Map<UUID, InBrief> judged(List<Row> rows) {
        Map<UUID, InBrief> found = new HashMap<>();
        List<Row> unknown = new ArrayList<>();
        for (Row row : rows) {
            InBrief s = remembered.getIfPresent(row.key());
            if (s == null) {
                unknown.add(row);
            } else {
                found.put(row.installation(), s);
            }
        }
        for (int from = 0; from < unknown.size(); from += AT_ONCE) {
            List<UUID> some = unknown.subList(from, Math.min(from + AT_ONCE, unknown.size())).stream()
                    .map(Row::pass)
                    .toList();
            reading.executeWithoutResult(t -> passes.withSweeps(some).forEach(p -> {
                InBrief s = InBrief.of(Judgement.of(p, p.installation(), Optional.empty()));
                remembered.put(new Key(p.id(), p.installation().planVersion()), s);
                found.put(p.installation().id(), s);
            }));
        }
        return found;
    }
}
