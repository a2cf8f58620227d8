package kinesia.room;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored places. */
public interface Places extends JpaRepository<Place, UUID> {
    List<Place> findByRoomIdOrderByName(UUID roomId);

    Optional<Place> findByIdAndRoomId(UUID id, UUID roomId);
}
