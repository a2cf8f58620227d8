package kinesia.plan;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored templates. */
interface SessionTemplates extends JpaRepository<SessionTemplate, UUID> {
    List<SessionTemplate> findByRoomIdOrderByName(UUID roomId);
}
