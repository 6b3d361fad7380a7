package dorada.server.instrument;

import dorada.core.catalogue.Table;
import dorada.core.format.FormatException;
import dorada.core.instrument.scpi.CommandProfile;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/** Instruments as a table: where each is, what it can sweep, and the command texts that it understands. */
final class InstrumentTable {

    static final List<String> NEEDED = List.of("name");

    /** What the columns before the command texts hold. */
    private static final Map<String, Function<InstrumentRequest, Object>> COLUMNS = new LinkedHashMap<>();

    private static final Map<String, Function<CommandProfile, String>> TEXTS = new LinkedHashMap<>();

    static {
        COLUMNS.put("name", InstrumentRequest::name);
        COLUMNS.put("driver", InstrumentRequest::driver);
        COLUMNS.put("host", InstrumentRequest::host);
        COLUMNS.put("port", InstrumentRequest::port);
        COLUMNS.put("serial_port", InstrumentRequest::serialPort);
        COLUMNS.put("baud", InstrumentRequest::baud);
        COLUMNS.put("lowest_hz", InstrumentRequest::lowestHz);
        COLUMNS.put("highest_hz", InstrumentRequest::highestHz);
        COLUMNS.put("most_points", InstrumentRequest::mostPoints);
        TEXTS.put("set_up", CommandProfile::setUp);
        TEXTS.put("set_start", CommandProfile::startHz);
        TEXTS.put("set_stop", CommandProfile::stopHz);
        TEXTS.put("set_points", CommandProfile::points);
        TEXTS.put("set_averages", CommandProfile::averages);
        TEXTS.put("begin", CommandProfile::begin);
        TEXTS.put("is_measuring", CommandProfile::isMeasuring);
        TEXTS.put("data", CommandProfile::data);
        TEXTS.put("abort", CommandProfile::abort);
        TEXTS.put("error", CommandProfile::error);
        TEXTS.put("identity", CommandProfile::identity);
        TEXTS.put("raw", CommandProfile::raw);
        TEXTS.put("corrected", CommandProfile::corrected);
    }

    private InstrumentTable() {}

    static String write(List<InstrumentRequest> instruments) {
        List<String> headings = new ArrayList<>(COLUMNS.keySet());
        headings.addAll(TEXTS.keySet());
        return Table.write(headings, instruments.stream().map(InstrumentTable::cells));
    }

    private static List<?> cells(InstrumentRequest r) {
        List<Object> cells = new ArrayList<>();
        COLUMNS.values().forEach(column -> cells.add(column.apply(r)));
        TEXTS.values().forEach(text -> cells.add(text.apply(r.profile())));
        return cells;
    }

    /**
     * @param known what the shop has by that name: what the row leaves empty stays as it is. Command texts are as their columns say;
     *     where there are none, as they were, or as the stand-in understands them
     */
    static InstrumentRequest read(Table.Row row, Optional<InstrumentRequest> known) throws FormatException {
        Cells cells = new Cells(row, known);
        return new InstrumentRequest(
                known.map(InstrumentRequest::version).orElse(0L),
                known.map(InstrumentRequest::name).orElse(row.name()),
                cells.text("driver", InstrumentRequest::driver, ScpiOverTcp.ID),
                cells.text("host", InstrumentRequest::host, ""),
                cells.whole("port", InstrumentRequest::port, 0),
                cells.text("serial_port", InstrumentRequest::serialPort, null),
                cells.whole("baud", InstrumentRequest::baud, null),
                cells.number("lowest_hz", InstrumentRequest::lowestHz),
                cells.number("highest_hz", InstrumentRequest::highestHz),
                cells.whole("most_points", InstrumentRequest::mostPoints, null),
                texts(row, known.map(InstrumentRequest::profile).orElse(CommandProfile.STAND_IN)));
    }

    private static CommandProfile texts(Table.Row row, CommandProfile otherwise) {
        return new CommandProfile(
                text(row, "set_up", otherwise.setUp()),
                text(row, "set_start", otherwise.startHz()),
                text(row, "set_stop", otherwise.stopHz()),
                text(row, "set_points", otherwise.points()),
                text(row, "set_averages", otherwise.averages()),
                text(row, "begin", otherwise.begin()),
                text(row, "is_measuring", otherwise.isMeasuring()),
                text(row, "data", otherwise.data()),
                text(row, "abort", otherwise.abort()),
                text(row, "error", otherwise.error()),
                text(row, "identity", otherwise.identity()),
                text(row, "raw", otherwise.raw()),
                text(row, "corrected", otherwise.corrected()));
    }

    /** Empty is a text too: an instrument whose correction can't be switched off has none for that. */
    private static String text(Table.Row row, String heading, String otherwise) {
        return row.cells().getOrDefault(heading, otherwise);
    }

    private record Cells(Table.Row row, Optional<InstrumentRequest> known) {

        String text(String heading, Function<InstrumentRequest, String> of, String otherwise) {
            return row.text(heading).isEmpty() ? known.map(of).orElse(otherwise) : row.text(heading);
        }

        Double number(String heading, Function<InstrumentRequest, Double> of) throws FormatException {
            OptionalDouble typed = row.number(heading);
            return typed.isPresent()
                    ? Double.valueOf(typed.getAsDouble())
                    : known.map(of).orElse(null);
        }

        Integer whole(String heading, Function<InstrumentRequest, Integer> of, Integer otherwise)
                throws FormatException {
            OptionalDouble typed = row.number(heading);
            if (typed.isEmpty()) {
                return known.map(of).orElse(otherwise);
            }
            if (typed.getAsDouble() != Math.rint(typed.getAsDouble()) || Math.abs(typed.getAsDouble()) > 1e9) {
                throw new FormatException(row.line(), Table.Refused.NO_WHOLE_NUMBER.of(heading, row.text(heading)));
            }
            return (int) typed.getAsDouble();
        }
    }
}
