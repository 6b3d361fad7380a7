package dorada.server.calibration;

import dorada.server.calibration.CalibrationArchive.CalibrationRecord;
import dorada.server.people.Person;
import dorada.server.shop.ArchivedPeople;
import dorada.server.shop.ShopPart;
import dorada.server.sweep.SweepStore;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The shop's calibrations in an archive; they belong to no installation. */
@Component
@Transactional
class CalibrationArchive implements ShopPart<CalibrationRecord> {

    private final CalibrationRepository calibrations;
    private final SweepStore sweeps;

    CalibrationArchive(CalibrationRepository calibrations, SweepStore sweeps) {
        this.calibrations = calibrations;
        this.sweeps = sweeps;
    }

    /**
     * @param made as it was sent when it was made: what the standards are, and their raw readings
     * @param madeBy a login
     */
    record CalibrationRecord(
            @NotNull UUID id,
            @NotNull @Valid CalibrationRequest made,
            Double checkedDb,
            Instant checkedAt,
            @NotBlank String madeBy,
            @NotNull Instant madeAt) {}

    @Override
    public String name() {
        return "calibrations";
    }

    @Override
    public Class<CalibrationRecord> type() {
        return CalibrationRecord.class;
    }

    private List<SavedCalibration> of(Optional<UUID> installation) {
        return installation.isPresent() ? List.of() : calibrations.findByRemovedAtIsNullOrderByMadeAtDesc();
    }

    @Override
    @Transactional(readOnly = true)
    public List<CalibrationRecord> pack(Optional<UUID> installation) {
        return of(installation).stream()
                .map(k -> new CalibrationRecord(
                        k.id(),
                        k.request(),
                        k.checkedDb().orElse(null),
                        k.checkedAt().orElse(null),
                        k.madeBy().login(),
                        k.madeAt()))
                .toList();
    }

    @Override
    @Transactional(readOnly = true)
    public Stream<Person> people(Optional<UUID> installation) {
        return of(installation).stream().map(SavedCalibration::madeBy).toList().stream();
    }

    @Override
    public boolean restore(CalibrationRecord r, ArchivedPeople people) {
        if (calibrations.existsById(r.id())) {
            return false;
        }
        SavedCalibration kept = new SavedCalibration(
                r.id(),
                r.made(),
                sweeps.saveStandard(r.made().open().sweep("open")),
                sweeps.saveStandard(r.made().shorted().sweep("shorted")),
                sweeps.saveStandard(r.made().load().sweep("load")),
                people.byLogin(r.madeBy()),
                r.madeAt());
        if (r.checkedDb() != null && r.checkedAt() != null) {
            kept.checked(r.checkedDb(), r.checkedAt());
        }
        calibrations.saveAndFlush(kept);
        return true;
    }
}
