package dorada.core.format;

import dorada.core.rf.Reflection;
import dorada.core.sweep.Sweep;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.StringTokenizer;

/**
 * Reads Touchstone version 1 files: one-port S, Z and Y parameters, and the reflection of either port of a two-port S
 * file.
 *
 * <p>Strict where a number could be misread, tolerant where the meaning is certain. Source: IBIS Open Forum, Touchstone
 * File Format Specification, version 1.1 (2003): option line {@code # unit parameter format R n}, each part optional and
 * in any order with the defaults GHz, S, MA and 50; Z and Y are normalised to R; comments start at {@code !}.
 */
public final class TouchstoneReader {

    private static final int MOST_POINTS = 200_000;
    private static final double VISIBLY_MORE_THAN_ALL = 1.02;
    private static final int ONE_PORT_NUMBERS = 3;
    private static final int TWO_PORT_NUMBERS = 9;

    private final int port;
    private final List<String> warnings = new ArrayList<>();

    private boolean optionsSeen;
    private FrequencyUnit unit = FrequencyUnit.GHZ;
    private char parameter = 'S';
    private NumberFormat format = NumberFormat.MA;
    private double referenceOhm = Sweep.STANDARD_REFERENCE_OHM;

    private int numbersPerLine;
    private int count;
    private double[] frequencyHz = new double[256];
    private double[] re = new double[256];
    private double[] im = new double[256];
    private int pointsAboveOne;

    private TouchstoneReader(int port) {
        this.port = port;
    }

    /** Reads the reflection of port 1. See {@link #read(InputStream, int)}. */
    public static SweepFile read(InputStream in) throws IOException, FormatException {
        return read(in, 1);
    }

    /**
     * Reads a file to its end; the stream stays open.
     *
     * @param port 1 or 2: of a two-port file, whose reflection to take
     * @throws FormatException with the line and the reason where anything could be misread
     */
    public static SweepFile read(InputStream in, int port) throws IOException, FormatException {
        if (port < 1 || port > 2) {
            throw new FormatException(0, "Port must be 1 or 2, not " + port + ".");
        }
        return new TouchstoneReader(port).readAll(in);
    }

    private SweepFile readAll(InputStream in) throws IOException, FormatException {
        BufferedReader reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
        String text;
        int line = 0;
        while ((text = reader.readLine()) != null) {
            line++;
            if (line == 1 && text.startsWith("\uFEFF")) {
                text = text.substring(1);
            }
            int comment = text.indexOf('!');
            String content = (comment >= 0 ? text.substring(0, comment) : text).strip();
            requireText(content, line);
            if (!content.isEmpty()) {
                readContent(content, line);
            }
        }
        if (!optionsSeen) {
            throw new FormatException(
                    0, "The file has no option line such as \"# MHz S RI R 50\", so its units are unknown.");
        }
        if (count == 0) {
            throw new FormatException(0, "The file holds no measured points.");
        }
        if (pointsAboveOne > 0) {
            warnings.add(pointsAboveOne + " of " + count
                    + " points reflect more than they receive (|Γ| above 1): check the calibration.");
        }
        Sweep sweep = new Sweep(
                Arrays.copyOf(frequencyHz, count), Arrays.copyOf(re, count), Arrays.copyOf(im, count), referenceOhm);
        return new SweepFile(sweep, warnings);
    }

    private static void requireText(String content, int line) throws FormatException {
        for (int i = 0; i < content.length(); i++) {
            char c = content.charAt(i);
            // U+FFFD stands for bytes that are no text; in a comment they do no harm.
            if (c == 0xFFFD || c < ' ' && c != '\t') {
                throw new FormatException(line, "this is not a text file; a Touchstone file is plain text.");
            }
        }
    }

    private void readContent(String content, int line) throws FormatException {
        if (content.startsWith("#")) {
            readOptions(content.substring(1), line);
        } else if (content.startsWith("[")) {
            throw new FormatException(
                    line,
                    "\"" + shortened(content) + "\" belongs to Touchstone version 2; please save as version 1.1.");
        } else if (!optionsSeen) {
            throw new FormatException(
                    line, "an option line such as \"# MHz S RI R 50\" must come before the first numbers.");
        } else {
            readPoint(content, line);
        }
    }

    private void readOptions(String options, int line) throws FormatException {
        if (optionsSeen) {
            warnings.add("Line " + line + ": a second option line was ignored, as the format asks.");
            return;
        }
        optionsSeen = true;
        StringTokenizer words = new StringTokenizer(options);
        while (words.hasMoreTokens()) {
            readOption(words.nextToken(), words, line);
        }
    }

