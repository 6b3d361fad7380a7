package dorada.server.paper;

import dorada.core.outcome.Outcome;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.installation.InstallationView;
import dorada.server.onair.OnAir;
import dorada.server.problem.UserProblem;
import dorada.server.radio.Radios;
import dorada.server.tuning.Proven;
import dorada.server.words.Words;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The hand-over sheet of a signed-off installation. */
@Validated
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

    /** More is a book, and nobody waits for it. */
    private static final int MOST_IN_A_FOLDER = 100;

    private final Proven proven;
    private final Radios radios;
    private final OnAir onAir;
    private final InstallationService installations;
    private final Clock clock;
    private final Map<Language, Words> words = new ConcurrentHashMap<>();

    HandOverController(Proven proven, Radios radios, OnAir onAir, InstallationService installations, Clock clock) {
        this.proven = proven;
        this.radios = radios;
        this.onAir = onAir;
        this.installations = installations;
        this.clock = clock;
    }

    /** @param isForShop the shop's own copy, with all passes and their notes */
    @GetMapping(path = "/api/installations/{id}/hand-over", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> handOver(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") PaperFormat format,
            @RequestParam(defaultValue = "EN") Language language,
            @RequestParam(defaultValue = "MM") Lengths unit,
            @RequestParam(defaultValue = "false") boolean isForShop) {
        Made made = made(id, language, unit);
        return answer(made.installation().shopNumber(), made.sheet().html(addressOf(id), format, isForShop));
    }

    /**
     * The sheets of all that a customer has from this shop, in one document.
     *
     * @param customer as written on the installations, in any case
     */
    @GetMapping(path = "/api/hand-overs", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> folder(
            @RequestParam @Size(max = 200, message = "{wrong.LETTERS}") String customer,
            @RequestParam(defaultValue = "A4") PaperFormat format,
            @RequestParam(defaultValue = "EN") Language language,
            @RequestParam(defaultValue = "MM") Lengths unit,
            @RequestParam(defaultValue = "false") boolean isForShop) {
        List<UUID> all = installations.signedOffOf(customer);
        if (all.isEmpty()) {
            throw UserProblem.conflict(Refused.NOTHING_SIGNED_OFF.of(customer.strip()));
        }
        if (all.size() > MOST_IN_A_FOLDER) {
            throw UserProblem.conflict(Refused.TOO_MANY_SHEETS.of(all.size(), MOST_IN_A_FOLDER));
        }
        List<HandOverFolder.Sheet> sheets = new ArrayList<>();
        List<String> missing = new ArrayList<>();
        for (UUID id : all) {
            try {
                HandOverSheet sheet = made(id, language, unit).sheet();
                // What it is made of is let go of with each.
                sheets.add(new HandOverFolder.Sheet(
                        sheet.title(), sheet.signed(), sheet.body(addressOf(id), isForShop, false)));
            } catch (UserProblem e) {
                Installation without = installations.byId(id);
                missing.add("%s %s: %s".formatted(without.shopNumber(), without.title(), why(e, said(language))));
            }
        }
        HandOverFolder folder =
                new HandOverFolder(customer.strip(), sheets, missing, said(language), language.locale());
        return answer(customer.strip(), folder.html(format, isForShop, LocalDate.now(clock)));
    }

    private record Made(InstallationView installation, HandOverSheet sheet) {}

    private Made made(UUID id, Language language, Lengths unit) {
        Proven.Facts facts = proven.of(id);
        HandOverSheet.Beside beside =
                new HandOverSheet.Beside(installations.byId(id).radioId().flatMap(radios::known), onAir.proof(id));
        return new Made(
                facts.installation(), new HandOverSheet(facts, beside, said(language), language.locale(), unit));
    }

    private Words said(Language language) {
        return words.computeIfAbsent(language, l -> Words.in(l.locale()));
    }

    private static String why(UserProblem refused, Words words) {
        return refused.outcome()
                .map(o -> words.sentence(new Outcome(o.id(), o.params())))
                .orElse(refused.getMessage());
    }

    private static String addressOf(UUID id) {
        return ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/installations/{id}")
                .buildAndExpand(id)
                .toUriString();
    }

    private static ResponseEntity<byte[]> answer(String name, String html) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("%s.pdf".formatted(name), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(Pdf.of(html));
    }
}
