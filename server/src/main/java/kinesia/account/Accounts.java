package kinesia.account;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Stored accounts. */
public interface Accounts extends JpaRepository<Account, UUID> {
    long FIRST_OWNER = 8420;

    @EntityGraph(attributePaths = "room")
    Optional<Account> findByEmail(String email);

    @EntityGraph(attributePaths = "room")
    Optional<Account> findByIdAndRoomId(UUID id, UUID roomId);

    List<Account> findByRoomIdOrderByName(UUID roomId);

    @Query("select count(a) from Account a where a.room.id = :roomId and a.role = kinesia.account.Role.OWNER")
    long ownersOf(UUID roomId);

    /** Who comes here second waits until the first one's transaction ends. */
    @Query(nativeQuery = true, value = "select 1 from pg_advisory_xact_lock(" + FIRST_OWNER + ")")
    int oneAtATime();
}
