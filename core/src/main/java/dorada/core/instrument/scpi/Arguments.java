package dorada.core.instrument.scpi;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The parameters of one command. */
public record Arguments(List<String> values) {

    private static final Pattern NUMBER =
            Pattern.compile("([+-]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][+-]?\\d+)?)\\s*([A-Za-z]*)");
    private static final Map<String, Double> HERTZ =
            Map.of("", 1.0, "HZ", 1.0, "KHZ", 1e3, "MHZ", 1e6, "MAHZ", 1e6, "GHZ", 1e9);
    private static final Map<String, Double> METRES = Map.of("", 1.0, "M", 1.0, "MM", 1e-3, "CM", 1e-2);

    public Arguments {
        values = List.copyOf(values);
    }

    void requireCount(int least, int most) {
        if (values.size() < least) {
            throw ScpiException.missingParameter();
        }
        if (values.size() > most) {
            throw ScpiException.parameterNotAllowed();
        }
    }

    public boolean isEmpty() {
        return values.isEmpty();
    }

    /** The word at {@code i}, without quotes, as it was sent. */
    public String word(int i) {
        if (i >= values.size()) {
            throw ScpiException.missingParameter();
        }
        String v = values.get(i);
        boolean quoted = v.length() > 1
                && (v.charAt(0) == '"' || v.charAt(0) == '\'')
                && v.charAt(v.length() - 1) == v.charAt(0);
        return quoted ? v.substring(1, v.length() - 1) : v;
    }

    /** True where the word at {@code i} is this keyword, in its long or (capital letters) short form. */
    public boolean is(int i, String keyword) {
        return Keyword.of(keyword).matches(word(i));
    }

    /** A frequency in Hz; MINimum, MAXimum and the units HZ to GHZ are understood. */
    public double hertz(int i, double min, double max) {
        return number(i, min, max, HERTZ);
    }

    /** A length in metres; the units M, CM and MM are understood. */
    public double metres(int i, double min, double max) {
        return number(i, min, max, METRES);
    }

    public int whole(int i, int min, int max) {
        return (int) Math.rint(number(i, min, max, Map.of("", 1.0)));
    }

    public boolean onOff(int i) {
        String v = word(i).toUpperCase(Locale.ROOT);
        return switch (v) {
            case "1", "ON" -> true;
            case "0", "OFF" -> false;
            default -> throw ScpiException.illegalValue();
        };
    }

    private double number(int i, double min, double max, Map<String, Double> units) {
        String v = word(i).strip();
        if (Keyword.of("MINimum").matches(v)) {
            return min;
        }
        if (Keyword.of("MAXimum").matches(v)) {
            return max;
        }
        Matcher m = NUMBER.matcher(v);
        if (!m.matches()) {
            throw ScpiException.dataType();
        }
        Double unit = units.get(m.group(2).toUpperCase(Locale.ROOT));
        if (unit == null) {
            throw ScpiException.invalidSuffix();
        }
        double value = Double.parseDouble(m.group(1)) * unit;
        if (!(value >= min && value <= max)) {
            throw ScpiException.outOfRange();
        }
        return value;
    }
}
