package dorada.server.planning;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlanRepository extends JpaRepository<Plan, UUID> {

    List<Plan> findByRemovedAtIsNullOrderByChangedAtDesc();

    List<Plan> findByInstallationIdAndRemovedAtIsNullOrderByChangedAtDesc(UUID installationId);

    List<Plan> findByInstallationId(UUID installationId);

    List<Plan> findByRemovedAtIsNotNull();
}
