package dorada.core.format;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;

/** Tells a Touchstone file from a table of comma-separated values by its content, whatever its name, and reads it. */
public final class SweepFileReader {

    private static final char[] SEPARATORS = {';', '\t', ','};

    private SweepFileReader() {}

    /**
     * @param bytes the whole file
     * @param port 1 or 2: of a two-port file, whose reflection to take
     * @throws FormatException with the line and the reason where the file could be misread
     */
    public static SweepFile read(byte[] bytes, int port) throws IOException, FormatException {
        String text = new String(bytes, StandardCharsets.UTF_8);
        String unmarked = text.startsWith("\uFEFF") ? text.substring(1) : text;
        String content = unmarked.stripLeading();
        // A table starts with its headings; a Touchstone file with a comment, its options or a keyword.
        boolean startsWithHeading = !content.isEmpty() && Character.isLetter(content.charAt(0));
        String heading = content.lines().findFirst().orElse("");
        if (startsWithHeading && text.indexOf('\0') < 0) {
            for (char separator : SEPARATORS) {
                if (heading.indexOf(separator) >= 0) {
                    return CsvReader.read(new StringReader(unmarked), separator);
                }
            }
        }
        return TouchstoneReader.read(new ByteArrayInputStream(bytes), port);
    }
}
