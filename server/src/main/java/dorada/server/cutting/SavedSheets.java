package dorada.server.cutting;

import dorada.core.design.Designs;
import dorada.server.cutting.SavedSheetController.SavedSheetRequest;
import dorada.server.cutting.SavedSheetController.SavedSheetView;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.people.PeopleService;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.removed.RemovedKind;
import dorada.server.removed.Shelf;
import dorada.server.tuning.TuningService;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sheets that the shop keeps. What was really cut becomes the start of tuning. */
@Service
@Transactional
public class SavedSheets implements Shelf {

    private final SavedSheetRepository sheets;
    private final CuttingService cutting;
    private final InstallationService installations;
    private final TuningService tuning;
    private final PeopleService people;
    private final Clock clock;

    SavedSheets(
            SavedSheetRepository sheets,
            CuttingService cutting,
            InstallationService installations,
            TuningService tuning,
            PeopleService people,
            Clock clock) {
        this.sheets = sheets;
        this.cutting = cutting;
        this.installations = installations;
        this.tuning = tuning;
        this.people = people;
        this.clock = clock;
    }

    /** The newest first; all, or those of one installation. */
    @Transactional(readOnly = true)
    List<SavedSheet> all(Optional<UUID> installation) {
        return installation
                .map(sheets::findByInstallationIdAndRemovedAtIsNullOrderByChangedAtDesc)
                .orElseGet(sheets::findByRemovedAtIsNullOrderByChangedAtDesc);
    }

    @Transactional(readOnly = true)
    SavedSheet byId(UUID id) {
        return sheets.findById(id)
                .filter(s -> s.removedAt().isEmpty())
                .orElseThrow(() -> UserProblem.notFound(Missing.CUT_SHEET));
    }

    public SavedSheetView keep(UUID by, SavedSheetRequest request) {
        return SavedSheetView.of(saved(SavedSheet.create(), by, request), true);
    }

    SavedSheetView change(UUID id, long version, UUID by, SavedSheetRequest request) {
        SavedSheet sheet = byId(id);
        if (sheet.version() != version) {
            throw UserProblem.stale(SavedSheetView.of(sheet, true), request);
        }
        return SavedSheetView.of(saved(sheet, by, request), true);
    }

    void remove(UUID id, UUID by) {
        byId(id).remove(people.byId(by), clock.instant());
    }

    @Override
    public RemovedKind kind() {
        return RemovedKind.CUT_SHEET;
    }

    @Override
    public List<SavedSheet> removed() {
        return sheets.findByRemovedAtIsNotNull();
    }

    @Override
    public Optional<SavedSheet> find(UUID id) {
        return sheets.findById(id);
    }

    private SavedSheet saved(SavedSheet sheet, UUID by, SavedSheetRequest r) {
        r.sheet().inputs();
        Optional<Installation> of = Optional.ofNullable(r.installationId()).map(installations::byId);
        // A choke or stub that belongs to an installation is not its antenna.
        of.filter(i -> Designs.ALL.isCutBy(i.antennaKind(), r.sheet().kind()))
                .filter(i -> !i.isSignedOff() && !tuning.isBegun(i.id()))
                .ifPresent(i -> r.cuts().stream()
                        .flatMap(c -> cutting.startM(r.sheet(), c.piece(), c.lengthM()).stream())
                        .filter(m -> m > 0)
                        .findFirst()
                        .ifPresent(m -> installations.startsAt(i, m)));
        return sheets.saveAndFlush(sheet.fill(r, of, people.byId(by), clock.instant()));
    }
}
