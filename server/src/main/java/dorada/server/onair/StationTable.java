package dorada.server.onair;

import dorada.core.catalogue.Table;
import dorada.core.format.FormatException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Stations as a table. */
final class StationTable {

    static final List<String> NEEDED = List.of("name");
    private static final String FREQUENCY = "frequency_mhz";
    private static final String DISTANCE = "distance_m";
    private static final String HEIGHT = "height_m";
    private static final String NOTE = "note";
    private static final List<String> HEADINGS = List.of("name", FREQUENCY, DISTANCE, HEIGHT, NOTE);
    private static final double HZ_PER_MHZ = 1e6;

    private StationTable() {}

    static String write(List<StationRequest> stations) {
        return Table.write(
                HEADINGS,
                stations.stream()
                        .map(s -> Arrays.asList(
                                s.name(),
                                s.frequencyHz() == null ? null : s.frequencyHz() / HZ_PER_MHZ,
                                s.distanceM(),
                                s.heightM(),
                                s.note())));
    }

    /** @param known what the shop has by that name: what the row leaves empty stays as it is */
    static StationRequest read(Table.Row row, Optional<StationRequest> known) throws FormatException {
        OptionalDouble mhz = row.number(FREQUENCY);
        StationRequest typed = new StationRequest(
                known.map(StationRequest::version).orElse(0L),
                known.map(StationRequest::name).orElse(row.name()),
                // To the hertz, so that what was written is read again.
                mhz.isPresent() ? (Double) (double) Math.round(mhz.getAsDouble() * HZ_PER_MHZ) : null,
                boxed(row.number(DISTANCE)),
                boxed(row.number(HEIGHT)),
                row.text(NOTE));
        return known.map(typed::orElse).orElse(typed);
    }

    private static Double boxed(OptionalDouble number) {
        return number.isPresent() ? (Double) number.getAsDouble() : null;
    }
}
