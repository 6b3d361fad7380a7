package dorada.server.cutting;

import dorada.core.design.Designs;
import dorada.server.cutting.KeptSheetController.KeptSheetRequest;
import dorada.server.cutting.KeptSheetController.KeptSheetView;
import dorada.server.installation.Installation;
import dorada.server.installation.InstallationService;
import dorada.server.people.PeopleService;
import dorada.server.problem.JobException;
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
public class KeptSheets implements Shelf {

    private final KeptSheetRepository sheets;
    private final CuttingService cutting;
    private final InstallationService installations;
    private final TuningService tuning;
    private final PeopleService people;
    private final Clock clock;

    KeptSheets(
            KeptSheetRepository sheets,
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
    List<KeptSheet> all(Optional<UUID> installation) {
        return installation
                .map(sheets::findByInstallationIdAndRemovedAtIsNullOrderByChangedAtDesc)
                .orElseGet(sheets::findByRemovedAtIsNullOrderByChangedAtDesc);
    }

    @Transactional(readOnly = true)
    KeptSheet byId(UUID id) {
        return sheets.findById(id)
                .filter(s -> s.removedAt().isEmpty())
                .orElseThrow(() -> JobException.notFound("cut sheet"));
    }

    public KeptSheetView keep(UUID by, KeptSheetRequest request) {
        return KeptSheetView.of(saved(KeptSheet.create(), by, request), true);
    }

    KeptSheetView change(UUID id, long version, UUID by, KeptSheetRequest request) {
        KeptSheet sheet = byId(id);
        if (sheet.version() != version) {
            throw JobException.stale(KeptSheetView.of(sheet, true), request);
        }
        return KeptSheetView.of(saved(sheet, by, request), true);
    }

    void remove(UUID id, UUID by) {
        byId(id).remove(people.byId(by), clock.instant());
    }

    @Override
    public String kind() {
        return "cut sheet";
    }

    @Override
    public List<KeptSheet> removed() {
        return sheets.findByRemovedAtIsNotNull();
    }

    @Override
    public Optional<KeptSheet> find(UUID id) {
        return sheets.findById(id);
    }

    private KeptSheet saved(KeptSheet sheet, UUID by, KeptSheetRequest r) {
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
