package dorada.server.radio;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RadioRepository extends JpaRepository<Radio, UUID> {

    List<Radio> findByRemovedAtIsNullOrderByName();

    List<Radio> findByRemovedAtIsNotNull();

    Optional<Radio> findByNameIgnoreCaseAndRemovedAtIsNull(String name);
}
