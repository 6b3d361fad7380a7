package dorada.server.cutting;

import dorada.core.history.Happened;
import dorada.server.history.Chronicle;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Cut sheets of an installation: when each was saved last, and removed. */
@Service
@Transactional(readOnly = true)
class SheetHistory implements Chronicle {

    private final SavedSheetRepository sheets;

    SheetHistory(SavedSheetRepository sheets) {
        this.sheets = sheets;
    }

    @Override
    public List<Happening> of(UUID installation) {
        return sheets.findByInstallationId(installation).stream()
                .flatMap(t -> Chronicle.withRemoval(
                        new Happening(
                                t.changedAt(), Optional.of(t.changedBy()), List.of(Happened.SHEET_SAVED.of(t.name()))),
                        t,
                        Happened.SHEET_REMOVED))
                .toList();
    }
}
