package dorada.server.radio;

import dorada.core.catalogue.Table;
import dorada.core.format.FormatException;
import java.util.List;
import java.util.Optional;

/** Radios as a table. */
final class RadioTable {

    static final List<String> NEEDED = List.of("name");
    private static final String RATED = "rated_power_w";
    private static final String CEILING = "swr_ceiling";
    private static final String NOTE = "note";
    private static final List<String> HEADINGS = List.of("name", RATED, CEILING, NOTE);

    private RadioTable() {}

    static String write(List<RadioRequest> radios) {
        return Table.write(
                HEADINGS, radios.stream().map(r -> List.of(r.name(), r.ratedPowerW(), r.swrCeiling(), r.note())));
    }

    /** @param known what the shop has by that name: what the row leaves empty stays as it is */
    static RadioRequest read(Table.Row row, Optional<RadioRequest> known) throws FormatException {
        return new RadioRequest(
                known.map(RadioRequest::version).orElse(0L),
                known.map(RadioRequest::name).orElse(row.name()),
                number(row, RATED, known.map(RadioRequest::ratedPowerW)),
                number(row, CEILING, known.map(RadioRequest::swrCeiling)),
                row.text(NOTE).isEmpty() ? known.map(RadioRequest::note).orElse("") : row.text(NOTE));
    }

    private static double number(Table.Row row, String heading, Optional<Double> known) throws FormatException {
        var typed = row.number(heading);
        if (typed.isPresent()) {
            return typed.getAsDouble();
        }
        return known.orElseThrow(() -> new FormatException(row.line(), Table.Refused.NUMBER_MISSING.of(heading)));
    }
}
