package dorada.core.book;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What somebody types to find something in the book, taken apart.
 *
 * @param words that must all be there, in small letters and without accents, at most sixteen
 * @param frequenciesHz of which each must be a wanted channel
 * @param lengthsM of which each must be where it ended
 */
public record BookQuery(List<String> words, List<Range> frequenciesHz, List<Range> lengthsM) {

    /** From where to where a number may lie that was typed with so many digits. */
    public record Range(double low, double high) {

        static Range about(double value, double doubt) {
            return new Range(value - doubt, value + doubt);
        }
    }

    /** Nobody looks for more at once; what is typed beyond them is left away. */
    private static final int MOST_WORDS = 16;

    private static final double INCH_M = 0.0254;
    private static final double FOOT_M = 0.3048;
    private static final double MHZ = 1e6;

    /** Nobody reads a tape better; likewise below which a channel is the same. */
    private static final double LEAST_M = 0.0006;

    private static final double LEAST_HZ = 500;

    private static final String NUMBER = "(\\d+(?:[.,]\\d+)?)";
    private static final Pattern INCHES = Pattern.compile(
            "(?:(\\d+)[ -]+)?(\\d+)/(\\d+)\\s*(?:in\\b|inch(?:es)?\\b|[\"″])", Pattern.CASE_INSENSITIVE);
    private static final Pattern LENGTH =
            Pattern.compile(NUMBER + "\\s*(mm|cm|m|in|inch|inches|ft|[\"″])(?![\\p{L}])", Pattern.CASE_INSENSITIVE);
    private static final Pattern FREQUENCY = Pattern.compile(
            NUMBER + "\\s*(mhz|khz)\\b|(?<![\\p{L}\\d.,/-])(\\d+[.,]\\d+)(?![\\p{L}\\d.,/-])",
            Pattern.CASE_INSENSITIVE);

    /** Takes {@code text} apart: 153.05 and 153 MHz are channels, 490 mm and 19 5/16 in lengths, all else words. */
    public static BookQuery of(String text) {
        List<Range> lengths = new ArrayList<>();
        List<Range> frequencies = new ArrayList<>();
        StringBuilder left = new StringBuilder(text);
        take(left, INCHES, m -> {
            double parts = Double.parseDouble(m.group(3));
            double inches = (m.group(1) == null ? 0 : Double.parseDouble(m.group(1)))
                    + Double.parseDouble(m.group(2)) / Math.max(1, parts);
            lengths.add(Range.about(inches * INCH_M, Math.max(LEAST_M, INCH_M / Math.max(1, parts) / 2)));
        });
        take(left, LENGTH, m -> {
            double unit = switch (m.group(2).toLowerCase(Locale.ROOT)) {
                case "mm" -> 0.001;
                case "cm" -> 0.01;
                case "m" -> 1;
                case "ft" -> FOOT_M;
                default -> INCH_M;
            };
            lengths.add(Range.about(number(m.group(1)) * unit, Math.max(LEAST_M, halfDigit(m.group(1)) * unit)));
        });
        take(left, FREQUENCY, m -> {
            String typed = m.group(1) == null ? m.group(3) : m.group(1);
            double unit = "khz".equalsIgnoreCase(m.group(2)) ? 1000 : MHZ;
            frequencies.add(Range.about(number(typed) * unit, Math.max(LEAST_HZ, halfDigit(typed) * unit)));
        });
        List<String> words = new ArrayList<>();
        for (String word : left.toString().split("[^\\p{L}\\p{N}]+")) {
            if (!word.isEmpty() && words.size() < MOST_WORDS) {
                words.add(plain(word));
            }
        }
        return new BookQuery(List.copyOf(words), List.copyOf(frequencies), List.copyOf(lengths));
    }

    /** In small letters and without accents, as the book's words are looked up. */
    static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT);
    }

    private interface Taking {
        void take(Matcher found);
    }

    /** What is taken is no word any more. */
    private static void take(StringBuilder left, Pattern pattern, Taking taking) {
        Matcher m = pattern.matcher(left.toString());
        while (m.find()) {
            taking.take(m);
            for (int i = m.start(); i < m.end(); i++) {
                left.setCharAt(i, ' ');
            }
        }
    }

    private static double number(String typed) {
        return Double.parseDouble(typed.replace(',', '.'));
    }

    /** Half of its last digit, a hair more: 153.05 was typed for anything from 153.045 to 153.055. */
    private static double halfDigit(String typed) {
        int point = Math.max(typed.indexOf('.'), typed.indexOf(','));
        int digits = point < 0 ? 0 : typed.length() - point - 1;
        return 0.5 * Math.pow(10, -digits) * (1 + 1e-9);
    }
}
