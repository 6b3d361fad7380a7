package dorada.server.instrument;

import dorada.core.instrument.Span;
import dorada.server.people.SignedIn;
import dorada.server.problem.UserProblem;
import dorada.server.sweep.TraceData;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The analysers of the shop. Adding and changing is the lead's: it makes the server talk to the network. */
@RestController
@RequestMapping("/api/instruments")
class InstrumentController {

    private final InstrumentService instruments;
    private final Drivers drivers;

    InstrumentController(InstrumentService instruments, Drivers drivers) {
        this.instruments = instruments;
        this.drivers = drivers;
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
