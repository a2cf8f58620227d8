package kinesia.floor;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored sets. */
public interface SetLogs extends JpaRepository<SetLog, UUID> {
    List<SetLog> findBySessionIdAndUndoneFalseOrderByLoggedAt(UUID sessionId);

    List<SetLog> findBySessionIdInAndUndoneFalseOrderByLoggedAt(Collection<UUID> sessionIds);
}
