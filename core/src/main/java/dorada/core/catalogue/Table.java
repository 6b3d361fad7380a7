package dorada.core.catalogue;

import dorada.core.format.FormatException;
import dorada.core.outcome.OutcomeId;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;

/** Rows under headings as spreadsheets read and write them (RFC 4180). */
public final class Table {

    private static final int MOST = 20_000;

    /** What spreadsheets take for a formula, and what such a text is written as; OWASP, "CSV Injection" (from memory). */
    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\\t\\r]");

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreHeaderCase(true)
            .setDuplicateHeaderMode(DuplicateHeaderMode.DISALLOW)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();

    private Table() {}

    /** Why a table is not read. */
    public enum Refused implements OutcomeId {
        NO_HEADINGS("headings"),
        NO_NAME,
        NO_NUMBER("heading", "typed"),
        NO_WHOLE_NUMBER("heading", "typed"),
        NUMBER_MISSING("heading"),
        TOO_LONG("mostCount"),
        TOO_MANY("mostCount"),
        NOT_A_TABLE;

        private final List<String> takes;

        Refused(String... takes) {
            this.takes = List.of(takes);
        }

        @Override
        public String area() {
            return "refused.table";
        }

        @Override
        public List<String> takes() {
            return takes;
        }
    }

    /**
     * One row that was read.
     *
     * @param line in the file, counted from 1
     * @param cells by their headings in small letters
     */
    public record Row(int line, Map<String, String> cells) {

        public Row {
            cells = Map.copyOf(cells);
        }

        /** Empty where the column is missing. */
        public String text(String heading) {
            return cells.getOrDefault(heading, "");
        }

        /** @throws FormatException where there is none */
        public String name() throws FormatException {
            String name = text("name");
            if (name.isEmpty()) {
                throw new FormatException(line, Refused.NO_NAME.of());
            }
            return name;
        }

        /** With a point for decimals; empty where nothing is written. */
        public OptionalDouble number(String heading) throws FormatException {
            String text = text(heading);
            if (text.isEmpty()) {
                return OptionalDouble.empty();
            }
            try {
                double value = Double.parseDouble(text);
                if (Double.isFinite(value)) {
                    return OptionalDouble.of(value);
                }
            } catch (NumberFormatException e) {
                // Said below, as for what is no finite number.
            }
            throw new FormatException(line, Refused.NO_NUMBER.of(heading, text));
        }
    }

    /** @param rows of texts and numbers, each as long as {@code headings}; null is an empty cell */
    public static String write(List<String> headings, Stream<List<?>> rows) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(
                out,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(headings.toArray(String[]::new))
                        .get())) {
            for (List<?> row : (Iterable<List<?>>) rows::iterator) {
                printer.printRecord(row.stream().map(Table::cell));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /**
     * All of a table or nothing. Columns may stand in any order, and only those of {@code needed} must be there.
     *
     * @throws FormatException where they are not, or for what is no table
     */
    public static List<Row> read(String text, List<String> needed) throws FormatException {
        List<Row> read = new ArrayList<>();
        try (CSVParser rows = CSVParser.parse(new StringReader(text.replace("\uFEFF", "")), FORMAT)) {
            List<String> headings = rows.getHeaderMap().keySet().stream()
                    .map(h -> h.toLowerCase(Locale.ROOT))
                    .toList();
            if (!headings.containsAll(needed)) {
                throw new FormatException(1, Refused.NO_HEADINGS.of(needed));
            }
            for (CSVRecord row : rows) {
                Map<String, String> cells = new HashMap<>();
                headings.stream().filter(row::isSet).forEach(h -> cells.put(h, typed(row.get(h))));
                read.add(new Row((int) rows.getCurrentLineNumber(), cells));
                if (read.size() > MOST) {
                    throw new FormatException(0, Refused.TOO_MANY.of(MOST));
                }
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            throw new FormatException(0, Refused.NOT_A_TABLE.of());
        }
        return read;
    }

    private static String typed(String text) {
        return FORMULA.matcher(text).lookingAt() && text.startsWith("'") ? text.substring(1) : text;
    }

    /** Spreadsheets compute what begins as a formula does, whoever typed it; behind an apostrophe it is text. */
    private static Object cell(Object value) {
        return value instanceof String typed && FORMULA.matcher(typed).lookingAt() ? "'" + typed : value;
    }
}
