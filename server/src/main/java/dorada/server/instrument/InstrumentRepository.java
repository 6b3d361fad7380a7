package dorada.server.instrument;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface InstrumentRepository extends JpaRepository<Instrument, UUID> {

    List<Instrument> findAllByOrderByName();
}
