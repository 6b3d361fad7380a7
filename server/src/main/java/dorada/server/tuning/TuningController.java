package dorada.server.tuning;

import dorada.core.calibration.Calibration;
import dorada.core.format.NumberFormat;
import dorada.core.instrument.AnalyserLimits;
import dorada.core.instrument.ReadingKind;
import dorada.core.instrument.Span;
import dorada.core.instrument.SpotReading;
import dorada.server.calibration.Calibrations;
import dorada.server.installation.InstallationView;
import dorada.server.installation.VisitPurpose;
import dorada.server.instrument.InstrumentService;
import dorada.server.instrument.InventedReadings;
import dorada.server.neighbour.InTurn;
import dorada.server.people.SignedIn;
import dorada.server.problem.UserProblem;
import dorada.server.sweep.UploadedSweep;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The loop: sweep, record, read, sign off, export. */
@RestController
@RequestMapping("/api")
class TuningController {

    private final TuningService tuning;
    private final Judgements judgements;
    private final VisitService visits;
    private final PassFiles files;
    private final InTurn inTurn;
    private final InstrumentService instruments;
    private final InventedReadings invented;
    private final Calibrations calibrations;
    private final Rechecks rechecks;

    TuningController(
            TuningService tuning,
            Judgements judgements,
            VisitService visits,
            PassFiles files,
            InTurn inTurn,
            InstrumentService instruments,
            InventedReadings invented,
            Calibrations calibrations,
            Rechecks rechecks) {
        this.rechecks = rechecks;
        this.invented = invented;
        this.tuning = tuning;
        this.judgements = judgements;
        this.visits = visits;
        this.files = files;
        this.inTurn = inTurn;
        this.instruments = instruments;
        this.calibrations = calibrations;
    }

    /** A pass to be measured by {@code instrument}; with the simulated analyser where that is absent. */
    record Measurement(
            @NotNull @Valid Recording recording,
            @NotNull double startHz,
            @NotNull double stopHz,

            @NotNull
            @Min(value = 2, message = "{wrong.POINTS}")
            @Max(value = AnalyserLimits.MOST_POINTS, message = "{wrong.POINTS}")
            int points,

            String instrument) {

        Span span() {
            if (!(startHz > 0) || !(stopHz > startHz)) {
                throw UserProblem.atField("startHz", Refused.SPAN.of());
            }
            return new Span(startHz, stopHz);
        }
    }

    @GetMapping("/installations/{id}/passes")
    List<PackedView.Sent> passes(@PathVariable UUID id) {
        return judgements.of(id);
    }

