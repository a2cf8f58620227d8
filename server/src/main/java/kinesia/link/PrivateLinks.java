package kinesia.link;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

/** Stored links. */
interface PrivateLinks extends JpaRepository<PrivateLink, UUID> {
    Optional<PrivateLink> findByTokenHash(String tokenHash);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<PrivateLink> findWithLockByTokenHash(String tokenHash);

    List<PrivateLink> findByClientId(UUID clientId);
}
