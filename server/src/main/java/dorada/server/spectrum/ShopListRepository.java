package dorada.server.spectrum;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ShopListRepository extends JpaRepository<ShopList, UUID> {

    List<ShopList> findByRemovedAtIsNotNull();

    List<ShopList> findByRemovedAtIsNullOrderByName();

    Optional<ShopList> findByNameIgnoreCaseAndRemovedAtIsNull(String name);
}
