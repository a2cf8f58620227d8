package kinesia.screening;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored referrals. */
interface Referrals extends JpaRepository<Referral, UUID> {
    List<Referral> findByClientIdOrderByMadeAt(UUID clientId);
}
