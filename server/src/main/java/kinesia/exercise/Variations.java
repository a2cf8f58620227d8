package kinesia.exercise;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.CrudRepository;

interface Variations extends CrudRepository<Variation, UUID> {
    List<Variation> findByRoomIdOrderByName(UUID roomId);
}
