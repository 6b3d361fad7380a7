package dorada.server.spectrum;

import dorada.core.spectrum.ChannelList;
import dorada.server.people.PeopleService;
import dorada.server.problem.Missing;
import dorada.server.problem.UserProblem;
import dorada.server.removed.Removable;
import dorada.server.removed.RemovedKind;
import dorada.server.removed.Shelf;
import dorada.server.spectrum.ShopListController.ListRequest;
import dorada.server.spectrum.ShopListController.ShopListView;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop's own channel lists: kept, changed, removed. */
@Service
@Transactional
class ShopLists implements Shelf {

    private final ShopListRepository lists;
    private final PeopleService people;
    private final Clock clock;

    ShopLists(ShopListRepository lists, PeopleService people, Clock clock) {
        this.lists = lists;
        this.people = people;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<ShopList> all() {
        return lists.findByRemovedAtIsNullOrderByName();
    }

    ShopList add(UUID by, ListRequest request) {
        return saved(new ShopList(people.byId(by), clock.instant()), request);
    }

    ShopListView change(UUID id, long version, ListRequest request) {
        ShopList list = byId(id);
        if (list.version() != version) {
            throw UserProblem.stale(ShopListView.of(list), request);
        }
        return ShopListView.of(saved(list, request));
    }

    void remove(UUID id, UUID by) {
        byId(id).remove(people.byId(by), clock.instant());
    }

    @Override
    public RemovedKind kind() {
        return RemovedKind.CHANNEL_LIST;
    }

    @Override
    public List<ShopList> removed() {
        return lists.findByRemovedAtIsNotNull();
    }

    @Override
    public Optional<ShopList> find(UUID id) {
        return lists.findById(id);
    }

    @Override
    public boolean isNameTaken(Removable thing) {
        return lists.findByNameIgnoreCaseAndRemovedAtIsNull(thing.name()).isPresent();
    }

    private ShopList saved(ShopList list, ListRequest request) {
        String name = request.name().strip();
        lists.findByNameIgnoreCaseAndRemovedAtIsNull(name)
                .filter(other -> !other.id().equals(list.id()))
                .ifPresent(other -> {
                    throw UserProblem.atField("name", Refused.NAME_TAKEN.of(other.name()));
                });
        try {
            list.fill(name, request.source().strip(), ChannelList.parse(request.text()));
        } catch (ChannelList.LineException e) {
            throw UserProblem.inFile(e);
        }
        return lists.saveAndFlush(list);
    }

    private ShopList byId(UUID id) {
        return lists.findById(id)
                .filter(l -> l.removedAt().isEmpty())
                .orElseThrow(() -> UserProblem.notFound(Missing.CHANNEL_LIST));
    }
}
