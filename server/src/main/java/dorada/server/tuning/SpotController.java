package dorada.server.tuning;

import dorada.core.instrument.ReadingKind;
import dorada.server.problem.UserProblem;
import dorada.server.sweep.ReadingView;
import dorada.server.words.OutcomeView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What readings mean while they are typed; nothing is stored. */
@RestController
class SpotController {

    record SpotsRead(
            @NotNull(message = "{wrong.INSTRUMENT}") ReadingKind kind,

            @NotNull @Size(max = PassRecord.MOST_SPOTS, message = "{wrong.MANY}")
            List<@NotNull SpotRequest> spots) {}

    /**
     * @param reading with its doubt; absent where the values can't be
     * @param refused why they can't be; absent where they are read
     * @param why the same in English
     */
    record SpotAnswer(ReadingView reading, OutcomeView refused, String why) {}

    /** Each by itself, in the order sent: one that can't be does not keep the others from being read. */
    @PostMapping("/api/spots/read")
    List<SpotAnswer> read(@Valid @RequestBody SpotsRead request) {
        return request.spots.stream().map(s -> read(s, request.kind)).toList();
    }

    private static SpotAnswer read(SpotRequest spot, ReadingKind kind) {
        try {
            return new SpotAnswer(ReadingView.of(spot.reading(kind, "spots").reading()), null, null);
        } catch (UserProblem e) {
            return new SpotAnswer(null, e.outcome().orElse(null), e.getMessage());
        }
    }
}
