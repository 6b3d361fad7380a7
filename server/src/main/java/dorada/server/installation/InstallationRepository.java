package dorada.server.installation;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface InstallationRepository extends JpaRepository<Installation, UUID> {

    /** Inner and outer joins alike for the whole list and for a page of it. */
    String ALL_ROWS = """
            select new dorada.server.installation.InstallationRow(
                i.id, i.shopNumber, i.signedOff, s.reason is not null)
            from Installation i
            left join Visit v on v.installation = i and v.number = i.visitNumber and i.signedOff
            left join SignOff s on s.visit = v""";

    String ROWS = ALL_ROWS + " where ";

    String FOUND = "found_in(:text, i.foundWords)";

    String NEWEST_FIRST = " order by i.shopNumber desc";

    /** The first {@code most} whose words contain {@code text} (lower case), newest first; out of an index. */
    @Query("select i.id from Installation i where " + FOUND + NEWEST_FIRST + ", i.id")
    List<UUID> search(String text, Limit most);

    @Query("select count(*) from Installation i where " + FOUND)
    int countFound(String text);

    @Query(ALL_ROWS + NEWEST_FIRST)
    List<InstallationRow> rows();

    @Query(ALL_ROWS + NEWEST_FIRST)
    List<InstallationRow> rows(Pageable page);

    @Query(ROWS + "i.id in :ids" + NEWEST_FIRST)
    List<InstallationRow> rows(Collection<UUID> ids);

    /** Those of {@code ids} whose words contain {@code text} (lower case). */
    @Query(ROWS + "i.id in :ids and " + FOUND)
    List<InstallationRow> rowsFound(String text, Collection<UUID> ids);

    int countByIdIn(Collection<UUID> ids);

    /** Whether one of {@code visits} is of another than {@code installation}. */
    @Query("select count(v) > 0 from Visit v where v.id in :visits and v.installation.id <> :installation")
    boolean haveOthers(UUID installation, Collection<UUID> visits);

    String DUE = """
            select new dorada.server.installation.DueRow(
                i.id, i.shopNumber, i.title, i.customer, i.carrier, p.displayName,
                s.finding, s.limitW, s.reason, s.mendedBy, i.due.mendOn, i.due.recheckOn)
            from Installation i
            join Visit v on v.installation = i and v.number = i.visitNumber
            join SignOff s on s.visit = v join s.signedBy p
            where i.signedOff and\s""";

    /** Those that are used with a limit until something is mended, the first day first, and before them those without one. */
    @Query(DUE + "i.due.limited order by i.due.mendOn nulls first, i.shopNumber")
    List<DueRow> toMend(Limit most);

    /** Those that are looked at again until {@code day}, the first day first. */
    @Query(DUE + "i.due.recheckOn <= :day order by i.due.recheckOn, i.shopNumber")
    List<DueRow> toRecheck(LocalDate day, Limit most);

    // Of rows and not of ids: those are no part of the index.
    @Query("select count(*) from Installation i where i.due.limited")
    int countToMend();

    @Query("select count(*) from Installation i where i.due.limited and i.due.mendOn < :day")
    int countToMendBefore(LocalDate day);

    @Query("select count(*) from Installation i where i.due.recheckOn <= :day")
    int countToRecheck(LocalDate day);

    /** What each sign-off of an installation that was signed off more than once found, the oldest first. */
    @Query("""
            select new dorada.server.installation.FoundRow(i.id, i.carrier, s.signedAt, s.finding, s.movedHz)
            from SignOff s join s.visit v join v.installation i
            where i.visitNumber > 1 order by i.id, v.number""")
    List<FoundRow> found();

    /** Those of a customer that were ever signed off. */
    @Query("""
            select i.id from Installation i where lower(i.customer) = lower(:customer)
              and exists (select 1 from SignOff s where s.visit.installation = i) order by i.shopNumber""")
    List<UUID> signedOffOf(String customer);

    @Query("""
            select new dorada.server.installation.NamesRow(
                i.customer, i.carriedBy, i.antennaName, i.baseName, i.feedlineName, i.adapterName, count(i))
            from Installation i
            group by i.customer, i.carriedBy, i.antennaName, i.baseName, i.feedlineName, i.adapterName""")
    List<NamesRow> findAllNames();

    /** Those that name it, in any case. */
    @Query("""
            select i.id from Installation i where
               :sort = 'CUSTOMER' and lower(i.customer) = lower(:name)
            or :sort = 'CARRIED_BY' and lower(i.carriedBy) = lower(:name) and lower(i.customer) = lower(:customer)
            or :sort = 'ANTENNA' and lower(i.antennaName) = lower(:name)
            or :sort = 'BASE' and lower(i.baseName) = lower(:name)
            or :sort = 'FEEDLINE' and lower(i.feedlineName) = lower(:name)
            or :sort = 'ADAPTER' and lower(i.adapterName) = lower(:name)
            order by i.shopNumber""")
    List<UUID> naming(String sort, String name, String customer);

    @Query("select i.id from Installation i where i.radioId = :radio order by i.shopNumber")
    List<UUID> withRadio(UUID radio);

    @Query("select i.id from Installation i order by i.shopNumber")
    List<UUID> allIds();

    boolean existsByShopNumber(long shopNumber);

    @Query(value = "select nextval('shop_number')", nativeQuery = true)
    long nextShopNumber();
}
