package dorada.server.tuning;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PassPhotoRepository extends JpaRepository<PassPhoto, UUID> {

    /**
     * When each was kept, without what it shows.
     *
     * @param by null where nobody knows any more
     */
    record Kept(UUID passId, Instant at, String by) {}

    @Query("""
            select new dorada.server.tuning.PassPhotoRepository$Kept(p.passId, p.keptAt, b.displayName)
            from PassPhoto p left join p.keptBy b
            where p.passId in (select t.id from TuningPass t where t.installation.id = :installation)""")
    List<Kept> keptOf(UUID installation);

    Optional<PassPhoto> findFirstByPassIdOrderByKeptAtDesc(UUID passId);
}
