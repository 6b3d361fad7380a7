package dorada.core.catalogue;

import dorada.core.format.FormatException;
import dorada.core.outcome.OutcomeId;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;

/** A catalogue as a table (RFC 4180): sort, name, customer, detail, under these headings. */
public final class EntryTable {

    private static final int MOST = 20_000;
    private static final int LONGEST_NAME = 160;
    private static final int LONGEST_DETAIL = 600;
    /** What spreadsheets take for a formula, and what such a text is written as; OWASP, "CSV Injection" (from memory). */
    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\\t\\r]");

    private static final String[] HEADINGS = {"sort", "name", "customer", "detail"};
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreHeaderCase(true)
            .setDuplicateHeaderMode(DuplicateHeaderMode.DISALLOW)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();

    private EntryTable() {}

    /** Why a table is not read. */
    public enum Refused implements OutcomeId {
        NO_HEADINGS,
        NO_SUCH_SORT("typed"),
        NO_NAME,
        TOO_LONG("mostCount"),
        TOO_MANY("mostCount"),
        NOT_A_TABLE;

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
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(
                out, CSVFormat.RFC4180.builder().setHeader(HEADINGS).get())) {
            for (Entry e : entries) {
                printer.printRecord(
                        e.sort().name().toLowerCase(Locale.ROOT), text(e.name()), text(e.customer()), text(e.detail()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /**
     * All of a table or nothing. Columns may stand in any order; customer and detail may be missing.
     *
     * @throws FormatException for the first line that can't be used
     */
    public static List<Entry> read(String text) throws FormatException {
        List<Entry> entries = new ArrayList<>();
        try (CSVParser rows = CSVParser.parse(new StringReader(text.replace("\uFEFF", "")), FORMAT)) {
            if (!rows.getHeaderMap().keySet().stream().anyMatch("sort"::equalsIgnoreCase)
                    || !rows.getHeaderMap().keySet().stream().anyMatch("name"::equalsIgnoreCase)) {
                throw new FormatException(1, Refused.NO_HEADINGS.of());
            }
            for (CSVRecord row : rows) {
                entries.add(entry(row, (int) rows.getCurrentLineNumber()));
                if (entries.size() > MOST) {
                    throw new FormatException(0, Refused.TOO_MANY.of(MOST));
                }
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            throw new FormatException(0, Refused.NOT_A_TABLE.of());
        }
        return entries;
    }

    private static Entry entry(CSVRecord row, int line) throws FormatException {
        Sort sort = Arrays.stream(Sort.values())
                .filter(s -> s.name().equalsIgnoreCase(cell(row, "sort").replace(' ', '_')))
                .findFirst()
                .orElse(null);
        if (sort == null) {
            throw new FormatException(line, Refused.NO_SUCH_SORT.of(cell(row, "sort")));
        }
        Entry entry = new Entry(sort, cell(row, "name"), cell(row, "customer"), cell(row, "detail"));
        if (entry.name().isEmpty()) {
            throw new FormatException(line, Refused.NO_NAME.of());
        }
        if (entry.name().length() > LONGEST_NAME || entry.customer().length() > LONGEST_NAME) {
            throw new FormatException(line, Refused.TOO_LONG.of(LONGEST_NAME));
        }
        if (entry.detail().length() > LONGEST_DETAIL) {
            throw new FormatException(line, Refused.TOO_LONG.of(LONGEST_DETAIL));
        }
        return entry;
    }

    private static String cell(CSVRecord row, String heading) {
        String text = row.isSet(heading) ? row.get(heading) : "";
        return FORMULA.matcher(text).lookingAt() && text.startsWith("'") ? text.substring(1) : text;
    }

    /** Spreadsheets compute what begins as a formula does, whoever typed it; behind an apostrophe it is text. */
    private static String text(String typed) {
        return FORMULA.matcher(typed).lookingAt() ? "'" + typed : typed;
    }
}
