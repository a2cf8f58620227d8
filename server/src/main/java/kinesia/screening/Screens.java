package kinesia.screening;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Stored screens. */
public interface Screens extends JpaRepository<Screen, UUID> {
    Optional<Screen> findFirstByClientIdOrderByTakenAtDesc(UUID clientId);

    List<Screen> findByClientIdOrderByTakenAt(UUID clientId);

    /** The latest screen of each of {@code clientIds}; clients without one are not in it. */
    @Query("select s from Screen s where s.clientId in :clientIds and s.takenAt ="
            + " (select max(t.takenAt) from Screen t where t.clientId = s.clientId)")
    List<Screen> findLatest(Collection<UUID> clientIds);
}
