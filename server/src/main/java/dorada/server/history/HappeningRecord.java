package dorada.server.history;

import dorada.server.words.OutcomeView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;

/**
 * What happened at one moment, as an archive holds it; docs/archive.md describes the fields.
 *
 * @param by a name; absent for what Dorada did by itself, and where nobody knows any more
 */
public record HappeningRecord(
        @NotNull Instant at,
        @Size(max = 120) String by,
        @NotEmpty @Size(max = 1000) List<@Valid @NotNull SaidRecord> says) {

    /**
     * @param params numbers in SI, texts, and further outcomes with an id and parameters each
     * @param text the same in English
     */
    public record SaidRecord(
            @NotBlank @Size(max = 100) String id,
            @NotNull @Size(max = 20) Map<String, Object> params,
            @NotBlank @Size(max = 10_000) String text) {

        static SaidRecord of(OutcomeView said) {
            return new SaidRecord(said.id(), said.params(), said.text());
        }
    }

    static HappeningRecord of(Chronicle.Happening h) {
        return new HappeningRecord(
                h.at(),
                h.by().orElse(null),
                OutcomeView.of(h.says()).stream().map(SaidRecord::of).toList());
    }
}
