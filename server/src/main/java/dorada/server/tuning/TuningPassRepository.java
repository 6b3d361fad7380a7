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

    /** Taken back ones too. */
    List<TuningPass> findByInstallationIdOrderByRecordedAt(UUID installationId);

    boolean existsByInstallationIdAndNumberGreaterThan(UUID installationId, int number);

    List<TuningPass> findByInstallationIdAndNumberLessThanOrderByNumber(UUID installationId, int number);

    @Query("select p.id from TuningPass p where p.installation.id = :installation order by p.recordedAt, p.id")
    List<UUID> idsInOrder(UUID installation);

    int countByInstallationIdAndNumberLessThan(UUID installationId, int number);

    /** Taken back ones too. */
    boolean existsByInstallationIdAndVisitNumber(UUID installationId, int visitNumber);

    boolean existsByIdIn(Collection<UUID> ids);

    boolean existsByRequestKeyIn(Collection<UUID> requestKeys);

    Optional<TuningPass> findByRequestKey(UUID requestKey);

    /**
     * Inner joins first: what is joined after an outer one the database joins last, over all installations. Whether nothing was
     * loosened is asked of the few that were visited again.
     */
    String NEWEST = """
            select new dorada.server.tuning.Newest$Row(
                i.id, i.planVersion, p.id, p.number,
                p.finalSweep = true or (p.visitNumber > 1 and p.changeM = 0 and p.secondChangeM = 0
                    and exists (select 1 from Visit v where v.installation = i and v.number = p.visitNumber
                        and v.purpose = dorada.server.installation.VisitPurpose.RECHECK)
                    and not exists (select 1 from TuningPass q where q.installation = i and q.visitNumber = p.visitNumber
                        and q.number > 0 and q.oldAntenna = false and (q.changeM <> 0 or q.secondChangeM <> 0))),
                p.visitNumber = i.visitNumber, r.displayName, p.recordedAt, j.met)
            from TuningPass p join p.installation i join p.recordedBy r
            left join SavedJudgement j
                on j.passId = p.id and j.planVersion = i.planVersion and j.program = :program
            where p.newest = true""";

    /** Which pass is the newest of each installation that has one, and whether it meets its rule; no sweep is read. */
    @Query(NEWEST)
    List<Newest.Row> newestRows(String program);

    /** The same of {@code installations} alone. */
    @Query(NEWEST + " and i.id in :installations")
    List<Newest.Row> newestRowsOf(String program, Collection<UUID> installations);

    /** The same of one; a query for a list is made anew each time. */
    @Query(NEWEST + " and i.id = :installation")
    Optional<Newest.Row> newestRowOf(String program, UUID installation);

    /** Those of an installation that count, oldest first; no sweep is read. */
    @Query("""
            select new dorada.server.tuning.Newest$Worked(
                p.number, p.changeM, p.secondChangeM, p.note, r.displayName, p.oldAntenna, j.fault, j.met, p.recordedAt)
            from TuningPass p join p.recordedBy r left join SavedJudgement j on j.passId = p.id
            where p.installation.id = :installation and p.number > 0 order by p.number""")
    List<Newest.Worked> worked(UUID installation);

    /** These passes with their sweeps and plans. */
    @Query("select p from TuningPass p join fetch p.sweep join fetch p.installation where p.id in :ids")
    List<TuningPass> withSweeps(Collection<UUID> ids);
}
