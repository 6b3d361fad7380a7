package dorada.server.calibration;

import dorada.core.calibration.Calibration;
import dorada.core.calibration.Standards;
import dorada.core.outcome.Refusal;
import dorada.core.sweep.Sweep;
import dorada.server.people.PeopleService;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.removed.RemovedKind;
import dorada.server.removed.Shelf;
import dorada.server.sweep.SweepStore;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop's calibrations: made, used, checked, removed and put back. */
@Service
@Transactional
public class Calibrations implements Shelf {

    private static final double BEST_DB = 99;

    private final CalibrationRepository calibrations;
    private final SweepStore sweeps;
    private final PeopleService people;
    private final Clock clock;

    Calibrations(CalibrationRepository calibrations, SweepStore sweeps, PeopleService people, Clock clock) {
        this.calibrations = calibrations;
        this.sweeps = sweeps;
        this.people = people;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<CalibrationView> all() {
        return calibrations.findByRemovedAtIsNullOrderByMadeAtDesc().stream()
                .map(CalibrationView::of)
                .toList();
    }

    /** Those that cover {@code lowHz} to {@code highHz}, the newest first. */
    @Transactional(readOnly = true)
    List<CalibrationView> covering(double lowHz, double highHz) {
        return madeFor(lowHz, highHz).map(CalibrationView::of).toList();
    }

    /** When the newest was made that covers {@code lowHz} to {@code highHz}; empty where none does. */
    @Transactional(readOnly = true)
    public Optional<Instant> madeAt(double lowHz, double highHz) {
        return madeFor(lowHz, highHz).map(SavedCalibration::madeAt).findFirst();
    }

    /**
     * What was made with the instrument {@code before} was made with {@code now}: it is called so.
     *
     * @return how many those were
     */
    public int nameInstrument(String before, String now) {
        List<SavedCalibration> its = calibrations.findByInstrumentIgnoreCase(before);
        its.forEach(c -> c.nameInstrument(now));
        return its.size();
    }

    private Stream<SavedCalibration> madeFor(double lowHz, double highHz) {
        return calibrations.findByRemovedAtIsNullOrderByMadeAtDesc().stream()
                .filter(c -> c.calibration().covers(lowHz, highHz));
    }

    CalibrationView make(CalibrationRequest request, UUID by) {
        Sweep open = request.open().sweep("open");
        Sweep shorted = request.shorted().sweep("shorted");
        Sweep load = request.load().sweep("load");
        try {
            Calibration.of(
                    new Standards.Truth(open, shorted, load),
                    request.standards().standards());
        } catch (Refusal e) {
            throw UserProblem.atField("open", e);
        }
        return CalibrationView.of(calibrations.save(new SavedCalibration(
                request,
                sweeps.saveStandard(open),
                sweeps.saveStandard(shorted),
                sweeps.saveStandard(load),
                people.byId(by),
                clock.instant())));
    }

    /** What was corrected, and with which calibration. */
    public record Use(Calibration.Corrected corrected, String name) {}

    /** {@code raw} corrected by calibration {@code id}; refused outside its span. */
    @Transactional(readOnly = true)
    public Use correct(UUID id, Sweep raw) {
        SavedCalibration kept = byId(id);
        try {
            return new Use(kept.calibration().correct(raw), kept.name());
        } catch (Refusal e) {
            throw UserProblem.atField("calibrationId", e);
        }
    }

    /** Calibration {@code id}, to be used on many sweeps. */
    @Transactional(readOnly = true)
    public Calibration forUse(UUID id) {
        return byId(id).calibration();
    }

    @Transactional(readOnly = true)
    public String nameOf(UUID id) {
        return byId(id).name();
    }

    Calibration.Quality check(UUID id, Sweep loadAgain) {
        SavedCalibration kept = byId(id);
        try {
            Calibration.Quality quality = kept.calibration().quality(loadAgain);
            kept.checked(Math.min(BEST_DB, quality.directivityLeftDb()), clock.instant());
            return quality;
        } catch (Refusal e) {
            throw UserProblem.atField("trace", e);
        }
    }

    void remove(UUID id, UUID by) {
        byId(id).remove(people.byId(by), clock.instant());
    }

    void putBack(UUID id) {
        byId(id).putBack();
    }

    @Override
    public RemovedKind kind() {
        return RemovedKind.CALIBRATION;
    }

    @Override
    public List<SavedCalibration> removed() {
        return calibrations.findByRemovedAtIsNotNull();
    }

    @Override
    public Optional<SavedCalibration> find(UUID id) {
        return calibrations.findById(id);
    }

    private SavedCalibration byId(UUID id) {
        return calibrations.findById(id).orElseThrow(() -> UserProblem.notFound(Missing.CALIBRATION));
    }
}
