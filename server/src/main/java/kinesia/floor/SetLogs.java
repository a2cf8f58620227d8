package kinesia.floor;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Stored sets. */
public interface SetLogs extends JpaRepository<SetLog, UUID> {
    List<SetLog> findBySessionIdAndUndoneFalseOrderByLoggedAt(UUID sessionId);

    List<SetLog> findBySessionIdInAndUndoneFalseOrderByLoggedAt(Collection<UUID> sessionIds);

    /** The load of the last set of each exercise in the client's ended sessions. */
    @Query(
            nativeQuery = true,
            value = "select distinct on (l.exercise_key) l.exercise_key as \"exerciseKey\", l.load_kg as \"loadKg\""
                    + " from set_log l join training_session t on t.id = l.session_id"
                    + " where t.client_id = :clientId and not l.undone and t.status not in ('PLANNED', 'RUNNING')"
                    + " order by l.exercise_key, t.visit_on desc, l.logged_at desc")
    List<UsedLoad> findLastLoads(UUID clientId);

    /** An exercise and the load it was last done with. */
    interface UsedLoad {
        String getExerciseKey();

        double getLoadKg();
    }
}
