package dorada.server.board;

import dorada.core.acceptance.Progress;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationRow;
import dorada.server.installation.InstallationService;
import dorada.server.tuning.InBrief;
import dorada.server.tuning.Newest;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Finds a page of installations, and reads no sweep beyond it but where a state cannot be told otherwise. */
@Service
class Board {

    private final InstallationService installations;
    private final Newest newest;

    Board(InstallationService installations, Newest newest) {
        this.installations = installations;
        this.newest = newest;
    }

    record Entry(Installation installation, Progress state, Optional<Newest.Row> pass, Optional<InBrief> newest) {}

    /** @param total of all pages */
    record Page(List<Entry> entries, int total) {}

    Page page(String search, Optional<Progress> wanted, int page, int size) {
        return wanted.map(state -> page(search, state, page, size)).orElseGet(() -> page(search, page, size));
    }

    /** How far each is must be known first: thousands of short rows are read sooner than some are picked out of them. */
    private Page page(String search, Progress wanted, int page, int size) {
        Map<UUID, Newest.Row> passes = newest.rows();
        List<InstallationRow> all = installations.search(search);
        Map<UUID, Progress> states = states(all, passes);
        List<InstallationRow> found =
                all.stream().filter(row -> states.get(row.id()) == wanted).toList();
        int from = (int) Math.min((long) page * size, found.size());
        return drawn(found.subList(from, Math.min(from + size, found.size())), passes, found.size());
    }

    private Page page(String search, int page, int size) {
        List<InstallationRow> here = installations.search(search, page, size);
        Map<UUID, Newest.Row> passes =
                newest.rows(here.stream().map(InstallationRow::id).toList());
        return drawn(here, passes, installations.countFound(search));
    }

    private Page drawn(List<InstallationRow> here, Map<UUID, Newest.Row> passes, int total) {
        // First what is drawn: their states are known then.
        Map<UUID, InBrief> drawn = newest.of(passesOf(here, passes));
        Map<UUID, Progress> states = states(here, passes);
        return new Page(
                installations.byIds(here.stream().map(InstallationRow::id).toList()).stream()
                        .map(i -> new Entry(
                                i,
                                states.get(i.id()),
                                Optional.ofNullable(passes.get(i.id())),
                                Optional.ofNullable(drawn.get(i.id()))))
                        .toList(),
                total);
    }

    Map<Progress, Integer> counts(String search) {
        Map<Progress, Integer> counts = new EnumMap<>(Progress.class);
        states(installations.search(search), newest.rows()).values().forEach(s -> counts.merge(s, 1, Integer::sum));
        return counts;
    }

    private Map<UUID, Progress> states(List<InstallationRow> rows, Map<UUID, Newest.Row> passes) {
        Map<UUID, Boolean> met = newest.met(
                passesOf(rows.stream().filter(row -> !row.signedOff()).toList(), passes));
        Map<UUID, Progress> states = new HashMap<>();
        rows.forEach(row -> states.put(row.id(), state(row, passes.get(row.id()), met)));
        return states;
    }

    private static List<Newest.Row> passesOf(List<InstallationRow> rows, Map<UUID, Newest.Row> passes) {
        return rows.stream()
                .map(row -> passes.get(row.id()))
                .filter(Objects::nonNull)
                .toList();
    }

    private static Progress state(InstallationRow row, Newest.Row pass, Map<UUID, Boolean> met) {
        return Newest.progress(row.signedOff(), row.byJudgement(), pass, Boolean.TRUE.equals(met.get(row.id())));
    }
}
