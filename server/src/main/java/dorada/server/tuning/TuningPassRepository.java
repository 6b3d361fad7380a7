package dorada.server.tuning;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface TuningPassRepository extends JpaRepository<TuningPass, UUID> {

    List<TuningPass> findByInstallationIdOrderByNumber(UUID installationId);

    Optional<TuningPass> findByRequestKey(UUID requestKey);

    /** The newest pass of each of these installations, with its sweep. */
    @Query("""
            select p from TuningPass p join fetch p.sweep join fetch p.recordedBy
            where p.installation.id in :installations
              and p.number = (select max(q.number) from TuningPass q where q.installation = p.installation)""")
    List<TuningPass> newestOf(Collection<UUID> installations);
}
