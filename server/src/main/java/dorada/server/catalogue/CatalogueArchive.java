package dorada.server.catalogue;

import dorada.core.catalogue.Entry;
import dorada.core.catalogue.Sort;
import dorada.server.catalogue.CatalogueArchive.NameRecord;
import dorada.server.installation.InstallationService;
import dorada.server.people.Person;
import dorada.server.shop.ArchivedPeople;
import dorada.server.shop.ShopPart;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** The shop's names in an archive; that of one installation has those that it names. */
@Component
class CatalogueArchive implements ShopPart<NameRecord> {

    private final CatalogueEntryRepository entries;
    private final InstallationService installations;

    CatalogueArchive(CatalogueEntryRepository entries, InstallationService installations) {
        this.entries = entries;
        this.installations = installations;
    }

    record NameRecord(
            @NotNull UUID id,
            @NotNull Sort sort,
            @NotBlank @Size(max = 160) String name,
            @NotNull @Size(max = 160) String customer,
            @NotNull @Size(max = 600) String detail) {}

    @Override
    public String name() {
        return "names";
    }

    @Override
    public Class<NameRecord> type() {
        return NameRecord.class;
    }

    @Override
    public List<NameRecord> pack(Optional<UUID> installation) {
        List<Entry> named =
                installation.map(id -> installations.byId(id).named()).orElse(List.of());
        return entries.offered().stream()
                .filter(e -> installation.isEmpty() || named.stream().anyMatch(n -> n.isSameAs(e.entry())))
                .map(e -> new NameRecord(
                        e.id(),
                        e.entry().sort(),
                        e.name(),
                        e.entry().customer(),
                        e.entry().detail()))
                .toList();
    }

    @Override
    public Stream<Person> people(Optional<UUID> installation) {
        return Stream.empty();
    }

    /** What is known by that name already stays as it is known here, but for what nobody has said of it. */
    @Override
    public boolean restore(NameRecord r, ArchivedPeople people) {
        Entry entry = new Entry(r.sort(), r.name(), r.customer(), r.detail());
        Optional<CatalogueEntry> here = entries.named(entry.sort(), entry.name(), entry.customer()).stream()
                .findFirst();
        if (here.isPresent()) {
            boolean isMore =
                    here.get().entry().detail().isEmpty() && !entry.detail().isEmpty();
            if (isMore) {
                entries.saveAndFlush(here.get().set(entry));
            }
            return isMore;
        }
        entries.saveAndFlush(new CatalogueEntry(entries.existsById(r.id()) ? UUID.randomUUID() : r.id(), entry));
        return true;
    }
}
