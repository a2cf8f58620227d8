package kinesia.floor;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored notes. */
interface SessionNotes extends JpaRepository<SessionNote, UUID> {
    List<SessionNote> findBySessionIdOrderByMadeAt(UUID sessionId);
}
