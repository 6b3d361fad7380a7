package dorada.server.lesson;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ShopLessonRepository extends JpaRepository<ShopLesson, UUID> {

    List<ShopLesson> findByInstallationId(UUID installationId);

    List<ShopLesson> findByRemovedAtIsNotNull();

    List<ShopLesson> findByRemovedAtIsNullOrderByLearntAtDesc();
}
