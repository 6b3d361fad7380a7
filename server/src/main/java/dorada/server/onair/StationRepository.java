package dorada.server.onair;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StationRepository extends JpaRepository<Station, UUID> {

    List<Station> findByRemovedAtIsNullOrderByName();

    List<Station> findByRemovedAtIsNotNull();

    Optional<Station> findByNameIgnoreCaseAndRemovedAtIsNull(String name);
}
