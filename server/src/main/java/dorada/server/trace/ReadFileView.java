package dorada.server.trace;

import dorada.core.format.CsvTable;
import dorada.core.format.SweepFile;
import dorada.server.sweep.TraceData;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;

/**
 * A file as it was read.
 *
 * @param columns of a table, with what each is taken for; empty for a Touchstone file
 * @param firstRows of a table, as they stand in it
 * @param lacks what the file cannot give; absent where nothing is missing
 */
record ReadFileView(
        @NotNull String name,
        @NotNull int ports,
        @NotNull double fileReferenceOhm,
        @NotNull List<ColumnView> columns,
        @NotNull List<List<String>> firstRows,
        OutcomeView lacks,
        @NotNull List<OutcomeView> warnings,
        @NotNull TraceData trace) {

    record ColumnView(
            @NotNull String heading,
            @NotNull OutcomeView words,
            @NotNull boolean used) {}

    static ReadFileView of(String name, SweepFile file, Optional<CsvTable> table) {
        return new ReadFileView(
                name,
                file.ports(),
                file.fileReferenceOhm(),
                table.map(CsvTable::columns).orElse(List.of()).stream()
                        .map(c -> new ColumnView(
                                c.heading(),
                                OutcomeView.phrase(c.role()),
                                c.role() != dorada.core.format.CsvRole.IGNORED))
                        .toList(),
                table.map(CsvTable::firstRows).orElse(List.of()),
                file.lacks().map(OutcomeView::of).orElse(null),
                OutcomeView.of(file.warnings()),
                TraceData.of(file.sweep()));
    }
}
