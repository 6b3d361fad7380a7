package dorada.server.paper;

import dorada.server.installation.InstallationService;
import dorada.server.onair.OnAir;
import dorada.server.radio.Radios;
import dorada.server.tuning.Proven;
import dorada.server.words.Words;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The hand-over sheet of a signed-off installation. */
@RestController
class HandOverController {

    /** Languages that papers are written in. */
    enum Language {
        EN,
        ES;

        Locale locale() {
            return Locale.forLanguageTag(name().toLowerCase(Locale.ROOT));
        }
    }

    private final Proven proven;
    private final Radios radios;
    private final OnAir onAir;
    private final InstallationService installations;
    private final Map<Language, Words> words = new ConcurrentHashMap<>();

    HandOverController(Proven proven, Radios radios, OnAir onAir, InstallationService installations) {
        this.proven = proven;
        this.radios = radios;
        this.onAir = onAir;
        this.installations = installations;
    }

    /** @param isForShop the shop's own copy, with all passes and their notes */
    @GetMapping(path = "/api/installations/{id}/hand-over", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> handOver(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") PaperFormat format,
            @RequestParam(defaultValue = "EN") Language language,
            @RequestParam(defaultValue = "MM") Lengths unit,
            @RequestParam(defaultValue = "false") boolean isForShop) {
        Proven.Facts facts = proven.of(id);
        String address = ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/installations/{id}")
                .buildAndExpand(id)
                .toUriString();
        HandOverSheet.Beside beside =
                new HandOverSheet.Beside(installations.byId(id).radioId().flatMap(radios::known), onAir.proof(id));
        Words said = words.computeIfAbsent(language, l -> Words.in(l.locale()));
        byte[] pdf = Pdf.of(
                new HandOverSheet(facts, beside, said, language.locale(), unit).html(address, format, isForShop));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(
                                        "%s.pdf".formatted(facts.installation().shopNumber()), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(pdf);
    }
}
