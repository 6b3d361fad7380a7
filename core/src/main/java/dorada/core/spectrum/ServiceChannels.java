package dorada.core.spectrum;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;

/**
 * Channel lists of radio services, read from the data files beside this class; each file names its source, country and
 * year in its head.
 */
public final class ServiceChannels {

    private ServiceChannels() {}

    /** The 40 CB channels of the United States, in channel order. Source: 47 CFR 95.963, in the file's head. */
    public static List<ServiceChannel> citizensBandUs() {
        return read("cb-us.csv");
    }

    private static List<ServiceChannel> read(String file) {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setCommentMarker('#')
                .get();
        try (InputStream in = ServiceChannels.class.getResourceAsStream(file)) {
            return format.parse(new InputStreamReader(in, StandardCharsets.UTF_8)).stream()
                    .map(row -> new ServiceChannel(
                            Integer.parseInt(row.get("channel")), Math.rint(Double.parseDouble(row.get("mhz")) * 1e6)))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
