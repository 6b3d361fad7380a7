package dorada.server.calibration;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalibrationRepository extends JpaRepository<KeptCalibration, UUID> {

    List<KeptCalibration> findByRemovedAtIsNullOrderByMadeAtDesc();

    List<KeptCalibration> findByRemovedAtIsNotNull();
}
