package dorada.server.tuning;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface TuningPassRepository extends JpaRepository<TuningPass, UUID> {

    /** Those that count: a pass that was taken back has a number below 0. */
    List<TuningPass> findByInstallationIdAndNumberGreaterThanOrderByNumber(UUID installationId, int number);

    int countByInstallationIdAndNumberLessThan(UUID installationId, int number);

    Optional<TuningPass> findByRequestKey(UUID requestKey);

    /** The newest pass of each of these installations, with its sweep. */
    @Query("""
            select p from TuningPass p join fetch p.sweep join fetch p.recordedBy
            where p.installation.id in :installations and p.number > 0
              and p.number = (select max(q.number) from TuningPass q where q.installation = p.installation)""")
    List<TuningPass> newestOf(Collection<UUID> installations);
}
