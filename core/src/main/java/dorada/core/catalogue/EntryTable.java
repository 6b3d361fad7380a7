package dorada.core.catalogue;

import dorada.core.format.FormatException;
import dorada.core.outcome.OutcomeId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** A catalogue as a {@link Table}: sort, name, customer, detail, under these headings. */
public final class EntryTable {

    private static final int LONGEST_NAME = 160;
    private static final int LONGEST_DETAIL = 600;
    private static final List<String> HEADINGS = List.of("sort", "name", "customer", "detail");
    private static final List<String> NEEDED = HEADINGS.subList(0, 2);

    private EntryTable() {}

    /** Why a table of names is not read. */
    public enum Refused implements OutcomeId {
        NO_SUCH_SORT("typed");

        private final List<String> takes;

        Refused(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "refused.catalogue";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }

    public static String write(List<Entry> entries) {
        return Table.write(
                HEADINGS,
                entries.stream()
                        .map(e ->
                                List.of(e.sort().name().toLowerCase(Locale.ROOT), e.name(), e.customer(), e.detail())));
    }

    /**
     * All of a table or nothing. Customer and detail may be missing.
     *
     * @throws FormatException for the first line that can't be used
     */
    public static List<Entry> read(String text) throws FormatException {
        List<Entry> entries = new ArrayList<>();
        for (Table.Row row : Table.read(text, NEEDED)) {
            entries.add(entry(row));
        }
        return entries;
    }

    private static Entry entry(Table.Row row) throws FormatException {
        String typed = row.text("sort");
        Sort sort = Arrays.stream(Sort.values())
                .filter(s -> s.name().equalsIgnoreCase(typed.replace(' ', '_')))
                .findFirst()
                .orElseThrow(() -> new FormatException(row.line(), Refused.NO_SUCH_SORT.of(typed)));
        Entry entry = new Entry(sort, row.name(), row.text("customer"), row.text("detail"));
        if (entry.name().length() > LONGEST_NAME || entry.customer().length() > LONGEST_NAME) {
            throw new FormatException(row.line(), Table.Refused.TOO_LONG.of(LONGEST_NAME));
        }
        if (entry.detail().length() > LONGEST_DETAIL) {
            throw new FormatException(row.line(), Table.Refused.TOO_LONG.of(LONGEST_DETAIL));
        }
        return entry;
    }
}
