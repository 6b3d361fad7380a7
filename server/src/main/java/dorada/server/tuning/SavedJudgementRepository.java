package dorada.server.tuning;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SavedJudgementRepository extends JpaRepository<SavedJudgement, UUID> {

    /**
     * A pass that counts, with what is kept of it.
     *
     * @param says null where nothing is kept by this plan and program
     */
    record Row(UUID pass, boolean hasPhoto, String recordedBy, byte[] says) {}

    /** The passes of an installation that count, in order; no sweep is read. */
    @Query("""
            select new dorada.server.tuning.SavedJudgementRepository$Row(
                p.id, p.hasPhoto, r.displayName, j.says)
            from TuningPass p join p.installation i join p.recordedBy r
            left join SavedJudgement j
                on j.passId = p.id and j.planVersion = i.planVersion and j.program = :program
            where i.id = :installation and p.number > 0 order by p.number""")
    List<Row> rows(UUID installation, String program);

    /** Installations with a pass that counts and isn't judged by its plan and this program. */
    @Query("""
            select distinct i.id from TuningPass p join p.installation i
            where p.number > 0 and not exists (
                select 1 from SavedJudgement j
                where j.passId = p.id and j.planVersion = i.planVersion and j.program = :program)""")
    List<UUID> installationsToJudge(String program);

    @Modifying(flushAutomatically = true)
    @Query(
            "delete SavedJudgement j where j.passId in (select p.id from TuningPass p where p.installation.id = :installation)")
    void deleteOf(UUID installation);

    List<SavedJudgement> findByPassIdIn(Collection<UUID> passes);
}
