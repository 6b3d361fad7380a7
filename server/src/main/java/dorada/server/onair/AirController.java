package dorada.server.onair;

import dorada.core.onair.Report;
import dorada.server.people.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
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

/** Proof on the air of one installation. */
@RestController
@RequestMapping("/api/installations/{id}/air")
class AirController {

    private final OnAir onAir;

    AirController(OnAir onAir) {
        this.onAir = onAir;
    }

    @GetMapping
    AirView all(@PathVariable UUID id) {
        return onAir.of(id);
    }

    @PostMapping("/calls")
    @ResponseStatus(HttpStatus.CREATED)
    AirView call(@PathVariable UUID id, @Valid @RequestBody CallRequest entered, @AuthenticationPrincipal SignedIn me) {
        return onAir.call(id, entered, me.id());
    }

    /** A wrong line: it counts no more, and stays. */
    @DeleteMapping("/calls/{callId}")
    AirView takeBack(@PathVariable UUID id, @PathVariable UUID callId, @AuthenticationPrincipal SignedIn me) {
        return onAir.takeBack(id, callId, me.id());
    }

    /** Begins a comparison; the order is drawn by lot. */
    @PostMapping("/comparisons")
    @ResponseStatus(HttpStatus.CREATED)
    AirView begin(
            @PathVariable UUID id,
            @Valid @RequestBody ComparisonRequest request,
            @AuthenticationPrincipal SignedIn me) {
        return onAir.begin(id, request, me.id());
    }

    record HeardRequest(@NotNull(message = "{wrong.REPORT}") Report report) {}

    @PutMapping("/comparisons/{comparisonId}/trials/{number}")
    AirView heard(
            @PathVariable UUID id,
            @PathVariable UUID comparisonId,
            @PathVariable int number,
            @Valid @RequestBody HeardRequest heard) {
        return onAir.heard(id, comparisonId, number, heard.report);
    }

    /** A WAV of what was heard; its signal to noise is worked out. */
    @PostMapping(
            path = "/comparisons/{comparisonId}/trials/{number}/clip",
            consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    AirView clip(
            @PathVariable UUID id,
            @PathVariable UUID comparisonId,
            @PathVariable int number,
            @RequestPart MultipartFile clip)
            throws IOException {
        return onAir.recorded(id, comparisonId, number, clip.getBytes());
    }

    @GetMapping("/comparisons/{comparisonId}/trials/{number}/clip")
    ResponseEntity<byte[]> clip(@PathVariable UUID id, @PathVariable UUID comparisonId, @PathVariable int number) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("audio/wav"))
                .body(onAir.clip(id, comparisonId, number));
    }
}
