package dorada.server.radio;

import dorada.server.people.SignedIn;
import dorada.server.table.DoubleView;
import dorada.server.table.Tables;
import dorada.server.table.TakenInView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The shop's radios, and what each did on the bench into a dummy load. */
@RestController
@RequestMapping("/api/radios")
class RadioController {

    private final Radios radios;

    private final Tables tables;

    RadioController(Radios radios, Tables tables) {
        this.radios = radios;
        this.tables = tables;
    }

    record MergeRadioRequest(
            @NotNull(message = "{wrong.WHICH_STAYS}") UUID into) {}

    /** @param renamedCount on how many installations */
    record MergedRadioView(@NotNull int renamedCount) {}

    /** It was entered twice: its checks and what names it are of the other from now on. */
    @PostMapping("/{id}/merge")
    MergedRadioView merge(
            @PathVariable UUID id,
            @Valid @RequestBody MergeRadioRequest request,
            @AuthenticationPrincipal SignedIn me) {
        return new MergedRadioView(radios.merge(id, request.into(), me.id()));
    }

    /** Those that are probably one, written twice. */
    @GetMapping("/doubles")
    List<DoubleView> doubles() {
        return radios.doubles();
    }

    @GetMapping("/table")
    ResponseEntity<String> table() {
        return Tables.answer("radios", RadioTable.write(radios.entered()));
    }

    /** A table as {@link #table()} writes it: all of it, or nothing and the line that can't be used. */
    @PostMapping(path = "/table", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    TakenInView takeIn(@RequestPart("file") MultipartFile file) throws IOException {
        return radios.takeIn(
                tables.requests(file, RadioTable.NEEDED, row -> RadioTable.read(row, radios.named(row.text("name")))));
    }

    @GetMapping
    List<RadioView> all() {
        return radios.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    RadioView add(@Valid @RequestBody RadioRequest request) {
        return radios.add(request);
    }

    @PutMapping("/{id}")
    RadioView change(@PathVariable UUID id, @Valid @RequestBody RadioRequest request) {
        return radios.change(id, request);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        radios.remove(id, me.id());
    }

    /** What the readings say, before anything is saved. */
    @PostMapping("/judge")
    BenchVerdictView judge(@Valid @RequestBody BenchCheckRequest read) {
        return BenchVerdictView.of(read);
    }

    /** The newest first, with those that were taken back. */
    @GetMapping("/{id}/checks")
    List<RadioCheckView> checks(@PathVariable UUID id) {
        return radios.checks(id);
    }

    @PostMapping("/{id}/checks")
    @ResponseStatus(HttpStatus.CREATED)
    RadioCheckView check(
            @PathVariable UUID id, @Valid @RequestBody BenchCheckRequest read, @AuthenticationPrincipal SignedIn me) {
        return radios.check(id, read, me.id());
    }

    /** It was entered wrongly: it counts no more, and stays. */
    @DeleteMapping("/{id}/checks/{checkId}")
    RadioCheckView takeBack(@PathVariable UUID id, @PathVariable UUID checkId, @AuthenticationPrincipal SignedIn me) {
        return radios.takeBack(id, checkId, me.id());
    }
}
