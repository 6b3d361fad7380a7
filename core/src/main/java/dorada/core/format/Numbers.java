package dorada.core.format;

/** Numbers as files write them. */
final class Numbers {

    private Numbers() {}

    /** A finite plain decimal; anything else is refused with its line. */
    static double read(String word, int line) throws FormatException {
        try {
            // Java would also accept 1d or 0x1p3, which no sweep file means.
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
                line, (word.contains(",") ? Malformed.NO_NUMBER_COMMA : Malformed.NO_NUMBER).of(shortened(word)));
    }

    /** Whole numbers as they are, others so that reading returns the same double. */
    static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }

    static String shortened(String word) {
        return word.length() <= 24 ? word : word.substring(0, 24) + "…";
    }
}
