package dorada.server.radio;

import dorada.server.people.SignedIn;
import jakarta.validation.Valid;
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

/** The shop's radios, and what each did on the bench into a dummy load. */
@RestController
@RequestMapping("/api/radios")
class RadioController {

    private final Radios radios;

    RadioController(Radios radios) {
        this.radios = radios;
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
