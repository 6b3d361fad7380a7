package dorada.server.instrument;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface InstrumentRepository extends JpaRepository<Instrument, UUID> {

    List<Instrument> findByRemovedAtIsNullOrderByName();

    List<Instrument> findByRemovedAtIsNotNull();

    Optional<Instrument> findByNameIgnoreCaseAndRemovedAtIsNull(String name);
}
