package dorada.server.history;

import dorada.core.history.Happened;
import dorada.core.outcome.Outcome;
import dorada.server.words.OutcomeView;
import dorada.server.words.Words;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** All that happened to an installation: what its rows and their changes tell here, and what it brought along in an archive. */
@Service
@Transactional
public class Histories {

    private final List<Chronicle> chronicles;
    private final ToldElsewhereRepository elsewhere;
    private final JsonMapper json;

    Histories(List<Chronicle> chronicles, ToldElsewhereRepository elsewhere, JsonMapper json) {
        this.chronicles = chronicles;
        this.elsewhere = elsewhere;
        this.json = json;
    }

    /** The oldest first; empty where there is no such installation. */
    @Transactional(readOnly = true)
    public List<Chronicle.Happening> of(UUID installation) {
        List<ToldElsewhere> brought = elsewhere.findByInstallationIdOrderByAtAscNumberAsc(installation);
        // Of one moment there is told what was told there: a reading has its number, which its row alone does not have.
        Set<Instant> moments = brought.stream().map(ToldElsewhere::at).collect(Collectors.toSet());
        return Stream.concat(
                        chronicles.stream()
                                .flatMap(c -> c.of(installation).stream())
                                .filter(h -> !moments.contains(h.at())),
                        brought.stream().map(this::happening))
                .sorted(Comparator.comparing(Chronicle.Happening::at))
                .toList();
    }

    /** As {@link #of}, for an archive. */
    @Transactional(readOnly = true)
    public List<HappeningRecord> pack(UUID installation) {
        return of(installation).stream().map(HappeningRecord::of).toList();
    }

    /**
     * Keeps what an archive tells of an installation that is here and is not told here. Of a moment that is told here, that stands;
     * only of one that came with the archive its own words do.
     */
    public void restore(UUID installation, List<HappeningRecord> archived, boolean cameWithIt) {
        Map<Instant, List<Said>> here = said(pack(installation));
        said(archived).forEach((at, there) -> {
            List<Said> told = here.getOrDefault(at, List.of());
            boolean isKept = cameWithIt ? !told.equals(there) : told.isEmpty();
            for (int i = 0; isKept && i < there.size(); i++) {
                Said said = there.get(i);
                elsewhere.save(new ToldElsewhere(installation, at, said.by(), i, said.says()));
            }
        });
    }

    /** @param says as JSON, by which they are compared */
    private record Said(String by, String says) {}

    private Map<Instant, List<Said>> said(List<HappeningRecord> all) {
        return all.stream()
                .collect(Collectors.groupingBy(
                        HappeningRecord::at,
                        TreeMap::new,
                        Collectors.mapping(
                                h -> new Said(h.by(), json.writeValueAsString(h.says())), Collectors.toList())));
    }

    private Chronicle.Happening happening(ToldElsewhere told) {
        HappeningRecord.SaidRecord[] says = json.readValue(told.says(), HappeningRecord.SaidRecord[].class);
        return new Chronicle.Happening(
                told.at(), told.by(), Stream.of(says).map(Histories::outcome).toList());
    }

    /** In the words of here, as far as they are known here; else as it was said. */
    private static Outcome outcome(HappeningRecord.SaidRecord said) {
        Outcome outcome = OutcomeView.outcome(said.id(), said.params());
        return Words.ENGLISH.canSay(outcome) ? outcome : Happened.TOLD.of(said.text());
    }
}
