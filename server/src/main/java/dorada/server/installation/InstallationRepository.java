package dorada.server.installation;

import dorada.core.antenna.AntennaKind;
import dorada.core.tuning.TrimPrior;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface InstallationRepository extends JpaRepository<Installation, UUID> {

    /** Those whose words contain {@code text} (lower case), newest first, without what only one that is opened needs. */
    @Query("""
            select new dorada.server.installation.InstallationRow(
                i.id, i.signedOffAt is not null, i.signOffReason is not null)
            from Installation i
            where lower(i.title) like concat('%', :text, '%') escape '\\'
               or lower(i.customer) like concat('%', :text, '%') escape '\\'
               or lower(i.carrierDetail) like concat('%', :text, '%') escape '\\'
               or lower(i.antennaDetail) like concat('%', :text, '%') escape '\\'
               or concat('fs-', lpad(cast(i.shopNumber as string), 4, '0')) like concat('%', :text, '%') escape '\\'
            order by i.shopNumber desc""")
    List<InstallationRow> search(String text);

    /** What finished antennas of {@code kind} taught; those before {@code but}. */
    @Query("""
            select new dorada.core.tuning.TrimPrior$Lesson(i.learntSetPerElectrical, i.learntDoubt)
            from Installation i
            where i.antennaKind = :kind and i.signedOffAt is not null and i.learntSetPerElectrical is not null
              and i.id <> :but""")
    List<TrimPrior.Lesson> lessons(AntennaKind kind, UUID but);

    @Query("select i.id from Installation i order by i.shopNumber")
    List<UUID> allIds();

    boolean existsByShopNumber(long shopNumber);

    @Query(value = "select next value for shop_number", nativeQuery = true)
    long nextShopNumber();
}
