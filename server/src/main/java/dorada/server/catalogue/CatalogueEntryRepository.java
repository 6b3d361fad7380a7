package dorada.server.catalogue;

import dorada.core.catalogue.Sort;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CatalogueEntryRepository extends JpaRepository<CatalogueEntry, UUID> {

    @Query("select e from CatalogueEntry e where e.removedAt is null order by lower(e.name), lower(e.customer)")
    List<CatalogueEntry> offered();

    List<CatalogueEntry> findByRemovedAtIsNotNull();

    /** Of that name in any case, retired ones too; those that are offered first. */
    @Query("""
            select e from CatalogueEntry e where e.sort = :sort and lower(e.name) = lower(:name)
              and lower(e.customer) = lower(:customer) order by e.removedAt nulls first""")
    List<CatalogueEntry> named(Sort sort, String name, String customer);

    /** What a customer has, by the customer's name. */
    @Query("select e from CatalogueEntry e where e.customer <> '' and lower(e.customer) = lower(:customer)")
    List<CatalogueEntry> of(String customer);
}
