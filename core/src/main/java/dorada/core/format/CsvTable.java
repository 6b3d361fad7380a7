package dorada.core.format;

import dorada.core.outcome.Outcome;
import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.rf.Swr;
import dorada.core.sweep.Sweep;
import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table whose first line names its columns: a frequency with its unit, and whatever describes the reflection re 50 Ω.
 * Columns are separated by comma, semicolon or tab.
 *
 * <p>Of several descriptions the most complete is taken: real and imaginary part, R and X, size and angle, and only then
 * sizes alone, which make a sweep without phase. Return loss may have either sign, the same on every line.
 */
public final class CsvTable {

    private static final Pattern UNIT = Pattern.compile(".*?\\b([kmg]?hz)\\b.*");
    private static final Pattern DECIMAL_COMMA = Pattern.compile("[-+]?\\d+,(\\d+)([eE][-+]?\\d+)?");
    private static final int THOUSANDS = 3;
    private static final int PREVIEWED = 5;

    /** A return loss of the other sign than its table's is noise about a total reflection up to here, in dB. */
    private static final double NOISE_DB = 1;

    private final char separator;
    private final List<String> headings;
    private final List<CsvRole> roles;
    private final List<List<String>> rows;
    private final List<Integer> lines;

    private CsvTable(char separator, List<String> headings, List<List<String>> rows, List<Integer> lines) {
        this.separator = separator;
        this.headings = headings;
        this.roles = headings.stream().map(CsvRole::of).toList();
        this.rows = rows;
        this.lines = lines;
    }

    /** Splits {@code text} into columns; nothing is understood yet. */
    public static CsvTable of(Reader text, char separator) throws IOException, FormatException {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(separator)
                .setIgnoreEmptyLines(true)
                .setIgnoreSurroundingSpaces(true)
                .setCommentMarker('!')
                .get();
        List<List<String>> rows = new ArrayList<>();
        List<Integer> lines = new ArrayList<>();
        try (CSVParser parser = format.parse(text)) {
            for (CSVRecord row : parser) {
                if (rows.size() > Points.MOST) {
                    throw new FormatException(0, Malformed.TOO_MANY_POINTS.of(Points.MOST));
                }
                rows.add(row.toList());
                lines.add((int) parser.getCurrentLineNumber());
            }
        } catch (java.io.UncheckedIOException | IllegalStateException e) {
            throw new FormatException(0, Malformed.THIS_TABLE_CANNOT_BE_READ.of());
        }
        if (rows.isEmpty()) {
            throw new FormatException(0, Malformed.THE_TABLE_IS_EMPTY.of());
        }
        return new CsvTable(separator, rows.remove(0), rows, lines);
    }

    /** A column as a person is shown it before the import. */
    public record Column(String heading, CsvRole role) {}

    public List<Column> columns() {
        List<Column> columns = new ArrayList<>();
        for (int i = 0; i < headings.size(); i++) {
            columns.add(new Column(headings.get(i), roles.get(i)));
        }
        return columns;
    }

    /** The first lines as they stand in the file. */
    public List<List<String>> firstRows() {
        return rows.subList(0, Math.min(PREVIEWED, rows.size()));
    }

    /**
     * The sweep that the table describes.
     *
     * @throws FormatException with the line and the reason where anything could be misread
     */
    public SweepFile read() throws FormatException {
        int line = lines.get(0);
        Map<CsvRole, Integer> at = new EnumMap<>(CsvRole.class);
        for (int i = roles.size() - 1; i >= 0; i--) {
            at.put(roles.get(i), i);
        }
        Integer frequency = at.get(CsvRole.FREQUENCY);
        if (frequency == null) {
            throw new FormatException(line, Malformed.NO_COLUMN_IS_NAMED_FREQUENCY.of());
        }
        double hertz = unit(headings.get(frequency))
                .orElseThrow(() -> new FormatException(line, Malformed.THE_FREQUENCY_COLUMN_DOES_NOT_SAY.of()));
        Meaning meaning =
                Meaning.of(at).orElseThrow(() -> new FormatException(line, Malformed.NO_COLUMNS_RE_AND_IM.of()));
        boolean decimalComma = hasDecimalComma();
        double sign = meaning.isReturnLoss() ? signOfReturnLoss(at.get(CsvRole.RETURN_LOSS), decimalComma) : 1;
        Points points = new Points();
        for (int i = 0; i < rows.size(); i++) {
            int here = lines.get(i + 1);
            double hz = number(i, frequency, decimalComma) * hertz;
            double a = number(i, at.get(meaning.first), decimalComma);
            double b = meaning.second == null ? 0 : number(i, at.get(meaning.second), decimalComma);
            points.add(hz, meaning.reflection(a, b, sign, here), here);
        }
        if (points.count() == 0) {
            throw new FormatException(0, Malformed.THE_TABLE_HOLDS_NO_MEASURED_POINTS.of());
        }
        return file(points, meaning, decimalComma);
    }

