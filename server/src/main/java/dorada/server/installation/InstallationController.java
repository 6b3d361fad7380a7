package dorada.server.installation;

import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.antenna.LengthFit;
import dorada.core.design.Designs;
import dorada.core.planning.UsualStart;
import dorada.server.people.SignedIn;
import dorada.server.problem.UserProblem;
import dorada.server.words.OutcomeView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One installation: make, read, change; and what there is to choose from. */
@RestController
@RequestMapping("/api")
class InstallationController {

    private final InstallationService installations;

    InstallationController(InstallationService installations) {
        this.installations = installations;
    }

    /**
     * A kind of antenna to choose, with its usual way of adjusting.
     *
     * @param sheet id of the kind of sheet that it is cut by
     */
    record KindView(
            @NotNull AntennaKind kind,
            @NotNull String sheet,
            @NotNull OutcomeView words,
            @NotNull OutcomeView piece,
            @NotNull boolean oneWay,
            @NotNull double smallestStepM) {}

    /**
     * An acceptance rule to choose.
     *
     * @param hasOwnLimit its limit is typed; else it brings its own, or takes the radio's
     * @param says what it asks, with its limits
     */
    record RuleView(
            @NotNull RuleName rule,
            @NotNull boolean hasOwnLimit,
            @NotNull OutcomeView says) {}

    /**
     * What a new installation usually is, to begin from.
     *
     * @param service whose usual channels are wanted; absent where it may be any
     */
    record UsualView(
            @NotNull AntennaKind antennaKind,
            @NotNull double limitSwr,
            @NotNull ReferencePlane measuredAt,
            @NotNull double ratedPowerW,
            @NotNull double swrCeiling,
            String service) {}

    @GetMapping("/usual-start")
    UsualView usual(@RequestParam Carrier carrier) {
        UsualStart usual = UsualStart.on(carrier);
        return new UsualView(
                Designs.ALL.kind(usual.kind()).orElseThrow(),
                usual.limitSwr(),
                usual.atAntenna() ? ReferencePlane.ANTENNA : ReferencePlane.RADIO,
                usual.ratedPowerW(),
                usual.ceilingSwr(),
                usual.service().orElse(null));
    }

    /**
     * Acceptance rules, the usual one first.
     *
     * @param limitSwr that would be typed with it
     * @param ceilingSwr what the radio is rated for
     */
    @GetMapping("/acceptance-rules")
    List<RuleView> rules(
            @RequestParam(defaultValue = "2") double limitSwr, @RequestParam(defaultValue = "2") double ceilingSwr) {
        try {
            return Arrays.stream(RuleName.values())
                    .map(r -> new RuleView(
                            r,
                            r.hasOwnLimit(),
                            OutcomeView.of(r.rule(limitSwr, ceilingSwr).outcome())))
                    .toList();
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("limitSwr", e);
        }
    }

    /** Kinds of antenna, and what of each is adjusted. */
    @GetMapping("/antenna-kinds")
    List<KindView> kinds() {
        return Designs.ALL.kinds().stream()
                .map(k -> new KindView(
                        k,
                        Designs.ALL.of(k).sheet().id(),
                        OutcomeView.phrase(k.words()),
                        OutcomeView.phrase(k.piece().bare()),
                        k.cutOnly(),
                        k.smallestStepM()))
                .toList();
    }

    /**
     * Whether a length and a kind belong together.
     *
     * @param usualM how long that kind is on the lowest band
     * @param others kinds whose usual length it nearly is
     */
    record FitView(
            @NotNull boolean fits,
            @NotNull double usualM,
            @NotNull double atHz,
            @NotNull List<AntennaKind> others) {}

    /**
     * Asked while a plan is made, before anything is measured; nothing where the kind has no usual length.
     *
     * @param hz wanted frequencies in Hz, at least one
     */
    @GetMapping("/antenna-kinds/{kind}/fit")
    ResponseEntity<FitView> fit(
            @PathVariable AntennaKind kind, @RequestParam double lengthM, @RequestParam double[] hz) {
        if (!(lengthM > 0) || hz.length == 0 || !Arrays.stream(hz).allMatch(f -> f > 0 && Double.isFinite(f))) {
            throw UserProblem.atField("hz", Refused.FIT.of());
        }
        double atHz = WantedChannel.middleOfLowestBandHz(
                Arrays.stream(hz).mapToObj(f -> new WantedChannel("", f, false)).toList());
        return LengthFit.of(kind, Designs.ALL.kinds(), lengthM, atHz)
                .map(f -> ResponseEntity.ok(new FitView(f.fits(), f.usualM(), atHz, f.others())))
                .orElseGet(() -> ResponseEntity.noContent().build());
    }

    @PostMapping("/installations")
    @ResponseStatus(HttpStatus.CREATED)
    InstallationView create(@AuthenticationPrincipal SignedIn me, @Valid @RequestBody InstallationRequest request) {
        return InstallationView.of(installations.create(request, me.id()));
    }

    /** @param titles names in the shop of what gets the same plan, such as the other tractors of a fleet */
    record Copies(
            @NotEmpty(message = "{wrong.ONE_NAME}") @Size(max = 50, message = "{wrong.MANY}")
            List<@NotBlank(message = "{wrong.NAME}") @Size(max = 120, message = "{wrong.LETTERS}") String> titles) {}

    /** The same plan for others of a fleet; nothing measured goes along. */
    @PostMapping("/installations/{id}/copies")
    @ResponseStatus(HttpStatus.CREATED)
    List<InstallationView> copy(
            @PathVariable UUID id, @AuthenticationPrincipal SignedIn me, @Valid @RequestBody Copies copies) {
        return installations.copy(id, copies.titles.stream().map(String::strip).toList(), me.id()).stream()
                .map(InstallationView::of)
                .toList();
    }

    @GetMapping("/installations/{id}")
    InstallationView read(@PathVariable UUID id) {
        return InstallationView.of(installations.byId(id));
    }

    @PutMapping("/installations/{id}")
    InstallationView update(
            @PathVariable UUID id, @RequestParam long version, @Valid @RequestBody InstallationRequest request) {
        return installations.update(id, version, request);
    }
}
