package kinesia.floor;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored set-ups. */
interface SetUps extends JpaRepository<StoredSetUp, UUID> {
    List<StoredSetUp> findByClientId(UUID clientId);

    Optional<StoredSetUp> findByClientIdAndExerciseKey(UUID clientId, String exerciseKey);
}
