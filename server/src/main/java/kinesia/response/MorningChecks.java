package kinesia.response;

import java.util.Collection;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Stored morning checks. */
public interface MorningChecks extends JpaRepository<MorningCheck, UUID> {
    /** Those of the sessions whose morning was answered. */
    @Query("select m.sessionId from MorningCheck m where m.sessionId in :sessionIds")
    Set<UUID> findAnswered(Collection<UUID> sessionIds);
}
