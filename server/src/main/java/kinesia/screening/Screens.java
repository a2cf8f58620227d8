package kinesia.screening;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import kinesia.core.screening.Outcome;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Stored screens. */
public interface Screens extends JpaRepository<Screen, UUID> {
    /** What a list of the client's screens shows, newest first. */
    @Query("select s.id as id, s.takenOn as takenOn, s.takenBy as takenBy, s.outcome as outcome from Screen s"
            + " where s.clientId = :clientId order by s.takenAt desc")
    List<Line> findLines(UUID clientId);

    /** One screen as the list shows it; an outcome that cannot be read is missing. */
    interface Line {
        UUID getId();

        LocalDate getTakenOn();

        String getTakenBy();

        @Nullable
        Outcome getOutcome();
    }

    /** The latest screen of each of {@code clientIds}; clients without one are not in it. */
    @Query("select s from Screen s where s.clientId in :clientIds and s.takenAt ="
            + " (select max(t.takenAt) from Screen t where t.clientId = s.clientId)")
    List<Screen> findLatest(Collection<UUID> clientIds);

    /** All of one client, the oldest first. */
    List<Screen> findByClientIdOrderByTakenAt(UUID clientId);
}
