package dorada.server.tuning;

import dorada.core.acceptance.OldAndNew;
import dorada.core.sweep.Reading;
import dorada.server.sweep.ReadingView;
import dorada.server.tuning.PassView.UnlikeView;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What the antenna that stays is worth against the one that was there before. */
@RestController
class OldAntennaController {

    private final OldAntennas old;

    OldAntennaController(OldAntennas old) {
        this.old = old;
    }

    /**
     * @param channels empty until both were read
     * @param newPass number of the pass of the one that stays; absent likewise
     * @param unlike the old one's pass and how it was read, where it was read otherwise
     */
    record OldAndNewView(
            Integer newPass, Integer oldPass, @NotNull List<OldAndNewChannelView> channels, UnlikeView unlike) {}

    /**
     * SWR, where it is known and finite.
     *
     * @param gainDb by how much more comes through the match
     */
    record OldAndNewChannelView(
            @NotNull String name, @NotNull double frequencyHz, Double oldSwr, Double newSwr, Double gainDb) {

        static OldAndNewChannelView of(OldAndNew.OnChannel c) {
            return new OldAndNewChannelView(
                    c.name(),
                    c.frequencyHz(),
                    swr(c.before()),
                    swr(c.now()),
                    c.gainDb().orElse(null));
        }

        private static Double swr(Optional<Reading> reading) {
            return reading.map(r -> ReadingView.finite(r.swr())).orElse(null);
        }
    }

    @GetMapping("/api/installations/{id}/old-antenna")
    OldAndNewView compared(@PathVariable UUID id) {
        return old.compared(id)
                .map(c -> new OldAndNewView(
                        c.now().number(),
                        c.before().number(),
                        c.channels().channels().stream()
                                .map(OldAndNewChannelView::of)
                                .toList(),
                        c.unlike()
                                .map(u -> UnlikeView.of(c.before().number(), u))
                                .orElse(null)))
                .orElseGet(() -> new OldAndNewView(null, null, List.of(), null));
    }
}
