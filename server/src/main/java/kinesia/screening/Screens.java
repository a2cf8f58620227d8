package kinesia.screening;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored screens. */
public interface Screens extends JpaRepository<Screen, UUID> {
    Optional<Screen> findFirstByClientIdOrderByTakenAtDesc(UUID clientId);

    List<Screen> findByClientIdOrderByTakenAt(UUID clientId);
}
