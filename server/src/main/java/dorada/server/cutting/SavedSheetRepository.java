package dorada.server.cutting;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SavedSheetRepository extends JpaRepository<SavedSheet, UUID> {

    List<SavedSheet> findByRemovedAtIsNullOrderByChangedAtDesc();

    List<SavedSheet> findByInstallationIdAndRemovedAtIsNullOrderByChangedAtDesc(UUID installation);

    List<SavedSheet> findByInstallationId(UUID installation);

    List<SavedSheet> findByRemovedAtIsNotNull();
}
