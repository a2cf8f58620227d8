package kinesia.floor;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored sessions. */
public interface TrainingSessions extends JpaRepository<TrainingSession, UUID> {
    List<TrainingSession> findByClientIdOrderByVisitOnAscFinishedAtAsc(UUID clientId);

    List<TrainingSession> findByClientIdInOrderByVisitOnAsc(Collection<UUID> clientIds);

    List<TrainingSession> findByClientIdInAndStatusIn(
            Collection<UUID> clientIds, Collection<TrainingSession.Status> status);

    Optional<TrainingSession> findFirstByClientIdAndStatusIn(UUID clientId, Collection<TrainingSession.Status> status);
}
