package dorada.core.format;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.Refusal;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.TwoPort;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.StringTokenizer;

/**
 * Reads Touchstone files of versions 1.0, 1.1 and 2.0: one-port and two-port, S, Y and Z parameters, of which one port's
 * reflection is taken.
 *
 * <p>Strict where a number could be misread, tolerant where the meaning is certain. Source: IBIS Open Forum, Touchstone
 * File Format Specification, versions 1.1 (2003) and 2.0 (2009), from memory: option line {@code # unit parameter format R
 * n}, each part optional and in any order with the defaults GHz, S, MA and 50; comments start at {@code !}; a two-port line
 * of version 1 is f 11 21 12 22; noise data of version 1 start where the frequency falls back, five numbers a line.
 */
public final class TouchstoneReader {

    /** No antenna of this trade lies higher: a sweep that ends there was written in another unit. */
    private static final double HIGHEST_USUAL_HZ = 10e9;

    private static final int ONE_PORT_NUMBERS = 3;
    private static final int TRIANGLE_NUMBERS = 7;
    private static final int TWO_PORT_NUMBERS = 9;
    private static final int NOISE_NUMBERS = 5;
    private static final int FOUR_PORT_REST = 8;

    /** So many lines must end alike before a shorter last one is taken for a cut-off number. */
    private static final int LINES_TO_KNOW_THE_WIDTH = 3;

    private enum Section {
        HEAD,
        DATA,
        NOISE,
        ENDED
    }

