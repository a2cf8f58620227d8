package kinesia.link;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Stored sessions to be done alone. */
interface HomeSessions extends JpaRepository<HomeSession, UUID> {
    List<HomeSession> findByClientIdOrderByDueOnDesc(UUID clientId);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select h from HomeSession h where h.id = :id")
    Optional<HomeSession> lock(UUID id);
}
