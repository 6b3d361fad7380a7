package dorada.server.instrument;

import dorada.core.instrument.Span;
import dorada.server.people.SignedIn;
import dorada.server.problem.UserProblem;
import dorada.server.sweep.TraceData;
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

/** The analysers of the shop. Adding and changing is the lead's: it makes the server talk to the network. */
@RestController
@RequestMapping("/api/instruments")
class InstrumentController {

    private final InstrumentService instruments;
    private final Drivers drivers;
    private final Tables tables;

    InstrumentController(InstrumentService instruments, Drivers drivers, Tables tables) {
        this.instruments = instruments;
        this.drivers = drivers;
        this.tables = tables;
    }

    record MergeInstrumentRequest(
            @NotNull(message = "{wrong.WHICH_STAYS}") UUID into) {}

    /** @param renamedCount calibrations */
    record MergedInstrumentView(@NotNull int renamedCount) {}

    /** It was entered twice: the calibrations that were made with it are of the other from now on. */
    @PostMapping("/{id}/merge")
    MergedInstrumentView merge(
            @PathVariable UUID id,
            @Valid @RequestBody MergeInstrumentRequest request,
            @AuthenticationPrincipal SignedIn me) {
        return new MergedInstrumentView(instruments.merge(id, request.into(), me.id()));
    }

    /** Those that are probably one, written twice. */
    @GetMapping("/doubles")
    List<DoubleView> doubles() {
        return instruments.doubles();
    }

    @GetMapping("/table")
    ResponseEntity<String> table() {
        return Tables.answer("instruments", InstrumentTable.write(instruments.entered()));
    }

    /** A table as {@link #table()} writes it: all of it, or nothing and the line that can't be used. */
    @PostMapping(path = "/table", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    TakenInView takeIn(@RequestPart("file") MultipartFile file) throws IOException {
        return instruments.takeIn(tables.requests(
                file,
                InstrumentTable.NEEDED,
                row -> drivers.checked(InstrumentTable.read(row, instruments.named(row.text("name"))))));
    }

    record DriverView(@NotNull String id, @NotNull String words) {}

    /** @param serialPorts that this machine has just now */
    record DriversView(
            @NotNull List<DriverView> drivers, @NotNull List<String> serialPorts) {}

    /** How analysers can be talked to. */
    @GetMapping("/drivers")
    DriversView drivers() {
        return new DriversView(
                drivers.all().stream()
                        .map(d -> new DriverView(d.id(), d.words()))
                        .toList(),
                ScpiOverSerial.ports());
    }

    record Identity(@NotNull String identity) {}

    @GetMapping
    List<InstrumentView> all() {
        return instruments.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    InstrumentView add(@Valid @RequestBody InstrumentRequest request) {
        return instruments.add(request);
    }

    @PutMapping("/{id}")
    InstrumentView change(@PathVariable UUID id, @Valid @RequestBody InstrumentRequest request) {
        return instruments.change(id, request);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        instruments.remove(id, me.id());
    }

    /** Asks the instrument who it is: the quickest proof that it can be reached. */
    @PostMapping("/{id}/identity")
    Identity identity(@PathVariable String id) {
        return new Identity(instruments.identity(id));
    }

    /** @param averages 1 where absent */
    record RawSweepRequest(
            @NotNull double startHz,
            @NotNull double stopHz,
            @NotNull int points,
            Integer averages) {}

    /** One sweep without the instrument's own correction, for a calibration of ours. */
    @PostMapping("/{id}/raw-sweep")
    TraceData rawSweep(@PathVariable String id, @Valid @RequestBody RawSweepRequest request) {
        if (!(request.startHz > 0) || !(request.stopHz > request.startHz)) {
            throw UserProblem.atField("startHz", Refused.SPAN.of());
        }
        return TraceData.of(instruments.rawSweep(
                id,
                new Span(request.startHz, request.stopHz),
                request.points,
                request.averages == null ? 1 : request.averages));
    }
}
