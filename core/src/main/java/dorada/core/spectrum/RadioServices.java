package dorada.core.spectrum;

import dorada.core.outcome.Outcome;
import dorada.core.radio.FrequencyTolerance;
import dorada.core.rf.Band;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * The radio services that ship with Dorada, read from the data files beside this class. Each file tells in its head its
 * country, source, year and limits, and of what there is something to be reminded; the catalogue of words says it.
 */
public final class RadioServices {

    private static final List<String> FILES = List.of(
            "cb-us", "cb-eu", "cb-uk", "murs", "frs", "gmrs", "pmr446", "marine", "airband", "2m-r1", "2m-r2", "2m-r3",
            "70cm-r1", "70cm-r2", "70cm-r3");

    /** In the order in which they are offered. */
    public static final List<RadioService> ALL =
            FILES.stream().map(RadioServices::read).toList();

    private RadioServices() {}

    public static Optional<RadioService> byId(String id) {
        return ALL.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    private static RadioService read(String id) {
        try (InputStream in = RadioServices.class.getResourceAsStream(id + ".csv");
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            Map<String, String> head = new LinkedHashMap<>();
            List<String> rows = new ArrayList<>();
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.startsWith("# ")) {
                    String[] parts = line.substring(2).split(": ", 2);
                    head.put(parts[0], parts[1]);
                } else {
                    rows.add(line);
                }
            }
            return service(id, head, channels(rows));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static RadioService service(String id, Map<String, String> head, List<ServiceChannel> channels) {
        return new RadioService(
                id,
                words(id, "title"),
                words(id, "short"),
                new Outcome("serviceIn." + head.get("country"), Map.of()),
                Integer.parseInt(head.get("year")),
                head.get("source"),
                Optional.ofNullable(head.get("frequency tolerance")).map(RadioServices::tolerance),
                Double.parseDouble(head.get("bandwidth")),
                Optional.ofNullable(head.get("band")).map(b -> {
                    String[] edges = b.split(" ");
                    return new Band(hz(edges[0]), hz(edges[1]));
                }),
                channels,
                head.containsKey("usual") ? List.of(head.get("usual").split(" ")) : lowMiddleHigh(channels),
                "even ends".equals(head.get("judged by")),
                "built in".equals(head.get("antenna that may be used"))
                        ? Optional.of(words(id, "builtIn"))
                        : Optional.empty(),
                Stream.of(head.get("reminders").split(" "))
                        .map(of -> words(id, of))
                        .toList());
    }

    private static Outcome words(String service, String of) {
        return new Outcome("service." + service + "." + of, Map.of());
    }

    /** {@code 5 ppm; the rule}. */
    private static FrequencyTolerance tolerance(String text) {
        String[] parts = text.split("; ", 2);
        String[] value = parts[0].split(" ");
        return new FrequencyTolerance(
                Double.parseDouble(value[0]),
                FrequencyTolerance.Unit.valueOf(value[1].toUpperCase(Locale.ROOT)),
                parts[1]);
    }

    private static List<String> lowMiddleHigh(List<ServiceChannel> channels) {
        List<ServiceChannel> sorted = channels.stream()
                .sorted(Comparator.comparingDouble(ServiceChannel::transmitHz))
                .toList();
        return Stream.of(0, (sorted.size() - 1) / 2, sorted.size() - 1)
                .map(i -> sorted.get(i).name())
                .distinct()
                .toList();
    }

    private static List<ServiceChannel> channels(List<String> rows) throws IOException {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        return format.parse(new java.io.StringReader(rows.stream().collect(Collectors.joining("\n")))).stream()
                .map(RadioServices::channel)
                .toList();
    }

    private static ServiceChannel channel(CSVRecord row) {
        double transmitHz = hz(row.get("mhz"));
        String receive = row.isMapped("receive_mhz") ? row.get("receive_mhz") : "";
        return new ServiceChannel(
                row.get("channel"),
                transmitHz,
                receive.isEmpty() ? transmitHz : hz(receive),
                row.isMapped("note") ? row.get("note") : "");
    }

    private static double hz(String mhz) {
        return Math.rint(Double.parseDouble(mhz) * 1e6);
    }
}
