package dorada.server.cutting;

import dorada.server.cutting.SavedSheet.ReallyCut;
import dorada.server.cutting.SheetArchive.SheetRecord;
import dorada.server.installation.InstallationService;
import dorada.server.people.Person;
import dorada.server.shop.ArchivedPeople;
import dorada.server.shop.ShopPart;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Kept cut sheets in an archive. */
@Component
class SheetArchive implements ShopPart<SheetRecord> {

    private final SavedSheets sheets;
    private final SavedSheetRepository repository;
    private final InstallationService installations;

    SheetArchive(SavedSheets sheets, SavedSheetRepository repository, InstallationService installations) {
        this.sheets = sheets;
        this.repository = repository;
        this.installations = installations;
    }

    /** @param changedBy a login */
    record SheetRecord(
            @NotNull UUID id,
            @NotBlank @Size(max = 160) String name,
            UUID installation,
            @NotBlank @Size(max = 60) String kind,
            @NotNull @Size(max = 10_000) String body,
            @NotNull @Size(max = 60) List<@NotBlank @Size(max = 60) String> done,
            @NotNull @Size(max = 60) List<@NotNull ReallyCut> cuts,
            @NotBlank String changedBy,
            @NotNull Instant changedAt) {}

    @Override
    public String name() {
        return "cut-sheets";
    }

    @Override
    public Class<SheetRecord> type() {
        return SheetRecord.class;
    }

    @Override
    public List<SheetRecord> pack(Optional<UUID> installation) {
        return sheets.all(installation).stream()
                .map(s -> new SheetRecord(
                        s.id(),
                        s.name(),
                        s.installation().map(i -> i.id()).orElse(null),
                        s.kind(),
                        s.body(),
                        List.copyOf(s.done()),
                        List.copyOf(s.cuts()),
                        s.changer().login(),
                        s.changedAt()))
                .toList();
    }

    @Override
    public Stream<Person> people(Optional<UUID> installation) {
        return sheets.all(installation).stream().map(SavedSheet::changer);
    }

    @Override
    public boolean restore(SheetRecord r, ArchivedPeople people) {
        if (repository.existsById(r.id())) {
            return false;
        }
        repository.saveAndFlush(SavedSheet.restored(
                r,
                Optional.ofNullable(r.installation())
                        .filter(installations::isKnown)
                        .map(installations::byId),
                people.byLogin(r.changedBy())));
        return true;
    }
}
