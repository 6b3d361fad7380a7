package dorada.server.book;

import dorada.core.acceptance.Progress;
import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import dorada.core.book.Finished;
import dorada.core.book.ShopNumbers;
import dorada.core.book.Traits;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface BookRepository extends JpaRepository<BookEntry, UUID> {

    /** Installations whose row is missing, or made of something older. */
    @Query("""
            select i.id from Installation i where not exists (
                select 1 from BookEntry b where b.installationId = i.id and b.version = i.version
                  and b.passCount = (select count(p) from TuningPass p where p.installation = i))
            order by i.shopNumber desc""")
    List<UUID> stale();

    /** Whose row another program has written. */
    @Query("select b.installationId from BookEntry b where b.program <> :program order by b.shopNumber desc")
    List<UUID> ofOthers(String program);

    @Query("select count(p) from TuningPass p where p.installation.id = :installation")
    int passCount(UUID installation);

    /** What one that is signed off came to; nothing that anybody wrote about it. */
    record Row(
            UUID id,
            AntennaKind kind,
            double middleHz,
            Carrier carrier,
            String mount,
            String antenna,
            Double finalLengthM,
            Double lengthRatio,
            Double lengthRatioDoubt,
            int changes,
            boolean isMet,
            Instant signedAt) {

        Finished<UUID> finished() {
            return new Finished<>(
                    id,
                    new Traits(kind, middleHz, carrier, mount, antenna),
                    finalLengthM == null ? OptionalDouble.empty() : OptionalDouble.of(finalLengthM),
                    BookEntry.lesson(lengthRatio, lengthRatioDoubt),
                    changes,
                    isMet,
                    signedAt);
        }
    }

    String ROWS = """
            select new dorada.server.book.BookRepository$Row(
                b.installationId, b.kind, b.middleHz, b.carrier, b.mount, b.antenna, b.finalLengthM, b.lengthRatio,
                b.lengthRatioDoubt, b.changes, b.met, b.signedAt)
            from BookEntry b
            where b.signedAt is not null\s""";

    /** Those of {@code ids} that are signed off. */
    @Query(ROWS + "and b.installationId in :ids")
    List<Row> finished(Collection<UUID> ids);

    /** Those of one kind that are signed off, the newest first. */
    @Query(ROWS + "and b.kind = :kind order by b.signedAt desc")
    List<Row> finished(AntennaKind kind, Limit most);

    /** What a job came to, for the numbers of the shop. */
    record JobRow(
            Instant plannedAt,
            Instant signedAt,
            Instant touchedAt,
            int changes,
            int readings,
            double cutOffM,
            int overshoots,
            String faults) {

        ShopNumbers.Job job() {
            return new ShopNumbers.Job(
                    plannedAt,
                    Optional.ofNullable(signedAt),
                    touchedAt,
                    changes,
                    readings,
                    cutOffM,
                    overshoots,
                    BookEntry.faults(faults));
        }
    }

    /** Those that were touched since; those whose row is not yet what it should be are missing. */
    @Query("""
            select new dorada.server.book.BookRepository$JobRow(
                b.plannedAt, b.signedAt, b.touchedAt, b.changes, b.readings, b.cutOffM, b.overshoots, b.faults)
            from BookEntry b where b.touchedAt >= :since and b.plannedAt is not null""")
    List<JobRow> jobs(Instant since);

    /** When those in one state were touched last, the earliest first: {@code most} from number {@code from} on, counted from 0. */
    @Query(
            "select b.touchedAt from BookEntry b where b.state = :state order by b.state, b.touchedAt limit :most offset :from")
    List<Instant> touched(Progress state, int from, int most);

    /** Of rows and not of ids: those are no part of the index. */
    @Query("select count(*) from BookEntry b where b.state = :state")
    int countByState(Progress state);

    /** How many are in one state. */
    record StateRow(Progress state, long count) {}

    int countByInstallationIdIn(Collection<UUID> ids);

    String FOUND_BUT = "found_in(:text, b.foundWords) and b.installationId not in :but ";

    /** Of those whose words contain {@code text} (lower case), without {@code but}; out of an index. */
    @Query("select new dorada.server.book.BookRepository$StateRow(b.state, count(b.state)) from BookEntry b where "
            + FOUND_BUT + "group by b.state")
    List<StateRow> countStates(String text, Collection<UUID> but);

    String STANDING = """
            select new dorada.server.book.Standings$Standing(b.installationId, b.shopNumber, b.state)
            from BookEntry b\s""";

    @Query(STANDING)
    List<Standings.Standing> standing();

    @Query(STANDING + "where b.installationId in :ids")
    List<Standings.Standing> standing(Collection<UUID> ids);

    @Query("select count(b.state) from BookEntry b where b.state = :state and " + FOUND_BUT)
    int count(Progress state, String text, Collection<UUID> but);

    /** The same in one state, the newest first; the order begins as the index does, or H2 would sort them all. */
    @Query(STANDING + "where b.state = :state and " + FOUND_BUT + "order by b.state, b.shopNumber desc")
    List<Standings.Standing> standing(Progress state, String text, Collection<UUID> but, Limit most);

    /** What tells a sweep that came as a file to which installation it belongs. */
    record NamedRow(UUID id, long shopNumber, String title, String channels, Progress state, Instant touchedAt) {}

    /** All that are in one of some states, and those with one of some numbers; nothing that anybody wrote about them. */
    @Query("""
            select new dorada.server.book.BookRepository$NamedRow(
                b.installationId, b.shopNumber, b.title, b.channels, b.state, b.touchedAt)
            from BookEntry b where b.state in :states or b.shopNumber in :numbers""")
    List<NamedRow> named(Collection<Progress> states, Collection<Long> numbers);

    /** Those of one customer with the same kind, carrier and channels: one plan, fitted many times. */
    @Query("""
            select b from BookEntry b, BookEntry one where one.installationId = :id
              and lower(b.customer) = lower(one.customer) and b.kind = one.kind and b.carrier = one.carrier
              and b.middleHz = one.middleHz order by b.shopNumber""")
    List<BookEntry> besides(UUID id);

    /** How many rows are not yet what they should be. */
    @Query("select count(*) from BookEntry b where b.plannedAt is null")
    int unwritten();

    @Query("select max(b.builtAt) from BookEntry b")
    Instant newest();

    /** Whose rows were written since. */
    @Query("select b.installationId from BookEntry b where b.builtAt >= :since")
    List<UUID> since(Instant since);
}
