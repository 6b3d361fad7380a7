package dorada.server.catalogue;

import dorada.core.catalogue.Entry;
import dorada.core.catalogue.EntryTable;
import dorada.core.catalogue.Sort;
import dorada.core.format.FormatException;
import dorada.server.people.SignedIn;
import dorada.server.problem.UserProblem;
import dorada.server.table.DoubleView;
import dorada.server.table.Tables;
import dorada.server.table.TakenInView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The shop's names. */
@RestController
@RequestMapping("/api/catalogue")
class CatalogueController {

    private final Catalogue catalogue;

    CatalogueController(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /**
     * @param requestKey of a new one: sent twice it is there once
     * @param customer whose a vehicle or mast is; left away for what is nobody's
     */
    record CatalogueEntryRequest(
            @NotNull UUID requestKey,
            @NotNull(message = "{wrong.SORT}") Sort sort,

            @NotBlank(message = "{wrong.NAME}") @Size(max = 160, message = "{wrong.LETTERS}")
            String name,

            @NotNull @Size(max = 160, message = "{wrong.LETTERS}")
            String customer,

            @NotNull @Size(max = 600, message = "{wrong.LETTERS}")
            String detail) {

        private Entry entry() {
            return new Entry(sort, name, customer, detail);
        }
    }

    /** @param usedCount on how many installations it is named */
    record CatalogueEntryView(
            @NotNull UUID id,
            @NotNull long version,
            @NotNull Sort sort,
            @NotNull String name,
            @NotNull String customer,
            @NotNull String detail,
            @NotNull int usedCount) {

        static CatalogueEntryView of(Catalogue.Known k) {
            Entry e = k.entry().entry();
            return new CatalogueEntryView(
                    k.entry().id(), k.entry().version(), e.sort(), e.name(), e.customer(), e.detail(), k.used());
        }
    }

    /** Two that are probably one. */
    record MergeRequest(
            @NotNull(message = "{wrong.WHICH_STAYS}") UUID into) {}

    record MergedView(@NotNull int renamedCount) {}

    @GetMapping
    List<CatalogueEntryView> names() {
        return catalogue.all().stream().map(CatalogueEntryView::of).toList();
    }

    @GetMapping("/doubles")
    List<DoubleView> doubles() {
        return catalogue.doubles();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    CatalogueEntryView addName(@Valid @RequestBody CatalogueEntryRequest request) {
        return CatalogueEntryView.of(new Catalogue.Known(catalogue.add(request.requestKey(), request.entry()), 0));
    }

    /** A stale {@code version} is refused with what is there now. */
    @PutMapping("/{id}")
    List<CatalogueEntryView> changeName(
            @PathVariable UUID id, @RequestParam long version, @Valid @RequestBody CatalogueEntryRequest request) {
        catalogue.change(id, version, request.entry());
        return names();
    }

    @PostMapping("/{id}/merge")
    MergedView merge(
            @PathVariable UUID id, @Valid @RequestBody MergeRequest request, @AuthenticationPrincipal SignedIn me) {
        return new MergedView(catalogue.merge(id, request.into(), me.id()));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void retire(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        catalogue.retire(id, me.id());
    }

    /** All that are offered, as a table. */
    @GetMapping("/table")
    ResponseEntity<String> table() {
        return Tables.answer(
                "catalogue",
                EntryTable.write(
                        catalogue.all().stream().map(k -> k.entry().entry()).toList()));
    }

    /** A table as {@link #table()} writes it: all of it, or nothing and the line that can't be used. */
    @PostMapping(path = "/table", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    TakenInView takeIn(@RequestPart("file") MultipartFile file) throws IOException {
        try {
            return catalogue.takeIn(EntryTable.read(Tables.text(file)));
        } catch (FormatException e) {
            throw UserProblem.inFile(e);
        }
    }
}
