package dorada.server.shop;

import dorada.server.people.Person;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * What the shop keeps beside its installations, as an archive holds it. A kind of thing has one such bean, and both ways follow.
 *
 * @param <R> the record that stands in the archive
 */
public interface ShopPart<R extends Record> {

    /** Of the file, and what it is called in a report: "plans". */
    String name();

    Class<R> type();

    /** Those of {@code installation}, or all of the shop. */
    List<R> pack(Optional<UUID> installation);

    /** Who is named in them. */
    Stream<Person> people(Optional<UUID> installation);

    /** Puts one here; false where it is here already. */
    boolean restore(R archived, ArchivedPeople people);
}
