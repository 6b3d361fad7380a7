package dorada.server.onair;

import dorada.core.onair.Report;
import dorada.server.onair.AirController.HeardRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** A comparison as whoever hears may see it: nothing here says which antenna is on. */
@RestController
@RequestMapping("/api/installations/{id}/air/comparisons/{comparisonId}/hearing")
class HearingController {

    private final OnAir onAir;

    HearingController(OnAir onAir) {
        this.onAir = onAir;
    }

    /** @param number counted from 1 */
    record HeardView(
            @NotNull int number, Report report, @NotNull boolean hasClip) {}

    /**
     * @param next number of the first trial that nobody has heard yet; absent once all are
     * @param trials in the order of the lot
     */
    record HearingView(
            @NotNull String place,
            @NotNull double frequencyHz,
            @NotNull String by,
            Integer next,
            @NotNull List<HeardView> trials) {

        static HearingView of(AirComparison c) {
            List<AirTrial> all = c.trials();
            List<HeardView> trials = IntStream.range(0, all.size())
                    .mapToObj(i -> new HeardView(
                            i + 1, all.get(i).report().orElse(null), all.get(i).hasClip()))
                    .toList();
            return new HearingView(
                    c.place(),
                    c.frequencyHz(),
                    c.begunBy().displayName(),
                    trials.stream()
                            .filter(t -> t.report() == null && !t.hasClip())
                            .map(HeardView::number)
                            .findFirst()
                            .orElse(null),
                    trials);
        }
    }

    @GetMapping
    HearingView hearing(@PathVariable UUID id, @PathVariable UUID comparisonId) {
        return HearingView.of(onAir.comparison(id, comparisonId));
    }

    @PutMapping("/{number}")
    HearingView heard(
            @PathVariable UUID id,
            @PathVariable UUID comparisonId,
            @PathVariable int number,
            @Valid @RequestBody HeardRequest heard) {
        onAir.heard(id, comparisonId, number, heard.report());
        return HearingView.of(onAir.comparison(id, comparisonId));
    }

    @PostMapping(path = "/{number}/clip", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    HearingView clip(
            @PathVariable UUID id,
            @PathVariable UUID comparisonId,
            @PathVariable int number,
            @RequestPart MultipartFile clip)
            throws IOException {
        onAir.recorded(id, comparisonId, number, clip.getBytes());
        return HearingView.of(onAir.comparison(id, comparisonId));
    }
}
