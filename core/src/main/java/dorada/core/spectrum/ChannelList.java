package dorada.core.spectrum;

import dorada.core.outcome.Outcome;
import dorada.core.outcome.Refusal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * A shop's own channels, as pasted from a table or a letter: each line a name, a frequency in MHz, and where it differs
 * the frequency on which this side receives, or the repeater's offset with its sign. Separated by comma, semicolon, tab or
 * blanks; a first line of headings is passed over.
 */
public final class ChannelList {

    private static final int MOST = 500;
    private static final Pattern SEPARATOR = Pattern.compile("\\s*[,;\\t]\\s*");
    /** With a decimal point always: a channel's number has none. */
    private static final Pattern MHZ = Pattern.compile("\\d{1,4}[.]\\d+");

    private static final Pattern OFFSET = Pattern.compile("[+−-]\\d{1,3}(?:[.]\\d+)?");

    private ChannelList() {}

    /** A line that could not be read. */
    public static final class LineException extends Refusal {
        private static final long serialVersionUID = 1;
        private final int line;

        LineException(int line, Outcome why) {
            super(Refused.LINE.of(Integer.toString(line), why));
            this.line = line;
        }

        /** Counting from 1. */
        public int line() {
            return line;
        }
    }

    /**
     * @throws LineException for the first line that is no channel, with its number and why
     */
    public static List<ServiceChannel> parse(String text) {
        List<ServiceChannel> out = new ArrayList<>();
        String[] lines = text.replace("\uFEFF", "").split("\\R");
        for (int i = 0; i < lines.length; i++) {
            String line = lines[i].strip();
            if (line.isEmpty() || line.startsWith("#") || i == 0 && isHeading(line)) {
                continue;
            }
            out.add(channel(i + 1, line));
            if (out.size() > MOST) {
                throw new LineException(i + 1, Refused.TOO_MANY.of(MOST));
            }
        }
        if (out.isEmpty()) {
            throw new LineException(1, Refused.NO_CHANNEL.of());
        }
        return out;
    }

    private static boolean isHeading(String line) {
        return !line.chars().anyMatch(Character::isDigit)
                || line.toLowerCase(Locale.ROOT).contains("mhz,");
    }

    private static ServiceChannel channel(int number, String line) {
        List<String> parts = parts(line.replaceAll("(?i)\\s*\\bMHz\\b", ""));
        boolean isSound = parts.size() >= 2
                && parts.size() <= 3
                && !parts.get(0).isEmpty()
                && MHZ.matcher(parts.get(1)).matches();
        String last = isSound && parts.size() == 3 ? parts.get(2) : "";
        boolean isOffset = OFFSET.matcher(last).matches();
        if (!isSound || !last.isEmpty() && !isOffset && !MHZ.matcher(last).matches()) {
            throw new LineException(number, Refused.NO_NAME_OR_FREQUENCY.of(line));
        }
        String name = parts.get(0);
        double tx = hz(number, parts.get(1));
        if (last.isEmpty()) {
            return ServiceChannel.simplex(name, tx);
        }
        return isOffset
                ? ServiceChannel.repeater(name, tx, Math.rint(Double.parseDouble(last.replace('−', '-')) * 1e6))
                : new ServiceChannel(name, tx, hz(number, last), "");
    }

    /** Name, frequency and what follows; without separators, the numbers at the end of the line. */
    private static List<String> parts(String line) {
        if (SEPARATOR.matcher(line).find()) {
            return List.of(SEPARATOR.split(line.strip()));
        }
        List<String> words = new ArrayList<>(List.of(line.strip().split("\\s+")));
        List<String> numbers = new ArrayList<>();
        while (words.size() > 1
                && numbers.size() < 2
                && (MHZ.matcher(words.get(words.size() - 1)).matches()
                        || OFFSET.matcher(words.get(words.size() - 1)).matches())) {
            numbers.add(0, words.remove(words.size() - 1));
        }
        numbers.add(0, String.join(" ", words));
        return numbers;
    }

    private static double hz(int number, String mhz) {
        double value = Double.parseDouble(mhz);
        if (value < 1 || value > 1000) {
            throw new LineException(number, Refused.OUTSIDE_1_TO_1000.of(mhz));
        }
        return Math.rint(value * 1e6);
    }
}
