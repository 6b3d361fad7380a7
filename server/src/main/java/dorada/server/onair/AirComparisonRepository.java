package dorada.server.onair;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AirComparisonRepository extends JpaRepository<AirComparison, UUID> {

    List<AirComparison> findByInstallationIdOrderByBegunAtDesc(UUID installationId);

    Optional<AirComparison> findByIdAndInstallationId(UUID id, UUID installationId);
}
