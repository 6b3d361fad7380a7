package dorada.server.radio;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RadioCheckRepository extends JpaRepository<RadioCheck, UUID> {

    List<RadioCheck> findByRadioIdOrderByCheckedAtDesc(UUID radioId);

    List<RadioCheck> findByRadioId(UUID radioId);

    List<RadioCheck> findByRadioIdInOrderByCheckedAt(Collection<UUID> radioIds);

    Optional<RadioCheck> findByIdAndRadioId(UUID id, UUID radioId);
}
