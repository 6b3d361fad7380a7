package dorada.server.spectrum;

import dorada.core.spectrum.ServiceChannel;
import dorada.server.people.Person;
import dorada.server.shop.ArchivedPeople;
import dorada.server.shop.ShopPart;
import dorada.server.spectrum.ListArchive.ListRecord;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** The shop's channel lists in an archive; they belong to no installation. */
@Component
class ListArchive implements ShopPart<ListRecord> {

    private final ShopLists lists;
    private final ShopListRepository repository;

    ListArchive(ShopLists lists, ShopListRepository repository) {
        this.lists = lists;
        this.repository = repository;
    }

    /** @param madeBy a login */
    record ListRecord(
            @NotNull UUID id,
            @NotBlank @Size(max = 120) String name,
            @NotNull @Size(max = 300) String source,
            @NotNull @Size(max = 2000) List<@NotNull ServiceChannel> channels,
            @NotBlank String madeBy,
            @NotNull Instant madeAt) {}

    @Override
    public String name() {
        return "channel-lists";
    }

    @Override
    public Class<ListRecord> type() {
        return ListRecord.class;
    }

    private List<ShopList> of(Optional<UUID> installation) {
        return installation.isPresent() ? List.of() : lists.all();
    }

    @Override
    public List<ListRecord> pack(Optional<UUID> installation) {
        return of(installation).stream()
                .map(l -> new ListRecord(
                        l.id(), l.name(), l.source(), l.channels(), l.maker().login(), l.madeAt()))
                .toList();
    }

    @Override
    public Stream<Person> people(Optional<UUID> installation) {
        return of(installation).stream().map(ShopList::maker);
    }

    @Override
    public boolean restore(ListRecord r, ArchivedPeople people) {
        if (repository.existsById(r.id())
                || repository.findByNameIgnoreCaseAndRemovedAtIsNull(r.name()).isPresent()) {
            return false;
        }
        repository.saveAndFlush(
                new ShopList(r.id(), people.byLogin(r.madeBy()), r.madeAt()).fill(r.name(), r.source(), r.channels()));
        return true;
    }
}
