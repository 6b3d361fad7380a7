package dorada.server.people;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AccessTokenRepository extends JpaRepository<AccessToken, UUID> {

    Optional<AccessToken> findByTokenHash(String tokenHash);

    void deleteByPersonId(UUID personId);

    List<AccessToken> findByPersonIdOrderByCreatedAt(UUID personId);
}
