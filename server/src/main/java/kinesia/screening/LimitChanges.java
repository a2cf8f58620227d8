package kinesia.screening;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored changes of limits, oldest first. */
interface LimitChanges extends JpaRepository<StoredLimitChange, UUID> {
    List<StoredLimitChange> findByClientIdInOrderByMadeAt(Collection<UUID> clientIds);
}
