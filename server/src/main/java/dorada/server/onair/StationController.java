package dorada.server.onair;

import dorada.core.planning.Reach;
import dorada.server.people.SignedIn;
import dorada.server.table.DoubleView;
import dorada.server.table.Tables;
import dorada.server.table.TakenInView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.List;
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

/** Whom the shop calls. */
@RestController
@RequestMapping("/api/stations")
class StationController {

    private final Stations stations;

    private final Tables tables;

    StationController(Stations stations, Tables tables) {
        this.stations = stations;
        this.tables = tables;
    }

    record MergeStationRequest(
            @NotNull(message = "{wrong.WHICH_STAYS}") UUID into) {}

    /** It was entered twice. */
    @PostMapping("/{id}/merge")
    StationView merge(
            @PathVariable UUID id,
            @Valid @RequestBody MergeStationRequest request,
            @AuthenticationPrincipal SignedIn me) {
        return StationView.of(stations.merge(id, request.into(), me.id()));
    }

    /** Those that are probably one, written twice. */
    @GetMapping("/doubles")
    List<DoubleView> doubles() {
        return stations.doubles();
    }

    @GetMapping("/table")
    ResponseEntity<String> table() {
        return Tables.answer(
                "stations",
                StationTable.write(stations.all().stream().map(Station::entered).toList()));
    }

    /** A table as {@link #table()} writes it: all of it, or nothing and the line that can't be used. */
    @PostMapping(path = "/table", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    TakenInView takeIn(@RequestPart("file") MultipartFile file) throws IOException {
        return stations.takeIn(tables.requests(
                file, StationTable.NEEDED, row -> StationTable.read(row, stations.named(row.text("name")))));
    }

    /** @param horizonM to its own radio horizon; absent where its height is not known */
    record StationView(
            @NotNull UUID id,
            @NotNull long version,
            @NotNull String name,
            Double frequencyHz,
            Double distanceM,
            Double heightM,
            Double horizonM,
            @NotNull String note) {

        static StationView of(Station s) {
            StationRequest e = s.entered();
            return new StationView(
                    s.id(),
                    s.version(),
                    e.name(),
                    e.frequencyHz(),
                    e.distanceM(),
                    e.heightM(),
                    e.heightM() == null ? null : Reach.horizonM(e.heightM()),
                    e.note());
        }
    }

    @GetMapping
    List<StationView> all() {
        return stations.all().stream().map(StationView::of).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    StationView add(@Valid @RequestBody StationRequest request) {
        return StationView.of(stations.add(request));
    }

    @PutMapping("/{id}")
    StationView change(@PathVariable UUID id, @Valid @RequestBody StationRequest request) {
        return StationView.of(stations.change(id, request));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        stations.remove(id, me.id());
    }
}
