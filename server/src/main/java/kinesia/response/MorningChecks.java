package kinesia.response;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Stored morning checks. */
public interface MorningChecks extends JpaRepository<MorningCheck, UUID> {}
