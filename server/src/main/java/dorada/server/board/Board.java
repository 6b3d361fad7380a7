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
        List<InstallationRow> found = installations.search(search);
        Optional<Map<UUID, Newest.Row>> all = wanted.map(w -> newest.rows());
        if (wanted.isPresent()) {
            Map<UUID, Progress> states = states(found, all.orElseThrow());
            found = found.stream()
                    .filter(row -> states.get(row.id()) == wanted.get())
                    .toList();
        }
        int from = (int) Math.min((long) page * size, found.size());
        List<InstallationRow> here = found.subList(from, Math.min(from + size, found.size()));
        Map<UUID, Newest.Row> passes = all.orElseGet(
                () -> newest.rows(here.stream().map(InstallationRow::id).toList()));
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
                found.size());
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
        if (row.signedOff()) {
            return Progress.signedOff(row.byJudgement());
        }
        if (pass == null) {
            return Progress.PLANNED;
        }
        boolean isMet = pass.isOfNewestVisit() && Boolean.TRUE.equals(met.get(row.id()));
        return Progress.afterReading(isMet, pass.isFinal());
    }
}
