package dorada.server.board;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.sweep.Dip;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.people.Person;
import dorada.server.sweep.ReadingView;
import dorada.server.tuning.Newest;
import dorada.server.tuning.PassView.TraceView;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The board: every installation of the shop, newest first, with its state and a small trace. */
@RestController
class BoardController {

    private final InstallationService installations;
    private final Newest newest;

    BoardController(InstallationService installations, Newest newest) {
        this.installations = installations;
        this.newest = newest;
    }

    /** How far along the road an installation is. */
    enum State {
        PLANNED,
        TUNING,
        /** The rule is met; nothing is tight and sealed yet. */
        MET,
        READY,
        SIGNED_OFF,
        SIGNED_OFF_BY_JUDGEMENT
    }

    record NewestView(
            @NotNull int passNumber,
            Double dipHz,
            @NotNull boolean dipAtEdge,
            Double worstSwr,
            @NotNull boolean met,
            @NotNull TraceView trace,
            @NotNull String recordedBy,
            @NotNull Instant recordedAt) {

        static NewestView of(Newest.State s) {
            return new NewestView(
                    s.number(),
                    s.dip().map(Dip::frequencyHz).orElse(null),
                    s.dip().map(Dip::atEdge).orElse(false),
                    ReadingView.finite(s.worstSwr()),
                    s.met(),
                    TraceView.of(s.outline()),
                    s.recordedBy(),
                    s.recordedAt());
        }
    }

    record CardView(
            @NotNull UUID id,
            @NotNull String shopNumber,
            @NotNull String title,
            @NotNull String customer,
            @NotNull Carrier carrier,
            @NotNull AntennaKind antennaKind,
            @NotNull State state,
            @NotNull double lowestHz,
            @NotNull double highestHz,
            @NotNull double ruleLimitSwr,
            @NotNull String createdBy,
            String signedOffBy,
            NewestView newest) {}

    @GetMapping("/api/installations")
    List<CardView> board(@RequestParam(defaultValue = "") String search, @RequestParam(required = false) State state) {
        List<Installation> found = installations.search(search);
        Map<UUID, Newest.State> states = newest.of(found);
        return found.stream()
                .map(i -> card(i, states.get(i.id())))
                .filter(card -> state == null || card.state() == state)
                .toList();
    }

    private static CardView card(Installation i, Newest.State s) {
        return new CardView(
                i.id(),
                i.shopNumber(),
                i.title(),
                i.customer(),
                i.carrier(),
                i.antennaKind(),
                state(i, s),
                i.wantedChannels().stream()
                        .mapToDouble(c -> c.frequencyHz())
                        .min()
                        .orElseThrow(),
                i.wantedChannels().stream()
                        .mapToDouble(c -> c.frequencyHz())
                        .max()
                        .orElseThrow(),
                i.rule().limitSwr(),
                i.createdBy().displayName(),
                i.signedOffBy().map(Person::displayName).orElse(null),
                s == null ? null : NewestView.of(s));
    }

    private static State state(Installation i, Newest.State s) {
        if (i.isSignedOff()) {
            return i.signOffReason().isPresent() ? State.SIGNED_OFF_BY_JUDGEMENT : State.SIGNED_OFF;
        }
        if (s == null) {
            return State.PLANNED;
        }
        if (!s.met()) {
            return State.TUNING;
        }
        return s.isFinal() ? State.READY : State.MET;
    }
}
