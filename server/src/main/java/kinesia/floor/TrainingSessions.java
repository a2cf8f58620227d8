package kinesia.floor;

import jakarta.persistence.LockModeType;
import java.time.LocalDate;
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

    /** The day of the client's last session that ended. */
    @Query(
            "select max(t.visitOn) from TrainingSession t where t.clientId = :clientId"
                    + " and t.status not in (kinesia.floor.TrainingSession$Status.PLANNED, kinesia.floor.TrainingSession$Status.RUNNING)")
    Optional<LocalDate> findLastEnded(UUID clientId);

    /** The client's sessions from {@code from} on and before {@code before}, oldest first. */
    List<TrainingSession> findByClientIdAndVisitOnGreaterThanEqualAndVisitOnBeforeOrderByVisitOn(
            UUID clientId, LocalDate from, LocalDate before);

    Optional<TrainingSession> findFirstByClientIdAndVisitOnGreaterThanEqualOrderByVisitOn(
            UUID clientId, LocalDate from);

    boolean existsByClientIdAndVisitOnBefore(UUID clientId, LocalDate day);

    /** How many sessions each of the clients has ended; those without one are not in it. */
    @Query("select t.clientId as clientId, count(t) as ended from TrainingSession t where t.clientId in :clientIds"
            + " and t.status not in (kinesia.floor.TrainingSession$Status.PLANNED, kinesia.floor.TrainingSession$Status.RUNNING)"
            + " group by t.clientId")
    List<Ended> countEnded(Collection<UUID> clientIds);

    /** A client and the number of ended sessions. */
    interface Ended {
        UUID getClientId();

        long getEnded();
    }

    /**
     * Each client's sessions in the window of {@code days} before the last one, without what was said of their plans, which is
     * most of each row; for reading only.
     */
    @Query(
            "select new kinesia.floor.TrainingSession(t.id, t.clientId, t.visitOn, t.status, t.soreSites, t.door, t.rightAfter)"
                    + " from TrainingSession t where t.clientId in :clientIds and t.visitOn >="
                    + " (select max(u.visitOn) from TrainingSession u where u.clientId = t.clientId and u.status not in"
                    + " (kinesia.floor.TrainingSession$Status.PLANNED, kinesia.floor.TrainingSession$Status.RUNNING)) - :days day"
                    + " order by t.visitOn")
    List<TrainingSession> findOutlines(Collection<UUID> clientIds, long days);

    List<TrainingSession> findByClientIdInAndStatusIn(
            Collection<UUID> clientIds, Collection<TrainingSession.Status> status);

    Optional<TrainingSession> findFirstByClientIdAndStatusIn(UUID clientId, Collection<TrainingSession.Status> status);
}
