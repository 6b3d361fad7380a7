package dorada.server.tuning;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PassPhotoRepository extends JpaRepository<PassPhoto, UUID> {

    Optional<PassPhoto> findFirstByPassIdOrderByKeptAtDesc(UUID passId);
}
