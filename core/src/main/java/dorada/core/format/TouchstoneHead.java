package dorada.core.format;

import dorada.core.outcome.Outcome;
import dorada.core.sweep.Sweep;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.StringTokenizer;

/**
 * What a Touchstone file says before its numbers: the option line of version 1 and the keywords of version 2.
 *
 * <p>Source: IBIS Open Forum, Touchstone File Format Specification, versions 1.1 (2003) and 2.0 (2009); from memory.
 */
final class TouchstoneHead {

    private static final int MOST_PORTS = 2;

    /** Which pairs of a two-port matrix a version 2 file writes. */
    enum Matrix {
        FULL,
        LOWER,
        UPPER
    }

    private final List<Outcome> warnings = new ArrayList<>();
    private boolean version2;
    private boolean optionsSeen;
    private FrequencyUnit unit = FrequencyUnit.GHZ;
    private char parameter = 'S';
    private NumberFormat format = NumberFormat.MA;
    private double optionOhm = Sweep.STANDARD_REFERENCE_OHM;
    private int ports;
    private int frequencies = -1;
    private boolean order21First = true;
    private boolean orderSeen;
    private Matrix matrix = Matrix.FULL;
    private double[] references = {};
    private boolean readingReferences;
    private boolean inInformation;

    List<Outcome> warnings() {
        return warnings;
    }

    boolean isVersion2() {
        return version2;
    }

    boolean optionsSeen() {
        return optionsSeen;
    }

    FrequencyUnit unit() {
        return unit;
    }

    char parameter() {
        return parameter;
    }

    NumberFormat format() {
        return format;
    }

    /** As a keyword says; 0 where only the width of a line tells. */
    int ports() {
        return ports;
    }

    /** As announced; below 0 where nothing is. */
    int frequencies() {
        return frequencies;
    }

    Matrix matrix() {
        return matrix;
    }

    /** True where a full two-port line is f 11 21 12 22; false for f 11 12 21 22. */
    boolean order21First() {
        return order21First;
    }

    /** Reference resistance of {@code port}, from 1. */
    double referenceOhm(int port) {
        return port <= references.length ? references[port - 1] : optionOhm;
    }

    /** The version keyword must be the first thing said. */
    void version(String value, int line, boolean isFirst) throws FormatException {
        if (!value.equals("2.0") && !value.equals("2.1")) {
            throw new FormatException(line, Malformed.UNKNOWN_VERSION.of(Numbers.shortened(value)));
        }
        if (!isFirst) {
            throw new FormatException(line, Malformed.VERSION_MUST_COME_BEFORE_EVERYTHING_BUT.of());
        }
        version2 = true;
    }

