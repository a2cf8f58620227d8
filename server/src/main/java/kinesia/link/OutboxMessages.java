package kinesia.link;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored messages. */
interface OutboxMessages extends JpaRepository<OutboxMessage, UUID> {
    List<OutboxMessage> findByRoomIdOrderByDueOnDescMadeAtDesc(UUID roomId, Limit most);
}
