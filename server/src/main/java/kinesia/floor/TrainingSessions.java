package kinesia.floor;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Stored sessions. */
public interface TrainingSessions extends JpaRepository<TrainingSession, UUID> {
    /** The session as it stands now, held until the transaction ends: a set, a finish and a stop come one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from TrainingSession s where s.id = :id")
    Optional<TrainingSession> lock(UUID id);

    List<TrainingSession> findByClientIdOrderByVisitOnAscFinishedAtAsc(UUID clientId);

    List<TrainingSession> findByClientIdInOrderByVisitOnAsc(Collection<UUID> clientIds);

    /** The clients' sessions without what was said of their plans, which is most of each row; for reading only. */
    @Query("select new kinesia.floor.TrainingSession(t.id, t.clientId, t.visitOn, t.status, t.soreSites, t.door)"
            + " from TrainingSession t where t.clientId in :clientIds order by t.visitOn")
    List<TrainingSession> findOutlines(Collection<UUID> clientIds);

    List<TrainingSession> findByClientIdInAndStatusIn(
            Collection<UUID> clientIds, Collection<TrainingSession.Status> status);

    Optional<TrainingSession> findFirstByClientIdAndStatusIn(UUID clientId, Collection<TrainingSession.Status> status);
}
