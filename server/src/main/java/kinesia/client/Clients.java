package kinesia.client;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kinesia.shared.Problem;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Stored clients; always asked for together with the room, so that another room's client cannot be reached. */
public interface Clients extends JpaRepository<Client, UUID> {
    /** The room's clients by name, and nothing else of them. */
    @Query("select c.id as id, c.name as name from Client c where c.roomId = :roomId order by c.name")
    List<Name> findNames(UUID roomId);

    /** A client by name. */
    interface Name {
        UUID getId();

        String getName();
    }

    /** Written out: an entity graph would be translated anew at each of the many calls. */
    @Query("select c from Client c join fetch c.place where c.id = :id and c.roomId = :roomId")
    Optional<Client> findByIdAndRoomId(UUID id, UUID roomId);

    /** All clients of the room. */
    @Query("select c from Client c join fetch c.place where c.roomId = :roomId")
    List<Client> findAllInRoom(UUID roomId);

    /** Who trains at one place, by name. */
    @Query("select c from Client c join fetch c.place p where c.roomId = :roomId and p.id = :placeId order by c.name")
    List<Client> findAtPlace(UUID roomId, UUID placeId);

    /** Holds the client's row until the transaction ends, for what two requests at once must do one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c.id from Client c where c.id = :id")
    Optional<UUID> lock(UUID id);

    /** The client, or the answer that there is none. */
    default Client require(UUID id, UUID roomId) {
        return findByIdAndRoomId(id, roomId).orElseThrow(() -> Problem.notFound());
    }
}
