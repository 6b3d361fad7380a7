package dorada.core.format;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Tells a Touchstone file from a table of comma-separated values by its content, whatever its name, and reads it. */
public final class SweepFileReader {

    private static final Pattern PORTS = Pattern.compile("\\.s(\\d{1,2})p$", Pattern.CASE_INSENSITIVE);
    private static final char[] SEPARATORS = {';', '\t', ','};

    private SweepFileReader() {}

    /**
     * @param bytes the whole file
     * @param port 1 or 2: of a two-port file, whose reflection to take
     * @throws FormatException with the line and the reason where the file could be misread
     */
    public static SweepFile read(byte[] bytes, int port) throws IOException, FormatException {
        Optional<CsvTable> table = table(bytes);
        return table.isPresent() ? table.get().read() : TouchstoneReader.read(new ByteArrayInputStream(bytes), port);
    }

    /**
     * The same, held against its name: "s2p" promises two ports.
     *
     * @param name of the file, perhaps empty
     * @throws FormatException as {@link #read(byte[], int)}, and where rows and name belong to another number of ports
     */
    public static SweepFile read(byte[] bytes, int port, String name) throws IOException, FormatException {
        SweepFile file = read(bytes, port);
        Matcher promised = PORTS.matcher(name);
        if (promised.find() && Integer.parseInt(promised.group(1)) != file.ports()) {
            throw new FormatException(
                    0, Malformed.OTHER_PORTS.of(promised.group().substring(1), file.ports()));
        }
        return file;
    }

    /** The file as a table of columns, for a preview; empty where it is a Touchstone file. */
    public static Optional<CsvTable> table(byte[] bytes) throws IOException, FormatException {
        String text = new String(bytes, StandardCharsets.UTF_8);
        String unmarked = text.startsWith("\uFEFF") ? text.substring(1) : text;
        // A table starts with its headings; a Touchstone file with its options or a keyword; both may have comments
        // first.
        String heading = unmarked.lines()
                .map(String::strip)
                .filter(l -> !l.isEmpty() && !l.startsWith("!"))
                .findFirst()
                .orElse("");
        boolean startsWithHeading =
                !heading.isEmpty() && (Character.isLetter(heading.charAt(0)) || heading.charAt(0) == '"');
        if (startsWithHeading && text.indexOf('\0') < 0) {
            for (char separator : SEPARATORS) {
                if (heading.indexOf(separator) >= 0) {
                    return Optional.of(CsvTable.of(new StringReader(unmarked), separator));
                }
            }
        }
        return Optional.empty();
    }
}
