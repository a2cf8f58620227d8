package kinesia.screening;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Stored screens. */
public interface Screens extends JpaRepository<Screen, UUID> {
    Optional<Screen> findFirstByClientIdOrderByTakenAtDesc(UUID clientId);

    /** The client's screens by name: what the list of them shows, newest first. */
    @Query(
            nativeQuery = true,
            value = "select s.id, s.taken_on as \"takenOn\", s.taken_by as \"takenBy\","
                    + " s.assessment -> 'document' ->> 'outcome' as outcome"
                    + " from screen s where s.client_id = :clientId order by s.taken_at desc")
    List<Line> findLines(UUID clientId);

    /** One screen as the list shows it; an outcome that cannot be read is missing. */
    interface Line {
        UUID getId();

        LocalDate getTakenOn();

        String getTakenBy();

        @Nullable
        String getOutcome();
    }

    /** The latest screen of each of {@code clientIds}; clients without one are not in it. */
    @Query("select s from Screen s where s.clientId in :clientIds and s.takenAt ="
            + " (select max(t.takenAt) from Screen t where t.clientId = s.clientId)")
    List<Screen> findLatest(Collection<UUID> clientIds);
}
