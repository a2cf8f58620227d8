package kinesia.account;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored accounts. */
public interface Accounts extends JpaRepository<Account, UUID> {
    Optional<Account> findByEmail(String email);
}
