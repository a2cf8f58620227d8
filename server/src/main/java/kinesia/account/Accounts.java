package kinesia.account;

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

    /** Who comes here second waits until the first one's transaction ends. */
    @Query(nativeQuery = true, value = "select 1 from pg_advisory_xact_lock(" + FIRST_OWNER + ")")
    int oneAtATime();
}
