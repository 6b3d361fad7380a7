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
     * @param number of its pass; 0 where that was taken back
     * @param by null where nobody knows any more
     */
    record Kept(int number, Instant at, String by) {}

    @Query("""
            select new dorada.server.tuning.PassPhotoRepository$Kept(t.number, p.keptAt, b.displayName)
            from PassPhoto p join TuningPass t on t.id = p.passId left join p.keptBy b
            where t.installation.id = :installation""")
    List<Kept> keptOf(UUID installation);

    Optional<PassPhoto> findFirstByPassIdOrderByKeptAtDesc(UUID passId);
}
