package kinesia.client;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kinesia.shared.Problem;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored clients; always asked for together with the room, so that another room's client cannot be reached. */
public interface Clients extends JpaRepository<Client, UUID> {
    @EntityGraph(attributePaths = "place")
    List<Client> findByRoomIdOrderByName(UUID roomId);

    @EntityGraph(attributePaths = "place")
    Optional<Client> findByIdAndRoomId(UUID id, UUID roomId);

    /** The client, or the answer that there is none. */
    default Client require(UUID id, UUID roomId) {
        return findByIdAndRoomId(id, roomId).orElseThrow(() -> Problem.notFound("client"));
    }
}
