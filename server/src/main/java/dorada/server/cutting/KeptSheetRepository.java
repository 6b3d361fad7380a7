package dorada.server.cutting;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeptSheetRepository extends JpaRepository<KeptSheet, UUID> {

    List<KeptSheet> findByRemovedAtIsNullOrderByChangedAtDesc();

    List<KeptSheet> findByInstallationIdAndRemovedAtIsNullOrderByChangedAtDesc(UUID installation);

    List<KeptSheet> findByRemovedAtIsNotNull();
}
