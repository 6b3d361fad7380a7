package dorada.core.format;

import dorada.core.rf.Impedance;
import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads a table whose first line names its columns: a frequency with its unit, and either the real and imaginary part of
 * the reflection re 50 Ω or resistance and reactance in ohms. Columns are separated by comma, semicolon or tab.
 *
 * <p>A table of magnitudes alone (SWR, return loss) does not hold a complex reflection and is refused as such. There is no
 * standard for these tables; the column names are common practice, no source.
 */
public final class CsvReader {

    private static final Pattern FREQUENCY = Pattern.compile("(freq|frequency|f)\\b.*");
    private static final Pattern UNIT = Pattern.compile(".*?\\b([kmg]?hz)\\b.*");
    private static final Pattern REAL = Pattern.compile("(re|real|s11 ?re|re\\(s11\\)|s11 real)");
    private static final Pattern IMAGINARY = Pattern.compile("(im|imag|imaginary|s11 ?im|im\\(s11\\)|s11 imag)");
    private static final Pattern RESISTANCE = Pattern.compile("(r|rs|resistance)( ohms?| Ω)?");
    private static final Pattern REACTANCE = Pattern.compile("(x|xs|reactance)( ohms?| Ω)?");
    private static final Pattern MAGNITUDE = Pattern.compile("(v?swr|return loss|rl|s11 ?db|db|magnitude).*");

    private CsvReader() {}

    /**
     * @param text the whole table
     * @throws FormatException with the line and the reason where anything could be misread
     */
    public static SweepFile read(Reader text, char separator) throws IOException, FormatException {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(separator)
                .setIgnoreEmptyLines(true)
                .setIgnoreSurroundingSpaces(true)
                .get();
        try (CSVParser parser = format.parse(text)) {
            Columns columns = null;
            List<double[]> points = new ArrayList<>();
            for (CSVRecord row : parser) {
                int line = (int) parser.getCurrentLineNumber();
                if (columns == null) {
                    columns = Columns.of(row, line);
                } else {
                    double[] point = columns.point(row, line);
                    if (!points.isEmpty() && point[0] <= points.get(points.size() - 1)[0]) {
                        throw new FormatException(line, "frequencies must ascend.");
                    }
                    points.add(point);
                }
            }
            if (points.isEmpty()) {
                throw new FormatException(0, "The table holds no measured points.");
            }
            return new SweepFile(
                    new Sweep(column(points, 0), column(points, 1), column(points, 2), Sweep.STANDARD_REFERENCE_OHM),
                    List.of());
        } catch (java.io.UncheckedIOException | IllegalStateException e) {
            throw new FormatException(0, "This table cannot be read: a quotation mark may be open.");
        }
    }

    private static double[] column(List<double[]> points, int i) {
        return points.stream().mapToDouble(p -> p[i]).toArray();
    }

    private record Columns(int frequency, double hertz, int first, int second, boolean isImpedance) {

        static Columns of(CSVRecord heads, int line) throws FormatException {
            int frequency = find(heads, FREQUENCY)
                    .orElseThrow(() -> new FormatException(
                            line, "no column is named frequency; expected a heading such as \"frequency MHz,re,im\"."));
            double hertz = unit(tidy(heads.get(frequency)))
                    .orElseThrow(() -> new FormatException(
                            line,
                            "the frequency column does not say its unit; name it \"frequency MHz\", for example."));
            Optional<Integer> real = find(heads, REAL);
            Optional<Integer> imaginary = find(heads, IMAGINARY);
            if (real.isPresent() && imaginary.isPresent()) {
                return new Columns(frequency, hertz, real.get(), imaginary.get(), false);
            }
            Optional<Integer> resistance = find(heads, RESISTANCE);
            Optional<Integer> reactance = find(heads, REACTANCE);
            if (resistance.isPresent() && reactance.isPresent()) {
                return new Columns(frequency, hertz, resistance.get(), reactance.get(), true);
            }
            throw new FormatException(
                    line,
                    find(heads, MAGNITUDE).isPresent()
                            ? "a table of SWR or return loss alone cannot give R and X; export R and X, or re and im."
                            : "no columns re and im, or R and X, were found.");
        }

        double[] point(CSVRecord row, int line) throws FormatException {
            double hz = number(row, frequency, line) * hertz;
            double a = number(row, first, line);
            double b = number(row, second, line);
            if (!(hz > 0)) {
                throw new FormatException(line, "a frequency must be above 0.");
            }
            Reflection r = isImpedance
                    ? Reflection.of(new Impedance(a, b), Sweep.STANDARD_REFERENCE_OHM)
                    : new Reflection(a, b);
            return new double[] {hz, r.re(), r.im()};
        }

        private static double number(CSVRecord row, int column, int line) throws FormatException {
            if (column >= row.size()) {
                throw new FormatException(line, "a value is missing; the line may be cut off.");
            }
            return TouchstoneReader.number(row.get(column), line);
        }

        private static Optional<Integer> find(CSVRecord heads, Pattern name) {
            for (int i = 0; i < heads.size(); i++) {
                if (name.matcher(tidy(heads.get(i))).matches()) {
                    return Optional.of(i);
                }
            }
            return Optional.empty();
        }

        private static Optional<Double> unit(String head) {
            var found = UNIT.matcher(head);
            return found.matches() ? FrequencyUnit.parse(found.group(1)).map(FrequencyUnit::hertz) : Optional.empty();
        }

        private static String tidy(String head) {
            return head.strip()
                    .toLowerCase(Locale.ROOT)
                    .replaceAll("[\\[\\]()_]+", " ")
                    .strip();
        }
    }
}
