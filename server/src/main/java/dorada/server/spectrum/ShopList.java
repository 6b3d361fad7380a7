package dorada.server.spectrum;

import dorada.core.spectrum.ServiceChannel;
import dorada.server.people.Person;
import dorada.server.removed.Removable;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** Channels that the shop has added: a customer's network, a harbour, a club. */
@Entity
class ShopList extends Removable {

    @Id
    private UUID id;

    private String name;
    private String source;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "shop_list_channel", joinColumns = @JoinColumn(name = "list_id"))
    @OrderColumn(name = "position")
    private List<ListedChannel> channels = new ArrayList<>();

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "made_by")
    private Person madeBy;

    private Instant madeAt;

    @Version
    private long version;

    protected ShopList() {}

    ShopList(Person by, Instant at) {
        this(UUID.randomUUID(), by, at);
    }

    ShopList(UUID id, Person by, Instant at) {
        this.id = id;
        madeBy = by;
        madeAt = at;
    }

    final ShopList fill(String newName, String newSource, List<ServiceChannel> parsed) {
        name = newName;
        source = newSource;
        channels.clear();
        parsed.stream().map(ListedChannel::of).forEach(channels::add);
        return this;
    }

    @Override
    public UUID id() {
        return id;
    }

    @Override
    public String name() {
        return name;
    }

    String source() {
        return source;
    }

    List<ServiceChannel> channels() {
        return channels.stream().map(ListedChannel::channel).toList();
    }

    Person maker() {
        return madeBy;
    }

    String madeBy() {
        return madeBy.displayName();
    }

    Instant madeAt() {
        return madeAt;
    }

    long version() {
        return version;
    }
}
