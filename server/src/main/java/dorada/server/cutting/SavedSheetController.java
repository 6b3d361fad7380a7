package dorada.server.cutting;

import dorada.server.cutting.SavedSheet.ReallyCut;
import dorada.server.installation.Installation;
import dorada.server.people.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Cut sheets that the shop keeps, alone or with an installation. */
@RestController
@RequestMapping("/api/cut-sheets")
public class SavedSheetController {

    private final SavedSheets sheets;

    SavedSheetController(SavedSheets sheets) {
        this.sheets = sheets;
    }

    /**
     * @param installationId what it is for; absent for none
     * @param sheet what was asked for, from which the start of tuning is worked out
     * @param body the address's part after the question mark, with which the page opens it again
     * @param done ids of the steps that are ticked off
     * @param cuts what was really cut
     */
    public record SavedSheetRequest(
            @NotBlank(message = "{wrong.NAME}") @Size(max = 160, message = "{wrong.LETTERS}")
            String name,

            UUID installationId,
            @NotNull @Valid SheetRequest sheet,

            @NotNull @Size(max = 10_000, message = "{wrong.SHEET_TOO_LONG}")
            String body,

            @NotNull @Size(max = 60) List<@NotBlank @Size(max = 60) String> done,

            @NotNull @Size(max = 60) List<@NotNull ReallyCut> cuts) {}

    /** @param body absent in lists */
    public record SavedSheetView(
            @NotNull UUID id,
            @NotNull long version,
            @NotNull String name,
            UUID installationId,
            String shopNumber,
            @NotNull String kind,
            String body,
            @NotNull List<String> done,
            @NotNull List<ReallyCut> cuts,
            @NotNull String changedBy,
            @NotNull Instant changedAt) {

        static SavedSheetView of(SavedSheet s, boolean isWhole) {
            return new SavedSheetView(
                    s.id(),
                    s.version(),
                    s.name(),
                    s.installation().map(Installation::id).orElse(null),
                    s.installation().map(Installation::shopNumber).orElse(null),
                    s.kind(),
                    isWhole ? s.body() : null,
                    List.copyOf(s.done()),
                    List.copyOf(s.cuts()),
                    s.changedBy(),
                    s.changedAt());
        }
    }

    /** All sheets, the newest first, or those of one installation. */
    @GetMapping
    List<SavedSheetView> all(@RequestParam(required = false) UUID installation) {
        return sheets.all(Optional.ofNullable(installation)).stream()
                .map(s -> SavedSheetView.of(s, false))
                .toList();
    }

    @GetMapping("/{id}")
    SavedSheetView read(@PathVariable UUID id) {
        return SavedSheetView.of(sheets.byId(id), true);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SavedSheetView keep(@AuthenticationPrincipal SignedIn me, @Valid @RequestBody SavedSheetRequest request) {
        return sheets.keep(me.id(), request);
    }

    /** Replaces a sheet; a stale {@code version} is refused with what is there now. */
    @PutMapping("/{id}")
    SavedSheetView change(
            @PathVariable UUID id,
            @RequestParam long version,
            @AuthenticationPrincipal SignedIn me,
            @Valid @RequestBody SavedSheetRequest request) {
        return sheets.change(id, version, me.id(), request);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        sheets.remove(id, me.id());
    }
}
