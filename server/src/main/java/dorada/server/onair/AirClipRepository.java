package dorada.server.onair;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AirClipRepository extends JpaRepository<AirClip, UUID> {}