    private static SweepFile file(Points points, Meaning meaning, boolean decimalComma) {
        List<Outcome> warnings = new ArrayList<>();
        if (decimalComma) {
            warnings.add(FileRemark.DECIMAL_COMMAS.of());
        }
        points.warning().ifPresent(warnings::add);
        Sweep sweep = meaning.second == null ? points.sweepOfMagnitudes() : points.sweep(Sweep.STANDARD_REFERENCE_OHM);
        return new SweepFile(sweep, warnings);
    }

    /** Which columns are used, and how they become a reflection; the most complete first. */
    private enum Meaning {
        PARTS(CsvRole.REAL, CsvRole.IMAGINARY),
        IMPEDANCE(CsvRole.RESISTANCE, CsvRole.REACTANCE),
        SIZE_AND_ANGLE(CsvRole.MAGNITUDE, CsvRole.ANGLE),
        DB_AND_ANGLE(CsvRole.RETURN_LOSS, CsvRole.ANGLE),
        SIZE(CsvRole.MAGNITUDE, null),
        DB(CsvRole.RETURN_LOSS, null),
        RATIO(CsvRole.SWR, null);

        private final CsvRole first;
        private final CsvRole second;

        Meaning(CsvRole first, CsvRole second) {
            this.first = first;
            this.second = second;
        }

        static Optional<Meaning> of(Map<CsvRole, Integer> at) {
            for (Meaning m : values()) {
                if (at.containsKey(m.first) && (m.second == null || at.containsKey(m.second))) {
                    return Optional.of(m);
                }
            }
            return Optional.empty();
        }

        boolean isReturnLoss() {
            return first == CsvRole.RETURN_LOSS;
        }

        /** @param sign +1 where the table writes return loss as a positive number of dB */
        Reflection reflection(double a, double b, double sign, int line) throws FormatException {
            try {
                return switch (this) {
                    case PARTS -> new Reflection(a, b);
                    case IMPEDANCE -> Reflection.of(new Impedance(a, b), Sweep.STANDARD_REFERENCE_OHM);
                    case SIZE_AND_ANGLE, SIZE -> Reflection.polar(positive(a, line), b);
                    case DB_AND_ANGLE, DB -> Reflection.polar(Math.pow(10, -sign * a / 20), b);
                    case RATIO -> new Reflection(Swr.magnitude(a), 0);
                };
            } catch (IllegalArgumentException e) {
                throw new FormatException(
                        line, this == RATIO ? Malformed.SWR_BELOW_1.of() : Malformed.THIS_IS_NO_REFLECTION.of());
            }
        }

        private static double positive(double size, int line) throws FormatException {
            if (size < 0) {
                throw new FormatException(line, Malformed.A_MAGNITUDE_IS_0_OR_MORE.of());
            }
            return size;
        }
    }

    /** +1 or −1: return loss is a positive number, but many tables write the reflection in dB, which is negative. */
    private double signOfReturnLoss(int column, boolean decimalComma) throws FormatException {
        double sum = 0;
        for (int i = 0; i < rows.size(); i++) {
            sum += number(i, column, decimalComma);
        }
        double sign = sum < 0 ? -1 : 1;
        for (int i = 0; i < rows.size(); i++) {
            if (sign * number(i, column, decimalComma) < -NOISE_DB) {
                throw new FormatException(lines.get(i + 1), Malformed.RETURN_LOSS_CHANGES_ITS_SIGN_FROM.of());
            }
        }
        return sign;
    }

    /** Certain only where commas do not separate columns, no point stands anywhere, and not all look like thousands. */
    private boolean hasDecimalComma() {
        boolean some = false;
        for (List<String> row : rows) {
            for (String cell : row) {
                if (separator == ',' || cell.contains(".")) {
                    return false;
                }
                var found = DECIMAL_COMMA.matcher(cell);
                some = some || found.matches() && found.group(1).length() != THOUSANDS;
            }
        }
        return some;
    }

    private double number(int row, int column, boolean decimalComma) throws FormatException {
        int line = lines.get(row + 1);
        if (column >= rows.get(row).size()) {
            throw new FormatException(line, Malformed.A_VALUE_IS_MISSING.of());
        }
        String cell = rows.get(row).get(column);
        return Numbers.read(decimalComma ? cell.replace(',', '.') : cell, line);
    }

    private static Optional<Double> unit(String heading) {
        var found = UNIT.matcher(CsvRole.tidy(heading));
        return found.matches() ? FrequencyUnit.parse(found.group(1)).map(FrequencyUnit::hertz) : Optional.empty();
    }
}
