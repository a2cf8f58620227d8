package kinesia.screening;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored clearances. */
interface Clearances extends JpaRepository<StoredClearance, UUID> {
    List<StoredClearance> findByClientIdOrderByRecordedAt(UUID clientId);

    List<StoredClearance> findByClientIdInOrderByRecordedAt(Collection<UUID> clientIds);
}
