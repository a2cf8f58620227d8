package kinesia.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** What trainers answered to changes. */
interface StoredRulings extends JpaRepository<StoredRuling, UUID> {
    List<StoredRuling> findByClientIdAndAfterVisitOrderByMadeAt(UUID clientId, LocalDate afterVisit);

    List<StoredRuling> findByRoomIdOrderByMadeAt(UUID roomId);
}