    void readOptions(String options, int line) throws FormatException {
        if (optionsSeen) {
            warnings.add(FileRemark.SECOND_OPTION_LINE.of(Integer.toString(line)));
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
                    throw new FormatException(line, Malformed.THE_REFERENCE_RESISTANCE_AFTER_R_IS.of());
                }
                optionOhm = resistance(rest.nextToken(), line);
                if (rest.hasMoreTokens() && !version2) {
                    requireNoSecondReference(rest, line);
                }
            }
            case "H", "G" -> throw new FormatException(line, Malformed.HYBRID.of(upper));
            default -> throw new FormatException(line, Malformed.NO_OPTION.of(Numbers.shortened(word)));
        }
    }

    /** Options may follow R in any order, but a second number would be another port's reference, which 1.1 has not. */
    private void requireNoSecondReference(StringTokenizer rest, int line) throws FormatException {
        String next = rest.nextToken();
        if (Character.isDigit(next.charAt(0))) {
            throw new FormatException(line, Malformed.VERSION_1_HAS_ONE_REFERENCE_RESISTANCE.of());
        }
        readOption(next, rest, line);
    }

    private static double resistance(String word, int line) throws FormatException {
        double ohm = Numbers.read(word, line);
        if (ohm <= 0) {
            throw new FormatException(line, Malformed.THE_REFERENCE_RESISTANCE_MUST_BE_ABOVE.of());
        }
        return ohm;
    }

    /** True where {@code content} belongs to what the head is still reading, such as information or references. */
    boolean takes(String content, int line) throws FormatException {
        if (inInformation) {
            inInformation = !content.toLowerCase(Locale.ROOT).startsWith("[end information]");
            return true;
        }
        if (readingReferences && !content.startsWith("[") && !content.startsWith("#")) {
            addReferences(content, line);
            return true;
        }
        if (readingReferences) {
            requireAllReferences(line);
        }
        return false;
    }

    /** A keyword of version 2 other than version, data and end. */
    void readKeyword(String name, String value, int line) throws FormatException {
        switch (name) {
            case "number of ports" -> {
                ports = whole(name, value, line);
                if (ports < 1 || ports > MOST_PORTS) {
                    throw new FormatException(line, Malformed.PORTS.of(ports));
                }
            }
            case "number of frequencies" -> {
                frequencies = whole(name, value, line);
                if (frequencies < 1) {
                    throw new FormatException(line, Malformed.NUMBER_OF_FREQUENCIES_MUST_BE_1.of());
                }
            }
            case "number of noise frequencies" -> whole(name, value, line);
            case "two-port data order", "two-port order" -> {
                if (!value.equals("21_12") && !value.equals("12_21")) {
                    throw new FormatException(line, Malformed.TWO_PORT_DATA_ORDER_MUST_BE.of());
                }
                order21First = value.equals("21_12");
                orderSeen = true;
            }
            case "matrix format" -> {
                try {
                    matrix = Matrix.valueOf(value.toUpperCase(Locale.ROOT));
                } catch (IllegalArgumentException e) {
                    throw new FormatException(line, Malformed.MATRIX_FORMAT_MUST_BE_FULL.of());
                }
            }
            case "reference" -> {
                if (ports == 0) {
                    throw new FormatException(line, Malformed.NUMBER_OF_PORTS_MUST_COME_BEFORE.of());
                }
                readingReferences = true;
                if (!value.isEmpty()) {
                    addReferences(value, line);
                }
            }
            case "mixed-mode order" ->
                throw new FormatException(line, Malformed.MIXED_MODE_PARAMETERS_DO_NOT_DESCRIBE.of());
            case "begin information" -> inInformation = true;
            default -> throw new FormatException(line, Malformed.NO_KEYWORD.of(Numbers.shortened(name)));
        }
    }

    private void addReferences(String values, int line) throws FormatException {
        StringTokenizer words = new StringTokenizer(values);
        while (words.hasMoreTokens()) {
            if (references.length == ports) {
                throw new FormatException(line, Malformed.REFERENCE_NAMES_MORE_RESISTANCES_THAN_THERE.of());
            }
            references = Arrays.copyOf(references, references.length + 1);
            references[references.length - 1] = resistance(words.nextToken(), line);
        }
        readingReferences = references.length < ports;
    }

    private void requireAllReferences(int line) throws FormatException {
        if (references.length < ports) {
            throw new FormatException(line, Malformed.REFERENCE_NAMES_FEWER_RESISTANCES_THAN_THERE.of());
        }
        readingReferences = false;
    }

    /** What version 2 must have said before its numbers. */
    void requireComplete(int line) throws FormatException {
        if (!optionsSeen) {
            throw new FormatException(line, Malformed.AN_OPTION_LINE_SUCH_AS_MHZ.of());
        }
        if (version2 && ports == 0) {
            throw new FormatException(line, Malformed.NUMBER_OF_PORTS_IS_MISSING_BEFORE.of());
        }
        if (version2 && frequencies < 0) {
            throw new FormatException(line, Malformed.NUMBER_OF_FREQUENCIES_IS_MISSING_BEFORE.of());
        }
        if (version2 && ports == MOST_PORTS && matrix == Matrix.FULL && !orderSeen) {
            throw new FormatException(line, Malformed.TWO_PORT_DATA_ORDER_IS_MISSING.of());
        }
    }

    private static int whole(String name, String value, int line) throws FormatException {
        try {
            return Integer.parseInt(value);
        } catch (NumberFormatException e) {
            throw new FormatException(line, Malformed.NOT_WHOLE.of(name, Numbers.shortened(value)));
        }
    }
}
