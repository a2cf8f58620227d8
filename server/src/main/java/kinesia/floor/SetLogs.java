package kinesia.floor;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kinesia.core.arm.Side;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Stored sets. */
public interface SetLogs extends JpaRepository<SetLog, UUID> {
    /** A set without its faults, as a record is read. */
    String DONE =
            "new kinesia.floor.SetLog(l.sessionId, l.exerciseKey, l.side, l.setNumber, l.loadKg, l.loadLabel, l.reps,"
                    + " l.effort, l.effortSaid, l.pain, l.painSite, l.painSide, l.painKind)";

    List<SetLog> findBySessionIdAndUndoneFalseOrderByLoggedAt(UUID sessionId);

    List<SetLog> findBySessionIdAndExerciseKeyAndUndoneFalseOrderByLoggedAt(UUID sessionId, String exerciseKey);

    /** What was done in the sessions, in order, without the faults that were seen; for reading only. */
    @Query("select " + DONE + " from SetLog l where l.sessionId in :sessionIds and not l.undone order by l.loggedAt")
    List<SetLog> findDone(Collection<UUID> sessionIds);

    /** What the client's arms did singly at the last visit before {@code day} at which they did, in order; for reading only. */
    @Query("select " + DONE + " from SetLog l join TrainingSession t on t.id = l.sessionId where t.clientId = :clientId"
            + " and not l.undone and l.side is not null and t.visitOn = (select max(u.visitOn) from SetLog m"
            + " join TrainingSession u on u.id = m.sessionId where u.clientId = :clientId and u.visitOn < :day"
            + " and not m.undone and m.side is not null) order by l.loggedAt")
    List<SetLog> findLastArmByArm(UUID clientId, LocalDate day);

    /** The numbers that the session's sets of one exercise and arm have. */
    @Query("select l.setNumber from SetLog l where l.sessionId = :sessionId and not l.undone"
            + " and l.exerciseKey = :exerciseKey and coalesce(cast(l.side as string), '') = :side")
    List<Integer> findNumbers(UUID sessionId, String exerciseKey, String side);

    Optional<SetLog> findFirstBySessionIdAndUndoneFalseAndExerciseKeyAndSideAndSetNumber(
            UUID sessionId, String exerciseKey, @Nullable Side side, int setNumber);

    /** Of the sessions' sets those that hurt and those of sessions from {@code since} on. */
    @Query("select " + DONE + " from SetLog l join TrainingSession t on t.id = l.sessionId where t.id in :sessionIds"
            + " and not l.undone and (l.pain > 0 or t.visitOn >= :since) order by l.loggedAt")
    List<SetLog> findThatHurtOrSince(Collection<UUID> sessionIds, LocalDate since);

    /** How many sets of each session stand; those without one are not in it. */
    @Query("select l.sessionId as sessionId, count(l) as sets from SetLog l where l.sessionId in :sessionIds"
            + " and not l.undone group by l.sessionId")
    List<Count> countBySession(Collection<UUID> sessionIds);

    /** A session and the number of its sets. */
    interface Count {
        UUID getSessionId();

        long getSets();
    }

    /** The load of the last set of each exercise in the client's ended sessions from {@code from} on. */
    @Query(
            nativeQuery = true,
            value = "select distinct on (l.exercise_key) l.exercise_key as \"exerciseKey\", l.load_kg as \"loadKg\""
                    + " from set_log l join training_session t on t.id = l.session_id"
                    + " where t.client_id = :clientId and t.visit_on >= :from and not l.undone and t.status not in ('PLANNED', 'RUNNING')"
                    + " order by l.exercise_key, t.visit_on desc, l.logged_at desc")
    List<UsedLoad> findLastLoads(UUID clientId, LocalDate from);

    /** An exercise and the load it was last done with. */
    interface UsedLoad {
        String getExerciseKey();

        double getLoadKg();
    }
}