    private void readOption(String word, StringTokenizer rest, int line) throws FormatException {
        String upper = word.toUpperCase(Locale.ROOT);
        Optional<FrequencyUnit> asUnit = FrequencyUnit.parse(word);
        if (asUnit.isPresent()) {
            unit = asUnit.get();
            return;
        }
        switch (upper) {
            case "S", "Y", "Z" -> parameter = upper.charAt(0);
            case "RI", "MA", "DB" -> format = NumberFormat.valueOf(upper);
            case "R" -> {
                if (!rest.hasMoreTokens()) {
                    throw new FormatException(line, "the reference resistance after R is missing.");
                }
                referenceOhm = number(rest.nextToken(), line);
                if (referenceOhm <= 0) {
                    throw new FormatException(line, "the reference resistance must be above 0 Ω.");
                }
            }
            case "H", "G" ->
                throw new FormatException(
                        line, "hybrid parameters (" + upper + ") do not describe a reflection; export S parameters.");
            default ->
                throw new FormatException(
                        line,
                        "\"" + shortened(word) + "\" is not an option; expected a unit (Hz, kHz, MHz, GHz), S, Y or Z, "
                                + "RI, MA or DB, and R with a resistance.");
        }
    }

    private void readPoint(String content, int line) throws FormatException {
        StringTokenizer words = new StringTokenizer(content);
        int here = words.countTokens();
        if (numbersPerLine == 0) {
            if (here != ONE_PORT_NUMBERS && here != TWO_PORT_NUMBERS) {
                throw new FormatException(
                        line,
                        "expected 3 numbers (one port) or 9 (two ports), found " + here + ". The line may be cut off.");
            }
            if (here == TWO_PORT_NUMBERS && parameter != 'S') {
                throw new FormatException(line, "a two-port file is read as S parameters only; export S parameters.");
            }
            if (here == ONE_PORT_NUMBERS && port == 2) {
                throw new FormatException(line, "this is a one-port file; there is no port 2.");
            }
            numbersPerLine = here;
        } else if (here != numbersPerLine) {
            throw new FormatException(
                    line, "expected " + numbersPerLine + " numbers, found " + here + ". The line may be cut off.");
        }
        double[] numbers = new double[here];
        for (int i = 0; i < here; i++) {
            numbers[i] = number(words.nextToken(), line);
        }
        // A two-port line is f S11 S21 S12 S22: the second port's own reflection is the last pair.
        int pair = port == 2 ? 7 : 1;
        add(numbers[0] * unit.hertz(), numbers[pair], numbers[pair + 1], line);
    }

    private void add(double hz, double a, double b, int line) throws FormatException {
        if (!(hz > 0)) {
            throw new FormatException(line, "a frequency must be above 0.");
        }
        if (count > 0 && hz <= frequencyHz[count - 1]) {
            throw new FormatException(
                    line,
                    String.format(
                            Locale.ROOT,
                            "frequencies must ascend, but %.6f MHz follows %.6f MHz.",
                            hz / 1e6,
                            frequencyHz[count - 1] / 1e6));
        }
        if (count == MOST_POINTS) {
            throw new FormatException(line, "more than " + MOST_POINTS + " points; sweep with fewer.");
        }
        if (count == frequencyHz.length) {
            frequencyHz = Arrays.copyOf(frequencyHz, count * 2);
            re = Arrays.copyOf(re, count * 2);
            im = Arrays.copyOf(im, count * 2);
        }
        Reflection r = reflection(a, b, line);
        if (r.magnitude() > VISIBLY_MORE_THAN_ALL) {
            pointsAboveOne++;
        }
        frequencyHz[count] = hz;
        re[count] = r.re();
        im[count] = r.im();
        count++;
    }

    /** Γ = (z − 1)/(z + 1) and (1 − y)/(1 + y) for values normalised to the reference. */
    private Reflection reflection(double a, double b, int line) throws FormatException {
        try {
            Reflection value = format.read(a, b);
            return switch (parameter) {
                case 'Z' -> mobius(value, 1);
                case 'Y' -> mobius(value, -1);
                default -> value;
            };
        } catch (IllegalArgumentException e) {
            throw new FormatException(line, "this value cannot be turned into a reflection.");
        }
    }

    private static Reflection mobius(Reflection v, int sign) {
        double d = (v.re() + 1) * (v.re() + 1) + v.im() * v.im();
        return new Reflection(sign * ((v.re() - 1) * (v.re() + 1) + v.im() * v.im()) / d, sign * 2 * v.im() / d);
    }

    /** A finite plain decimal; anything else is refused with its line. */
    static double number(String word, int line) throws FormatException {
        try {
            // Java would also accept 1d or 0x1p3, which no Touchstone file means.
            char last = word.isEmpty() ? ' ' : word.charAt(word.length() - 1);
            boolean hexadecimal = word.indexOf('x') >= 0 || word.indexOf('X') >= 0;
            if (!hexadecimal && (Character.isDigit(last) || last == '.')) {
                double value = Double.parseDouble(word);
                if (Double.isFinite(value)) {
                    return value;
                }
            }
        } catch (NumberFormatException e) {
            // Said below, with the line.
        }
        throw new FormatException(
                line,
                "\"" + shortened(word) + "\" is not a number"
                        + (word.contains(",") ? "; decimals need a point, not a comma." : "."));
    }

    private static String shortened(String word) {
        return word.length() <= 24 ? word : word.substring(0, 24) + "…";
    }
}
