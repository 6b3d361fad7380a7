package dorada.server.sweep;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StoredSweepRepository extends JpaRepository<StoredSweep, UUID> {}
