package dorada.server.calibration;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalibrationRepository extends JpaRepository<SavedCalibration, UUID> {

    List<SavedCalibration> findByRemovedAtIsNullOrderByMadeAtDesc();

    List<SavedCalibration> findByRemovedAtIsNotNull();

    List<SavedCalibration> findByInstrumentIgnoreCase(String instrument);
}
