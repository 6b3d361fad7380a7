package dorada.server.exercise;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface ExerciseRunRepository extends JpaRepository<ExerciseRun, UUID> {

    /** The newest first. */
    List<ExerciseRun> findByBegunByIdOrderByBegunAtDesc(UUID person, Limit most);

    List<ExerciseRun> findAllByOrderByBegunAtDesc(Limit most);

    List<ExerciseRun> findByEndedAtIsNotNull();
}
