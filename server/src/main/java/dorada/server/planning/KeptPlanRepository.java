package dorada.server.planning;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeptPlanRepository extends JpaRepository<KeptPlan, UUID> {

    List<KeptPlan> findByRemovedAtIsNullOrderByChangedAtDesc();

    List<KeptPlan> findByInstallationIdAndRemovedAtIsNullOrderByChangedAtDesc(UUID installationId);

    List<KeptPlan> findByRemovedAtIsNotNull();
}
