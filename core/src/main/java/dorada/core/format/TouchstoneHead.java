package dorada.core.format;

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

    private final List<String> warnings = new ArrayList<>();
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

    List<String> warnings() {
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
            throw new FormatException(
                    line, "version " + Numbers.shortened(value) + " is not known; 1.0, 1.1, 2.0 are.");
        }
        if (!isFirst) {
            throw new FormatException(line, "[Version] must come before everything but comments.");
        }
        version2 = true;
    }

    void readOptions(String options, int line) throws FormatException {
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
                optionOhm = resistance(rest.nextToken(), line);
                if (rest.hasMoreTokens() && !version2) {
                    requireNoSecondReference(rest, line);
                }
            }
            case "H", "G" ->
                throw new FormatException(
                        line, "hybrid parameters (" + upper + ") do not describe a reflection; export S parameters.");
            default ->
                throw new FormatException(
                        line,
                        "\"" + Numbers.shortened(word)
                                + "\" is not an option; expected a unit (Hz, kHz, MHz, GHz), S, Y or "
                                + "Z, RI, MA or DB, and R with a resistance.");
        }
    }

    /** Options may follow R in any order, but a second number would be another port's reference, which 1.1 has not. */
    private void requireNoSecondReference(StringTokenizer rest, int line) throws FormatException {
        String next = rest.nextToken();
        if (Character.isDigit(next.charAt(0))) {
            throw new FormatException(
                    line, "version 1 has one reference resistance for all ports; a second one stands here.");
        }
        readOption(next, rest, line);
    }

    private static double resistance(String word, int line) throws FormatException {
        double ohm = Numbers.read(word, line);
        if (ohm <= 0) {
            throw new FormatException(line, "the reference resistance must be above 0 Ω.");
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
                    throw new FormatException(
                            line, "files of one and two ports are read, not of " + ports + "; export the port as S1P.");
                }
            }
            case "number of frequencies" -> {
                frequencies = whole(name, value, line);
                if (frequencies < 1) {
                    throw new FormatException(line, "[Number of Frequencies] must be 1 or more.");
                }
            }
            case "number of noise frequencies" -> whole(name, value, line);
            case "two-port data order", "two-port order" -> {
                if (!value.equals("21_12") && !value.equals("12_21")) {
                    throw new FormatException(line, "[Two-Port Data Order] must be 21_12 or 12_21.");
                }
                order21First = value.equals("21_12");
                orderSeen = true;
            }
            case "matrix format" -> {
                try {
                    matrix = Matrix.valueOf(value.toUpperCase(Locale.ROOT));
                } catch (IllegalArgumentException e) {
                    throw new FormatException(line, "[Matrix Format] must be Full, Lower or Upper.");
                }
            }
            case "reference" -> {
                if (ports == 0) {
                    throw new FormatException(line, "[Number of Ports] must come before [Reference].");
                }
                readingReferences = true;
                if (!value.isEmpty()) {
                    addReferences(value, line);
                }
            }
            case "mixed-mode order" ->
                throw new FormatException(
                        line, "mixed-mode parameters do not describe one port's reflection; export S parameters.");
            case "begin information" -> inInformation = true;
            default ->
                throw new FormatException(line, "[" + Numbers.shortened(name) + "] is not a keyword of version 2.");
        }
    }

    private void addReferences(String values, int line) throws FormatException {
        StringTokenizer words = new StringTokenizer(values);
        while (words.hasMoreTokens()) {
            if (references.length == ports) {
                throw new FormatException(line, "[Reference] names more resistances than there are ports.");
            }
            references = Arrays.copyOf(references, references.length + 1);
            references[references.length - 1] = resistance(words.nextToken(), line);
        }
        readingReferences = references.length < ports;
    }

    private void requireAllReferences(int line) throws FormatException {
        if (references.length < ports) {
            throw new FormatException(line, "[Reference] names fewer resistances than there are ports.");
        }
        readingReferences = false;
    }

    /** What version 2 must have said before its numbers. */
    void requireComplete(int line) throws FormatException {
        if (!optionsSeen) {
            throw new FormatException(
                    line, "an option line such as \"# MHz S RI R 50\" must come before the first numbers.");
        }
        if (version2 && ports == 0) {
            throw new FormatException(line, "[Number of Ports] is missing before the data.");
        }
        if (version2 && frequencies < 0) {
            throw new FormatException(line, "[Number of Frequencies] is missing before the data.");
        }
        if (version2 && ports == MOST_PORTS && matrix == Matrix.FULL && !orderSeen) {
            throw new FormatException(line, "[Two-Port Data Order] is missing, so S21 and S12 could be mistaken.");
        }
    }

    private static int whole(String name, String value, int line) throws FormatException {
        try {
            return Integer.parseInt(value);
        } catch (NumberFormatException e) {
            throw new FormatException(
                    line, "[" + name + "] needs a whole number, not \"" + Numbers.shortened(value) + "\".");
        }
    }
}
