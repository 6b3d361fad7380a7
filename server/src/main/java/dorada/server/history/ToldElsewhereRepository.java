package dorada.server.history;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ToldElsewhereRepository extends JpaRepository<ToldElsewhere, UUID> {

    List<ToldElsewhere> findByInstallationIdOrderByAtAscNumberAsc(UUID installation);
}
