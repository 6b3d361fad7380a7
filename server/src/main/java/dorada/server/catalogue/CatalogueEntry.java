package dorada.server.catalogue;

import dorada.core.catalogue.Entry;
import dorada.core.catalogue.Sort;
import dorada.server.removed.Removable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.UUID;

/** One name that the shop knows. Retired is removed: it is offered no more, and stays where it is named. */
@Entity
class CatalogueEntry extends Removable {

    @Id
    private UUID id;

    @Version
    private Long version;

    @Enumerated(EnumType.STRING)
    @Column(length = 20)
    private Sort sort;

    private String name;
    private String customer;
    private String detail;

    protected CatalogueEntry() {}

    CatalogueEntry(UUID id, Entry entry) {
        this.id = id;
        set(entry);
    }

    final CatalogueEntry set(Entry entry) {
        sort = entry.sort();
        name = entry.name();
        customer = entry.customer();
        detail = entry.detail();
        return this;
    }

    Entry entry() {
        return new Entry(sort, name, customer, detail);
    }

    @Override
    public UUID id() {
        return id;
    }

    @Override
    public String name() {
        return name;
    }

    long version() {
        return version;
    }
}