    @PostMapping(path = "/installations/{id}/passes", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    PassView measure(
            @PathVariable UUID id, @Valid @RequestBody Measurement measurement, @AuthenticationPrincipal SignedIn me) {
        if (measurement.instrument() == null) {
            invented.require();
            return alone(
                    id,
                    () -> tuning.measure(
                            id, measurement.recording(), measurement.span(), measurement.points(), me.id()));
        }
        instruments.requireRecorded(measurement.instrument());
        // Before the recording begins: an instrument may take its time.
        UUID calibrationId = measurement.recording().calibrationId();
        Calibration.Corrected taken = instruments.sweep(
                measurement.instrument(),
                measurement.span(),
                measurement.points(),
                Optional.ofNullable(calibrationId).map(calibrations::forUse));
        return alone(id, () -> tuning.recordSwept(id, measurement.recording(), taken, me.id()));
    }

    @PostMapping(path = "/installations/{id}/passes", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    PassView importFile(
            @PathVariable UUID id,
            @RequestPart("file") MultipartFile file,
            @RequestParam(defaultValue = "1") int port,
            @Valid @ModelAttribute Recording recording,
            @AuthenticationPrincipal SignedIn me) {
        UploadedSweep upload = UploadedSweep.read(file, port).thinned();
        return alone(id, () -> tuning.importFile(id, recording, upload, me.id()));
    }

    /** Readings at single channels, typed. */
    record SpotsRequest(
            @NotNull @Valid Recording recording,
            @NotNull(message = "{wrong.INSTRUMENT}") ReadingKind kind,

            @NotNull @Size(max = PassRecord.MOST_SPOTS, message = "{wrong.MANY}")
            List<SpotRequest> spots) {

        List<SpotReading> readings() {
            if (kind.isSwept()) {
                throw UserProblem.atField("kind", Refused.VALUES_OF_A_METER.of());
            }
            if (spots.isEmpty()) {
                throw UserProblem.atField("spots", Refused.NO_READING.of());
            }
            List<SpotReading> readings = new ArrayList<>();
            for (int i = 0; i < spots.size(); i++) {
                readings.add(spots.get(i).reading(kind, "spots[" + i + "]"));
            }
            return readings;
        }
    }

    @PostMapping(path = "/installations/{id}/spots")
    @ResponseStatus(HttpStatus.CREATED)
    PassView recordSpots(
            @PathVariable UUID id, @Valid @RequestBody SpotsRequest request, @AuthenticationPrincipal SignedIn me) {
        List<SpotReading> readings = request.readings();
        return alone(id, () -> tuning.recordSpots(id, request.recording(), request.kind(), readings, me.id()));
    }

    @PostMapping("/installations/{id}/sign-off")
    InstallationView signOff(
            @PathVariable UUID id, @Valid @RequestBody SignOffRequest request, @AuthenticationPrincipal SignedIn me) {
        return alone(id, () -> visits.signOff(id, request, me.id()));
    }

    /** @param why what it is for, in a person's words */
    record NewVisit(
            @NotNull(message = "{wrong.PURPOSE}") VisitPurpose purpose,

            @NotNull @Size(max = 600, message = "{wrong.LETTERS}")
            String why) {}

    /** Goes on with an installation that is signed off. */
    @PostMapping("/installations/{id}/visits")
    @ResponseStatus(HttpStatus.CREATED)
    InstallationView openVisit(
            @PathVariable UUID id, @Valid @RequestBody NewVisit visit, @AuthenticationPrincipal SignedIn me) {
        return alone(id, () -> visits.openVisit(id, visit.purpose(), visit.why(), me.id()));
    }

    /** Cancels the visit that is open, as long as nothing was recorded on it. */
    @DeleteMapping("/installations/{id}/visits/open")
    InstallationView cancelVisit(@PathVariable UUID id) {
        return alone(id, () -> visits.cancelVisit(id));
    }

    /** What was read on each visit after a sign-off, before anything was changed, against that sign-off; the newest first. */
    @GetMapping("/installations/{id}/rechecks")
    List<RecheckView> rechecks(@PathVariable UUID id) {
        return rechecks.of(id);
    }

    /** The trace as a Touchstone 1.1 file. */
    @GetMapping("/passes/{id}/touchstone")
    ResponseEntity<byte[]> touchstone(@PathVariable UUID id, @RequestParam(defaultValue = "RI") NumberFormat format) {
        return download(files.touchstone(id, format));
    }

    /** A picture of what was done. */
    @PostMapping(path = "/passes/{id}/photo", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void savePhoto(
            @PathVariable UUID id, @RequestPart("photo") MultipartFile photo, @AuthenticationPrincipal SignedIn me)
            throws IOException {
        files.savePhoto(id, photo.getBytes(), me.id());
    }

    @GetMapping(path = "/passes/{id}/photo", produces = MediaType.IMAGE_JPEG_VALUE)
    byte[] photo(@PathVariable UUID id) {
        return files.photo(id);
    }

    /** Takes the newest pass back, as a wrong entry. */
    @DeleteMapping("/passes/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable UUID id) {
        alone(tuning.installationOf(id), () -> {
            tuning.takeBack(id);
            return null;
        });
    }

    /** Passes that were taken back, the last first. */
    @GetMapping("/installations/{id}/taken-back")
    List<TuningService.TakenBack> takenBack(@PathVariable UUID id) {
        return tuning.takenBack(id);
    }

    @PostMapping("/passes/{id}/put-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putBack(@PathVariable UUID id) {
        alone(tuning.installationOf(id), () -> {
            tuning.putBack(id);
            return null;
        });
    }

    /** The trace as a table. */
    @GetMapping("/passes/{id}/table")
    ResponseEntity<byte[]> table(@PathVariable UUID id) {
        return download(files.table(id));
    }

    /** The trace for the trace desk. */
    @GetMapping("/passes/{id}/trace")
    PassFiles.PassTrace trace(@PathVariable UUID id) {
        return files.trace(id);
    }

    /** An imported file as it came, byte for byte. */
    @GetMapping("/passes/{id}/original")
    ResponseEntity<byte[]> original(@PathVariable UUID id) {
        return download(files.original(id));
    }

    private static ResponseEntity<byte[]> download(PassFiles.Download file) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(file.name(), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(file.bytes());
    }

    /** What others do to the same installation comes before or after. */
    private <T> T alone(UUID installation, Supplier<T> work) {
        return inTurn.on(installation, Refused.MANY_ARE_RECORDING, work);
    }
}
