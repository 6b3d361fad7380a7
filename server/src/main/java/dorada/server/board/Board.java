package dorada.server.board;

import dorada.core.acceptance.Progress;
import dorada.server.book.Standings;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationRow;
import dorada.server.installation.InstallationService;
import dorada.server.tuning.InBrief;
import dorada.server.tuning.Newest;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Finds a page of installations, and how many are how far; reads no sweep beyond that page but where a state cannot be told otherwise. */
@Service
class Board {

    /** More are sooner worked out from all newest passes than from those of each. */
    private static final int MOST_WORKED_OUT = 500;

    private static final Comparator<Standings.Standing> NEWEST_FIRST =
            Comparator.comparingLong(Standings.Standing::shopNumber).reversed();

    private final InstallationService installations;
    private final Newest newest;
    private final Standings standings;

    Board(InstallationService installations, Newest newest, Standings standings) {
        this.installations = installations;
        this.newest = newest;
        this.standings = standings;
    }

    record Entry(Installation installation, Progress state, Optional<Newest.Row> pass, Optional<InBrief> newest) {}

    /** @param total of all pages */
    record Page(List<Entry> entries, int total) {}

    Page page(String search, Optional<Progress> wanted, int page, int size) {
        return wanted.map(state -> page(search, state, page, size)).orElseGet(() -> page(search, page, size));
    }

    private Page page(String search, Progress wanted, int page, int size) {
        Told told = told(search);
        int from = (int) Math.min((long) page * size, Integer.MAX_VALUE / 2);
        List<Standings.Standing> found = new ArrayList<>(
                told.others().stream().filter(s -> s.state() == wanted).toList());
        int total = found.size();
        if (told.inBookBut().isPresent()) {
            Set<UUID> but = told.inBookBut().get();
            found.addAll(standings.in(wanted, search, but, from + size));
            total += standings.count(wanted, search, but);
        }
        found.sort(NEWEST_FIRST);
        List<UUID> here = found.stream()
                .skip(from)
                .limit(size)
                .map(Standings.Standing::id)
                .toList();
        return drawn(installations.rows(here), newest.rows(here), total);
    }

    private Page page(String search, int page, int size) {
        InstallationService.Found found = installations.search(search, page, size);
        return drawn(
                found.rows(),
                newest.rows(found.rows().stream().map(InstallationRow::id).toList()),
                found.total());
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

    /** How many of those that a search finds are how far. */
    Map<Progress, Integer> counts(String search) {
        Told told = told(search);
        Map<Progress, Integer> counts = new EnumMap<>(Progress.class);
        told.inBookBut().ifPresent(but -> counts.putAll(standings.counts(search, but)));
        told.others().forEach(s -> counts.merge(s.state(), 1, Integer::sum));
        return counts;
    }

    /**
     * Who tells how far those are that a search finds.
     *
     * @param inBookBut present where the book tells of each but these; empty where all were looked at one by one
     * @param others how far those are that the book is not asked for
     */
    private record Told(Optional<Set<UUID>> inBookBut, List<Standings.Standing> others) {}

    private Told told(String search) {
        // Before the rows are read: what is written meanwhile is told by neither else.
        Set<UUID> unwritten = standings.unwritten();
        boolean isInBook =
                unwritten.size() <= MOST_WORKED_OUT && standings.count(unwritten) == installations.countBut(unwritten);
        return isInBook
                ? new Told(Optional.of(unwritten), workedOut(installations.rowsFound(search, unwritten)))
                : new Told(Optional.empty(), oneByOne(installations.idsFound(search), unwritten));
    }

    /** Until the book is written for the first time, all have to be worked out. */
    private List<Standings.Standing> oneByOne(List<UUID> found, Set<UUID> unwritten) {
        Map<UUID, Standings.Standing> told = standings.of(found, unwritten);
        List<Standings.Standing> all = new ArrayList<>(told.values());
        all.addAll(workedOut(installations.rows(
                found.stream().filter(id -> !told.containsKey(id)).toList())));
        return all;
    }

    private List<Standings.Standing> workedOut(List<InstallationRow> rows) {
        Map<UUID, Newest.Row> passes = rows.size() <= MOST_WORKED_OUT
                ? newest.rows(rows.stream().map(InstallationRow::id).toList())
                : newest.rows();
        Map<UUID, Progress> states = states(rows, passes);
        return rows.stream().map(row -> standing(row, states.get(row.id()))).toList();
    }

    private static Standings.Standing standing(InstallationRow row, Progress state) {
        return new Standings.Standing(row.id(), row.shopNumber(), state);
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
