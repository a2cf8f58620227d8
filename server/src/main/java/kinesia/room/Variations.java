package kinesia.room;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.CrudRepository;

public interface Variations extends CrudRepository<Variation, UUID> {
    List<Variation> findByRoomId(UUID roomId);
}
