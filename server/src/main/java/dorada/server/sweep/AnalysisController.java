package dorada.server.sweep;

import dorada.core.sweep.SweepAnalysis;
import dorada.server.problem.UserProblem;
import dorada.server.words.Words;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Analyses a file without storing anything; for scripts and for a look before recording. */
@RestController
class AnalysisController {

    @PostMapping(path = "/api/analysis", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    AnalysisView analyse(
            @RequestPart("file") MultipartFile file,
            @RequestParam(defaultValue = "") double[] wantedHz,
            @RequestParam(defaultValue = "") double[] swrLimit,
            @RequestParam(defaultValue = "1") int port,
            @RequestParam(defaultValue = "") String include) {
        for (double hz : wantedHz) {
            if (!(hz > 0) || Double.isInfinite(hz)) {
                throw UserProblem.atField("wantedHz", "A wanted frequency must be above 0 Hz, not " + hz + ".");
            }
        }
        for (double limit : swrLimit) {
            if (!(limit > 1) || Double.isInfinite(limit)) {
                throw UserProblem.atField("swrLimit", "An SWR limit must be above 1, not " + limit + ".");
            }
        }
        UploadedSweep upload = UploadedSweep.read(file, port);
        return AnalysisView.of(
                upload.file().sweep().referenceOhm(),
                Words.ENGLISH.each(upload.file().warnings()),
                new SweepAnalysis(upload.file().sweep()),
                wantedHz,
                swrLimit.length == 0 ? AnalysisView.USUAL_SWR_LIMITS : swrLimit,
                "points".equals(include));
    }
}