    private final int port;
    private final TouchstoneHead head = new TouchstoneHead();
    private final Points points = new Points();
    private Section section = Section.HEAD;
    private boolean anythingSeen;
    private int numbersPerLine;
    private PortReflection reflection;
    private int noiseLines;
    private int afterTheEnd;
    private boolean zeroHz;
    private int lastNumberWidth;
    private int linesOfThatWidth;
    private int shorterLastNumberAt;

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
            throw new FormatException(0, Malformed.PORT.of());
        }
        return new TouchstoneReader(port).readAll(new String(in.readAllBytes(), StandardCharsets.UTF_8));
    }

    /**
     * Reads an adapter: a two-port file with S parameters against 50 Ω.
     *
     * @throws FormatException as {@link #read(InputStream, int)}, and where it is not such a file
     */
    public static TwoPort readTwoPort(byte[] bytes) throws IOException, FormatException {
        String text = new String(bytes, StandardCharsets.UTF_8);
        try {
            return new TwoPort(
                    new TouchstoneReader(1).readAll(text).sweep(),
                    new TouchstoneReader(2).readAll(text).sweep(),
                    new TouchstoneReader(PortReflection.ACROSS).readAll(text).sweep());
        } catch (Refusal e) {
            throw new FormatException(0, e.outcome());
        }
    }

    private SweepFile readAll(String text) throws IOException, FormatException {
        BufferedReader reader = new BufferedReader(new StringReader(text));
        String row;
        int line = 0;
        while ((row = reader.readLine()) != null) {
            line++;
            if (line == 1 && row.startsWith("\uFEFF")) {
                row = row.substring(1);
            }
            int comment = row.indexOf('!');
            String content = (comment >= 0 ? row.substring(0, comment) : row).strip();
            requireText(content, line);
            if (!content.isEmpty()) {
                readContent(content, line);
                anythingSeen = true;
            }
        }
        requireWhole(text);
        List<Outcome> warnings = new ArrayList<>(head.warnings());
        if (noiseLines > 0) {
            warnings.add(FileRemark.NOISE_SKIPPED.of(noiseLines));
        }
        if (head.isVersion2() && section != Section.ENDED) {
            warnings.add(FileRemark.NO_END.of());
        }
        if (afterTheEnd > 0) {
            warnings.add(FileRemark.AFTER_THE_END.of(afterTheEnd));
        }
        if (zeroHz) {
            warnings.add(FileRemark.ZERO_HZ.of());
        }
        if (points.count() > 0 && points.lastHz() > HIGHEST_USUAL_HZ) {
            warnings.add(FileRemark.VERY_HIGH.of(points.lastHz()));
        }
        points.warning().ifPresent(warnings::add);
        Sweep sweep = points.sweep(reflection.referenceOhm());
        return new SweepFile(
                sweep,
                head.referenceOhm(Math.max(1, port)),
                numbersPerLine == ONE_PORT_NUMBERS ? 1 : 2,
                Optional.empty(),
                warnings);
    }

    private void requireWhole(String text) throws FormatException {
        if (!head.optionsSeen()) {
            throw new FormatException(0, Malformed.THE_FILE_HAS_NO_OPTION_LINE.of());
        }
        if (points.count() == 0) {
            throw new FormatException(0, Malformed.THE_FILE_HOLDS_NO_MEASURED_POINTS.of());
        }
        if (head.isVersion2() && points.count() + (zeroHz ? 1 : 0) != head.frequencies()) {
            throw new FormatException(0, Malformed.CUT_OFF.of(head.frequencies(), points.count()));
        }
        boolean lineEnded = text.endsWith("\n") || text.endsWith("\r");
        if (!lineEnded && shorterLastNumberAt > 0) {
            throw new FormatException(shorterLastNumberAt, Malformed.THE_FILE_ENDS_HERE_IN_THE.of());
        }
    }

    private static void requireText(String content, int line) throws FormatException {
        for (int i = 0; i < content.length(); i++) {
            char c = content.charAt(i);
            // U+FFFD stands for bytes that are no text; in a comment they do no harm.
            if (c == 0xFFFD || c < ' ' && c != '\t') {
                throw new FormatException(line, Malformed.THIS_IS_NOT_A_TEXT_FILE.of());
            }
        }
    }

    private void readContent(String content, int line) throws FormatException {
        if (head.takes(content, line)) {
            return;
        }
        if (section == Section.ENDED) {
            afterTheEnd++;
            return;
        }
        if (content.startsWith("#")) {
            head.readOptions(content.substring(1), line);
        } else if (content.startsWith("[")) {
            readKeyword(content, line);
        } else if (section == Section.NOISE) {
            skipNoise(content, line);
        } else {
            if (section == Section.HEAD) {
                head.requireComplete(line);
                if (head.isVersion2()) {
                    throw new FormatException(line, Malformed.NETWORK_DATA_MUST_COME_BEFORE_THE.of());
                }
                section = Section.DATA;
            }
            readPoint(content, line);
        }
    }

    private void readKeyword(String content, int line) throws FormatException {
        int close = content.indexOf(']');
        if (close < 0) {
            throw new FormatException(line, Malformed.NOT_CLOSED.of(Numbers.shortened(content)));
        }
        String name = content.substring(1, close).strip().toLowerCase(Locale.ROOT);
        String value = content.substring(close + 1).strip();
        if (name.equals("version")) {
            head.version(value, line, !anythingSeen);
            return;
        }
        if (!head.isVersion2()) {
            throw new FormatException(line, Malformed.KEYWORD_OF_VERSION_2.of(name));
        }
        switch (name) {
            case "network data" -> {
                head.requireComplete(line);
                section = Section.DATA;
            }
            case "noise data" -> section = Section.NOISE;
            case "end" -> section = Section.ENDED;
            default -> head.readKeyword(name, value, line);
        }
    }

    private void readPoint(String content, int line) throws FormatException {
        StringTokenizer words = new StringTokenizer(content);
        int here = words.countTokens();
        String first = words.nextToken();
        double hz = Numbers.read(first, line) * head.unit().hertz();
        if (numbersPerLine == 0) {
            begin(here, line);
        } else if (here != numbersPerLine) {
            // Noise starts where the frequency falls back; five numbers that go on upward are a line cut off.
            boolean noise = here == NOISE_NUMBERS && numbersPerLine == TWO_PORT_NUMBERS && hz <= points.lastHz();
            if (noise && !head.isVersion2()) {
                section = Section.NOISE;
                skipNoise(content, line);
                return;
            }
            throw new FormatException(
                    line,
                    (here == FOUR_PORT_REST && points.count() == 1
                                    ? Malformed.OTHER_NUMBERS_OR_PORTS
                                    : Malformed.OTHER_NUMBERS)
                            .of(numbersPerLine, here));
        }
        double[] numbers = new double[here];
        numbers[0] = hz;
        String last = first;
        for (int i = 1; i < here; i++) {
            last = words.nextToken();
            numbers[i] = Numbers.read(last, line);
        }
        if (head.isVersion2() && points.count() == head.frequencies()) {
            throw new FormatException(line, Malformed.MORE_POINTS.of(head.frequencies()));
        }
        if (hz == 0 && points.count() == 0 && !zeroHz) {
            zeroHz = true;
            return;
        }
        points.add(hz, reflection.of(numbers, line), line);
        watchWidth(last, line);
    }

    private void begin(int here, int line) throws FormatException {
        boolean triangle = head.matrix() != TouchstoneHead.Matrix.FULL;
        int expected = switch (head.ports()) {
            case 1 -> ONE_PORT_NUMBERS;
            case 2 -> triangle ? TRIANGLE_NUMBERS : TWO_PORT_NUMBERS;
            default -> here;
        };
        if (here != expected || here != ONE_PORT_NUMBERS && here != TRIANGLE_NUMBERS && here != TWO_PORT_NUMBERS) {
            throw new FormatException(line, Malformed.FIRST_NUMBERS.of(here));
        }
        if (!head.isVersion2() && here == TRIANGLE_NUMBERS) {
            throw new FormatException(line, Malformed.OF_7_NUMBERS_BELONG_TO_A_FILE.of());
        }
        int ports = here == ONE_PORT_NUMBERS ? 1 : 2;
        if (port > ports) {
            throw new FormatException(line, Malformed.THIS_IS_A_ONE_PORT_FILE.of());
        }
        if (port == PortReflection.ACROSS && !PortReflection.isPlain(head, ports)) {
            throw new FormatException(line, Malformed.AN_ADAPTERS_FILE_HOLDS_S_PARAMETERS.of());
        }
        numbersPerLine = here;
        reflection = new PortReflection(head, ports, port);
    }

    private void watchWidth(String last, int line) {
        int width = last.startsWith("-") || last.startsWith("+") ? last.length() - 1 : last.length();
        shorterLastNumberAt = linesOfThatWidth >= LINES_TO_KNOW_THE_WIDTH && width < lastNumberWidth ? line : 0;
        linesOfThatWidth = width == lastNumberWidth ? linesOfThatWidth + 1 : 1;
        lastNumberWidth = width;
    }

    private void skipNoise(String content, int line) throws FormatException {
        StringTokenizer words = new StringTokenizer(content);
        if (words.countTokens() != NOISE_NUMBERS) {
            throw new FormatException(line, Malformed.NOISE_NUMBERS.of(words.countTokens()));
        }
        while (words.hasMoreTokens()) {
            Numbers.read(words.nextToken(), line);
        }
        noiseLines++;
    }
}
