package dorada.server.onair;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AirCallRepository extends JpaRepository<AirCall, UUID> {

    List<AirCall> findByInstallationIdOrderByCalledAtDesc(UUID installationId);

    Optional<AirCall> findByIdAndInstallationId(UUID id, UUID installationId);
}
